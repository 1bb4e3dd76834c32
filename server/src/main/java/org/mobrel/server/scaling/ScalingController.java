package org.mobrel.server.scaling;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarTable;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.Setting;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.Scaling;
import org.mobrel.scaling.Units;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.ruling.RulingService;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ScalingController {

    private final LineReader plain;
    private final Rulings rulings;
    private final JarTable jars;
    private final Scaling scaling;

    ScalingController(LineReader plain, Rulings rulings, JarTable jars) {
        this.plain = plain;
        this.rulings = rulings;
        this.jars = jars;
        this.scaling = new Scaling(jars);
    }

    @PostMapping("/api/scaling")
    ScalingResponse scale(@Valid @RequestBody ScalingRequest request) {
        List<IngredientLine> lines = plain.readAll(request.lines());
        Pack pack = RulingService.pack(request.pack());
        Fraction share = request.solidsShare() != null
                ? Fraction.of(request.solidsShare())
                : Setting.share(
                        lines, pack, Fraction.HALF, kinds(request.jars()).get(0).size(), jars);
        Headspace headspace = rulings.headspace(lines, pack, share);
        Pot pot = Pot.of(lines, pack, share);
        if (pot.isEmpty()) {
            throw new InvalidField(
                    "lines", "no line has an amount to count from; give at least one, such as \"2 lb carrots\"");
        }
        Volume keepBack =
                request.keepBack() == null ? Volume.ZERO : request.keepBack().volume("keepBack", Household.USUAL);
        KitchenMeasure measure = new KitchenMeasure(units(request.units()));
        if (request.use() == null) {
            Scaled scaled = scaling.toJars(pot, headspace, targets(request.jars()), keepBack)
                    .orElseThrow(() -> new InvalidField("jars", "these jars cannot be filled"));
            return answer(scaled, headspace, OptionalInt.empty(), measure);
        }
        InHand.Reach reach = reach(request.use(), pot);
        Scaled scaled = filled(pot, headspace, reach.factor(), kinds(request.jars()), keepBack);
        return answer(scaled, headspace, OptionalInt.of(reach.limitedBy()), measure);
    }

    private Scaled filled(Pot pot, Headspace headspace, double factor, List<JarKind> kinds, Volume keepBack) {
        if (pot.makes().times(factor).compareTo(keepBack) < 0) {
            throw new InvalidField(
                    "keepBack.value",
                    String.format(
                            Locale.ROOT,
                            "the pot makes %.1f L in all",
                            pot.makes().millilitres() * factor / 1_000));
        }
        try {
            return scaling.toFill(pot, headspace, factor, kinds, keepBack, all -> true)
                    .orElseThrow();
        } catch (IllegalArgumentException tooMuch) {
            throw new InvalidField("use", "that makes more than %s jars of one size".formatted(JarCount.MOST));
        }
    }

    private static Units units(@Nullable String code) {
        return code == null
                ? Units.US
                : Units.ofCode(code)
                        .orElseThrow(() -> new InvalidField("units", "\"" + code + "\" is not us or metric"));
    }

    private List<JarCount> targets(List<ScalingRequest.JarWanted> wanted) {
        return IntStream.range(0, wanted.size())
                .mapToObj(index -> {
                    Integer count = wanted.get(index).count();
                    if (count == null || count < 1 || count > JarCount.MOST) {
                        throw new InvalidField(
                                "jars[%s].count".formatted(index),
                                count == null ? "how many?" : "between 1 and " + JarCount.MOST);
                    }
                    return kind(wanted.get(index), index).times(count);
                })
                .toList();
    }

    private List<JarKind> kinds(List<ScalingRequest.JarWanted> wanted) {
        return IntStream.range(0, wanted.size())
                .mapToObj(index -> kind(wanted.get(index), index))
                .distinct()
                .toList();
    }

    private JarKind kind(ScalingRequest.JarWanted jar, int index) {
        String field = "jars[%s]".formatted(index);
        JarKind kind = new JarRequest(jar.size(), jar.mouth(), 1).toCore(field).kind();
        if (!jars.kinds().contains(kind)) {
            throw new InvalidField(
                    field + ".size",
                    "no %s with a %s mouth can be filled here"
                            .formatted(kind.size().label(), kind.mouth().code()));
        }
        return kind;
    }

    /** Without an amount it is the recipe as it stands, whether its lines can be weighed or not. */
    private static InHand.Reach reach(ScalingRequest.UseUp use, Pot pot) {
        boolean asItStands = use.amount() == null
                && Objects.requireNonNullElse(use.also(), List.of()).isEmpty();
        if (asItStands) {
            lineOf(use, "use", pot);
            return new InHand.Reach(1, use.line(), List.of());
        }
        return InHand.together(pot, hands(use, pot));
    }

    private static List<InHand> hands(ScalingRequest.UseUp use, Pot pot) {
        List<InHand> hands = new ArrayList<>();
        hands.add(hand(use, "use", pot));
        List<ScalingRequest.UseUp> also = Objects.requireNonNullElse(use.also(), List.of());
        for (int index = 0; index < also.size(); index++) {
            hands.add(hand(also.get(index), "use.also[%s]".formatted(index), pot));
        }
        return hands;
    }

    private static InHand hand(ScalingRequest.UseUp use, String field, Pot pot) {
        if (use.line() < 0 || use.line() >= pot.lines().size()) {
            throw new InvalidField(
                    field + ".line", "there are lines 0 to " + (pot.lines().size() - 1));
        }
        IngredientLine line = pot.lines().get(use.line());
        if (line.amount().isEmpty()) {
            throw new InvalidField(field + ".line", "\"" + line.text() + "\" says no amount");
        }
        InHand hand = new InHand(
                use.line(),
                use.amount() == null
                        ? line.amount().orElseThrow()
                        : use.amount().amount(field + ".amount"),
                Boolean.TRUE.equals(use.asBought()));
        if (hand.factor(pot).isEmpty()) {
            throw new InvalidField(
                    field + ".line", "\"" + line.text() + "\" cannot be weighed, so it cannot be used up");
        }
        return hand;
    }

    private static IngredientLine lineOf(ScalingRequest.UseUp use, String field, Pot pot) {
        if (use.line() < 0 || use.line() >= pot.lines().size()) {
            throw new InvalidField(
                    field + ".line", "there are lines 0 to " + (pot.lines().size() - 1));
        }
        IngredientLine line = pot.lines().get(use.line());
        if (line.amount().isEmpty()) {
            throw new InvalidField(field + ".line", "\"" + line.text() + "\" says no amount");
        }
        return line;
    }

    private static ScalingResponse answer(
            Scaled scaled, Headspace headspace, OptionalInt limitedBy, KitchenMeasure measure) {
        return new ScalingResponse(
                scaled.factor(),
                scaled.jars().stream().map(JarRequest::of).toList(),
                IntStream.range(0, scaled.pot().lines().size())
                        .mapToObj(index -> line(index, scaled, measure))
                        .toList(),
                scaled.fill().millilitres(),
                scaled.solidsBulk().millilitres(),
                scaled.brothNeeded().millilitres(),
                scaled.brothInRecipe().millilitres(),
                scaled.brothNeeded().millilitres() - scaled.brothInRecipe().millilitres(),
                scaled.kettle().millilitres(),
                scaled.perJar().stream().map(ScalingController::part).toList(),
                scaled.keptBack().millilitres(),
                scaled.keptBackBroth().millilitres(),
                scaled.leftover().millilitres(),
                limitedBy.isPresent() ? limitedBy.getAsInt() : null,
                scaled.pot().yield().error().value(),
                headspace.inches().doubleValue(),
                scaled.pot().unmeasured());
    }

    private static ScalingResponse.LineShare line(int index, Scaled scaled, KitchenMeasure measure) {
        IngredientLine line = scaled.pot().lines().get(index);
        Optional<Portion> portion = scaled.portion(index);
        return new ScalingResponse.LineShare(
                index,
                portion.map(part -> part.raw().grams()).orElse(null),
                portion.flatMap(part -> Portions.asBought(line, part.raw()))
                        .map(Mass::grams)
                        .orElse(null),
                portion.map(part -> part.inJar().grams()).orElse(null),
                portion.map(part -> part.bulk().millilitres()).orElse(null),
                portion.map(part -> part.solid().millilitres()).orElse(null),
                portion.map(part -> part.broth().millilitres()).orElse(null),
                measure.of(line, scaled.factor()).orElse(null));
    }

    private static ScalingResponse.JarPart part(Scaled.JarShare jar) {
        return new ScalingResponse.JarPart(
                jar.jars().size().code(),
                jar.jars().mouth().code(),
                jar.fill().millilitres(),
                jar.solids().millilitres(),
                jar.solidsMass().grams(),
                jar.broth().millilitres());
    }
}
