package org.mobrel.listening;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.run.Jiggles;

/**
 * What one device has heard of one canner lately. A span without a word of the device, or one that was drowned, is no silence: it is time
 * in which nobody listened.
 */
public final class Listening {

    /** Nothing depends on what was heard before. */
    private static final Duration MEMORY = Duration.ofMinutes(4);

    /** A rate is told of so much time, and of no less than half of it. */
    private static final Duration MINUTE = Duration.ofMinutes(1);

    /** A weight that rocks is never still for longer than this, and a device may miss a knock or two. */
    static final Duration ROCKING_SILENCE = Duration.ofSeconds(15);

    /** Also a weight that moves once a minute is asked about by then. */
    static final Duration LONGEST_SILENCE = Duration.ofSeconds(75);

    /** A cook who looked at a weight that the device cannot hear is left in peace for so long. */
    static final Duration DEAF = Duration.ofMinutes(5);

    /** Steam that blows for so long is steady enough to be offered, not more. */
    static final Duration STEADY = Duration.ofSeconds(10);

    /** Steam that is not heard for so long has stopped, or may have. */
    static final Duration STOPPED = Duration.ofSeconds(5);

    /** What it sounds like. The names are the ones of the API. */
    public enum Sound {
        /** Not listened for long enough. */
        WAITING("waiting"),
        PROPER("proper"),
        SILENT("silent"),
        FRANTIC("frantic"),
        /** Something else is louder: nothing can be said. */
        DROWNED("drowned");

        private final String code;

        Sound(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /** What steam did last, as far as it was heard. */
    public enum Steam {
        NONE("none"),
        BLOWS("blows"),
        STOPPED("stopped");

        private final String code;

        Steam(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    private final List<Hearing> spans;

    private Listening(List<Hearing> spans) {
        this.spans = spans;
    }

    public static Listening nothing() {
        return new Listening(List.of());
    }

    /** With one more span; one that begins before the last has ended is a repetition and is left out. */
    public Listening after(Hearing heard) {
        if (last().filter(before -> heard.from().isBefore(before.until())).isPresent()) {
            return this;
        }
        List<Hearing> all = new ArrayList<>(spans);
        all.removeIf(old -> old.until().isBefore(heard.until().minus(MEMORY)));
        all.add(heard);
        return new Listening(List.copyOf(all));
    }

    private Optional<Hearing> last() {
        return spans.isEmpty() ? Optional.empty() : Optional.of(spans.get(spans.size() - 1));
    }

    /** For how long this weight may be still before somebody is asked: a quarter more than its slowest beat, within limits. */
    static Duration silenceOf(Jiggles range) {
        if (!range.areCounted()) {
            return ROCKING_SILENCE;
        }
        Duration beats = Duration.ofMillis(75_000L / Math.max(1, range.least()));
        return beats.compareTo(ROCKING_SILENCE) < 0
                ? ROCKING_SILENCE
                : beats.compareTo(LONGEST_SILENCE) > 0 ? LONGEST_SILENCE : beats;
    }

    /** What the weight sounds like now. */
    public Sound sound(Jiggles range) {
        if (last().isEmpty()) {
            return Sound.WAITING;
        }
        if (last().get().drowned()) {
            return Sound.DROWNED;
        }
        if (quiet(Instant.MIN).compareTo(silenceOf(range)) >= 0) {
            return Sound.SILENT;
        }
        Optional<Integer> rate = perMinute();
        if (range.areCounted() && rate.filter(often -> often > range.most()).isPresent()) {
            return Sound.FRANTIC;
        }
        return lastKnock().isPresent() ? Sound.PROPER : Sound.WAITING;
    }

    /** Knocks in the last minute as a rate; empty as long as less than half a minute of it could be heard. */
    public Optional<Integer> perMinute() {
        Instant since = last().map(Hearing::until).orElse(Instant.MAX).minus(last().isEmpty() ? Duration.ZERO : MINUTE);
        Duration audible = Duration.ZERO;
        int knocks = 0;
        for (Hearing span : spans) {
            if (!span.drowned() && !span.from().isBefore(since)) {
                audible = audible.plus(span.span());
                knocks += span.knocks().size();
            }
        }
        return audible.multipliedBy(2).compareTo(MINUTE) < 0
                ? Optional.empty()
                : Optional.of(Math.toIntExact(Math.round(knocks * (double) MINUTE.toMillis() / audible.toMillis())));
    }

    /** For how long it was listened without a knock, since the last one or since an instant, whichever is later. */
    private Duration quiet(Instant since) {
        Duration quiet = Duration.ZERO;
        for (int index = spans.size() - 1; index >= 0; index--) {
            Hearing span = spans.get(index);
            if (span.drowned()) {
                continue;
            }
            Instant begin = span.knocks().isEmpty()
                    ? span.from()
                    : span.knocks().get(span.knocks().size() - 1);
            Instant from = begin.isBefore(since) ? since : begin;
            if (from.isBefore(span.until())) {
                quiet = quiet.plus(Duration.between(from, span.until()));
            }
            if (!span.knocks().isEmpty() || !since.isBefore(span.from())) {
                return quiet;
            }
        }
        return quiet;
    }

    private Optional<Instant> lastKnock() {
        for (int index = spans.size() - 1; index >= 0; index--) {
            List<Instant> knocks = spans.get(index).knocks();
            if (!knocks.isEmpty()) {
                return Optional.of(knocks.get(knocks.size() - 1));
            }
        }
        return Optional.empty();
    }

    /**
     * Whether somebody has to be asked now whether the weight still moves, in a hold.
     *
     * @param lookedAt when a cook looked last
     * @param asked when it was asked last
     */
    public boolean asks(Jiggles range, Instant lookedAt, Optional<Instant> asked) {
        if (last().isEmpty() || last().get().drowned()) {
            return false;
        }
        boolean deaf = asked.filter(question -> !lookedAt.isBefore(question))
                .filter(question ->
                        lastKnock().filter(knock -> knock.isAfter(question)).isEmpty())
                .isPresent();
        return deaf
                ? !last().get().until().isBefore(lookedAt.plus(DEAF))
                : quiet(lookedAt).compareTo(silenceOf(range)) >= 0;
    }

    /** What steam did last. */
    public Steam steam() {
        Duration without = Duration.ZERO;
        Duration blown = Duration.ZERO;
        for (int index = spans.size() - 1; index >= 0; index--) {
            Hearing span = spans.get(index);
            if (span.plume()) {
                blown = blown.plus(span.span());
            } else if (!blown.isZero()) {
                break;
            } else if (!span.drowned()) {
                without = without.plus(span.span());
            }
        }
        if (blown.compareTo(STEADY) < 0) {
            return Steam.NONE;
        }
        return without.compareTo(STOPPED) >= 0 ? Steam.STOPPED : Steam.BLOWS;
    }
}
