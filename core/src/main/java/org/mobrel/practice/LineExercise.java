package org.mobrel.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.mobrel.canner.Gauge;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.ruling.Verdict;
import org.mobrel.tables.Table;

/** Ten lines of a recipe: which stop it, and which of the others sets the time? The rulings say so, nobody else. */
public final class LineExercise {

    private static final int LINES = 10;
    private static final int MOST_STOPS = 3;
    /** Two of three draws can be solved where no row is suspended. */
    private static final int MOST_DRAWS = 60;

    private static final Set<String> COLUMNS = Set.of("line");

    private final List<String> pool;
    private final Rulings rulings;
    private final LineReader reader;

    public LineExercise(Rulings rulings, LineReader reader) {
        this.pool = Table.beside(LineExercise.class, "lines.csv", COLUMNS).map(row -> row.text("line"));
        this.rulings = rulings;
        this.reader = reader;
    }

    /**
     * What is right of ten lines.
     *
     * @param stops indexes of the lines that stop the jar, with the reason of each
     * @param setsTime indexes of those that set the time of the rest; several where they tie
     * @param ruling on the rest, in quarts packed hot and half full of solids
     */
    public record Solution(List<Stop> stops, Set<Integer> setsTime, Ruling ruling) {
        public boolean isStop(int line) {
            return stops.stream().anyMatch(stop -> stop.line() == line);
        }
    }

    public record Stop(int line, String why) {}

    /**
     * Ten different lines; a seed always draws the same. Among them stop at least one and at most three.
     *
     * @return empty if hardly any ten lines can be ruled on, as in a kitchen that found many rows of the tables to differ
     */
    public Optional<List<String>> draw(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Map<String, Boolean> stopping = new HashMap<>();
        return Stream.generate(() -> drawOnce(random, stopping))
                .limit(MOST_DRAWS)
                .filter(this::canBeSolved)
                .findFirst();
    }

    /** @param stopping what is known of lines that were looked at before */
    private List<String> drawOnce(SplittableRandom random, Map<String, Boolean> stopping) {
        List<String> left = new ArrayList<>(pool);
        List<String> drawn = new ArrayList<>();
        int stops = 0;
        while (drawn.size() < LINES && !left.isEmpty()) {
            String line = left.remove(random.nextInt(left.size()));
            boolean stop =
                    stopping.computeIfAbsent(line, each -> !whyStopped(each).isEmpty());
            if (stop && stops == MOST_STOPS) {
                continue;
            }
            stops += stop ? 1 : 0;
            drawn.add(line);
        }
        return drawn;
    }

    private boolean canBeSolved(List<String> drawn) {
        if (drawn.size() < LINES) {
            return false;
        }
        Solution solution = solve(drawn);
        return !solution.stops().isEmpty() && !solution.setsTime().isEmpty();
    }

    /** Why a line stops any jar that it goes into; empty where it does not. */
    private List<String> whyStopped(String text) {
        // Beside food that has a time of its own: alone, an onion would have none.
        Ruling ruling =
                rule(List.of(text, "2 lb carrots, sliced", "2 lb boneless chicken, cubed", "2 quarts chicken broth"));
        return ruling.findings().stream()
                .filter(Finding::isStop)
                .filter(finding -> finding.line().isPresent() && finding.line().getAsInt() == 0)
                .map(Finding::text)
                .toList();
    }

    private Ruling rule(List<String> texts) {
        List<IngredientLine> lines = reader.readAll(texts);
        return rulings.rule(new Batch(
                lines,
                Pack.HOT,
                Fraction.of(0.5),
                List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 7)),
                Altitude.ofFeet(0),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT));
    }

    public Solution solve(List<String> lines) {
        List<Stop> stops = new ArrayList<>();
        List<Integer> kept = new ArrayList<>();
        for (int line = 0; line < lines.size(); line++) {
            List<String> why = whyStopped(lines.get(line));
            if (why.isEmpty()) {
                kept.add(line);
            } else {
                stops.add(new Stop(line, why.get(0)));
            }
        }
        Ruling rest = rule(kept.stream().map(lines::get).toList());
        Set<Integer> setsTime = new TreeSet<>();
        if (rest.verdict() == Verdict.COVERED) {
            rest.timing().ifPresent(timing -> timing.pacesetters().forEach(line -> setsTime.add(kept.get(line))));
        }
        return new Solution(stops, setsTime, rest);
    }

    /** All lines there are to draw from. */
    List<String> pool() {
        return pool;
    }
}
