package org.mobrel.server.planning;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The loads and the day of a plan over the wire. */
final class DayMessages {

    private DayMessages() {}

    /**
     * @param canners that are used; ids of others are known to the kitchen
     * @param proven whether the end is known to be the soonest there is, and the rest of it the best at that end
     * @param compared the obvious plans beside this one, a sentence each
     * @param trouble why there are no loads; null when there are
     */
    record LoadsResponse(
            List<CannerUse> canners,
            List<LoadPictureResponse> loads,
            boolean proven,
            String words,
            List<String> compared,
            @Nullable String trouble) {}

    /** @param times how long it takes besides the process, and where that is known from */
    record CannerUse(long id, String name, String times) {}

    /**
     * A load as it stands in its canner.
     *
     * @param layers from the rack upwards
     * @param room what would still go in, in words; null when it is full
     */
    record LoadPictureResponse(
            int number,
            long canner,
            String cannerName,
            int minutes,
            List<LayerResponse> layers,
            @Nullable String room,
            List<RoomFor> roomFor) {}

    record LayerResponse(List<LayerJars> jars) {}

    record LayerJars(String dish, String title, String size, String mouth, int count) {}

    /** So many more jars of a dish in this plan. */
    record RoomFor(String dish, String title, String size, String mouth, int count) {}

    /**
     * @param aim start or done
     * @param wished whether the cook said when; else it is a proposal
     * @param lead what matters most, in a line
     */
    record DayResponse(
            String aim,
            Instant at,
            boolean wished,
            boolean quickSoak,
            boolean canSoakQuickly,
            Instant start,
            Instant end,
            String lead,
            List<String> facts,
            boolean fits,
            List<MisfitResponse> misfits,
            List<DayRemedy> remedies,
            List<TaskResponse> tasks,
            List<WatchResponse> watches) {}

    record MisfitResponse(String code, String text) {}

    /**
     * A change that was tried out and fits.
     *
     * @param start null where the start stays
     * @param jars empty where they stay
     * @param later what is canned on each day after the first; empty where none is moved
     */
    record DayRemedy(
            String code,
            String text,
            @Nullable Instant start,
            boolean quickSoak,
            List<Long> canners,
            List<RemedyJars> jars,
            List<RemedyDay> later) {}

    record RemedyDay(List<RemedyJars> jars) {}

    /** A day after the first: its loads, and when they are. */
    record LaterDayResponse(LoadsResponse loads, @Nullable DayResponse day) {}

    record RemedyJars(String dish, List<PlanBody.WantedJars> jars) {}

    /**
     * @param canner the place of its canner among those used; -1 for a dish's
     * @param band how much longer or shorter it may be, in words; null where it is exact
     */
    record TaskResponse(
            String id,
            String code,
            String title,
            @Nullable String dish,
            int load,
            int canner,
            Instant start,
            Instant end,
            String attention,
            @Nullable String band) {}

    record WatchResponse(Instant start, Instant end) {}

    /** Other recipes of the kitchen that would share a load. */
    record CompanyResponse(List<CompanyRecipe> recipes) {}

    record CompanyRecipe(long recipeId, String title, int minutes, String text) {}
}
