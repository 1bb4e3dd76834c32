package org.mobrel.ruling;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.finding.FindingCode;
import org.mobrel.finding.Remedy;
import org.mobrel.finding.Source;
import org.mobrel.foods.Food;
import org.mobrel.foods.TestedProcess;
import org.mobrel.method.Method;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.Choice;
import org.mobrel.recipe.Mention;
import org.mobrel.recipe.QuestionCode;

/** What no step may do, whatever the ingredients are. */
final class StepRules {

    private static final Source BEANS = new Source("Guide 4, beans or peas shelled dried");
    private static final Source PROCESS = new Source("Guide 1, using pressure canners");
    private static final String SOAKED =
            "Soak the beans overnight, 12 to 18 hours, and drain them. Boil them 30 minutes in fresh water.";

    private StepRules() {}

    static Stream<Finding> nothingIsPureed(Examined batch) {
        Method method = method(batch);
        return Stream.concat(
                        method.all(StepStatement.Purees.class).stream(),
                        method.all(StepStatement.Unread.class).stream()
                                .filter(said -> isAsTheStepSays(method, QuestionCode.NOT_UNDERSTOOD, said)))
                .map(said -> stop(
                        batch,
                        said,
                        FindingCode.STEP_PUREES,
                        "A smooth mass heats slowly from the edge inwards; no process was tested for it.",
                        Source.GUIDE_SOUPS,
                        atOpening(batch, said, "Do it when you open the jar"),
                        leaveOut(batch, said)));
    }

    static Stream<Finding> nothingIsThickened(Examined batch) {
        return method(batch).all(StepStatement.Thickens.class).stream()
                .map(said -> stop(
                        batch,
                        said,
                        FindingCode.STEP_THICKENS,
                        "A thick liquid heats by slow conduction; the tested times assume a thin broth.",
                        Source.GUIDE_SOUPS,
                        atOpening(batch, said, "Thicken when you open the jar"),
                        leaveOut(batch, said)));
    }

    /** What the list stops by itself need not be said twice. */
    static Stream<Finding> nothingStoppedIsAdded(Examined batch) {
        return method(batch).all(StepStatement.AddsStopped.class).stream()
                .filter(said -> batch.lines().stream()
                        .noneMatch(ruled -> ruled.line().stopped().contains(said.stop())))
                // Of dried beans that are listed their own rule says how they go in.
                .filter(said -> !said.stop().code().equals("dry-beans") || !hasBeans(batch))
                .map(said -> stop(
                        batch,
                        said,
                        FindingCode.STEP_ADDS_STOPPED_FOOD,
                        "%s: %s."
                                .formatted(
                                        Findings.capital(said.stop().group()),
                                        said.stop().why()),
                        Source.GUIDE_SOUPS,
                        atOpening(batch, said, "Add it when you open the jar"),
                        leaveOut(batch, said)));
    }

    static Stream<Finding> beansDoNotGoInDry(Examined batch) {
        Method method = method(batch);
        boolean beans = hasBeans(batch);
        Stream<Finding> dry = method.all(StepStatement.DryBeans.class).stream()
                .filter(said -> beans)
                .map(
                        said -> dryBeans(
                                batch,
                                said,
                                "Dry beans swell by an unknown amount in the jar and heat unevenly; they were tested soaked and boiled."));
        Stream<Finding> soaked = method.all(StepStatement.Soaks.class).stream()
                .filter(said -> beans && isAsTheStepSays(method, QuestionCode.SOAK_SAYS_OTHERWISE, said))
                .map(said -> dryBeans(
                        batch, said, "The tested process soaks 12 to 18 hours, or boils 2 minutes and rests an hour."));
        Stream<Finding> boiled = method.all(StepStatement.BoilsBeans.class).stream()
                .filter(said -> beans && isAsTheStepSays(method, QuestionCode.BOIL_SAYS_OTHERWISE, said))
                .map(said ->
                        dryBeans(batch, said, "The tested process boils soaked beans 30 minutes before they go in."));
        return Stream.of(dry, soaked, boiled).flatMap(found -> found).limit(3);
    }

    private static boolean isAsTheStepSays(Method method, QuestionCode code, StepStatement said) {
        return method.answer(code, said.key())
                .filter(Choice.AS_THE_STEP_SAYS::equals)
                .isPresent();
    }

    private static Finding dryBeans(Examined batch, StepStatement said, String why) {
        return stop(
                batch,
                said,
                FindingCode.STEP_DRY_BEANS,
                why,
                BEANS,
                edit(batch, said, "soak-first", "Soak 12-18 h, or quick-soak; then boil 30 min", SOAKED));
    }

    static boolean hasBeans(Examined batch) {
        return batch.contents().foods().stream().anyMatch(Food::isDriedBeans);
    }

    static Stream<Finding> ventsTenMinutes(Examined batch) {
        return method(batch).all(StepStatement.ShortVent.class).stream()
                .map(said -> stop(
                        batch,
                        said,
                        FindingCode.STEP_SHORT_VENT,
                        "Air left in the canner keeps the steam cooler than its gauge says; every process begins with 10 minutes of venting.",
                        PROCESS,
                        edit(
                                batch,
                                said,
                                "vent-ten-minutes",
                                "Vent 10 minutes before the weight goes on",
                                "Vent the canner 10 minutes before the weight goes on.")));
    }

    static Stream<Finding> coolsByItself(Examined batch) {
        return method(batch).all(StepStatement.ForcedCooling.class).stream()
                .map(said -> stop(
                        batch,
                        said,
                        FindingCode.STEP_FORCED_COOLING,
                        "The time the canner takes to cool is part of the process, and a sudden drop draws liquid out of the jars.",
                        PROCESS,
                        edit(
                                batch,
                                said,
                                "cool-by-itself",
                                "Let the canner cool by itself until the pressure is zero",
                                "Let the canner cool by itself until the pressure is zero.")));
    }

    /** What the page does against the process, where the cook says that it is done so. */
    static Stream<Finding> nothingIsDoneAgainstTheProcess(Examined batch) {
        Method method = method(batch);
        return method.all(StepStatement.Departs.class).stream()
                .filter(said -> isAsTheStepSays(method, QuestionCode.PRACTICE_SAYS_OTHERWISE, said))
                .map(said -> stop(
                        batch,
                        said,
                        FindingCode.STEP_PRACTICE,
                        said.departure().why(),
                        said.departure().source(),
                        leaveOut(batch, said)));
    }

    static Stream<Finding> skinsComeOff(Examined batch) {
        LineTimes times = new LineTimes(batch.reader().catalogue());
        return method(batch).all(StepStatement.Unpeeled.class).stream().flatMap(said -> linesOf(batch, said.foods())
                .filter(index -> batch.line(index).foods().stream()
                        .flatMap(food -> times.rows(food, batch.line(index), batch.contents()))
                        .anyMatch(TestedProcess::peeled))
                .limit(1)
                .map(index -> stop(
                        batch,
                        said,
                        FindingCode.UNPEELED,
                        "Skins carry more spores than the process was tested for.",
                        Source.GUIDE_SOUPS,
                        edit(batch, said, "peel", "Peel, and cut out the eyes", "Peel them and cut out the eyes."))));
    }

    static Stream<Finding> cutsNoLargerThanTested(Examined batch) {
        return method(batch).all(StepStatement.Cuts.class).stream().flatMap(said -> {
            Optional<TestedProcess> row = rowFor(batch, said);
            Optional<Length> most = row.flatMap(TestedProcess::largestPiece);
            boolean over = said.largest().isPresent()
                    && most.isPresent()
                    && said.largest().get().compareTo(most.get()) > 0;
            boolean saidLarger = said.largest().isEmpty()
                    && row.isPresent()
                    && method(batch)
                            .answer(QuestionCode.PIECE_SIZE, said.key())
                            .filter(Choice.LARGER::equals)
                            .isPresent();
            return over || saidLarger
                    ? Stream.of(stop(
                            batch,
                            said,
                            FindingCode.PIECE_TOO_BIG,
                            "The time was tested for %s. A larger piece heats more slowly."
                                    .formatted(row.orElseThrow().form()),
                            row.orElseThrow().source(),
                            edit(
                                    batch,
                                    said,
                                    "cut-smaller",
                                    "Cut it: %s".formatted(row.orElseThrow().form()),
                                    "Cut it small: %s."
                                            .formatted(row.orElseThrow().form()))))
                    : Stream.empty();
        });
    }

    /** The strictest row with a size, of the foods a step cuts; of all foods where it names none. */
    static Optional<TestedProcess> rowFor(Examined batch, StepStatement.Cuts said) {
        LineTimes times = new LineTimes(batch.reader().catalogue());
        return linesOf(batch, said.foods())
                .flatMap(index -> batch.line(index).foods().stream()
                        .filter(food -> said.foods().isEmpty()
                                || said.foods().stream()
                                        .anyMatch(named -> named.foods().contains(food))
                                || food.kind() == org.mobrel.foods.FoodKind.MEAT)
                        .flatMap(food -> times.rows(food, batch.line(index), batch.contents())))
                .filter(row -> row.largestPiece().isPresent())
                .min(java.util.Comparator.comparing(row -> row.largestPiece().orElseThrow()));
    }

    /** Lines that hold one of these foods; all of them where none is named. */
    static Stream<Integer> linesOf(Examined batch, List<Mention> named) {
        Set<Food> foods = new LinkedHashSet<>();
        named.forEach(mention -> foods.addAll(mention.foods()));
        return batch.indexes()
                .boxed()
                .filter(index -> batch.line(index).goesIntoJar())
                .filter(index ->
                        foods.isEmpty() || batch.line(index).foods().stream().anyMatch(foods::contains));
    }

    private static Method method(Examined batch) {
        return batch.batch().method();
    }

    private static Finding stop(
            Examined batch, StepStatement said, FindingCode code, String why, Source source, Remedy... remedies) {
        StepStatement.Quote quote = said.quote();
        return Findings.ofStep(
                code, lineOf(batch, quote), new Finding.Said(quote.step(), quote.words()), why, source, remedies);
    }

    /** The line that is this step, where it stands among the ingredients. */
    static OptionalInt lineOf(Examined batch, StepStatement.Quote quote) {
        Method method = method(batch);
        return method.isLine(quote)
                ? batch.indexes()
                        .filter(index ->
                                batch.line(index).text().equals(method.steps().get(quote.step())))
                        .findFirst()
                : OptionalInt.empty();
    }

    private static Remedy atOpening(Examined batch, StepStatement said, String text) {
        return remedy(batch, said, "finish-at-serving", text, method(batch).atOpening(said.quote()));
    }

    private static Remedy leaveOut(Examined batch, StepStatement said) {
        return remedy(batch, said, "leave-out", "Leave it out", method(batch).without(said.quote()));
    }

    private static Remedy edit(Examined batch, StepStatement said, String code, String text, String instead) {
        return remedy(batch, said, code, text, method(batch).instead(said.quote(), instead));
    }

    private static Remedy remedy(Examined batch, StepStatement said, String code, String text, String step) {
        Edit.Part part = method(batch).isLine(said.quote()) ? Edit.Part.LINE : Edit.Part.STEP;
        Optional<String> to = step.isBlank() ? Optional.empty() : Optional.of(step);
        return new Remedy(code, text, List.of(new Edit(part, to)));
    }
}
