package org.mobrel.server.prints;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mobrel.run.CheckTick;
import org.mobrel.run.Decision;
import org.mobrel.run.HeatSource;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.JarCheck;
import org.mobrel.run.JarFate;
import org.mobrel.run.JarSeat;
import org.mobrel.run.LeftJar;
import org.mobrel.run.RunEvent;
import org.mobrel.run.WaterSeen;
import org.mobrel.run.ZeroSigns;

/** What an event of a run says besides that it happened, on paper. */
final class EventFormat {

    private EventFormat() {}

    static String of(RunEvent event) {
        return event.as(InstrumentReading.class)
                .map(EventFormat::reading)
                .or(() -> event.as(JarCheck.class).map(EventFormat::check))
                .or(() -> event.as(JarSeat.class).map(seat -> "jar " + seat.jar()))
                .or(() -> event.as(LeftJar.class).map(left -> "jar %s: %s"
                        .formatted(left.jar(), plain(left.place().code()))))
                .or(() -> event.as(JarFate.class).map(fate -> "jar %s: %s"
                        .formatted(fate.jar(), plain(fate.decision().code()))))
                .or(() -> event.as(Decision.class).map(decision -> plain(decision.code())))
                .or(() ->
                        event.as(CheckTick.class).map(tick -> tick.check().label() + (tick.waived() ? ", waived" : "")))
                .or(() -> event.as(HeatSource.class).map(source -> plain(source.code())))
                .or(() -> event.as(WaterSeen.class).map(seen -> seen.left() ? "some was left" : "none was left"))
                .or(() -> event.as(ZeroSigns.class).map(EventFormat::signs))
                .orElse("");
    }

    private static String reading(InstrumentReading reading) {
        Optional<String> words = reading.dial().map(psi -> psi.psi() + " psi").or(() -> reading.jiggles()
                .map(jiggles -> jiggles + " jiggles a minute"));
        return words.or(() -> reading.weight().map(weight -> "weight " + weight.code()))
                .orElse("");
    }

    private static String check(JarCheck jar) {
        return "jar %s: %s".formatted(jar.jar(), found(jar));
    }

    /** 'sealed, liquid lost: some'. */
    static String found(JarCheck jar) {
        List<String> words = new ArrayList<>(List.of(jar.sealed() ? "sealed" : "not sealed"));
        if (jar.loss() != JarCheck.LiquidLoss.NONE) {
            words.add("liquid lost: " + plain(jar.loss().code()));
        }
        if (jar.level() != JarCheck.Level.RIGHT) {
            words.add(jar.level().code());
        }
        return String.join(", ", words);
    }

    private static String signs(ZeroSigns zero) {
        String seen =
                zero.seen().stream().map(sign -> plain(sign.code())).sorted().collect(Collectors.joining(", "));
        return zero.cooled() ? seen + "; water or a fan helped" : seen;
    }

    private static String plain(String code) {
        return code.replace('-', ' ');
    }
}
