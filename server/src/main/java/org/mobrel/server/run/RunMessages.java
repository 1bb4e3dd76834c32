package org.mobrel.server.run;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.ruling.JarRequest;

/** Runs over the wire. */
public final class RunMessages {

    private RunMessages() {}

    /**
     * @param jarTitles what is in each of {@code jars}; a load may hold several dishes
     * @param sentTargetPsi what was to be read by the kitchen as it stood when the plan was sent; null where that is the same
     * @param brothMl that one of each of {@code jars} takes; null where nobody worked it out
     * @param jiggles how often its weight jiggles in a minute at the pressure; null where that is not counted
     * @param now the run's clock as it is answered; clocks on a page run from it
     * @param pace seconds of the run in a real one: 1, but for the simulated canner
     * @param simulated whether its canner is only simulated
     * @param ownClock whether its clock is not the server's: it is simulated, or the server's clock was set while it ran
     * @param turn how often its course has changed
     * @param atTheStove whether its canner is occupied: from the first check until the jars are out
     * @param closed whether nothing is left to do about it
     * @param clockEndsAt when the running clock (vent, hold, settle or rest) is over; null while none runs
     * @param holdComplete whether the full time is behind it, so that the heat may go off
     * @param askedSince since when a device that listens asks whether the weight still moves; null without such a question
     * @param doubtSince since when nobody can say whether steam or pressure went on, because Mobrel was away; null without such a question
     * @param lost the pressure it comes back from; null unless it has to reach the mark again
     * @param tooHigh whether the last reading asks for less heat
     * @param completedAt when the full time was over; null before, and where it does not count
     * @param zeroDoubtedUntil a pressure that is gone before needs a word about what was seen; null where none is asked
     * @param care what this kitchen looks at before the lid goes on, beside the checks of every run
     * @param leftOut jars of the load that did not go in
     * @param inCanner the jars that are in it: those counted in, or all but those left out
     * @param water an estimate; null where nobody counts it, and before the lid is on
     * @param againOf the run whose jars it processes again
     * @param againUntil until when its jars may be processed again: by then its lid is on
     * @param nextTry the run that processes jars of this one again
     * @param dues what will be wanted when, if nothing happens before
     * @param heldFor why its lots may not be used for now
     * @param checkFrom when seals may be judged; null before the jars are out
     * @param checkBy by when they should be
     * @param decideBy until when jars that were not processed, or an unsealed one, can be processed again
     * @param standsOn null for where this canner usually stands
     * @param burner the setting that held the pressure: of this run, or of the last one of this canner
     * @param fates what was done with jars that did not seal
     * @param unsettled the jars that did not seal and wait for a decision
     * @param known how many events whoever asked has already; {@code events} goes on from there
     */
    public record RunResponse(
            long id,
            long batchId,
            int loadNumber,
            String title,
            long cannerId,
            String cannerName,
            String gauge,
            String verdict,
            int minutes,
            BigDecimal targetPsi,
            BigDecimal truePsi,
            @Nullable BigDecimal sentTargetPsi,
            BigDecimal headspaceIn,
            List<JarRequest> jars,
            List<String> jarTitles,
            List<Long> batchIds,
            List<@Nullable Integer> brothMl,
            int jarTotal,
            @Nullable JiggleRange jiggles,
            Instant now,
            int pace,
            boolean simulated,
            boolean ownClock,
            String stage,
            int turn,
            boolean atTheStove,
            boolean closed,
            boolean holdComplete,
            @Nullable Instant doubtSince,
            @Nullable Instant askedSince,
            @Nullable Instant clockSince,
            @Nullable Instant clockEndsAt,
            @Nullable Instant lidLockedAt,
            @Nullable Instant weightOnAt,
            @Nullable Instant completedAt,
            @Nullable Instant heatOffAt,
            @Nullable Instant zeroDoubtedUntil,
            @Nullable Instant openedAt,
            @Nullable Instant jarsOutAt,
            @Nullable Instant checkFrom,
            @Nullable Instant checkBy,
            @Nullable Instant decideBy,
            @Nullable DeviationResponse lost,
            @Nullable EventResponse lastReading,
            boolean tooHigh,
            @Nullable OutlookResponse outlook,
            List<DueResponse> dues,
            List<CheckResponse> checks,
            List<String> care,
            List<Integer> loaded,
            List<LeftJarResponse> leftOut,
            List<Integer> inCanner,
            @Nullable WaterResponse water,
            @Nullable Long againOf,
            @Nullable Instant againUntil,
            @Nullable Long nextTry,
            String watch,
            @Nullable HearthResponse standsOn,
            @Nullable BurnerResponse burner,
            List<GapResponse> gaps,
            List<DeviationResponse> deviations,
            List<String> heldFor,
            boolean awaitsDecision,
            @Nullable String decision,
            int known,
            List<EventResponse> events,
            List<JarResponse> checked,
            List<FateResponse> fates,
            List<Integer> unsettled) {}

    /** @param place next-load, refrigerator, freezer or tonight */
    public record LeftJarResponse(int jar, String place) {}

    /**
     * @param leftMl what is probably left as it is answered
     * @param lowAt when a third is left: it was then, or will be if nothing changes; null where nothing is used
     * @param dryAt when nothing may be left
     */
    public record WaterResponse(int startMl, int leftMl, @Nullable Instant lowAt, @Nullable Instant dryAt) {}

    /**
     * @param jars those that did not seal; null for all of a run that was given up
     * @param cannerId null for the one they were in
     */
    public record NextTryRequest(
            @Nullable List<@NotNull Integer> jars,
            @Nullable Long cannerId,
            @Size(max = 60, message = "60 characters at most") @Nullable String by) {}

    /**
     * One more jar than planned: of a group of the load, or one that another load left out.
     *
     * @param jars how many the load had when that was said
     * @param group which of the load's kinds, from 0; null for a jar of another load
     */
    public record OneMoreJarRequest(
            @NotNull(message = "how many jars the load has") Integer jars,
            @Nullable Integer group,
            @Nullable Long fromRun,
            @Nullable Integer fromJar,
            @Size(max = 60, message = "60 characters at most") @Nullable String by) {}

    /**
     * What may still go into a load beside what was planned.
     *
     * @param groups of which of its own kinds one more would fit
     * @param waiting jars that other loads left out
     */
    public record RoomResponse(List<Integer> groups, List<WaitingJarResponse> waiting) {}

    /**
     * A jar that a load left out for the next one, and that no load has taken.
     *
     * @param minutes what its load is processed for: it may go into one that gets as long
     */
    public record WaitingJarResponse(
            long runId, int jar, String title, String size, String mouth, int minutes, Instant since) {}

    public record JiggleRange(int least, int most) {}

    /**
     * @param heatOffAt when the heat is likely to go off; certain in a hold
     * @param leastToHeatOffMillis so much lies between any now and the heat going off
     * @param zeroAt when the pressure is likely to be gone
     */
    public record OutlookResponse(Instant heatOffAt, long leastToHeatOffMillis, Instant zeroAt, Instant lidOffAt) {}

    /** @param what a code, such as 'heat-off', 'look' or 'lid-off' */
    public record DueResponse(String what, Instant at) {}

    public record CheckResponse(String check, boolean waived) {}

    /**
     * @param ofThisRun whether it was written down now; else the last time this canner was used
     * @param elsewhere where the canner stood then; null for where it stands now
     */
    public record BurnerResponse(String setting, Instant at, boolean ofThisRun, @Nullable HearthResponse elsewhere) {}

    /**
     * Where a canner stands; without either where it usually does.
     *
     * @param burner in the cook's words; may be empty
     * @param source gas, coil, glass-top, induction, camp-stove or outdoors
     */
    public record HearthResponse(String burner, @Nullable String source) {}

    public record GapResponse(Instant from, Instant until, int missedLooks) {}

    /**
     * @param heardAt when it was told, if that was later than it happened
     * @param by who said it; null where nobody gave a name
     * @param gauge the gauge that sent it by itself; null for a person
     * @param note null where nothing was said
     * @param heardPerMinute what a device heard of the weight; proves nothing
     * @param seenLowPsi from where a device saw the needle in this minute; proves nothing
     * @param seenHighPsi to where
     * @param signs what was seen of a pressure that was gone too soon
     * @param corrects the number of the event it is about, for a correction
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record EventResponse(
            int number,
            String type,
            Instant at,
            @Nullable Instant heardAt,
            @Nullable BigDecimal psi,
            @Nullable String weight,
            @Nullable Integer jiggles,
            @Nullable JarResponse jar,
            @Nullable Integer seat,
            @Nullable CheckResponse check,
            @Nullable Integer corrects,
            @Nullable String decision,
            @Nullable List<String> signs,
            @Nullable Boolean cooled,
            @Nullable String place,
            @Nullable Boolean waterLeft,
            @Nullable Integer heardPerMinute,
            @Nullable BigDecimal seenLowPsi,
            @Nullable BigDecimal seenHighPsi,
            @Nullable String by,
            @Nullable String gauge,
            @Nullable String note) {}

    public record DeviationResponse(
            String code, Instant at, @Nullable BigDecimal psi, @Nullable String weight, @Nullable Integer jiggles) {}

    public record JarResponse(int jar, String size, boolean sealed, String loss, String level) {}

    /** @param decision processed-again, refrigerated, frozen or discarded */
    public record FateResponse(int jar, String decision) {}

    /**
     * @param jiggles of the weight in a minute
     * @param jar its number in the load, for jar-in, jar-back and jar-checked
     * @param level right, floating or siphoned, for jar-checked
     * @param bandOff whether the band was off as the seal was looked at; null for yes
     * @param check rack, water, vent, seal, plug or gauge
     * @param waived going on without that check; the note says who and why
     * @param corrects the number of the event a correction is about; a reading beside it is what was really shown
     * @param signs what was seen of a pressure that was gone too soon: dial-at-zero, lock-dropped, no-hiss
     * @param cooled whether water or a fan helped it
     * @param place where a jar went that was left out: next-load, refrigerator, freezer or tonight; or what heats the canner: gas, coil,
     *     glass-top, induction, camp-stove or outdoors; or which alarm was answered, by its code
     * @param waterLeft whether any was found in the opened canner
     * @param by who says so
     * @param known how many events the page has already, so that it is answered with the rest alone
     * @param expected how many events the page knew of; null to write whatever came meanwhile
     * @param happenedAt when, by the run's clock, if it was kept while the server could not be reached
     * @param key made where it was tapped, so that it is written once however often it is sent
     */
    public record EventRequest(
            @NotNull(message = "what happened") String type,
            @DecimalMin(value = "0", message = "between 0 and 30 psi")
                    @DecimalMax(value = "30", message = "between 0 and 30 psi")
                    @Nullable
                    BigDecimal psi,
            @Nullable String weight,
            @Min(value = 0, message = "0 or more a minute")
                    @Max(value = 600, message = "600 a minute at most")
                    @Nullable
                    Integer jiggles,
            @Nullable Integer jar,
            @Nullable Boolean sealed,
            @Nullable String loss,
            @Nullable String level,
            @Nullable Boolean bandOff,
            @Nullable String check,
            @Nullable Boolean waived,
            @Nullable Integer corrects,
            @Nullable String decision,
            @Size(max = 3, message = "three signs at most") @Nullable List<@NotNull String> signs,
            @Nullable Boolean cooled,
            @Nullable String place,
            @Nullable Boolean waterLeft,
            @Size(max = 60, message = "60 characters at most") @Nullable String by,
            @Size(max = 1000, message = "1000 characters at most") @Nullable String note,
            @Min(value = 0, message = "0 or more") @Nullable Integer known,
            @Nullable Integer expected,
            @Nullable Instant happenedAt,
            @Size(min = 8, max = 40, message = "8 to 40 characters") @Nullable String key) {}
}
