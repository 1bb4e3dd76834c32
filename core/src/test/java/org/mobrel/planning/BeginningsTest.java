package org.mobrel.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.PotMeasure;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.Shortage;
import org.mobrel.scaling.SoakedLot;
import org.mobrel.scaling.YieldCorrection;

/** A recipe as written, so many jars, what is in hand, the pot as it stands, so many times the recipe: five ways into one model. */
class BeginningsTest {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final LineReader READER = new LineReader(CATALOGUE);
    private static final JarTable JARS = JarTable.load();
    private static final Map<Character, JarKind> KINDS = Map.of(
            'q', new JarKind(JarSize.QUART, Mouth.REGULAR),
            'w', new JarKind(JarSize.QUART, Mouth.WIDE),
            'p', new JarKind(JarSize.PINT, Mouth.REGULAR),
            'h', new JarKind(JarSize.HALF_PINT, Mouth.REGULAR));
    private static final DishPlanner PLANNER = new DishPlanner(
            new Rulings(CATALOGUE, PressureTable.load(), JARS),
            JARS,
            Altitude.ofFeet(900),
            new CannerProfile(
                    "Canner",
                    new Gauge(GaugeKind.WEIGHTED, GaugeError.NONE),
                    Capacity.of(7, 9, 2),
                    Optional.empty(),
                    Optional.empty(),
                    ""),
            TimingPolicy.LONGEST_INGREDIENT);
    private static final Pattern KEEP = Pattern.compile(" keep (.+ qt)$");
    private static final Pattern USE = Pattern.compile("use (\\d) (.+?)( bought)?");
    private static final Pattern POT = Pattern.compile("pot (.+?)(?: less (.+?))?(?: solids (.+))?");

    private static JarKind kind(char letter) {
        return Optional.ofNullable(KINDS.get(letter)).orElseThrow();
    }

    private static List<JarCount> jars(String words) {
        return words.equals("none")
                ? List.of()
                : Stream.of(words.split(" "))
                        .map(jar -> kind(jar.charAt(jar.length() - 1))
                                .times(Integer.parseInt(jar.substring(0, jar.length() - 1))))
                        .toList();
    }

    private static Amount amount(String words) {
        return Amount.read(words).orElseThrow();
    }

    private static DishOutcome plan(String lines, String pack, double share, String steps, String begin, String kinds) {
        List<IngredientLine> read =
                Arrays.stream(lines.split("; ")).map(READER::read).toList();
        Matcher keep = KEEP.matcher(begin);
        Volume kept = keep.find() ? amount(keep.group(1)).volume().orElseThrow() : Volume.ZERO;
        return PLANNER.plan(new WantedDish(
                "a",
                "Dish",
                read,
                Pack.ofCode(pack).orElseThrow(),
                Fraction.of(share),
                Method.of(steps.isEmpty() ? List.of() : List.of(steps), read, READER),
                List.of(),
                YieldCorrection.NONE,
                amount(begin.replaceFirst(" keep .*", ""), kinds),
                kept,
                Map.of()));
    }

    private static WantedDish.HowMuch amount(String begin, String kinds) {
        List<JarKind> ready =
                Stream.of(kinds.split(" ")).map(kind -> kind(kind.charAt(0))).toList();
        boolean oneLoad = begin.endsWith(" one-load");
        Map<JarKind, Integer> onHand = new HashMap<>();
        String[] parts = begin.replace(" one-load", "").split(" hand ");
        if (parts.length > 1) {
            jars(parts[1]).forEach(jar -> onHand.put(jar.kind(), jar.count()));
        }
        WantedDish.Ready filled = new WantedDish.Ready(ready, oneLoad, onHand);
        String said = parts[0];
        if (said.startsWith("jars ")) {
            return new WantedDish.SoManyJars(ready, jars(said.substring(5)));
        }
        if (said.startsWith("times ")) {
            return new WantedDish.TimesRecipe(filled, Double.parseDouble(said.substring(6)));
        }
        Matcher use = USE.matcher(said);
        if (use.matches()) {
            return new WantedDish.UseUp(
                    filled,
                    List.of(new InHand(Integer.parseInt(use.group(1)), amount(use.group(2)), use.group(3) != null)));
        }
        Matcher pot = POT.matcher(said);
        assertThat(pot.matches()).as(said).isTrue();
        Amount on = amount(pot.group(1));
        PotMeasure measure = on.volume()
                .<PotMeasure>map(PotMeasure.Measured::new)
                .orElseGet(() -> new PotMeasure.Weighed(
                        on.mass().orElseThrow(),
                        pot.group(2) == null
                                ? Mass.ZERO
                                : amount(pot.group(2)).mass().orElseThrow()));
        return new WantedDish.PotAsItIs(
                filled,
                Optional.of(measure),
                Optional.ofNullable(pot.group(3)).map(share -> Fraction.of(Double.parseDouble(share))));
    }

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(
            resources = "beginnings.csv",
            delimiter = '|',
            emptyValue = "",
            nullValues = "none at all",
            numLinesToSkip = 3)
    void answers_jars_remainder_and_broth(
            String name,
            String lines,
            String pack,
            double share,
            String steps,
            String begin,
            String kinds,
            String jars,
            double left,
            double broth,
            double lacks,
            double factor) {
        PlannedDish dish = (PlannedDish) plan(lines, pack, share, steps, begin, kinds);
        assertThat(dish.jars()).containsExactlyElementsOf(jars(jars));
        Scaled scaled = dish.scaled().orElseThrow();
        assertThat(scaled.leftover().millilitres()).isCloseTo(left, within(2.0));
        assertThat(scaled.brothNeeded().millilitres()).isCloseTo(broth, within(2.0));
        assertThat(scaled.topUp().millilitres()).isCloseTo(lacks, within(3.0));
        assertThat(scaled.factor()).isCloseTo(factor, within(0.001));
    }

    private static Scaled scaled(String lines, double share, String begin, String kinds) {
        return ((PlannedDish) plan(lines, "hot", share, "", begin, kinds))
                .scaled()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            7 quarts of beef stock                                          | times 1            | 0.03 | 0
            beef stock from 4 carcasses                                     | times 1            | 0.3  | 0
            6 lb beef bones, strained out; 8 qt water                       | times 1            | 0.1  | 0
            3 lb carrots, sliced; 3 qt beef stock                           | times 1            | 0.15 | 1
            3 lb carrots, sliced; 3 qt beef stock                           | pot 8 qt solids .4 | 0.05 | 0
            """)
    void says_how_far_off_it_may_be_and_whether_a_kettle_is_wanted(
            String lines, String begin, double error, int kettle) {
        Scaled scaled = scaled(lines, 0.5, begin, "q");
        assertThat(scaled.pot().error()).isEqualTo(Fraction.of(error));
        assertThat(scaled.kettle().isZero()).isEqualTo(kettle == 0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            5 lb dried navy beans, soaked; 1 1/2 qt water; 1 cup molasses   | 3.5
            5 lb dried navy beans, soaked; 3 qt tomato juice                | 1.75
            5 lb dried navy beans, soaked; 6 qt tomato juice                | none
            5 lb dried navy beans, soaked; 1 qt water                       | top-up
            3 lb carrots, sliced; 1 qt beef stock; 1 cup red wine           | top-up
            """)
    void what_lacks_is_named_by_its_kind(String lines, String says) {
        Optional<Shortage> lacks = Shortage.of(scaled(lines, 0.75, "times 1", "q"));
        if (says.equals("none")) {
            assertThat(lacks).isEmpty();
        } else if (says.equals("top-up")) {
            assertThat(lacks.orElseThrow()).isInstanceOf(Shortage.TopUp.class);
        } else {
            assertThat(lacks.orElseThrow())
                    .isInstanceOfSatisfying(Shortage.MoreSauce.class, more -> assertThat(more.times())
                            .isEqualTo(Double.parseDouble(says)));
        }
    }

    @Test
    void what_jars_are_counted_from_is_not_ruled_on() {
        PlannedDish beans = (PlannedDish) plan("kidney beans, soaked; boiling water", "hot", 0.75, "", "jars 16p", "p");
        assertThat(beans.lines().get(0).amount()).isPresent();
        assertThat(beans.batch().lines().get(0).amount()).isEmpty();
    }

    @Test
    void a_soaked_lot_on_the_scale_is_divided_by_the_jars() {
        Scaled pints = scaled("kidney beans, soaked; boiling water", 0.75, "jars 16p", "p");
        SoakedLot lot = SoakedLot.of(Mass.ofGrams(14.375 * 453.59237), pints);
        assertThat(lot.perJar())
                .singleElement()
                .satisfies(each -> assertThat(each.each().ounces()).isCloseTo(14.375, within(0.01)));
        SoakedLot mixed = SoakedLot.of(
                Mass.ofGrams(6_000), scaled("kidney beans, soaked; boiling water", 0.75, "jars 4q 7p", "q p"));
        assertThat(mixed.perJar().stream()
                        .mapToDouble(each -> each.each().grams() * each.jars().count())
                        .sum())
                .isCloseTo(6_000, within(0.1));
    }

    @ParameterizedTest
    @CsvSource({"pot 4 lb less 5 lb, EMPTY_POT", "times 1 keep 20 qt, KEEPS_BACK_TOO_MUCH", "times 900, TOO_MANY_JARS"})
    void what_cannot_be_meant_is_said(String begin, DishOutcome.Code code) {
        assertThat(plan("3 lb carrots, sliced; 3 qt beef stock", "hot", 0.5, "", begin, "q"))
                .isInstanceOfSatisfying(DishOutcome.Problem.class, wrong -> assertThat(wrong.code())
                        .isEqualTo(code));
    }

    /** As many jars as a recipe makes, asked for by number, need the recipe once again, but for what filled no jar. */
    @Test
    void as_written_there_and_back() {
        for (String lines : List.of(
                "3 lb carrots, sliced; 2 lb potatoes, cubed; 3 qt beef stock",
                "7 quarts of beef stock",
                "5 lb dried navy beans, soaked; 3 qt tomato juice")) {
            for (double times : new double[] {0.5, 1, 3.7, 12}) {
                Scaled there = scaled(lines, 0.5, "times " + times, "q p h");
                String jars = there.jars().stream()
                        .map(jar -> jar.count() + jar.size().label().substring(0, 1))
                        .collect(Collectors.joining(" "));
                Scaled back = scaled(lines, 0.5, "jars " + jars, "q p h");
                double inJars = there.fill().dividedBy(there.fill().plus(there.leftover()));
                assertThat(back.factor()).isCloseTo(times * inJars, within(0.001));
                List<Double> parts = new ArrayList<>();
                there.perJar()
                        .forEach(share -> parts.add(
                                share.fill().millilitres() * share.jars().count()));
                assertThat(parts.stream().mapToDouble(part -> part).sum()
                                + there.leftover().millilitres())
                        .isCloseTo(there.inPot().millilitres(), within(1.0));
            }
        }
    }
}
