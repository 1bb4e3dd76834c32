package org.mobrel.server.planning;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.JarColour;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.ruling.RulingResponse;

/** A dish of a plan over the wire: volumes in mL and masses in g unrounded, beside the words a cook measures by. */
final class DishMessages {

    private DishMessages() {}

    /**
     * @param trouble why it cannot be worked out; then nothing below is there
     * @param jars those that are really filled
     * @param loads empty when something stops the dish
     * @param amounts null when nothing in the recipe has an amount to scale by
     * @param notes what was noted last time
     * @param soaked null until a soaked lot was on the scale
     * @param takenOn null where nobody did, or not all of it
     * @param batch null until it is at the stove
     */
    record DishResponse(
            String key,
            long recipeId,
            int version,
            String title,
            @Nullable DishTrouble trouble,
            List<JarRequest> jars,
            @Nullable RulingResponse ruling,
            List<PlanMessages.LoadResponse> loads,
            @Nullable SummaryResponse summary,
            @Nullable AmountsResponse amounts,
            @Nullable ForecastResponse forecast,
            @Nullable KettleResponse kettle,
            List<ShareResponse> shareOut,
            @Nullable SoakedResponse soaked,
            List<DoseResponse> doses,
            @Nullable PrepResponse prep,
            @Nullable CorrectionResponse correction,
            List<String> remarks,
            List<VariantShare> variants,
            List<WorkResponse> work,
            List<PlanStep> steps,
            List<String> notes,
            PlanMessages.@Nullable TakenOn takenOn,
            @Nullable Long batch,
            @Nullable DishColour colour) {}

    /**
     * What it looks like in a jar.
     *
     * @param solids such as '#b4622d', as is the broth
     */
    record DishColour(String solids, String broth) {

        static @Nullable DishColour of(List<IngredientLine> lines) {
            return JarColour.of(lines)
                    .map(colour -> new DishColour(
                            colour.solids().written(), colour.broth().written()))
                    .orElse(null);
        }
    }

    /**
     * Work before the jars that takes long enough to shape the day.
     *
     * @param own whether the cook said how long
     */
    record WorkResponse(String code, String title, int minutes, boolean own) {}

    record DishTrouble(String field, String text) {}

    /** @param said in-line, in-method or nowhere */
    record PlanStep(String text, String source, String said) {}

    /**
     * What begins the plan answered in a sentence.
     *
     * @param jars '8 quarts and 1 pint'
     * @param left what fills none of them; null for less than a quarter cup
     * @param band how far off that may be, such as 'give or take 1 quart'
     * @param liquid what broth or sauce is wanted besides; null for none
     */
    record SummaryResponse(String jars, @Nullable String left, String band, @Nullable String liquid) {}

    /**
     * What the pot lacks of its liquid.
     *
     * @param kind broth or sauce
     * @param times how many times the sauce; null for broth
     */
    record LacksResponse(String kind, String amount, @Nullable Double times, String text) {}

    /** A soaked and boiled lot shared out by weight. */
    record SoakedResponse(String weighed, List<SoakedJar> perJar) {}

    record SoakedJar(String size, String mouth, int count, String each, String text) {}

    /**
     * @param brothNeeded what the jars take of it
     * @param lacks null when the recipe brings enough
     * @param kettle null where nothing is boiled beside the pot
     * @param cooked whether it stands cooked on the stove; then no line is measured any more
     */
    record AmountsResponse(
            double factor,
            double errorShare,
            List<LineAmount> lines,
            double fillMl,
            double brothNeededMl,
            double brothInRecipeMl,
            String brothNeeded,
            @Nullable LacksResponse lacks,
            @Nullable String brothLeft,
            @Nullable String kettle,
            boolean cooked,
            List<JarFill> perJar,
            List<Integer> unmeasured) {}

    /**
     * @param kitchen null for a line without an amount
     * @param massG raw prepared; null where it cannot be weighed
     * @param fromShelf what own jars bring of it
     * @param written as the recipe has it, in plain words that are read back, such as '3 lb'; null without an amount
     */
    record LineAmount(
            int line,
            String name,
            String role,
            @Nullable String written,
            @Nullable String kitchen,
            @Nullable String asBought,
            @Nullable Double massG,
            @Nullable String mass,
            @Nullable String fromShelf) {}

    record JarFill(
            String size,
            String mouth,
            int count,
            double fillMl,
            double brimMl,
            double solidsMl,
            double solidsG,
            double brothMl,
            String solids,
            String broth,
            double servings) {}

    /**
     * What the pot makes.
     *
     * @param leftover what fills no jar; null when that is less than a quarter cup
     * @param routes what can be done with it
     * @param limitedBy the line that runs out first; null for target jars
     * @param rests what stays of the other things in hand
     * @param meals for this household, from all the jars
     */
    record ForecastResponse(
            double inPotMl,
            String inPot,
            double leftoverMl,
            @Nullable String leftover,
            List<RouteResponse> routes,
            @Nullable String keptBack,
            double keptBackServings,
            @Nullable Integer limitedBy,
            @Nullable String limitedByName,
            List<RestResponse> rests,
            double servings,
            double meals) {}

    /**
     * @param code jar, load, tonight, fridge or freezer
     * @param jars that would take it; none for other routes
     */
    record RouteResponse(String code, String text, List<JarRequest> jars) {}

    record RestResponse(int line, String name, String rest) {}

    /** The kettle while jars are filled. */
    record KettleResponse(
            double boilingMl,
            String boiling,
            String left,
            int moreJars,
            int toCome,
            @Nullable String missing,
            String text) {}

    /** What one jar of a kind gets of each solid. */
    record ShareResponse(String size, String mouth, List<ShareLine> lines, long totalG, String total) {}

    record ShareLine(int line, String name, long grams, String weighed, String byCup) {}

    /** A seasoning, jar by jar, and what all jars take of it. */
    record DoseResponse(int line, String name, List<DoseOfJar> perJar, String total) {}

    record DoseOfJar(String size, String mouth, String dose) {}

    record PrepResponse(List<FoodPrepResponse> foods, List<PrepStep> together) {}

    record FoodPrepResponse(
            int line,
            String name,
            @Nullable String bought,
            @Nullable String prepared,
            @Nullable String kitchen,
            List<PrepStep> steps,
            @Nullable String scraps,
            @Nullable String keep) {}

    /** @param when evening, prepare, cook or fill */
    record PrepStep(String when, String text) {}

    /** @param history the newest first */
    record CorrectionResponse(double factor, double errorShare, int days, String text, List<YieldEntry> history) {}

    /** @param ratio made over forecast by averages */
    record YieldEntry(long id, String said, double ratio, Instant madeAt, boolean struck, boolean ofThisPlan) {}

    record VariantShare(String name, int jars, List<String> addIns) {}
}
