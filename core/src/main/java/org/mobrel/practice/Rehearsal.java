package org.mobrel.practice;

import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.steam.Instruments;
import org.mobrel.steam.Sight;

/**
 * The first evening with a canner, with water only: which step somebody is at, how long it still takes, what went wrong on the way. It
 * follows the sights of a scene second by second, and can be put down and taken up again.
 */
public final class Rehearsal {

    static final Duration VENT = Duration.ofMinutes(10);

    /** So long it is to be held within a pound of the mark. */
    static final Duration HOLD = Duration.ofMinutes(10);

    /** Between the weight's coming off and the lid's. */
    static final Duration WAIT = Duration.ofMinutes(10);

    private static final int POUND = 1_000;

    /** More jiggles a minute are heat that only boils water away. */
    private static final int FRANTIC = 12;

    /** A needle trembles by half of this; it is not called low for that. */
    private static final int TREMBLE = 100;

    /** A weight falls still between two jiggles. */
    private static final int STILL_SECONDS = 30;

    private static final String BETWEEN = "-";

    /** The steps, in their order. The codes are the interface's. */
    public enum Step {
        HEAT("heat"),
        VENT("vent"),
        WEIGHT("weight"),
        RISE("rise"),
        HOLD("hold"),
        HEAT_OFF("heat-off"),
        COOL("cool"),
        WEIGHT_OFF("weight-off"),
        WAIT("wait"),
        LID("lid"),
        DONE("done");

        private final String code;

        Step(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /** What went wrong; every one is counted once a time it begins. The codes are the interface's. */
    public enum Slip {
        VENT_STOPPED("vent-stopped"),
        VENT_CUT("vent-cut"),
        TOO_LOW("too-low"),
        TOO_HIGH("too-high"),
        OPENED_UNDER_PRESSURE("opened-under-pressure"),
        FORCED("forced"),
        LID_TOO_SOON("lid-too-soon"),
        BOILED_DRY("boiled-dry");

        private final String code;

        Slip(String code) {
            this.code = code;
        }

        public static Optional<Slip> ofCode(String code) {
            return Arrays.stream(Slip.values())
                    .filter(slip -> slip.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    private final boolean dial;
    private final int mark;
    private Step step = Step.HEAT;
    private int inStep;
    private int held;
    private int still;
    private boolean outside;
    private int furthest;
    private final int[] slips = new int[Slip.values().length];

    private Rehearsal(boolean dial, GaugePressure mark) {
        this.dial = dial;
        this.mark = mark.milliPsi();
    }

    public static Rehearsal of(PracticeCanner canner) {
        return new Rehearsal(canner.isDial(), canner.set());
    }

    /**
     * One that was put down.
     *
     * @param note what {@link #note} gave
     * @throws IllegalArgumentException if it is no such note
     */
    public static Rehearsal goingOn(PracticeCanner canner, String note) {
        Rehearsal rehearsal = of(canner);
        String[] parts = note.split(BETWEEN, -1);
        if (parts.length != 6 + rehearsal.slips.length) {
            throw new IllegalArgumentException("no note of a rehearsal");
        }
        int[] numbers = Arrays.stream(parts).mapToInt(Integer::parseInt).toArray();
        if (Arrays.stream(numbers).anyMatch(number -> number < 0) || numbers[0] >= Step.values().length) {
            throw new IllegalArgumentException("no note of a rehearsal");
        }
        rehearsal.step = Step.values()[numbers[0]];
        rehearsal.inStep = numbers[1];
        rehearsal.held = numbers[2];
        rehearsal.still = numbers[3];
        rehearsal.outside = numbers[4] == 1;
        rehearsal.furthest = numbers[5];
        System.arraycopy(numbers, 6, rehearsal.slips, 0, rehearsal.slips.length);
        return rehearsal;
    }

    public String note() {
        StringBuilder note = new StringBuilder();
        note.append(step.ordinal());
        for (int number : new int[] {inStep, held, still, outside ? 1 : 0, furthest}) {
            note.append(BETWEEN).append(number);
        }
        for (int slip : slips) {
            note.append(BETWEEN).append(slip);
        }
        return note.toString();
    }

    public Step step() {
        return step;
    }

    /** How long the step has lasted; of the hold, how long it has been within a pound without a break. */
    public Duration inStep() {
        return Duration.ofSeconds(step == Step.HOLD ? held : inStep);
    }

    /** How long the step lasts in all; empty where it takes what it takes. */
    public Optional<Duration> lasts() {
        return switch (step) {
            case VENT -> Optional.of(VENT);
            case HOLD -> Optional.of(HOLD);
            case WAIT -> Optional.of(WAIT);
            default -> Optional.empty();
        };
    }

    /** How often it happened. */
    public int slips(Slip slip) {
        return slips[slip.ordinal()];
    }

    public boolean isOver() {
        return step == Step.DONE;
    }

    /** Held for ten minutes within a pound, vented in full, opened without pressure. */
    public boolean isPassed() {
        return isOver()
                && slips(Slip.VENT_CUT) == 0
                && slips(Slip.OPENED_UNDER_PRESSURE) == 0
                && slips(Slip.FORCED) == 0
                && slips(Slip.LID_TOO_SOON) == 0
                && slips(Slip.BOILED_DRY) == 0;
    }

    /** How far it was from the mark at most while it was held, above or below. */
    public GaugePressure furthest() {
        return new GaugePressure(furthest);
    }

    /** The next second. */
    public void see(Sight sight) {
        if (isOver()) {
            return;
        }
        inStep++;
        everyStep(sight);
        Step next = next(sight);
        if (next != step) {
            step = next;
            inStep = 0;
            held = 0;
            outside = false;
            still = 0;
        }
    }

    private void everyStep(Sight sight) {
        if (sight.dry()) {
            once(Slip.BOILED_DRY);
        }
        if (sight.knobs().doused()) {
            once(Slip.FORCED);
        }
    }

    private void once(Slip slip) {
        slips[slip.ordinal()] = Math.max(1, slips(slip));
    }

    private void again(Slip slip) {
        slips[slip.ordinal()]++;
    }

    private Step next(Sight sight) {
        boolean on = sight.knobs().weightOn();
        if (sight.knobs().lidOff()) {
            return opened();
        }
        return switch (step) {
            case HEAT -> on ? cut() : sight.plume() == Instruments.Plume.STEADY ? Step.VENT : Step.HEAT;
            case VENT -> vent(sight, on);
            case WEIGHT -> on ? Step.RISE : Step.WEIGHT;
            case RISE -> on ? reached(sight) ? Step.HOLD : Step.RISE : lifted(sight);
            case HOLD -> on ? hold(sight) : lifted(sight);
            case HEAT_OFF -> !on ? lifted(sight) : sight.knobs().burnerPercent() == 0 ? Step.COOL : Step.HEAT_OFF;
            case COOL -> !on ? lifted(sight) : sight.hasPressure() ? Step.COOL : Step.WEIGHT_OFF;
            case WEIGHT_OFF -> on ? Step.WEIGHT_OFF : Step.WAIT;
            case WAIT -> inStep >= WAIT.toSeconds() ? Step.LID : Step.WAIT;
            case LID, DONE -> step;
        };
    }

    private Step cut() {
        again(Slip.VENT_CUT);
        return Step.RISE;
    }

    private Step vent(Sight sight, boolean on) {
        if (on) {
            return inStep >= VENT.toSeconds() ? Step.RISE : cut();
        }
        if (sight.plume() != Instruments.Plume.STEADY) {
            again(Slip.VENT_STOPPED);
            return Step.HEAT;
        }
        return inStep >= VENT.toSeconds() ? Step.WEIGHT : Step.VENT;
    }

    /** The weight comes off in the middle: under pressure it forces the steam out; either way the vent begins anew. */
    private Step lifted(Sight sight) {
        if (sight.hasPressure()) {
            again(Slip.FORCED);
        }
        return Step.HEAT;
    }

    private Step opened() {
        if (step != Step.LID) {
            again(step == Step.WAIT || step == Step.WEIGHT_OFF ? Slip.LID_TOO_SOON : Slip.OPENED_UNDER_PRESSURE);
        }
        return Step.DONE;
    }

    private boolean reached(Sight sight) {
        return dial ? sight.needle().milliPsi() >= mark : sight.jiggles() > 0;
    }

    private Step hold(Sight sight) {
        int reading = dial ? sight.needle().milliPsi() : sight.pressure().milliPsi();
        still = sight.jiggles() > 0 ? 0 : still + 1;
        boolean low = dial ? reading < mark - TREMBLE : still > STILL_SECONDS;
        boolean high = dial ? reading > mark + POUND : sight.jiggles() > FRANTIC;
        if (low || high) {
            if (!outside) {
                again(low ? Slip.TOO_LOW : Slip.TOO_HIGH);
            }
            outside = true;
            held = 0;
            return low && dial && reading < mark - POUND ? Step.RISE : Step.HOLD;
        }
        outside = false;
        furthest = held == 0 ? Math.abs(reading - mark) : Math.max(furthest, Math.abs(reading - mark));
        held++;
        return held >= HOLD.toSeconds() ? Step.HEAT_OFF : Step.HOLD;
    }
}
