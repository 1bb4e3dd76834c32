package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.Pack;
import org.mobrel.method.Method;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.Choice;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.QuestionCode;
import org.mobrel.recipe.State;

/**
 * What was canned without a ruling, held against the one it should have had. Everything that matters has to be known before it is
 * covered; what the cook cannot say counts as not done.
 *
 * @param covered empty while something that matters is open and nothing known stands against it
 * @param ruling the ruling it should have had, on what is known
 * @param shortfalls what was not as the tables ask; where it is open, what already is
 * @param questions what is open and could change the answer; none where nothing could any more
 */
public record LookBack(
        Optional<Boolean> covered, Ruling ruling, List<ProcessShortfall.Shortfall> shortfalls, List<Asked> questions) {

    public LookBack {
        shortfalls = List.copyOf(shortfalls);
        questions = List.copyOf(questions);
    }

    /** What the cook says of something that may have been done. */
    public enum Told {
        YES,
        NO,
        /** Asked, and not known. */
        UNKNOWN
    }

    /** How full of solids the jars were. */
    public enum Fill {
        HALF(Fraction.HALF),
        TWO_THIRDS(Fraction.of(2.0 / 3)),
        THREE_QUARTERS(Fraction.THREE_QUARTERS),
        FULL(Fraction.of(1)),
        UNKNOWN(Fraction.of(1));

        private final Fraction share;

        Fill(Fraction share) {
            this.share = share;
        }
    }

    /**
     * What was done; what is empty was not asked yet.
     *
     * @param pack hot or raw; empty too where the cook does not know, then {@code packUnknown}
     * @param smallPieces whether no piece was larger than tested
     * @param soaked overnight or the quick way
     * @param boiled the beans, 30 minutes
     * @param vented whether steam blew for ten minutes
     */
    public record Deed(
            Minutes minutes,
            GaugePressure read,
            Optional<Pack> pack,
            boolean packUnknown,
            Optional<Fill> fill,
            Optional<Told> smallPieces,
            Optional<Told> soaked,
            Optional<Told> boiled,
            Optional<Told> vented,
            Optional<Told> unbroken) {}

    /** @param line the line it is about; empty for the batch */
    public record Asked(String code, OptionalInt line, String words, String text, List<Choice> choices) {

        public Asked {
            choices = List.copyOf(choices);
        }
    }

    private static final Choice DO_NOT_KNOW = new Choice("unknown", "I do not know");

    /** @param batch the jars as they were filled, its steps read; pack and share are taken from the deed and the steps */
    public static LookBack of(Rulings rulings, Batch batch, Deed deed) {
        Batch known = asDone(batch);
        Deed told = withSteps(known, deed);
        Batch best = packed(known, told, Pack.HOT, Fill.HALF);
        if (told.pack().isEmpty() && !told.packUnknown() && !isGood(rulings, best)) {
            Batch raw = packed(known, told, Pack.RAW, Fill.HALF);
            best = isGood(rulings, raw) ? raw : best;
        }
        Ruling ruling = rulings.rule(best);
        List<Asked> questions = new ArrayList<>();
        ruling.questions().forEach(question -> questions.add(asked(question)));
        List<ProcessShortfall.Shortfall> shortfalls =
                new ArrayList<>(ProcessShortfall.of(ruling, told.minutes(), told.read()));
        pack(rulings, known, told, best).ifPresent(questions::add);
        fill(rulings, known, told, best).ifPresent(questions::add);
        pieces(best, told, questions, shortfalls);
        beans(best, told, questions, shortfalls);
        process(told, questions, shortfalls);
        boolean not = !shortfalls.isEmpty();
        if (not) {
            return new LookBack(Optional.of(false), ruling, shortfalls, List.of());
        }
        // Packed as it was, nothing that is still open can make it covered.
        boolean byPack = !isGood(rulings, best) && isGood(rulings, best.with(Pack.HOT));
        if (!questions.isEmpty() && !byPack) {
            return new LookBack(Optional.empty(), ruling, List.of(), questions);
        }
        boolean covered = ruling.verdict() == Verdict.COVERED;
        return new LookBack(
                Optional.of(covered),
                ruling,
                covered ? List.of() : ProcessShortfall.outsideTheTables(ruling),
                List.of());
    }

    /** What was done is asked below, so the steps need not ask it again. */
    private static Batch asDone(Batch batch) {
        return batch.with(batch.method()
                .answered(Stream.of(
                                QuestionCode.PACK_SAYS_OTHERWISE,
                                QuestionCode.FILL_SAYS_OTHERWISE,
                                QuestionCode.SOAK_SAYS_OTHERWISE,
                                QuestionCode.BOIL_SAYS_OTHERWISE)
                        .map(code -> new Answer(code, "", Choice.AS_SET))
                        .toList()));
    }

    /** What the cook did not say and the steps do. */
    private static Deed withSteps(Batch batch, Deed deed) {
        Method method = batch.method();
        Optional<Pack> pack = deed.pack()
                .or(() -> deed.packUnknown()
                        ? Optional.empty()
                        : method.first(StepStatement.PacksRaw.class)
                                .map(said -> Pack.RAW)
                                .or(() -> method.first(StepStatement.PacksHot.class)
                                        .map(said -> Pack.HOT)));
        Optional<Fill> fill = deed.fill().or(() -> method.saidShare().map(LookBack::fill));
        Optional<Told> soaked = deed.soaked().or(() -> method.soak().map(said -> switch (said.soak()) {
            case OVERNIGHT, QUICK -> Told.YES;
            case SHORT -> Told.NO;
            case SOME -> Told.UNKNOWN;
        }));
        Optional<Told> boiled = deed.boiled().or(() -> method.all(StepStatement.BoilsBeans.class).stream()
                .map(said -> said.minutes() >= 30 ? Told.YES : Told.NO)
                .findFirst());
        return new Deed(
                deed.minutes(),
                deed.read(),
                pack,
                deed.packUnknown(),
                fill,
                deed.smallPieces(),
                soaked,
                boiled,
                deed.vented(),
                deed.unbroken());
    }

    private static Fill fill(Fraction share) {
        return share.value() <= 0.55
                ? Fill.HALF
                : share.value() <= 0.7 ? Fill.TWO_THIRDS : share.value() <= 0.8 ? Fill.THREE_QUARTERS : Fill.FULL;
    }

    private static Batch packed(Batch batch, Deed deed, Pack pack, Fill fill) {
        Pack its = deed.packUnknown() ? Pack.RAW : deed.pack().orElse(pack);
        return batch.with(its).with(deed.fill().orElse(fill).share);
    }

    private static boolean isGood(Rulings rulings, Batch batch) {
        Ruling ruling = rulings.rule(batch);
        return ruling.verdict() == Verdict.COVERED || ruling.verdict() == Verdict.ASK;
    }

    /** Asked where one way of packing is covered and the other is not, or needs longer. */
    private static Optional<Asked> pack(Rulings rulings, Batch known, Deed deed, Batch best) {
        if (deed.pack().isPresent() || deed.packUnknown()) {
            return Optional.empty();
        }
        Ruling hot = rulings.rule(packed(known, deed, Pack.HOT, Fill.HALF));
        Ruling raw = rulings.rule(packed(known, deed, Pack.RAW, Fill.HALF));
        // While it is open what is in the jar, nobody can say that the pack does not matter.
        boolean same = hot.verdict() == raw.verdict()
                && hot.verdict() != Verdict.ASK
                && hot.timing().map(Timing::minutes).equals(raw.timing().map(Timing::minutes));
        return same
                ? Optional.empty()
                : Optional.of(batch(
                        "pack",
                        "Was it boiled and packed hot, or packed raw?",
                        new Choice("hot", "Packed hot"),
                        new Choice("raw", "Packed raw"),
                        DO_NOT_KNOW));
    }

    private static Optional<Asked> fill(Rulings rulings, Batch known, Deed deed, Batch best) {
        boolean mixture = JarContents.of(best).isMixture();
        if (deed.fill().isPresent() || !mixture) {
            return Optional.empty();
        }
        Ruling full = rulings.rule(best.with(Fill.FULL.share));
        Ruling half = rulings.rule(best);
        boolean same = full.verdict() == half.verdict()
                && full.timing().map(Timing::minutes).equals(half.timing().map(Timing::minutes));
        return same
                ? Optional.empty()
                : Optional.of(batch(
                        "fill",
                        "How full of solids were the jars, before the broth went in?",
                        new Choice("half", "Half"),
                        new Choice("two-thirds", "Two thirds"),
                        new Choice("three-quarters", "Three quarters"),
                        new Choice("full", "Full"),
                        DO_NOT_KNOW));
    }

    private static void pieces(
            Batch batch, Deed deed, List<Asked> questions, List<ProcessShortfall.Shortfall> shortfalls) {
        boolean matters = batch.lines().stream().anyMatch(LookBack::isSizeOpen)
                && batch.method().all(StepStatement.Cuts.class).stream()
                        .noneMatch(said -> said.largest().isPresent());
        if (deed.smallPieces().filter(told -> told != Told.YES).isPresent() && hasSizedFood(batch)) {
            shortfalls.add(new ProcessShortfall.Shortfall(
                    "pieces-too-large",
                    deed.smallPieces().get() == Told.NO
                            ? "The pieces were larger than tested; a larger piece heats more slowly."
                            : "Nobody knows how large the pieces were; a larger piece heats more slowly."));
        } else if (deed.smallPieces().isEmpty() && matters) {
            questions.add(batch(
                    "pieces",
                    "How large were the pieces of meat and vegetables?",
                    new Choice("up-to-1-inch", "An inch or smaller, as tested"),
                    new Choice("larger", "Larger"),
                    DO_NOT_KNOW));
        }
    }

    private static boolean hasSizedFood(Batch batch) {
        return batch.lines().stream()
                .flatMap(line -> line.foods().stream())
                .anyMatch(food -> food.has(FoodTrait.SIZE_ASKED));
    }

    private static boolean isSizeOpen(IngredientLine line) {
        return line.goesIntoJar()
                && line.largestPiece().isEmpty()
                && !line.is(State.CUT)
                && line.answer(QuestionCode.PIECE_SIZE, String.join(", ", line.shapes()))
                        .isEmpty()
                && line.foods().stream().anyMatch(food -> food.has(FoodTrait.SIZE_ASKED));
    }

    private static void beans(
            Batch batch, Deed deed, List<Asked> questions, List<ProcessShortfall.Shortfall> shortfalls) {
        List<IngredientLine> beans = batch.lines().stream()
                .filter(line -> line.foods().stream().anyMatch(food -> food.isDriedBeans()))
                .filter(line -> !line.is(State.CANNED))
                .toList();
        if (beans.isEmpty()) {
            return;
        }
        boolean wordsSoaked = beans.stream().allMatch(line -> line.is(State.SOAKED) || line.is(State.COOKED));
        boolean wordsBoiled = beans.stream().allMatch(line -> line.is(State.COOKED));
        told(
                deed.soaked(),
                wordsSoaked,
                "soaked",
                "Were the beans soaked before?",
                List.of(
                        new Choice("overnight", "Overnight, 12 hours or more"),
                        new Choice("quick", "Boiled 2 minutes, rested an hour"),
                        new Choice("no", "No, or shorter"),
                        DO_NOT_KNOW),
                new ProcessShortfall.Shortfall(
                        "not-soaked",
                        "The beans were not soaked as tested; dry ones swell and heat unevenly in the jar."),
                questions,
                shortfalls);
        told(
                deed.boiled(),
                wordsBoiled,
                "boiled",
                "Were the soaked beans boiled 30 minutes before they went into the jars?",
                List.of(new Choice("yes", "Yes"), new Choice("no", "No, or shorter"), DO_NOT_KNOW),
                new ProcessShortfall.Shortfall(
                        "not-boiled",
                        "The beans were not boiled 30 minutes before they went into the jars, as tested."),
                questions,
                shortfalls);
    }

    private static void process(Deed deed, List<Asked> questions, List<ProcessShortfall.Shortfall> shortfalls) {
        told(
                deed.vented(),
                false,
                "vented",
                "Did steam blow steadily for ten minutes before the weight went on?",
                List.of(new Choice("yes", "Ten minutes"), new Choice("no", "Less, or not"), DO_NOT_KNOW),
                new ProcessShortfall.Shortfall(
                        "not-vented",
                        "Without ten minutes of venting, air keeps the steam cooler than the gauge says."),
                questions,
                shortfalls);
        told(
                deed.unbroken(),
                false,
                "unbroken",
                "Did the pressure stay at or above that for the whole time?",
                List.of(new Choice("yes", "It never fell below"), new Choice("no", "It fell below"), DO_NOT_KNOW),
                new ProcessShortfall.Shortfall(
                        "pressure-lost", "The pressure fell below the mark; then the whole time has to start again."),
                questions,
                shortfalls);
    }

    /** What the cook said counts before what the lines say; not to know is not to have done. */
    private static void told(
            Optional<Told> said,
            boolean byTheWords,
            String code,
            String text,
            List<Choice> choices,
            ProcessShortfall.Shortfall otherwise,
            List<Asked> questions,
            List<ProcessShortfall.Shortfall> shortfalls) {
        if (said.isPresent()) {
            if (said.get() != Told.YES) {
                shortfalls.add(otherwise);
            }
        } else if (!byTheWords) {
            questions.add(new Asked(code, OptionalInt.empty(), "", text, choices));
        }
    }

    private static Asked batch(String code, String text, Choice... choices) {
        return new Asked(code, OptionalInt.empty(), "", text, List.of(choices));
    }

    private static Asked asked(RulingQuestion question) {
        return new Asked(
                question.code().code(),
                question.line(),
                question.words(),
                question.text(),
                question.choices().stream().map(RulingQuestion.Option::choice).toList());
    }
}
