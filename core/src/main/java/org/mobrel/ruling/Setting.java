package org.mobrel.ruling;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/**
 * How a recipe is packed and how full its jars are, as far as its own words say so. What they say beyond the tables is not set but asked.
 *
 * @param packFrom what set the pack
 * @param shareFrom what set the share
 */
public record Setting(Pack pack, Fraction share, From packFrom, From shareFrom) {

    private static final Pattern JAR =
            Pattern.compile("\\b(half[- ]pint|pint|quart)s?\\b(?! (?:of|stock|broth|water))");

    /** Where a setting comes from. */
    public enum From {
        DEFAULT("default"),
        /** The cups for each jar add up. */
        AMOUNTS("amounts"),
        STEPS("steps"),
        REQUEST("request");

        private final String code;

        From(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /**
     * @param pack what the cook set; empty: what the recipe says, or hot
     * @param share likewise; or half
     * @param jar the jars of the batch, where an amount is 'for each jar' and names no size
     */
    public static Setting of(
            List<IngredientLine> lines,
            Method method,
            Optional<Pack> pack,
            Optional<Fraction> share,
            JarSize jar,
            Catalogue catalogue,
            JarTable jars) {
        JarContents contents = JarContents.of(lines, Pack.HOT, Fraction.HALF);
        boolean saidRaw = method.first(StepStatement.PacksRaw.class).isPresent();
        boolean plain =
                !contents.isMixture() || contents.solids().stream().allMatch(food -> food.kind() == FoodKind.MEAT);
        boolean plainRaw = saidRaw && plain && hasRawRow(contents, catalogue);
        boolean saidHot = !saidRaw && method.first(StepStatement.PacksHot.class).isPresent();
        Pack set = pack.orElse(plainRaw ? Pack.RAW : Pack.HOT);
        OptionalDouble amounts = perJar(lines, set, jar, jars);
        // Plain raw meat is packed to the top and makes its own juice (source: the rows' own directions).
        Optional<Fraction> said = plainRaw
                ? Optional.of(Fraction.of(1))
                : method.saidShare().filter(one -> !one.isMoreThan(Fraction.THREE_QUARTERS) || !contents.isMixture());
        Optional<Fraction> counted = amounts.isPresent()
                ? Optional.of(Fraction.of(Math.max(0.1, Math.min(1, amounts.getAsDouble()))))
                : Optional.empty();
        From packFrom = pack.isPresent() ? From.REQUEST : plainRaw || saidHot ? From.STEPS : From.DEFAULT;
        From shareFrom = share.isPresent()
                ? From.REQUEST
                : said.isPresent() ? From.STEPS : counted.isPresent() ? From.AMOUNTS : From.DEFAULT;
        Fraction usual = isPlainBeans(contents) ? Fraction.THREE_QUARTERS : Fraction.HALF;
        return new Setting(set, share.or(() -> said).or(() -> counted).orElse(usual), packFrom, shareFrom);
    }

    /** What set either of them, the share before the pack. */
    public From from() {
        return shareFrom == From.DEFAULT ? packFrom : shareFrom;
    }

    /** Beans alone, in water or in a sauce, go up to three quarters of the jar (source: the rows' own directions). */
    private static boolean isPlainBeans(JarContents contents) {
        return !contents.solids().isEmpty() && contents.solids().stream().allMatch(Food::isDriedBeans);
    }

    private static boolean hasRawRow(JarContents contents, Catalogue catalogue) {
        return !contents.solids().isEmpty()
                && contents.solids().stream()
                        .map(Food::processRow)
                        .allMatch(row -> row.isPresent()
                                && catalogue.row(row.get(), Pack.RAW).isPresent());
    }

    /** The share of a jar that the solids counted for each jar fill; empty where none is counted so. */
    public static OptionalDouble perJar(List<IngredientLine> lines, Pack pack, JarSize jar, JarTable jars) {
        double share = 0;
        boolean any = false;
        for (IngredientLine line : lines) {
            boolean solid = line.foods().stream().anyMatch(food -> food.kind().isSolid());
            Optional<Portion> portion = line.isPerJar() && solid ? Portions.of(line, pack) : Optional.empty();
            Optional<Volume> fill = jars.fill(sizeOf(line).orElse(jar), Mouth.REGULAR, Headspace.ONE_INCH);
            if (portion.isPresent() && fill.isPresent()) {
                any = true;
                share += portion.get().bulk().dividedBy(fill.get());
            }
        }
        return any ? OptionalDouble.of(share) : OptionalDouble.empty();
    }

    /**
     * How full of solids the jars really are: as the amounts for each jar add up, full where plain raw meat goes in without a liquid, and
     * else as it is set.
     */
    public static Fraction share(List<IngredientLine> lines, Pack pack, Fraction set, JarSize jar, JarTable jars) {
        OptionalDouble counted = perJar(lines, pack, jar, jars);
        if (counted.isPresent()) {
            return Fraction.of(Math.max(0.1, Math.min(1, counted.getAsDouble())));
        }
        List<Food> foods = lines.stream()
                .flatMap(line -> line.foods().stream())
                .filter(food -> food.kind().isSolid() || food.kind() == FoodKind.LIQUID)
                .toList();
        boolean plainRawMeat =
                pack == Pack.RAW && !foods.isEmpty() && foods.stream().allMatch(Food::isMeatInPieces);
        return plainRawMeat ? Fraction.of(1) : set;
    }

    /** 'Per quart' names its jar; 'in each jar' does not. */
    public static Optional<JarSize> sizeOf(IngredientLine line) {
        Matcher jar = JAR.matcher(line.rest().toLowerCase(Locale.ROOT));
        Optional<JarSize> last = Optional.empty();
        while (jar.find()) {
            last = JarSize.ofCode(jar.group(1).replace(' ', '-'));
        }
        return last;
    }
}
