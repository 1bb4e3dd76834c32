package org.mobrel.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.mobrel.quantity.Minutes;

/**
 * A scene that begins at the moment of decision.
 *
 * @param code never renamed: tries are written down by it
 * @param takes about so long
 * @param chances what chance may give, by name; in every text '{name}' stands for what was drawn
 * @param moment what is the matter, in words
 * @param ask the question
 * @param picture of a jar, where it is about one; as the pages call it
 * @param canner on the stove then
 * @param recipe in the jars, where the rulings have to be asked
 * @param acts what can be done; empty for a drill at the knobs
 * @param endings of a drill at the knobs
 * @param passed what is said to the right act, beside what comes of it; '{right}' stands for what is right
 */
public record Drill(
        String code,
        String title,
        Minutes takes,
        Map<String, List<String>> chances,
        String moment,
        String ask,
        Optional<String> picture,
        Optional<StoveScene> canner,
        Optional<DrillRecipe> recipe,
        Judge judge,
        List<DrillAct> acts,
        List<Ending> endings,
        String passed,
        RuleRef rule) {

    /** @throws IllegalArgumentException if there is nothing to do in it, or nothing to do it to */
    public Drill {
        acts = List.copyOf(acts);
        endings = List.copyOf(endings);
        if (judge == Judge.HANDS ? endings.size() < 2 || canner.isEmpty() : acts.size() < 2) {
            throw new IllegalArgumentException("nothing to decide in " + code);
        }
    }

    /**
     * A canner on the stove; texts in which what was drawn may stand.
     *
     * @param stage of the moment at which it begins
     * @param amount of that moment
     */
    public record StoveScene(
            String gauge,
            String psi,
            String altitudeFt,
            String quarts,
            String pints,
            boolean hot,
            String errorPsi,
            String stage,
            String amount) {}

    /**
     * What is in the jars; texts in which what was drawn may stand.
     *
     * @param sizes of the jars in the load
     */
    public record DrillRecipe(
            List<String> lines, List<String> steps, List<String> sizes, String pack, String share, String altitudeFt) {

        public DrillRecipe {
            lines = List.copyOf(lines);
            steps = List.copyOf(steps);
            sizes = List.copyOf(sizes);
        }
    }

    public boolean isAtTheKnobs() {
        return judge == Judge.HANDS;
    }

    public Draw draw(long seed) {
        return Draw.of(seed, new TreeMap<>(chances));
    }

    /** Its acts in an order of this draw's own, so that nobody learns places. */
    public List<DrillAct> shuffled(Draw draw) {
        List<DrillAct> order = new ArrayList<>(acts);
        Collections.shuffle(order, new Random(draw.seed()));
        return order;
    }

    public Optional<DrillAct> act(String wanted) {
        return acts.stream().filter(act -> act.code().equals(wanted)).findFirst();
    }
}
