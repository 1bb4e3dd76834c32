package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/** What can happen in a run. The codes are stored for ever and never renamed. */
public enum EventKind {
    /** One of the six checks before the jars go in, ticked or waived by name. */
    CHECK("check", CheckTick.class),
    /** All of them at once. */
    CHECKS_DONE("checks-done"),
    JAR_IN("jar-in", JarSeat.class),
    JAR_BACK("jar-back", JarSeat.class),
    /** A jar of the load that did not go in, and where it went. */
    JAR_LEFT("jar-left", LeftJar.class),
    LID_LOCKED("lid-locked"),
    STEAM_STEADY("steam-steady"),
    STEAM_STOPPED("steam-stopped"),
    WEIGHT_ON("weight-on"),
    READING("reading", InstrumentReading.class),
    /** The heat was gone for a while, or nobody can say whether the pressure held. */
    INTERRUPTED("interrupted"),
    /** The weight hissed, or was knocked and put back; a look at the dial beside it says that the pressure held. */
    WEIGHT_KNOCKED("weight-knocked", InstrumentReading.class, true),
    /** The canner was moved, indoors or to another burner; likewise. */
    CANNER_MOVED("canner-moved", InstrumentReading.class, true),
    /** No water was left in it while it was on the heat: by the smell, or by steam that would not come. */
    BOILED_DRY("boiled-dry"),
    HEAT_OFF("heat-off"),
    STOP_EARLY("stop-early"),
    FORCED_COOLING("forced-cooling"),
    /** With what was seen of it where it came too early. */
    PRESSURE_ZERO("pressure-zero", ZeroSigns.class, true),
    WEIGHT_OFF("weight-off"),
    LID_OFF("lid-off"),
    /** Whether water was left when it was opened. */
    WATER_SEEN("water-seen", WaterSeen.class),
    JARS_OUT("jars-out"),
    /** Lids were heard popping as they cooled. */
    LIDS_POPPED("lids-popped"),
    JAR_CHECKED("jar-checked", JarCheck.class),
    /** What was done with a jar that did not seal. */
    JAR_SETTLED("jar-settled", JarFate.class),
    ABANDON("abandon"),
    /** What was done with the jars of a run that was given up. */
    DECIDED("jars-decided", Decision.class),
    /** Nobody was at the stove; kept, and changes nothing by itself. */
    AWAY("away"),
    /** Mobrel itself was not there from this event's time until it was told: nobody counted, and nobody can say what the instrument did. */
    SERVER_AWAY("server-away"),
    /** The cook's answer to that: the steam, or the pressure, went on all the time. */
    HELD("held"),
    /** What a device heard of the weight in a minute; kept, and proves nothing. */
    HEARD("heard", Heard.class),
    /** A device no longer hears what it should, and asks; nothing but the cook's look is an answer. */
    NOT_HEARD("not-heard"),
    /** Between which marks a device saw the needle in a minute; kept, and proves nothing. */
    SEEN("seen", Seen.class),
    /** A device no longer sees the needle where it should be, or at all, and asks; likewise. */
    NOT_SEEN("not-seen"),
    /** The server's clock was set, by more than its own count of passing time allows; what was added so is not counted. */
    CLOCK_SET("clock-set"),
    /**
     * What this run would have to be held at by the kitchen as it is now: its altitude, or its dial, turned out to be another one. Without a
     * reading the tables have none. The run keeps what it was locked with.
     */
    PRESSURE_NEEDED("pressure-needed", InstrumentReading.class, true),
    /** Somebody has answered an alarm, on whatever device. */
    ALARM_ANSWERED("alarm-answered", AnsweredAlarm.class),
    /** Who looks after the canner from now on, by name. */
    WATCH("watch"),
    /** Where it stands, by the burner's name and what heats it; it begins where its canner usually stands. */
    STANDS_ON("stands-on", HeatSource.class, true),
    /** The setting of the burner that holds the pressure. */
    BURNER("burner"),
    NOTE("note"),
    /** A later word about an earlier event; the event itself stays as it was written. */
    CORRECTION("correction", Correction.class);

    private final String code;
    private final Optional<Class<? extends EventDetail>> detail;

    private final boolean mayLackIt;

    EventKind(String code) {
        this.code = code;
        this.detail = Optional.empty();
        this.mayLackIt = true;
    }

    EventKind(String code, Class<? extends EventDetail> detail) {
        this(code, detail, false);
    }

    EventKind(String code, Class<? extends EventDetail> detail, boolean mayLackIt) {
        this.code = code;
        this.detail = Optional.of(detail);
        this.mayLackIt = mayLackIt;
    }

    public static Optional<EventKind> ofCode(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }

    /** Whether such an event may be told with this, or with nothing, besides that it happened. */
    boolean takes(Optional<EventDetail> told) {
        Optional<Class<?>> type = told.map(EventDetail::getClass);
        return type.isEmpty() ? mayLackIt : type.equals(detail);
    }

    /** Whether it is only kept: it means the same wherever the run stands by the time it arrives. */
    public boolean isRemark() {
        return this == NOTE
                || this == STANDS_ON
                || this == BURNER
                || this == WATCH
                || this == AWAY
                || this == HEARD
                || this == SEEN
                || this == LIDS_POPPED
                || this == ALARM_ANSWERED;
    }

    /** Whether a device says so that listens or looks: it may ask and warn, and changes nothing else. */
    public boolean isOverheard() {
        return this == HEARD || this == SEEN || isAsked();
    }

    /** Whether it is a device's question. */
    public boolean isAsked() {
        return this == NOT_HEARD || this == NOT_SEEN;
    }

    /** Whether it is told in words: an empty one would say nothing. */
    public boolean needsWords() {
        return this == NOTE || this == BURNER || this == WATCH || this == CORRECTION;
    }
}
