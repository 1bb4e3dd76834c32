package org.mobrel.server.planning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.ruling.JarAsk;
import org.mobrel.server.scaling.MeasureAsk;

/** Plans over the wire: what is asked, and the plan as a whole. A dish of it is a {@link DishMessages.DishAnswer}. */
final class PlanMessages {

    private PlanMessages() {}

    record PlanBegin(long recipeId) {}

    record PlanBegun(long id) {}

    /** @param basedOn the revision the cook had before */
    record PlanSave(int basedOn, @NotNull(message = "the plan") @Valid PlanBody body) {}

    record PlanAway(boolean away) {}

    /** @param amount such as '2 lb'; blank for none */
    record PantrySays(
            @NotNull(message = "what") @Size(max = 300, message = "300 characters at most") String item,
            @NotNull(message = "how much") @Size(max = 40, message = "40 characters at most") String amount) {}

    /** @param rest what was left besides; null for nothing */
    record ReallyMade(
            @NotEmpty(message = "how many jars?") @Size(max = 12, message = "12 kinds of jar at most") @Valid
                    List<PlanBody.@NotNull JarWish> jars,
            @Nullable MeasureAsk rest) {}

    /** @param food its id in the tables */
    record SwapAsk(int line, @NotNull(message = "which food?") String food, boolean write) {}

    record SwapAnswer(String line) {}

    /** @param dayAt when its day begins or is to be over; null until somebody says */
    record PlanEntry(
            long id,
            String title,
            Instant changedAt,
            boolean atStove,
            List<PlanBody.JarWish> jars,
            @Nullable Instant dayAt) {}

    /**
     * @param revision to base the next save on
     * @param canner the first of those that are planned for
     * @param jars all dishes together
     * @param fullLoads jars that fill this canner once, for each size
     * @param loads of the dishes that are not at the stove yet
     * @param day null when nothing can be loaded
     * @param supplies jars and lids, and whether there are enough
     */
    record PlanAnswer(
            long id,
            int revision,
            PlanBody body,
            String title,
            boolean away,
            boolean atStove,
            long canner,
            String cannerName,
            List<DishMessages.DishAnswer> dishes,
            List<JarAsk> jars,
            List<FullLoad> fullLoads,
            DayMessages.LoadsAnswer loads,
            DayMessages.@Nullable DayAnswer day,
            List<SupplyAnswer> supplies,
            List<AisleAnswer> shopping) {}

    record FullLoad(String size, int count) {}

    /**
     * @param what jars or lids
     * @param size null for lids
     * @param have null where nobody counted
     * @param lacking how many have to be found before the pot is on
     */
    record SupplyAnswer(
            String what,
            @Nullable String size,
            String mouth,
            int need,
            @Nullable Integer have,
            int lacking,
            String text) {}

    record AisleAnswer(String code, String title, List<ShoppingItem> items) {}

    /**
     * @param need for all dishes; null where the recipe says no amount
     * @param have what is in the house, as it was said
     * @param buy null when the house has enough, or nobody said how much
     * @param pieces about so many; 0 where nobody counts them
     */
    record ShoppingItem(
            String key,
            String name,
            @Nullable String need,
            @Nullable String have,
            @Nullable String buy,
            int pieces,
            boolean inHouse,
            boolean ticked) {}

    /** What departs was taken on, with the recipe or with the plan. */
    record TakenOn(String by, String reason) {}

    /**
     * A process card: what to do with one load, all of it from the ruling.
     *
     * @param titles of the dishes in it
     */
    record LoadAnswer(
            int number,
            String cannerName,
            List<JarAsk> jars,
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
