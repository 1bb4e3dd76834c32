package org.mobrel.server.run;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.AnsweredAlarm;
import org.mobrel.run.CheckTick;
import org.mobrel.run.Correction;
import org.mobrel.run.Decision;
import org.mobrel.run.EventDetail;
import org.mobrel.run.EventKind;
import org.mobrel.run.HeatSource;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.JarCheck;
import org.mobrel.run.JarFate;
import org.mobrel.run.JarSeat;
import org.mobrel.run.LeftJar;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.WaterSeen;
import org.mobrel.run.WeightState;
import org.mobrel.run.ZeroSigns;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.Visitor;

/** Reads what a page wants written down; whether it may be is not decided here. */
final class RunCommands {

    private RunCommands() {}

    /** @throws InvalidField if something is missing that this kind of event needs */
    static RunService.Command command(RunMessages.EventRequest request) {
        EventKind kind = EventKind.ofCode(request.type())
                .orElseThrow(
                        () -> new InvalidField("type", "\"" + request.type() + "\" is nothing that happens in a run"));
        if (kind == EventKind.SERVER_AWAY
                || kind == EventKind.CLOCK_SET
                || kind == EventKind.PRESSURE_NEEDED
                || kind.isOverheard()) {
            throw new InvalidField("type", "that is for Mobrel itself to notice");
        }
        Optional<EventDetail> detail = detail(kind, request);
        String note = stripped(request.note());
        if (kind.needsWords() && note.isEmpty()) {
            throw new InvalidField("note", kind == EventKind.NOTE ? "a note needs words" : "say it in a word or two");
        }
        Reporter by = Reporter.cook(Visitor.nameOr(stripped(request.by())));
        return now -> new RunEvent(kind, now, now, detail, by, note);
    }

    private static Optional<EventDetail> detail(EventKind kind, RunMessages.EventRequest request) {
        return switch (kind) {
            case READING ->
                Optional.of(reading(request)
                        .orElseThrow(() -> new InvalidField("psi", "what the dial or the weight shows")));
            case JAR_CHECKED -> Optional.of(jar(request));
            case WEIGHT_KNOCKED, CANNER_MOVED -> reading(request).map(EventDetail.class::cast);
            case JAR_LEFT -> Optional.of(new LeftJar(which(request.jar()), place(request)));
            case PRESSURE_ZERO -> zeroSigns(request).map(EventDetail.class::cast);
            case WATER_SEEN -> {
                if (request.waterLeft() == null) {
                    throw new InvalidField("waterLeft", "whether any water was left");
                }
                yield Optional.of(new WaterSeen(request.waterLeft()));
            }
            case ALARM_ANSWERED -> Optional.of(alarm(request));
            case STANDS_ON -> heat(request).map(EventDetail.class::cast);
            case JAR_IN, JAR_BACK -> Optional.of(new JarSeat(which(request.jar())));
            case CHECK -> Optional.of(check(request));
            case DECIDED -> Optional.of(decision(request));
            case JAR_SETTLED -> Optional.of(new JarFate(which(request.jar()), decision(request)));
            case CORRECTION -> {
                if (request.corrects() == null) {
                    throw new InvalidField("corrects", "the number of the event it is about");
                }
                yield Optional.of(new Correction(request.corrects(), reading(request)));
            }
            default -> Optional.empty();
        };
    }

    private static Optional<InstrumentReading> reading(RunMessages.EventRequest request) {
        return reading(
                request.psi() == null ? null : GaugePressure.ofPsi(request.psi()), request.weight(), request.jiggles());
    }

    /** A reading in one of its three shapes; empty for none of them. */
    static Optional<InstrumentReading> reading(
            @Nullable GaugePressure dial, @Nullable String weight, @Nullable Integer jiggles) {
        int said = (dial == null ? 0 : 1) + (weight == null ? 0 : 1) + (jiggles == null ? 0 : 1);
        if (said > 1) {
            throw new InvalidField("psi", "a reading is of the dial, of the weight, or of its jiggles");
        }
        if (dial != null) {
            return Optional.of(InstrumentReading.ofDial(dial));
        }
        if (jiggles != null) {
            return Optional.of(InstrumentReading.ofJiggles(jiggles));
        }
        return weight == null
                ? Optional.empty()
                : Optional.of(InstrumentReading.ofWeight(WeightState.ofCode(weight)
                        .orElseThrow(() -> new InvalidField("weight", "still, proper or frantic"))));
    }

    private static LeftJar.Place place(RunMessages.EventRequest request) {
        return LeftJar.Place.ofCode(stripped(request.place()))
                .orElseThrow(() -> new InvalidField("place", "next-load, refrigerator, freezer or tonight"));
    }

    private static AnsweredAlarm alarm(RunMessages.EventRequest request) {
        try {
            return new AnsweredAlarm(stripped(request.place()));
        } catch (IllegalArgumentException e) {
            throw new InvalidField("place", "which alarm, by its code");
        }
    }

    private static Optional<HeatSource> heat(RunMessages.EventRequest request) {
        return Optional.ofNullable(request.place()).map(place -> HeatSource.ofCode(place)
                .orElseThrow(
                        () -> new InvalidField("place", "gas, coil, glass-top, induction, camp-stove or outdoors")));
    }

    /** Empty where no sign was told: that is enough for a zero that comes in its time. */
    private static Optional<ZeroSigns> zeroSigns(RunMessages.EventRequest request) {
        if (request.signs() == null || request.signs().isEmpty()) {
            return Optional.empty();
        }
        Set<ZeroSigns.Sign> seen = request.signs().stream()
                .map(sign -> ZeroSigns.Sign.ofCode(sign)
                        .orElseThrow(() -> new InvalidField("signs", "dial-at-zero, lock-dropped or no-hiss")))
                .collect(Collectors.toSet());
        return Optional.of(new ZeroSigns(seen, Boolean.TRUE.equals(request.cooled())));
    }

    private static CheckTick check(RunMessages.EventRequest request) {
        CheckTick.Check check = CheckTick.Check.ofCode(stripped(request.check()))
                .orElseThrow(() -> new InvalidField("check", "rack, water, vent, seal, plug, gauge or a care point"));
        return new CheckTick(check, Boolean.TRUE.equals(request.waived()));
    }

    private static int which(@Nullable Integer jar) {
        if (jar == null) {
            throw new InvalidField("jar", "which jar");
        }
        return jar;
    }

    private static Decision decision(RunMessages.EventRequest request) {
        return Decision.ofCode(stripped(request.decision()))
                .orElseThrow(() -> new InvalidField("decision", "processed-again, refrigerated, frozen or discarded"));
    }

    private static JarCheck jar(RunMessages.EventRequest request) {
        int number = which(request.jar());
        if (request.sealed() == null) {
            throw new InvalidField("sealed", "sealed or not");
        }
        JarCheck.LiquidLoss loss = request.loss() == null
                ? JarCheck.LiquidLoss.NONE
                : JarCheck.LiquidLoss.ofCode(request.loss())
                        .orElseThrow(() -> new InvalidField("loss", "none, some or more-than-half"));
        JarCheck.Level level = request.level() == null
                ? JarCheck.Level.RIGHT
                : JarCheck.Level.ofCode(request.level())
                        .orElseThrow(() -> new InvalidField("level", "right, floating or siphoned"));
        return new JarCheck(number, request.sealed(), loss, level, !Boolean.FALSE.equals(request.bandOff()));
    }

    private static String stripped(@Nullable String text) {
        return text == null ? "" : text.strip();
    }
}
