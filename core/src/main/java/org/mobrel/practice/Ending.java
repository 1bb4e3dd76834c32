package org.mobrel.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mobrel.steam.Instruments;
import org.mobrel.steam.SceneAct;
import org.mobrel.steam.Sight;

/**
 * How a drill at the knobs can end: the first of its endings that comes true is the one.
 *
 * @param amount thousandths of a psi, or seconds, as the kind says
 * @param misses the reason, as a code, why it is wrong; empty for the right end
 * @param example what somebody does, counted from the moment, who ends so
 */
public record Ending(When when, int amount, Optional<String> misses, String then, List<SceneAct> example) {

    /** What has to come true. */
    public enum When {
        /** The pressure falls below so many thousandths of a psi. */
        BELOW("below"),
        /** It rises above. */
        ABOVE("above"),
        /** So many seconds have passed. */
        LASTED("lasted"),
        /** The weight goes on before so many seconds of steady steam, those at the moment included. */
        WEIGHT_ON_BEFORE("weight-on-before"),
        /** The weight goes on. */
        WEIGHT_ON("weight-on"),
        /** The weight comes off under pressure. */
        WEIGHT_OFF("weight-off"),
        /** The lid comes off under pressure. */
        LID_OFF("lid-off"),
        /** The weight has been still for so many seconds. */
        STILL("still");

        private final String code;

        When(String code) {
            this.code = code;
        }

        public static Optional<When> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(when -> when.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    public Ending {
        example = List.copyOf(example);
    }

    public boolean passes() {
        return misses.isEmpty();
    }

    /**
     * Whether it has come true by the last of these sights.
     *
     * @param before the sight at the moment
     * @param seen second by second since then
     * @param steamed seconds of steady steam there were before
     */
    boolean isTrue(Sight before, List<Sight> seen, int steamed) {
        Sight now = seen.get(seen.size() - 1);
        Sight last = seen.size() < 2 ? before : seen.get(seen.size() - 2);
        return switch (when) {
            case BELOW -> now.pressure().milliPsi() < amount;
            case ABOVE -> now.pressure().milliPsi() > amount;
            case LASTED -> now.since(before.at()).toSeconds() >= amount;
            case WEIGHT_ON_BEFORE ->
                now.knobs().weightOn() && !before.knobs().weightOn() && steady(seen, steamed) < amount;
            case WEIGHT_ON -> now.knobs().weightOn() && !before.knobs().weightOn();
            case WEIGHT_OFF -> !now.knobs().weightOn() && last.knobs().weightOn() && last.hasPressure();
            case LID_OFF -> now.knobs().lidOff() && !last.knobs().lidOff() && last.hasPressure();
            case STILL ->
                seen.size() >= amount
                        && seen.subList(seen.size() - amount, seen.size()).stream()
                                .allMatch(sight -> sight.jiggles() == 0);
        };
    }

    private static int steady(List<Sight> seen, int steamed) {
        int seconds = steamed;
        for (Sight sight : seen) {
            seconds = sight.plume() == Instruments.Plume.STEADY
                    ? seconds + 1
                    : sight.knobs().weightOn() ? seconds : 0;
        }
        return seconds;
    }
}
