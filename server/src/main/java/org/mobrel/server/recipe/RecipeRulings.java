package org.mobrel.server.recipe;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.Gauge;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Severity;
import org.mobrel.freezer.FreezerRoute;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.method.RequiredSteps;
import org.mobrel.method.StatedProcess;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Altitude;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.review.RecipeReview;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Setting;
import org.mobrel.ruling.StatedRemark;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.ruling.Variant;
import org.mobrel.ruling.Verdict;
import org.mobrel.server.catalogue.RowComparisons;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.ruling.RulingService;
import org.springframework.stereotype.Component;

/** What a recipe gets in this kitchen, before jars are counted: in quarts, or in pints where quarts are not allowed. */
@Component
class RecipeRulings {

    /** More recipes than a kitchen has, and less than would be felt. */
    private static final int MOST_KNOWN = 5_000;

    private final RulingService rulings;
    private final KitchenService kitchens;
    private final RequiredSteps steps;
    private final JarTable jars;
    private final RowComparisons comparisons;
    private volatile @Nullable Known known;

    RecipeRulings(
            RulingService rulings,
            KitchenService kitchens,
            RequiredSteps steps,
            JarTable jars,
            RowComparisons comparisons) {
        this.jars = jars;
        this.comparisons = comparisons;
        this.rulings = rulings;
        this.kitchens = kitchens;
        this.steps = steps;
    }

    /**
     * What rulings of recipes depend on besides the recipe.
     *
     * @param reader how this kitchen reads words
     * @param suspended rows that nothing goes by
     */
    private record Basis(
            Optional<Altitude> altitude, TimingPolicy school, Gauge gauge, LineReader reader, Set<String> suspended) {}

    /** Rulings on one basis; the whole book is ruled on once and not at every look at it. */
    private record Known(Basis basis, Map<RecipeDraft, Ruling> rulings) {}

    /** The ruling on base and variants together. */
    Ruling usual(RecipeDraft recipe) {
        return usual().apply(recipe);
    }

    /** The same for many: kitchen, words and rows are looked up once for all of them. */
    Function<RecipeDraft, Ruling> usual() {
        Kitchen kitchen = kitchens.kitchen();
        Basis basis = new Basis(
                kitchen.altitude(), kitchen.school(), gauge(kitchen), rulings.reader(), comparisons.suspended());
        Known now = known;
        if (now == null || !now.basis().equals(basis)) {
            now = new Known(basis, new ConcurrentHashMap<>());
            known = now;
        }
        Map<RecipeDraft, Ruling> onThis = now.rulings();
        if (onThis.size() > MOST_KNOWN) {
            onThis.clear();
        }
        return recipe -> onThis.computeIfAbsent(recipe, its -> ruled(its, kitchen));
    }

    private Ruling ruled(RecipeDraft recipe, Kitchen kitchen) {
        List<Variant> variants = variants(recipe);
        Ruling inQuarts = rulings.rule(batch(recipe, JarSize.QUART, kitchen), variants);
        boolean onlyTheSize = inQuarts.findings().stream()
                .filter(Finding::isStop)
                .allMatch(finding -> finding.code().equals("no-time-for-size"));
        return inQuarts.verdict() == Verdict.STOP && onlyTheSize
                ? rulings.rule(batch(recipe, JarSize.PINT, kitchen), variants)
                : inQuarts;
    }

    /** What departs from the tables and may be taken on by name, as it is shown. */
    List<String> departs(RecipeDraft recipe) {
        return usual(recipe).findings().stream()
                .filter(finding -> finding.severity() == Severity.OWN_JUDGEMENT)
                .map(Finding::text)
                .distinct()
                .toList();
    }

    private List<Variant> variants(RecipeDraft recipe) {
        return recipe.variants().stream()
                .map(variant -> rulings.variant(variant.name(), variant.lines(), recipe.answers()))
                .toList();
    }

    private static Gauge gauge(Kitchen kitchen) {
        return kitchen.canners().stream()
                .map(canner -> canner.profile().gauge())
                .filter(known -> !known.isTooFarOff())
                .findFirst()
                .orElseGet(Gauge::weighted);
    }

    private Batch batch(RecipeDraft recipe, JarSize size, Kitchen kitchen) {
        // Time does not depend on altitude or gauge; a kitchen that is not set up yet still gets its minutes.
        Gauge gauge = gauge(kitchen);
        List<IngredientLine> lines = rulings.read(recipe.lines(), recipe.answers());
        return new Batch(
                lines,
                recipe.pack(),
                recipe.solidsShare(),
                List.of(new JarCount(size, Mouth.REGULAR, 1)),
                kitchen.altitude().orElseGet(() -> Altitude.ofFeet(0)),
                gauge,
                kitchen.school(),
                rulings.method(recipe.method(), lines, recipe.answers()));
    }

    /** Everything there is to say of a draft as it stands on the page. */
    DraftMessages.DraftResponse look(RecipeDraft recipe, JarSize size) {
        Batch batch = batch(recipe, size, kitchens.kitchen());
        Ruling ruling = rulings.rule(batch);
        return new DraftMessages.DraftResponse(
                rulings.answer(batch),
                variants(recipe).stream()
                        .map(variant -> {
                            Ruling its = rulings.rule(variant.of(batch));
                            return DraftMessages.VariantResponse.of(variant.name(), its, rulings.answer(its), ruling);
                        })
                        .toList(),
                RecipeReview.of(batch.lines(), rulings.reader(), new HashSet<>(recipe.settled())).stream()
                        .map(DraftMessages.QuestionResponse::of)
                        .toList(),
                steps.of(batch.lines(), batch.pack(), batch.solidsShare(), batch.method()).stream()
                        .map(DraftMessages.StepResponse::of)
                        .toList(),
                ruling.verdict() == Verdict.STOP
                        ? DraftMessages.FreezerResponse.of(FreezerRoute.of(batch, rulings.rulings(), rulings.reader()))
                        : null,
                StatedRemark.of(stated(recipe, batch.method()), batch, ruling).stream()
                        .map(remark -> new DraftMessages.StatedRemarkResponse(
                                remark.code(),
                                remark.text(),
                                remark.step().isPresent() ? remark.step().getAsInt() : null))
                        .toList(),
                said(batch, size),
                batch.method().openingNotes());
    }

    /** What it states in its steps, and in remarks kept among them. */
    private static List<StatedRemark.Stated> stated(RecipeDraft recipe, Method method) {
        List<StatedRemark.Stated> all = new ArrayList<>();
        recipe.method().stream()
                .filter(step -> step.startsWith("Note:"))
                .flatMap(note -> StatedProcess.in(note.substring("Note:".length())).stream())
                .forEach(process -> all.add(StatedRemark.Stated.outsideOfSteps(process)));
        method.all(StepStatement.States.class)
                .forEach(said -> all.add(new StatedRemark.Stated(
                        said.process(), Optional.of(said.quote().step()))));
        return all;
    }

    private DraftMessages.SaidResponse said(Batch batch, JarSize size) {
        Setting said = Setting.of(
                batch.lines(),
                batch.method(),
                Optional.empty(),
                Optional.empty(),
                size,
                rulings.reader().catalogue(),
                jars);
        return new DraftMessages.SaidResponse(
                said.pack().code(),
                said.packFrom().code(),
                said.share().value(),
                said.shareFrom().code());
    }
}
