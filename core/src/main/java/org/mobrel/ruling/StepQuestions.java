package org.mobrel.ruling;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Pack;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.method.Method;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.Choice;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.QuestionCode;
import org.mobrel.recipe.State;

/** What the steps say otherwise than it is set, and what they name that no line lists. */
final class StepQuestions {

    /** Shares closer than this are the same; a cook fills by eye. */
    private static final double BY_EYE = 0.05;

    /** An amount stands this near before its food, in words. */
    private static final int A_FEW = 3;

    /** Names for what is already in the pot. */
    private static final Set<String> IN_THE_POT = Set.of(
            "meat",
            "meats",
            "vegetable",
            "vegetables",
            "veg",
            "veggies",
            "greens",
            "bones",
            "poultry",
            "fish",
            "beans",
            "peas");

    private StepQuestions() {}

    static List<RulingQuestion> of(Examined batch) {
        Method method = batch.batch().method();
        if (method.sayings().isEmpty()) {
            return List.of();
        }
        return Stream.of(
                        pack(batch, method),
                        fill(batch, method),
                        soak(batch, method),
                        boil(batch, method),
                        pieces(batch, method),
                        practices(batch, method),
                        unlisted(batch, method),
                        unread(batch, method))
                .flatMap(found -> found)
                .filter(question ->
                        method.answer(question.code(), question.words()).isEmpty())
                .toList();
    }

    /** The pack that the steps say, where it is not the one that is set. */
    static Optional<StepStatement> otherPack(Batch batch) {
        Method method = batch.method();
        Optional<StepStatement.PacksRaw> raw = method.first(StepStatement.PacksRaw.class);
        if (batch.pack() == Pack.HOT) {
            return raw.map(StepStatement.class::cast);
        }
        return raw.isPresent()
                ? Optional.empty()
                : method.first(StepStatement.PacksHot.class).map(StepStatement.class::cast);
    }

    private static Stream<RulingQuestion> pack(Examined batch, Method method) {
        return otherPack(batch.batch()).stream()
                .map(said -> asked(
                        batch,
                        said,
                        QuestionCode.PACK_SAYS_OTHERWISE,
                        said instanceof StepStatement.PacksRaw
                                ? "This step packs the jars raw; the recipe is set to a hot pack. Which is it?"
                                : "This step packs the jars hot; the recipe is set to a raw pack. Which is it?",
                        batch.batch().pack() == Pack.HOT ? "Boiled first, packed hot" : "Packed raw",
                        batch.batch().pack() == Pack.HOT ? "Packed raw" : "Boiled first, packed hot",
                        Edit.of(Edit.Part.PACK, batch.batch().pack() == Pack.HOT ? "raw" : "hot")));
    }

    /** A fuller jar than the one that is set; a mixture's share is what the tables go by. */
    static Optional<StepStatement.Fills> fuller(Batch batch) {
        boolean mixture = JarContents.of(batch).isMixture();
        return batch.method()
                .fills()
                .filter(said ->
                        mixture && said.share().value() > batch.solidsShare().value() + BY_EYE);
    }

    private static Stream<RulingQuestion> fill(Examined batch, Method method) {
        return fuller(batch.batch()).stream()
                .map(said -> asked(
                        batch,
                        said,
                        QuestionCode.FILL_SAYS_OTHERWISE,
                        "This step fills the jars fuller with solids than is set: %s, not %s. Which is it?"
                                .formatted(
                                        share(said.share()), share(batch.batch().solidsShare())),
                        Findings.capital(share(batch.batch().solidsShare())) + " solids, then broth",
                        Findings.capital(share(said.share())) + " solids",
                        Edit.of(
                                Edit.Part.SOLIDS_SHARE,
                                BigDecimal.valueOf(Math.round(said.share().value() * 100), 2)
                                        .toPlainString())));
    }

    /** A share in words: 'half', 'two thirds', '60 %'. */
    static String share(Fraction share) {
        int percent = (int) Math.round(share.value() * 100);
        return switch (percent) {
            case 33 -> "a third";
            case 50 -> "half";
            case 67 -> "two thirds";
            case 75 -> "three quarters";
            case 100 -> "full";
            default -> percent + " %";
        };
    }

    private static Stream<RulingQuestion> soak(Examined batch, Method method) {
        return method.soak().stream()
                .filter(said -> said.soak() == StepStatement.Soak.SHORT && StepRules.hasBeans(batch))
                .map(said -> asked(
                        batch,
                        said,
                        QuestionCode.SOAK_SAYS_OTHERWISE,
                        "The tested process soaks 12 to 18 hours, or boils 2 minutes and rests an hour. How will you soak?",
                        "12 to 18 hours, or the quick way",
                        "As the step says"));
    }

    private static Stream<RulingQuestion> boil(Examined batch, Method method) {
        List<StepStatement.BoilsBeans> all = method.all(StepStatement.BoilsBeans.class);
        if (!StepRules.hasBeans(batch) || all.stream().anyMatch(said -> said.minutes() >= 30)) {
            return Stream.empty();
        }
        return all.stream()
                .limit(1)
                .map(said -> asked(
                        batch,
                        said,
                        QuestionCode.BOIL_SAYS_OTHERWISE,
                        "The tested process boils soaked beans 30 minutes before they go into the jars. How long will you?",
                        "30 minutes",
                        "As the step says"));
    }

    private static Stream<RulingQuestion> pieces(Examined batch, Method method) {
        return method.all(StepStatement.Cuts.class).stream()
                .filter(said -> said.largest().isEmpty() && !isSizedElsewhere(batch, method, said))
                .flatMap(said -> StepRules.rowFor(batch, said).stream().map(row -> pieces(batch, said, row)));
    }

    private static RulingQuestion pieces(Examined batch, StepStatement.Cuts said, TestedProcess row) {
        return question(
                batch,
                said,
                QuestionCode.PIECE_SIZE,
                "How large are the pieces?",
                List.of(
                        new Choice(Choice.UP_TO_TESTED, "As tested: " + row.form()),
                        new Choice(Choice.LARGER, "Larger")));
    }

    /** The page's way is never replaced in silence. */
    private static Stream<RulingQuestion> practices(Examined batch, Method method) {
        return method.all(StepStatement.Departs.class).stream()
                .filter(said -> couldBe(batch, said))
                .map(said -> asked(
                        batch,
                        said,
                        QuestionCode.PRACTICE_SAYS_OTHERWISE,
                        said.departure().why() + " How will you do it?",
                        said.departure().here(),
                        "As the page says"));
    }

    private static boolean couldBe(Examined batch, StepStatement.Departs said) {
        return switch (said.departure()) {
            case SHORT_SOAK, UNBOILED -> StepRules.hasBeans(batch);
            case RAW -> batch.batch().pack() == Pack.HOT;
            // A size that a row speaks of is held against it; a shape that no line sizes is asked about by itself.
            case PIECES ->
                batch.batch().method().all(StepStatement.Cuts.class).stream()
                        .filter(cut -> cut.quote().equals(said.quote()))
                        .noneMatch(cut -> StepRules.rowFor(batch, cut).isPresent()
                                && (cut.largest().isPresent()
                                        || !isSizedElsewhere(
                                                batch, batch.batch().method(), cut)));
            default -> true;
        };
    }

    /** A line or another step that gives the size settles it. */
    private static boolean isSizedElsewhere(Examined batch, Method method, StepStatement.Cuts said) {
        boolean inStep = method.all(StepStatement.Cuts.class).stream()
                .anyMatch(other -> other.largest().isPresent()
                        && (other.foods().isEmpty() || other.foods().stream().anyMatch(said.foods()::contains)));
        List<Integer> lines = StepRules.linesOf(batch, said.foods()).toList();
        boolean inLines = !lines.isEmpty()
                && lines.stream()
                        .map(batch::line)
                        .allMatch(line -> line.largestPiece().isPresent()
                                || line.is(State.CUT)
                                || !line.shapes().isEmpty()
                                || line.foods().stream()
                                        .noneMatch(food -> food.has(org.mobrel.foods.FoodTrait.SIZE_ASKED)));
        return inStep || inLines;
    }

    /** A food that goes into the pot in a step and stands in no line could ask for more time than all that do. */
    private static Stream<RulingQuestion> unlisted(Examined batch, Method method) {
        List<String> seen = new ArrayList<>();
        return method.all(StepStatement.Names.class).stream()
                .filter(said -> isCounted(batch, said) || isUnlisted(batch, said) && couldMatter(batch, said))
                .filter(said -> seen.add(said.food().phrase())
                        && seen.indexOf(said.food().phrase()) == seen.size() - 1)
                .map(said -> question(
                        batch,
                        said,
                        QuestionCode.NOT_UNDERSTOOD,
                        "This step speaks of %s, which no line lists. Does it go into the jar?".formatted(said.words()),
                        List.of(
                                new Choice(Choice.ONLY_A_DESCRIPTION, "No, it is only mentioned"),
                                new Choice(
                                        Choice.LIST_IT,
                                        "Yes, list " + said.food().phrase(),
                                        List.of(Edit.of(
                                                Edit.Part.LINE, said.food().phrase()))))));
    }

    private static Stream<RulingQuestion> unread(Examined batch, Method method) {
        return method.all(StepStatement.Unread.class).stream()
                .filter(said -> !isListed(batch, said))
                .map(said -> {
                    Choice harmless = new Choice(
                            Choice.ONLY_A_DESCRIPTION, "Nothing: the broth stays thin and the pieces as they are");
                    Choice listed = new Choice(
                            Choice.LIST_IT, "It goes into the jar", List.of(Edit.of(Edit.Part.LINE, said.words())));
                    Choice thick = new Choice(Choice.AS_THE_STEP_SAYS, "It makes the soup smooth or thick");
                    return question(
                            batch,
                            said,
                            QuestionCode.NOT_UNDERSTOOD,
                            "What does “%s” do to the soup?".formatted(said.words()),
                            said.until() ? List.of(harmless, thick) : List.of(harmless, listed, thick));
                });
    }

    private static boolean isListed(Examined batch, StepStatement.Unread said) {
        return batch.lines().stream()
                .anyMatch(ruled ->
                        ruled.line().goesIntoJar() && words(ruled.line().text()).containsAll(words(said.words())));
    }

    private static boolean isUnlisted(Examined batch, StepStatement.Names said) {
        Set<Food> listed = batch.lines().stream()
                .flatMap(ruled -> ruled.line().mentions().stream())
                .flatMap(mention -> mention.foods().stream())
                .collect(Collectors.toSet());
        if (said.food().foods().stream().allMatch(listed::contains)
                || IN_THE_POT.contains(said.words().toLowerCase(Locale.ROOT))) {
            return false;
        }
        List<String> words = words(said.words());
        return batch.lines().stream()
                .map(LineRuling::line)
                .filter(line -> !line.mentions().isEmpty())
                .map(line -> words(line.text()))
                .noneMatch(line -> words.stream().anyMatch(line::contains));
    }

    private static List<String> words(String text) {
        return Stream.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> word.length() > 2)
                .map(word -> word.replaceAll("(?:oes|ies|es|s)$", ""))
                .toList();
    }

    /** 'Half a pumpkin goes in next': an amount of its own is more food, whatever its time. */
    private static boolean isCounted(Examined batch, StepStatement.Names said) {
        IngredientLine line = batch.reader().read(said.quote().words());
        return line.amount().isPresent()
                && line.food().filter(said.food().foods()::contains).isPresent()
                && words(line.rest()).stream()
                        .limit(A_FEW)
                        .toList()
                        .containsAll(words(said.food().phrase()))
                && !line.rest().toLowerCase(Locale.ROOT).matches("(?:fill|way|full|of the|the)\\b.*")
                && !IN_THE_POT.contains(said.words().toLowerCase(Locale.ROOT))
                && batch.lines().stream()
                        .flatMap(ruled -> ruled.line().mentions().stream())
                        .noneMatch(
                                mention -> mention.phrase().equals(said.food().phrase()));
    }

    private static boolean couldMatter(Examined batch, StepStatement.Names said) {
        IngredientLine line = batch.reader().read(said.food().phrase());
        if (!line.questions().isEmpty()
                || line.foods().stream()
                        .anyMatch(food -> food.kind() == FoodKind.ROOT || food.isSeafood() || food.isCuredMeat())) {
            return true;
        }
        LineRuling ruled = new LineTimes(batch.reader().catalogue()).of(line, batch.contents());
        for (JarSize size : List.of(JarSize.PINT, JarSize.QUART)) {
            Optional<Minutes> its = ruled.minutesFor(size);
            Optional<Minutes> now =
                    Optional.ofNullable(batch.choices().get(size)).map(ProcessTimeSelector.Chosen::minutes);
            if (its.isPresent() && now.isPresent() && its.get().compareTo(now.get()) > 0) {
                return true;
            }
        }
        return false;
    }

    private static RulingQuestion asked(
            Examined batch,
            StepStatement said,
            QuestionCode code,
            String text,
            String asSet,
            String asSaid,
            Edit... edits) {
        return question(
                batch,
                said,
                code,
                text,
                List.of(new Choice(Choice.AS_SET, asSet), new Choice(Choice.AS_THE_STEP_SAYS, asSaid, List.of(edits))));
    }

    private static RulingQuestion question(
            Examined batch, StepStatement said, QuestionCode code, String text, List<Choice> choices) {
        StepStatement.Quote quote = said.quote();
        OptionalInt line = StepRules.lineOf(batch, quote);
        return new RulingQuestion(
                code,
                line,
                Optional.of(new Finding.Said(quote.step(), quote.words())),
                said.key(),
                text,
                choices.stream().map(RulingQuestion.Option::of).toList());
    }

    /** The batch as the answers to the questions of its steps have it. */
    static Batch settled(Batch asked, JarTable jars) {
        Batch batch = asStrained(asCounted(asked, jars));
        Method method = batch.method();
        if (method.answers().isEmpty()) {
            return batch;
        }
        Batch settled = batch;
        Optional<StepStatement> pack = otherPack(batch);
        if (pack.filter(said -> isAsTheStepSays(method, QuestionCode.PACK_SAYS_OTHERWISE, said))
                .isPresent()) {
            settled = settled.with(batch.pack() == Pack.HOT ? Pack.RAW : Pack.HOT);
        }
        Optional<StepStatement.Fills> fill = fuller(batch);
        if (fill.filter(said -> isAsTheStepSays(method, QuestionCode.FILL_SAYS_OTHERWISE, said))
                .isPresent()) {
            settled = settled.with(fill.orElseThrow().share());
        }
        return settled;
    }

    /** Bones that a step strains out, and of which no step puts anything back, are strained out. */
    private static Batch asStrained(Batch batch) {
        boolean strained = batch.method().strainsAndKeepsNothing();
        return strained
                ? batch.withLines(batch.lines().stream()
                        .map(line -> line.questions().stream()
                                .filter(question -> question.code() == QuestionCode.BONES)
                                .findFirst()
                                .map(question -> line.answered(new Answer(
                                        QuestionCode.BONES,
                                        question.words(),
                                        question.choices().get(0).code())))
                                .orElse(line))
                        .toList())
                : batch;
    }

    /** Cups counted for each jar say how full it is, whatever is set. */
    private static Batch asCounted(Batch batch, JarTable jars) {
        OptionalDouble counted =
                Setting.perJar(batch.lines(), batch.pack(), batch.jars().get(0).size(), jars);
        return counted.isPresent()
                        && counted.getAsDouble() > batch.solidsShare().value() + BY_EYE
                ? batch.with(Fraction.of(Math.min(1, counted.getAsDouble())))
                : batch;
    }

    private static boolean isAsTheStepSays(Method method, QuestionCode code, StepStatement said) {
        return method.answer(code, said.key())
                .filter(Choice.AS_THE_STEP_SAYS::equals)
                .isPresent();
    }
}
