package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Volume;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.Shortage;

/** What a plan answers first: jars, remainder, how sure that is, and the liquid that lacks. */
final class SummaryMapper {

    /** Less than that is not worth a word. */
    private static final double WORTH_CUPS = 0.25;

    private static final double MANY_CUPS = 8;

    /** From here on a forecast is off by whole jars. */
    private static final double A_JAR = 0.75;

    private final KitchenMeasure measure;

    SummaryMapper(KitchenMeasure measure) {
        this.measure = measure;
    }

    DishMessages.SummaryResponse of(Planned dish, Scaled scaled) {
        return new DishMessages.SummaryResponse(
                dish.jars().isEmpty() ? "Not one jar full" : jars(dish.jars()),
                scaled.leftover().cups() < WORTH_CUPS ? null : "about %s more".formatted(about(scaled.leftover())),
                band(scaled),
                liquid(scaled));
    }

    /** '8 quarts and 1 pint': jars of one size are one number, whatever their mouth. */
    static String jars(List<JarCount> jars) {
        Map<JarSize, Integer> sizes = new LinkedHashMap<>();
        jars.forEach(jar -> sizes.merge(jar.size(), jar.count(), Integer::sum));
        List<String> words = new ArrayList<>();
        sizes.forEach((size, count) -> words.add(size.counted(count)));
        return words.size() < 2
                ? String.join("", words)
                : "%s and %s"
                        .formatted(String.join(", ", words.subList(0, words.size() - 1)), words.get(words.size() - 1));
    }

    private String band(Scaled scaled) {
        Volume off = scaled.inPot().times(scaled.pot().error().value());
        Optional<Scaled.JarShare> first = scaled.perJar().stream().findFirst();
        double jars = first.map(jar -> off.dividedBy(jar.fill())).orElse(0.0);
        return first.isPresent() && jars >= A_JAR
                ? "give or take %s".formatted(first.get().jars().size().counted((int) Math.max(1, Math.round(jars))))
                : "give or take %s".formatted(about(off));
    }

    /** Cups up to two quarts; nobody counts forty of them. */
    private String about(Volume volume) {
        return volume.cups() < MANY_CUPS ? measure.about(volume) : measure.volume(volume, true);
    }

    private @Nullable String liquid(Scaled scaled) {
        return lacks(scaled)
                .map(lacks -> lacks.kind().equals("sauce") ? lacks.text() : "%s broth to add".formatted(lacks.amount()))
                .orElse(null);
    }

    /** What the pot lacks of its liquid, by its kind; empty for nothing worth a word. */
    Optional<DishMessages.LacksResponse> lacks(Scaled scaled) {
        return Shortage.of(scaled)
                .filter(lacks -> lacks.lacking().cups() >= WORTH_CUPS)
                .map(lacks -> {
                    String amount = measure.volume(lacks.lacking(), true);
                    if (lacks instanceof Shortage.MoreSauce more) {
                        return new DishMessages.LacksResponse(
                                "sauce",
                                amount,
                                more.times(),
                                "Make %s times the sauce: it is %s short".formatted(times(more.times()), amount));
                    }
                    return new DishMessages.LacksResponse(
                            "broth", amount, null, "Top up with %s stock or boiling water".formatted(amount));
                });
    }

    /** '1½'. */
    private static String times(double quarters) {
        String[] parts = {"", "¼", "½", "¾"};
        long whole = Math.round(Math.floor(quarters));
        return whole + parts[(int) Math.round((quarters - whole) * 4) % 4];
    }
}
