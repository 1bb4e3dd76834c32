package org.mobrel.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.quantity.Length;

/** Small changes to the text of a line that mend it and leave the cook's other words alone. Empty where the text does not allow one. */
public final class LineEdits {

    private static final Pattern UNSOAKED = phrases(State.UNSOAKED.phrases());
    private static final Pattern UNPEELED = phrases(State.UNPEELED.phrases());
    private static final Pattern WHOLE = Pattern.compile("\\b(?:left )?whole\\b", Pattern.CASE_INSENSITIVE);

    /** Preparations that leave pieces when they are not done; a hummus or a bisque is a dish of its own. */
    private static final Pattern MASHING = Pattern.compile(
            "\\b(?:mashed|pureed|puréed|purée|puree|blended|creamed|refried)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern DRY_IN_JAR = Pattern.compile(
            "\\b(?:unsoaked beans|dry beans in the jar|dried beans not soaked)\\b", Pattern.CASE_INSENSITIVE);

    private LineEdits() {}

    private static Pattern phrases(List<String> phrases) {
        return Pattern.compile(
                phrases.stream()
                        .sorted(Comparator.comparingInt(String::length).reversed())
                        .map(phrase -> Pattern.quote(phrase).replace(" ", "\\E[ -]\\Q"))
                        .collect(Collectors.joining("|", "\\b(?:", ")\\b")),
                Pattern.CASE_INSENSITIVE);
    }

    /** The same line, kept for the table: '1 cup cream, at serving'. */
    public static Optional<String> atServing(IngredientLine line) {
        return Optional.of(line.text().strip() + ", at serving");
    }

    public static Optional<String> soaked(IngredientLine line) {
        String dried = DRY_IN_JAR.matcher(line.text()).replaceAll("dried beans, soaked overnight");
        return changed(line, UNSOAKED.matcher(dried).replaceAll("soaked overnight"));
    }

    public static Optional<String> peeled(IngredientLine line) {
        return changed(line, UNPEELED.matcher(line.text()).replaceAll("peeled"));
    }

    /** Every size it names that is larger than this becomes this; a whole piece is cut. */
    public static Optional<String> cutTo(IngredientLine line, Length most) {
        String plain = Figures.beforeUnits(NumberText.plain(line.text()));
        Matcher sizes = PieceSize.PATTERN.matcher(plain);
        StringBuilder smaller = new StringBuilder();
        while (sizes.find()) {
            boolean tooLarge = PieceSize.largestIn(sizes.group())
                    .filter(size -> size.compareTo(most) > 0)
                    .isPresent();
            sizes.appendReplacement(
                    smaller, Matcher.quoteReplacement(tooLarge ? inches(most) + "-inch" : sizes.group()));
        }
        sizes.appendTail(smaller);
        return changed(line, smaller.toString());
    }

    private static String inches(Length length) {
        String inches = length.inches().toPlainString();
        return inches.equals("0.5") ? "1/2" : inches;
    }

    /** Large pieces cut to the tested size: '3 lb beef, in chunks' gets ', cut to 1-inch pieces'. */
    public static Optional<String> cutSmall(IngredientLine line, Optional<Length> most) {
        String size = most.map(limit -> ", cut to %s-inch pieces".formatted(inches(limit)))
                .orElse(", diced");
        return Optional.of(line.text().strip() + size);
    }

    /** A whole piece, cut as the row has it. */
    public static Optional<String> cutUp(IngredientLine line) {
        return changed(line, WHOLE.matcher(line.text()).replaceAll("cut up"));
    }

    /** 'Mashed pumpkin' as pumpkin in pieces. */
    public static Optional<String> inPieces(IngredientLine line) {
        return changed(line, MASHING.matcher(line.text()).replaceAll("cut up"));
    }

    /** A spoonful for browning that is drained off again. */
    public static Optional<String> forBrowning(IngredientLine line) {
        return Optional.of(line.text().strip() + ", for browning, drained");
    }

    public static Optional<String> unpeeledWords(IngredientLine line, StoppedIngredient stop) {
        Optional<String> peeled = peeled(line);
        if (peeled.isPresent()) {
            return peeled;
        }
        return stop.words().stream()
                .filter(words -> words.startsWith("baby potatoes"))
                .findFirst()
                .flatMap(words -> changed(
                        line,
                        Pattern.compile(Pattern.quote(words), Pattern.CASE_INSENSITIVE)
                                .matcher(line.text())
                                .replaceAll("potatoes, peeled")));
    }

    /** The same with less of it, rounded down to a quarter of the unit or to whole grams; empty where too little is left to measure. */
    public static Optional<String> reduced(IngredientLine line, double factor) {
        return line.amount().flatMap(amount -> {
            boolean fine = amount.unit() == MeasureUnit.GRAM || amount.unit() == MeasureUnit.MILLILITRE;
            BigDecimal step = fine ? BigDecimal.ONE : new BigDecimal("0.25");
            BigDecimal value = amount.value()
                    .multiply(BigDecimal.valueOf(factor))
                    .divide(step, 0, RoundingMode.FLOOR)
                    .multiply(step);
            return value.signum() > 0
                    ? Optional.of(LineWriter.amount(new Amount(value, amount.unit())) + " " + line.rest())
                    : Optional.empty();
        });
    }

    private static Optional<String> changed(IngredientLine line, String text) {
        return text.equals(line.text()) || text.equals(Figures.beforeUnits(NumberText.plain(line.text())))
                ? Optional.empty()
                : Optional.of(text);
    }
}
