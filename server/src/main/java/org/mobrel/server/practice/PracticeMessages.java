package org.mobrel.server.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.practice.SceneMessages.PracticeCannerBody;
import org.mobrel.server.practice.SceneMessages.SceneActBody;
import org.mobrel.server.practice.SceneMessages.SightResponse;

/** Drills, exercises and their record over the wire. */
final class PracticeMessages {

    private PracticeMessages() {}

    /**
     * A drill in the list.
     *
     * @param minutes about so long it takes
     * @param atTheKnobs whether it is done at the canner, not by a choice
     * @param tries how often it was tried
     * @param inARow how often it was passed since it was last missed
     * @param due whether its time has come again; never for one that was not tried
     */
    record DrillEntry(
            String code,
            String title,
            int minutes,
            boolean atTheKnobs,
            int tries,
            int inARow,
            boolean due,
            @Nullable Instant dueAt) {}

    /** A canner of this kitchen, with water only. */
    record RehearsalOffer(long cannerId, String name, PracticeCannerBody canner, boolean held) {}

    /**
     * @param next the drill that is best done now; null where all are known and none is due
     * @param altitudeFt of the kitchen; null until it is set
     */
    record PracticeResponse(
            List<DrillEntry> drills,
            @Nullable String next,
            List<RehearsalOffer> rehearsals,
            @Nullable Long altitudeFt) {}

    record DrillChoice(String code, String text) {}

    /**
     * A drill as chance set it.
     *
     * @param seed to be sent with the answer
     * @param picture of a jar: lid, unsealed, siphoned or floating
     * @param snapshot of the canner at the moment
     * @param sight of it
     * @param lines what is in the jars
     */
    record DrillResponse(
            String code,
            String title,
            long seed,
            String moment,
            String ask,
            @Nullable String picture,
            @Nullable PracticeCannerBody canner,
            @Nullable String snapshot,
            @Nullable SightResponse sight,
            List<String> lines,
            List<String> steps,
            List<DrillChoice> choices,
            boolean atTheKnobs) {}

    /**
     * @param choice the code of what is done; null for a drill at the knobs
     * @param acts what was done at the knobs, counted from the moment
     */
    record DrillTryRequest(
            @Min(value = 0, message = "not below 0") @Max(value = Integer.MAX_VALUE, message = "too large") long seed,
            @Nullable String choice,
            @Size(max = 500, message = "500 at most") @Nullable List<@NotNull @Valid SceneActBody> acts,
            @Min(value = 0, message = "not before the moment") @Max(value = 3_600_000, message = "within an hour")
                    int lastedMillis) {}

    record QuotedRule(String text, String source) {}

    /**
     * What came of it.
     *
     * @param over whether anything has come of it: at the knobs it may go on, and then the rest says nothing
     * @param misses the reason, as a code; null where it was right
     * @param right what would have been right; null where it was, or where it was at the knobs
     * @param plays what is done to the canner then, counted from the moment
     * @param playsForMillis how long that is watched
     */
    record DrillTryResponse(
            boolean over,
            boolean passed,
            @Nullable String misses,
            String text,
            @Nullable String right,
            QuotedRule rule,
            List<SceneActBody> plays,
            long playsForMillis,
            @Nullable Instant dueAt) {}

    /**
     * @param canner as it was offered, or another
     * @param seed a number of the page's own for this rehearsal
     */
    record RehearsalRequest(
            @Size(max = 60, message = "60 characters at most") @NotNull(message = "which canner?") String name,
            @Valid @NotNull(message = "which canner?") PracticeCannerBody canner,
            @Size(max = 2000, message = "2000 at most") @NotNull(message = "a list")
                    List<@NotNull @Valid SceneActBody> acts,
            @Min(value = 1, message = "above 0") @Max(value = 28_800_000, message = "within eight hours")
                    long lastedMillis,
            @Min(value = 0, message = "not below 0") @Max(value = Integer.MAX_VALUE, message = "too large")
                    long seed) {}

    /** @param furthestPsi from the mark in the ten minutes that counted */
    record RehearsalResult(boolean passed, BigDecimal furthestPsi, Map<String, Integer> slips) {}

    record LinesResponse(long seed, List<String> lines) {}

    /** Indexes of lines. */
    record LinesTryRequest(
            @Min(value = 0, message = "not below 0") @Max(value = Integer.MAX_VALUE, message = "too large") long seed,
            @Min(value = 0, message = "which line?") @Max(value = 9, message = "which line?") int setsTime,
            @NotNull(message = "a list") @Size(max = 10, message = "ten at most") List<@NotNull Integer> stops) {}

    /**
     * What is right of a line.
     *
     * @param stops why it stops the jar; null where it does not
     * @param minutes of its own row, for quarts; null where it has none
     */
    record LineAnswer(String text, @Nullable String stops, boolean setsTime, @Nullable Integer minutes) {}

    record LinesTryResponse(boolean passed, List<LineAnswer> lines, String headline) {}

    /** One try, as the record shows it. */
    record TryEntry(
            Instant at,
            String kind,
            String exercise,
            String title,
            boolean passed,
            List<String> misses,
            @Nullable Long heldSeconds,
            @Nullable BigDecimal furthestPsi) {}

    /** What was missed most. */
    record MissEntry(String code, int times) {}

    record PracticeRecord(List<TryEntry> tries, int drills, int drillsKnown, List<MissEntry> missed) {}

    record SteamAt(BigDecimal psi, BigDecimal celsius) {}

    /**
     * Inside a jar: an illustration; it sets no time.
     *
     * @param minutes of the whole load, from the lit burner
     * @param clockStarts index among them; -1 where the pressure was never reached
     * @param coolerC at the start of the clock, by so much air keeps the steam cooler
     * @param boilingC where water boils at this altitude
     * @param steam by the pressure, without air, at this altitude
     */
    record InsideResponse(
            List<InsideMinute> minutes,
            int clockStarts,
            BigDecimal psi,
            BigDecimal coolerC,
            BigDecimal boilingC,
            List<SteamAt> steam) {}

    record InsideMinute(BigDecimal cannerC, BigDecimal psi, Map<String, BigDecimal> slowest) {}
}
