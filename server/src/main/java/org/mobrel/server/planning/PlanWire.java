package org.mobrel.server.planning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.ruling.JarAsk;
import org.mobrel.server.ruling.RulingAnswer;

/** Plans over the wire. */
final class PlanWire {

    private PlanWire() {}

    record PlanRequest(
            long recipeId,
            long cannerId,
            @NotEmpty(message = "at least one jar") @Size(max = 20, message = "20 kinds of jar at most") @Valid
                    List<@NotNull JarAsk> jars) {}

    /**
     * @param loads empty when something stops the plan
     * @param notes what was noted last time
     * @param takenOn null where nobody did, or not all of it
     * @param amounts null when nothing in the recipe has an amount to scale by
     */
    record PlanAnswer(
            long recipeId,
            int version,
            String title,
            RulingAnswer ruling,
            List<LoadAnswer> loads,
            @Nullable AmountsAnswer amounts,
            List<String> remarks,
            List<String> variants,
            List<PlanStep> steps,
            List<String> notes,
            @Nullable TakenOn takenOn) {}

    /** @param said in-line, in-method or nowhere */
    record PlanStep(String text, String source, String said) {}

    /** Who took on, with this version of the recipe, all that departs from the tables in this plan. */
    record TakenOn(String by, String reason) {}

    /** A process card: what to do with one load, all of it from the ruling. */
    record LoadAnswer(
            int number,
            List<JarAsk> jars,
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

    /** Volumes in mL and masses in g unrounded, beside the words a cook measures by. */
    record AmountsAnswer(
            double factor,
            double errorShare,
            List<LineAmount> lines,
            double fillMl,
            double brothNeededMl,
            double brothInRecipeMl,
            String brothNeeded,
            @Nullable String topUp,
            @Nullable String brothLeft,
            String kettle,
            List<JarFill> perJar,
            List<Integer> unmeasured) {}

    /** @param kitchen null for a line without an amount */
    record LineAmount(String name, String role, @Nullable String kitchen, @Nullable String asBought) {}

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
            String broth) {}
}
