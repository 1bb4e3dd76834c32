package org.mobrel.ruling;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.finding.Severity;
import org.mobrel.finding.Source;
import org.mobrel.foods.Food;
import org.mobrel.foods.Pack;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Length;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;
import org.mobrel.recipe.State;

/** What each ingredient has to be, by itself. */
final class IngredientRules {

    private static final Source BEANS = new Source("Guide 4, beans or peas shelled dried");
    private static final Source MEATS = new Source("Guide 5, strips cubes or chunks of meat");

    /** Cured or smoked meat up to this share of the solids is a flavouring. */
    private static final double FLAVOURING_SHARE = 1.0 / 8;

    /** A tablespoon: the most of a bottled sauce that a jar may hold before its thickener matters. */
    private static final Volume SPOONFUL = Volume.ofMillilitres(236.59 / 16);

    private IngredientRules() {}

    static Stream<Finding> everyIngredientIsKnown(Examined batch) {
        return lines(batch).filter(index -> batch.line(index).isUnknown()).mapToObj(index -> unknown(batch, index));
    }

    private static Finding unknown(Examined batch, int index) {
        List<Food> nearest = batch.reader().nearest(batch.line(index).text());
        Stream<Remedy> named =
                nearest.stream().map(food -> new Remedy("choose-food", "Did you mean %s?".formatted(food.name())));
        Stream<Remedy> leave = Stream.of(Remedy.leaveOut("Leave it out, and add it at serving"));
        return new Finding(
                Severity.STOP,
                "unknown-food",
                OptionalInt.of(index),
                "Nothing in the tables is called that, so no tested time is known for it.",
                Stream.concat(named, leave).toList(),
                Optional.empty());
    }

    static Stream<Finding> nothingStoppedIsInTheJar(Examined batch) {
        return lines(batch).boxed().flatMap(index -> batch.line(index).stopped().stream()
                .map(stop -> stopped(index, stop)));
    }

    private static Finding stopped(int index, StoppedIngredient stop) {
        List<Remedy> remedies = stop.remedies().stream()
                .map(text -> new Remedy(remedyCode(text), Say.capital(text)))
                .toList();
        return new Finding(
                Severity.STOP,
                stop.code(),
                OptionalInt.of(index),
                Say.capital(stop.group()) + ": " + stop.why() + ".",
                remedies,
                Optional.of(Source.GUIDE_SOUPS));
    }

    private static String remedyCode(String text) {
        if (text.contains("freeze")) {
            return "freeze";
        }
        if (text.contains("serving") || text.contains("opened")) {
            return "finish-at-serving";
        }
        return text.startsWith("leave out") ? "leave-out" : "prepare";
    }

    static Stream<Finding> driedBeansAreRehydrated(Examined batch) {
        return lines(batch)
                .filter(index -> batch.line(index).is(State.UNSOAKED) && has(batch.line(index), Food::isDriedBeans))
                .mapToObj(index -> Say.stop(
                        "dry-beans",
                        index,
                        "Dry beans swell by an unknown amount in the jar and heat unevenly; packing them dry was never tested.",
                        BEANS,
                        new Remedy(
                                "soak-first", "Soak overnight 12-18 h, or boil 2 min and rest 1 h; then boil 30 min")));
    }

    static Stream<Finding> piecesAreNoLargerThanTested(Examined batch) {
        LineTimes times = new LineTimes(batch.reader().catalogue());
        return lines(batch).boxed().flatMap(index -> {
            IngredientLine line = batch.line(index);
            return line.largestPiece().stream().flatMap(piece -> line.foods().stream()
                    .flatMap(food -> times.rows(food, line, batch.contents()))
                    .filter(row -> limit(row, line)
                            .filter(most -> piece.compareTo(most) > 0)
                            .isPresent())
                    .map(row -> tooBig(index, piece, limit(row, line).orElseThrow(), row))
                    .limit(1));
        });
    }

    private static Optional<Length> limit(TestedProcess row, IngredientLine line) {
        return line.is(State.WHOLE) ? row.largestWhole() : row.largestPiece();
    }

    private static Finding tooBig(int index, Length piece, Length most, TestedProcess row) {
        return Say.stop(
                "piece-too-big",
                index,
                "Pieces of %s in: the time was tested for at most %s in. A larger piece heats more slowly."
                        .formatted(piece.inches(), most.inches()),
                row.source(),
                new Remedy("cut-smaller", "Cut to %s in or smaller".formatted(most.inches())));
    }

    static Stream<Finding> whatTheRowPeelsIsPeeled(Examined batch) {
        LineTimes times = new LineTimes(batch.reader().catalogue());
        return lines(batch)
                .filter(index -> batch.line(index).is(State.UNPEELED))
                .boxed()
                .flatMap(index -> batch.line(index).foods().stream()
                        .flatMap(food -> times.rows(food, batch.line(index), batch.contents()))
                        .filter(TestedProcess::peeled)
                        .limit(1)
                        .map(row -> Say.stop(
                                "unpeeled",
                                index,
                                "Skins carry more spores than the process was tested for.",
                                row.source(),
                                new Remedy("peel", "Peel, and cut out the eyes"))));
    }

    static Stream<Finding> curedMeatIsOnlyAFlavouring(Examined batch) {
        Optional<Mass> solids = solidMass(batch);
        return lines(batch)
                .filter(index -> has(batch.line(index), Food::isCuredMeat))
                .filter(index -> !isFlavouring(batch, index, solids))
                .mapToObj(index -> Say.judge(
                        "cured-meat",
                        index,
                        "Cured or smoked meat beyond an eighth of the solids: it is drier and denser than the fresh meat the time was tested with.",
                        MEATS,
                        new Remedy("use-less", "Use at most an eighth of the solids, as a flavouring")));
    }

    private static boolean isFlavouring(Examined batch, int index, Optional<Mass> solids) {
        Optional<Mass> cured =
                Portions.of(batch.line(index), batch.batch().pack()).map(Portion::inJar);
        return cured.isPresent()
                && solids.isPresent()
                && cured.get().milligrams() <= solids.get().milligrams() * FLAVOURING_SHARE;
    }

    /** The mass of all solids in the jars; empty if any of them has no amount that can be weighed. */
    private static Optional<Mass> solidMass(Examined batch) {
        Mass sum = Mass.ZERO;
        for (LineRuling ruled : batch.lines()) {
            if (has(ruled.line(), food -> food.kind().isSolid())) {
                Optional<Portion> portion =
                        Portions.of(ruled.line(), batch.batch().pack());
                if (portion.isEmpty()) {
                    return Optional.empty();
                }
                sum = sum.plus(portion.get().inJar());
            }
        }
        return Optional.of(sum);
    }

    static Stream<Finding> bottledSauceIsOnlyASpoonful(Examined batch) {
        double jars = jarsMade(batch);
        return lines(batch)
                .filter(index -> has(batch.line(index), IngredientRules::mayHoldThickener))
                .filter(index -> perJar(batch.line(index), jars).compareTo(SPOONFUL) > 0)
                .mapToObj(index -> Say.judge(
                        "bottled-sauce",
                        index,
                        "More than a tablespoon a jar: a sauce of unknown thickener slows the heat on its way in.",
                        Source.GUIDE_SOUPS,
                        new Remedy("read-label", "Read the label for starch, use a tablespoon a jar at most"),
                        Remedy.leaveOut("Leave it out and season at serving")));
    }

    private static boolean mayHoldThickener(Food food) {
        return food.id().equals("sauces") || food.id().equals("tomato-paste");
    }

    private static Volume perJar(IngredientLine line, double jars) {
        return line.food()
                .flatMap(food -> Portions.of(line, Pack.HOT)
                        .map(portion -> Volume.ofCups((double) portion.raw().milligrams()
                                / food.measures().rawPerCup().milligrams()
                                / jars)))
                .orElse(Volume.ZERO);
    }

    /** How many jars of the smallest size asked for the recipe fills as it stands, at least one. */
    private static double jarsMade(Examined batch) {
        JarCount smallest = batch.batch().jars().stream()
                .min(Comparator.comparing(JarCount::size))
                .orElseThrow();
        double bulk = batch.lines().stream()
                .flatMap(ruled -> Portions.of(ruled.line(), batch.batch().pack()).stream())
                .mapToDouble(portion -> portion.bulk().millilitres())
                .sum();
        return batch.jars()
                .fill(smallest.size(), smallest.mouth(), Headspace.ONE_INCH)
                .map(fill -> bulk / batch.batch().solidsShare().value() / fill.millilitres())
                .filter(jars -> jars > 1)
                .orElse(1.0);
    }

    private static IntStream lines(Examined batch) {
        return batch.indexes();
    }

    private static boolean has(IngredientLine line, Predicate<Food> what) {
        return line.foods().stream().anyMatch(what);
    }
}
