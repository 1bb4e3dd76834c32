package org.mobrel.server.planning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.scaling.MeasureRequest;

/** Plans over the wire: what is asked, and the plan as a whole. A dish of it is a {@link DishMessages.DishResponse}. */
final class PlanMessages {

    private PlanMessages() {}

    record PlanCreateRequest(long recipeId) {}

    record PlanCreated(long id) {}

    /** @param basedOn the revision the cook had before */
    record PlanSaveRequest(int basedOn, @NotNull(message = "the plan") @Valid PlanBody body) {}

    record PlanDeleted(boolean away) {}

    /** @param amount such as '2 lb'; blank for none */
    record PantryRequest(
            @NotNull(message = "what") @Size(max = 300, message = "300 characters at most") String item,
            @NotNull(message = "how much") @Size(max = 40, message = "40 characters at most") String amount) {}

    /** @param rest what was left besides; null for nothing */
    record ReallyMade(
            @NotEmpty(message = "how many jars?") @Size(max = 12, message = "12 kinds of jar at most") @Valid
                    List<PlanBody.@NotNull WantedJars> jars,
            @Nullable MeasureRequest rest) {}

    /** @param food its id in the tables */
    record SwapRequest(int line, @NotNull(message = "which food?") String food, boolean write) {}

    record SwapResponse(String line) {}

    /**
     * @param atStove whether all of it was taken there
     * @param cooked whether none of it is there any more: its jars rest, or stand on the shelf
     * @param dayAt when its day begins or is to be over; null until somebody says
     */
    record PlanEntry(
            long id,
            String title,
            Instant changedAt,
            boolean atStove,
            boolean cooked,
            List<PlanBody.WantedJars> jars,
            @Nullable Instant dayAt) {}

    /**
     * @param revision to base the next save on
     * @param canner the first of those that are planned for
     * @param jars all dishes together
     * @param fullLoads jars that fill this canner once, for each size
     * @param loads of the dishes that are not at the stove yet
     * @param day null when nothing can be loaded
     * @param later the days after the first
     * @param supplies jars and lids, and whether there are enough
     */
    record PlanResponse(
            long id,
            int revision,
            PlanBody body,
            String title,
            boolean away,
            boolean atStove,
            long canner,
            String cannerName,
            List<DishMessages.DishResponse> dishes,
            List<JarRequest> jars,
            List<FullLoad> fullLoads,
            DayMessages.LoadsResponse loads,
            DayMessages.@Nullable DayResponse day,
            List<DayMessages.LaterDayResponse> later,
            List<SupplyResponse> supplies,
            List<AisleResponse> shopping) {}

    record FullLoad(String size, int count) {}

    /**
     * @param what jars or lids
     * @param size null for lids
     * @param have null where nobody counted
     * @param lacking how many have to be found before the pot is on
     */
    record SupplyResponse(
            String what,
            @Nullable String size,
            String mouth,
            int need,
            @Nullable Integer have,
            int lacking,
            String text) {}

    record AisleResponse(String code, String title, List<ShoppingItem> items) {}

    /**
     * @param need for all dishes; null where the recipe says no amount
     * @param have what is in the house, as it was said
     * @param buy null when the house has enough, or nobody said how much
     * @param sold how a shop sells it, about: '8' or '2 bunches'; null where it is weighed or measured
     * @param parts what each dish gets of it, where several share it
     */
    record ShoppingItem(
            String key,
            String name,
            @Nullable String need,
            @Nullable String have,
            @Nullable String buy,
            @Nullable String sold,
            boolean inHouse,
            boolean ticked,
            List<PartOfItem> parts) {}

    record PartOfItem(String dish, String amount) {}

    /** What departs was taken on, with the recipe or with the plan. */
    record TakenOn(String by, String reason) {}

    /**
     * A process card: what to do with one load, all of it from the ruling.
     *
     * @param titles of the dishes in it
     */
    record LoadResponse(
            int number,
            String cannerName,
            List<JarRequest> jars,
            List<String> titles,
            int minutes,
            String headline,
            String setBy,
            String timedBy,
            BigDecimal truePsi,
            BigDecimal readingPsi,
            String gauge,
            BigDecimal gaugeErrorPsi,
            BigDecimal headspaceIn,
            int ventMinutes,
            int settleMinutes) {}
}
