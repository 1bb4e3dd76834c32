package org.mobrel.method;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mobrel.finding.Source;
import org.mobrel.foods.Food;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.State;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** Finds the steps that the rows behind a recipe demand. Immutable; its table is read once. */
public final class RequiredSteps {

    private static final Set<String> COLUMNS =
            Set.of("code", "when", "foods", "where", "pack", "text", "words", "said_by", "not_for", "source");
    private static final String EVERY_FOOD = "*";
    private static final String SOAK = "soak";
    private static final String BOIL_BEANS = "boil-beans";
    private static final String FILL = "fill-half";
    private static final double BY_EYE = 0.05;

    /** Where a step belongs. */
    private enum Where {
        SOUP,
        ALONE,
        ANY;

        static Optional<Where> ofWord(String word) {
            return switch (word) {
                case "soup" -> Optional.of(SOUP);
                case "alone" -> Optional.of(ALONE);
                case "any" -> Optional.of(ANY);
                default -> Optional.empty();
            };
        }
    }

    private record Demand(
            String code,
            RequiredStep.When when,
            List<String> foods,
            Where where,
            Set<Pack> packs,
            String text,
            List<String> words,
            Set<State> saidBy,
            Set<State> notFor,
            Source source) {

        boolean isFor(IngredientLine line) {
            return line.foods().stream().map(Food::id).anyMatch(foods::contains)
                    && notFor.stream().noneMatch(state -> line.is(state) && !line.is(State.SOAKED));
        }
    }

    private final List<Demand> demands;

    private RequiredSteps(List<Demand> demands) {
        this.demands = List.copyOf(demands);
    }

    /**
     * Reads the table beside this class.
     *
     * @throws org.mobrel.tables.TableException if a cell cannot be read
     */
    public static RequiredSteps load() {
        return new RequiredSteps(
                Table.beside(RequiredSteps.class, "steps.csv", COLUMNS).map(RequiredSteps::demand));
    }

    private static Demand demand(Row row) {
        return new Demand(
                row.text("code"),
                row.word("when", RequiredStep.When::ofCode),
                row.list("foods"),
                row.word("where", Where::ofWord),
                row.word("pack", RequiredSteps::packs),
                row.text("text"),
                row.list("words"),
                states(row, "said_by"),
                states(row, "not_for"),
                new Source(row.text("source")));
    }

    private static Optional<Set<Pack>> packs(String word) {
        return word.equals("any")
                ? Optional.of(Set.of(Pack.values()))
                : Pack.ofCode(word).map(Set::of);
    }

    private static Set<State> states(Row row, String column) {
        return row.list(column).stream()
                .map(code -> State.ofCode(code).orElseThrow(() -> row.wrong(column, "names no state: " + code)))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** The words of every step of the tables, as they are offered. */
    List<String> texts() {
        return demands.stream().map(Demand::text).distinct().toList();
    }

    /** Whether a sentence is a step of the tables, taken over as it was offered. */
    public boolean isOffered(String sentence) {
        return demands.stream().anyMatch(demand -> sentence.startsWith(demand.text()));
    }

    /**
     * The demanded steps in the order of the table, each with where the recipe says it.
     *
     * @param share how full of solids the jars are set to be; the step of filling says so
     */
    public List<RequiredStep> of(List<IngredientLine> lines, Pack pack, Fraction share, Method method) {
        boolean soup = lines.stream()
                        .flatMap(line -> line.foods().stream())
                        .filter(food -> food.kind().isSolid())
                        .distinct()
                        .count()
                > 1;
        return demands.stream()
                .filter(demand -> demand.packs().contains(pack))
                .filter(demand -> demand.where() == Where.ANY || (demand.where() == Where.SOUP) == soup)
                .flatMap(demand -> step(demand, lines, share, method).stream())
                .toList();
    }

    private static Optional<RequiredStep> step(
            Demand demand, List<IngredientLine> lines, Fraction share, Method method) {
        boolean forAll = demand.foods().contains(EVERY_FOOD);
        List<Integer> mine = IntStream.range(0, lines.size())
                .filter(index -> demand.isFor(lines.get(index)))
                .boxed()
                .toList();
        if (mine.isEmpty() && !forAll) {
            return Optional.empty();
        }
        boolean inLines = !mine.isEmpty()
                && mine.stream().allMatch(index -> demand.saidBy().stream()
                        .anyMatch(state -> lines.get(index).is(state)));
        boolean inMethod = !isContradicted(demand, method, share) && isSaid(demand, method);
        return Optional.of(new RequiredStep(
                demand.code(),
                demand.when(),
                text(demand, share),
                demand.source(),
                mine,
                inLines
                        ? RequiredStep.Said.IN_LINE
                        : inMethod ? RequiredStep.Said.IN_METHOD : RequiredStep.Said.NOWHERE));
    }

    private static boolean isSaid(Demand demand, Method method) {
        return switch (demand.code()) {
            case SOAK ->
                method.soak()
                        .filter(said -> said.soak() != StepStatement.Soak.SHORT)
                        .isPresent();
            case BOIL_BEANS ->
                method.all(StepStatement.BoilsBeans.class).stream().anyMatch(said -> said.minutes() >= 30)
                        || says(demand, method);
            case FILL -> method.saidShare().isPresent();
            default -> says(demand, method);
        };
    }

    private static boolean says(Demand demand, Method method) {
        return demand.words().stream()
                .anyMatch(words -> method.says(sentence -> Arrays.stream(words.split(" \\+ "))
                        .allMatch(word -> sentence.says(Pattern.compile("\\b" + Pattern.quote(word.strip()))))));
    }

    /** Six hours are no soak, ten minutes no boil, and two thirds no half. */
    private static boolean isContradicted(Demand demand, Method method, Fraction share) {
        return switch (demand.code()) {
            case SOAK -> !method.all(StepStatement.DryBeans.class).isEmpty();
            case FILL ->
                method.saidShare()
                        .filter(said -> Math.abs(said.value() - share.value()) > BY_EYE)
                        .isPresent();
            default -> false;
        };
    }

    private static String text(Demand demand, Fraction share) {
        return demand.code().equals(FILL) && Math.abs(share.value() - 0.5) > BY_EYE
                ? demand.text().replace("half way", words(share))
                : demand.text();
    }

    private static String words(Fraction share) {
        int percent = (int) Math.round(share.value() * 100);
        return switch (percent) {
            case 33 -> "a third of the way";
            case 67 -> "two thirds of the way";
            case 75 -> "three quarters of the way";
            default -> percent + " % of the way";
        };
    }
}
