package org.mobrel.method;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.PlainText;
import org.mobrel.recipe.Times;

/**
 * A time, a pressure or both that a recipe states for its process. It is only compared with the ruling, never followed.
 *
 * @param size the jars it is stated for; empty for all
 */
public record StatedProcess(Optional<Minutes> minutes, Optional<GaugePressure> pressure, Optional<JarSize> size) {

    private static final Pattern ABOUT = Pattern.compile(
            "\\b(?:process(?:ed|ing)?|pressure[- ](?:can|cook|process)\\w*|canning|canner)\\b|\\bat \\d+(?:\\.\\d+)? ?(?:lbs?|pounds?|psi|#)|^\\W*(?:pints?|quarts?|half[- ]pints?)\\b.*\\bmin");
    /** No process is as long. */
    private static final int MOST_MINUTES = 1_000;

    private static final Pattern PRESSURE = Pattern.compile(
            "\\b(\\d{1,2}(?:\\.\\d+)?) ?(?:#|(?:lbs?|pounds?|psi)\\b)(?! (?:of )?(?!pressure)(?:beef|pork|lamb|meat|beans|potatoes|carrots|chicken))");
    private static final Pattern SIZE = Pattern.compile("\\b(half[- ]?pints?|pints?|quarts?)\\b");
    private static final Pattern OTHER_WORK = Pattern.compile(
            "\\b(?:vent|exhaust|boil|simmer|cook|stand|cool|rest|soak|heat|brown|wait|steam)\\w*\\b[^,.;]*$");

    /** What a sentence states; nothing where it is not about the process. */
    public static List<StatedProcess> in(String sentence) {
        return inPlain(PlainText.of(sentence));
    }

    /** The same, of a sentence in plain text. */
    public static List<StatedProcess> inPlain(String plain) {
        if (!ABOUT.matcher(plain).find()) {
            return List.of();
        }
        Optional<GaugePressure> pressure = pressure(plain);
        List<StatedProcess> stated = new ArrayList<>();
        int from = 0;
        for (Times.Span time : Times.in(plain)) {
            String before = plain.substring(from, time.start());
            if (time.most() < MOST_MINUTES && !OTHER_WORK.matcher(before).find()) {
                stated.add(new StatedProcess(
                        Optional.of(new Minutes(time.most())), pressure, size(before, plain.substring(time.end()))));
            }
            from = time.end();
        }
        if (stated.isEmpty() && pressure.isPresent()) {
            stated.add(new StatedProcess(Optional.empty(), pressure, Optional.empty()));
        }
        return stated;
    }

    private static Optional<GaugePressure> pressure(String plain) {
        Matcher found = PRESSURE.matcher(plain);
        while (found.find()) {
            BigDecimal psi = new BigDecimal(found.group(1));
            if (psi.compareTo(BigDecimal.valueOf(4)) > 0 && psi.compareTo(BigDecimal.valueOf(20)) <= 0) {
                return Optional.of(GaugePressure.ofPsi(psi));
            }
        }
        return Optional.empty();
    }

    /** 'Pints 75 minutes' names the size before, '75 minutes for pints' and '75 minutes (pints)' behind. */
    private static Optional<JarSize> size(String before, String behind) {
        Optional<JarSize> named = last(before);
        if (named.isPresent()) {
            return named;
        }
        String near = behind.split("\\d", 2)[0];
        Matcher first = SIZE.matcher(near);
        return first.find() ? Optional.of(size(first.group(1))) : Optional.empty();
    }

    private static Optional<JarSize> last(String text) {
        Matcher sizes = SIZE.matcher(text);
        Optional<JarSize> last = Optional.empty();
        while (sizes.find()) {
            last = Optional.of(size(sizes.group(1)));
        }
        return last;
    }

    private static JarSize size(String word) {
        return word.startsWith("half") ? JarSize.HALF_PINT : word.startsWith("pint") ? JarSize.PINT : JarSize.QUART;
    }
}
