package org.mobrel.seeing;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.RunPlan;

/**
 * What one device has seen of one dial lately. One look alone says nothing: a needle is where two looks in a row have seen it, and of the
 * two the lower one counts.
 */
public final class Seeing {

    /** Nothing depends on what was seen before. */
    private static final Duration MEMORY = Duration.ofMinutes(4);

    /** Two looks further apart are not in a row. */
    static final Duration IN_A_ROW = Duration.ofSeconds(15);

    /** Somebody may stand before the dial for so long before it is asked what it reads. */
    static final Duration HIDDEN = Duration.ofMinutes(1);

    /** A cook who has just read another number off the dial than the device is not asked again for so long. */
    static final Duration CONTRADICTED = Duration.ofMinutes(2);

    /** What the dial looks like. The names are the ones of the API. */
    public enum View {
        /** Not looked at for long enough. */
        WAITING("waiting"),
        /** At the mark, or above it. */
        AT_MARK("at-mark"),
        LOW("low"),
        /** So far above the mark that less heat is asked for. */
        HIGH("high"),
        /** Hidden, steamed up, moved, badly lit: nothing can be said. */
        NOT_SEEN("not-seen");

        private final String code;

        View(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    private final List<Sight> looks;

    private Seeing(List<Sight> looks) {
        this.looks = looks;
    }

    public static Seeing nothing() {
        return new Seeing(List.of());
    }

    /** With one more look; one that is not later than the last is a repetition and is left out. */
    public Seeing after(Sight look) {
        if (last().filter(before -> !look.at().isAfter(before.at())).isPresent()) {
            return this;
        }
        List<Sight> all = new ArrayList<>(looks);
        all.removeIf(old -> old.at().isBefore(look.at().minus(MEMORY)));
        all.add(look);
        return new Seeing(List.copyOf(all));
    }

    private Optional<Sight> last() {
        return looks.isEmpty() ? Optional.empty() : Optional.of(looks.get(looks.size() - 1));
    }

    /** Where the needle stands: the lower one of the last two looks, if both saw it, one soon after the other. */
    public Optional<GaugePressure> needle() {
        return pair(Instant.MIN).map(pair -> lower(pair.get(0), pair.get(1)));
    }

    /** The last two looks after an instant, if both saw the needle, one soon after the other. */
    private Optional<List<GaugePressure>> pair(Instant after) {
        if (looks.size() < 2) {
            return Optional.empty();
        }
        Sight before = looks.get(looks.size() - 2);
        Sight last = looks.get(looks.size() - 1);
        boolean inARow = before.at().isAfter(after)
                && Duration.between(before.at(), last.at()).compareTo(IN_A_ROW) <= 0;
        return before.needle().filter(any -> inARow).flatMap(first -> last.needle()
                .map(second -> List.of(first, second)));
    }

    private static GaugePressure lower(GaugePressure one, GaugePressure two) {
        return one.compareTo(two) <= 0 ? one : two;
    }

    /**
     * What the dial looks like now.
     *
     * @param mark the least reading on this canner's own dial
     */
    public View view(GaugePressure mark) {
        if (looks.size() < 2) {
            return View.WAITING;
        }
        return needle().map(at -> {
                    if (at.compareTo(mark) < 0) {
                        return View.LOW;
                    }
                    return at.milliPsi() - mark.milliPsi() >= RunPlan.TOO_HIGH_BY.milliPsi() ? View.HIGH : View.AT_MARK;
                })
                .orElseGet(() -> last().get().needle().isPresent() ? View.WAITING : View.NOT_SEEN);
    }

    /**
     * Whether somebody has to be asked now what the dial reads, in a hold: at once where two looks in a row saw the needle below the mark,
     * and after a minute without a needle. A cook who has looked at a dial that the device cannot see is left in peace until it sees it
     * again, and one who read another number than the device for two minutes.
     *
     * @param lookedAt when a cook looked last
     * @param asked when it was asked last
     */
    public boolean asks(GaugePressure mark, Instant lookedAt, Optional<Instant> asked) {
        // The last question, if a cook's look has answered it.
        Optional<Instant> answered = asked.filter(question -> !lookedAt.isBefore(question));
        boolean low = pair(lookedAt)
                .filter(pair -> pair.stream().allMatch(read -> read.compareTo(mark) < 0))
                .isPresent();
        if (low) {
            boolean contradicted =
                    answered.filter(question -> !sawAfter(question, mark)).isPresent();
            return !contradicted || !last().get().at().isBefore(lookedAt.plus(CONTRADICTED));
        }
        boolean blind = answered.filter(question -> !sawAfter(question, GaugePressure.ZERO))
                .isPresent();
        return !blind && hidden(lookedAt).compareTo(HIDDEN) >= 0;
    }

    /** Whether it has seen the needle at a mark or above it since. */
    private boolean sawAfter(Instant since, GaugePressure mark) {
        return looks.stream().filter(look -> look.at().isAfter(since)).anyMatch(look -> look.needle()
                .filter(read -> read.compareTo(mark) >= 0)
                .isPresent());
    }

    /** For how long it was looked at without a needle, since the last time it was seen or since an instant, whichever is later. */
    private Duration hidden(Instant since) {
        Duration hidden = Duration.ZERO;
        for (int index = looks.size() - 1; index > 0; index--) {
            Sight look = looks.get(index);
            Instant before = looks.get(index - 1).at();
            if (look.needle().isPresent() || before.isBefore(since)) {
                return hidden;
            }
            Duration between = Duration.between(before, look.at());
            // A longer pause is a device that slept, and not one that saw nothing.
            if (between.compareTo(IN_A_ROW) <= 0) {
                hidden = hidden.plus(between);
            }
        }
        return hidden;
    }
}
