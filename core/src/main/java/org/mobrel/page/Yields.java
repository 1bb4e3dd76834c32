package org.mobrel.page;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.jars.JarSize;
import org.mobrel.recipe.PlainText;

/** Reads 'Makes 7 quarts', 'Yield: about 9 pint jars', 'Serves 8', 'Makes 3.5 litres'. */
final class Yields {

    private static final Pattern YIELD = Pattern.compile(
            "^\\W*(?:this |the recipe |recipe )?(?:makes?|yields?|fills?|gives|serv(?:es|ings)|feeds|portions)\\b:?\\s*(?:(?:about|approx(?:\\.|imately)?|roughly|around|up to|enough for)\\s*)?(\\d+)(?:\\s*(?:-|to|or)\\s*(\\d+))?\\b(.*)$");
    private static final Pattern SIZE =
            Pattern.compile("\\b(half[- ]?pint|pint[- ]and[- ]a[- ]half|pint|quart|half[- ]?gallon)s?\\b");

    private Yields() {}

    static boolean is(String text) {
        String plain = PlainText.of(text).strip();
        return plain.length() <= 90 && YIELD.matcher(plain).matches();
    }

    static Optional<RecipePage.Yield> in(String text) {
        Matcher found = YIELD.matcher(PlainText.of(text).strip());
        if (!found.matches()) {
            return Optional.empty();
        }
        // Of a range the lower end: more jars than the pot fills stay empty.
        int count = Integer.parseInt(found.group(1));
        Matcher size = SIZE.matcher(found.group(3));
        Optional<JarSize> jar = size.find()
                ? JarSize.ofCode(size.group(1).replace(' ', '-').replace("halfpint", "half-pint"))
                : Optional.empty();
        return count > 0 && count < 1_000 ? Optional.of(new RecipePage.Yield(count, jar)) : Optional.empty();
    }
}
