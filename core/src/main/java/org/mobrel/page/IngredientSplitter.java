package org.mobrel.page;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** Unfolds a line that names several foods, each with an amount of its own: an amount belongs to the food it stands before. */
final class IngredientSplitter {

    private static final String NUMBER =
            "(?:an?\\s+|half\\s+an?\\s+)?(?:about\\s+)?(?:\\d+(?:[ ./-]\\d+)*|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|[½¼¾⅓⅔]|\\d+[½¼¾⅓⅔])(?:\\s+and\\s+a\\s+half)?";
    private static final String UNIT =
            "(?:cups?|c|quarts?|qts?|pints?|pts?|pounds?|lbs?|ounces?|oz|grams?|g|kg|kilos?|ml|l|litres?|liters?|tablespoons?|tbsps?|teaspoons?|tsps?|cans?|tins?|cloves?|stalks?|sticks? of|bunch(?:es)?|heads?)\\b";
    /** Between two foods: a sign, a word, or nothing but the next amount. */
    private static final Pattern BETWEEN = Pattern.compile(
            "[,;]\\s+(?:and\\s+|plus\\s+)?|\\.\\s+(?=" + NUMBER
                    + ")|\\s+(?:and|plus|&|n|\\+)\\s+(?!a\\s+half\\b)|\\s+(?=" + NUMBER + "\\s*" + UNIT + ")",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern STARTS_WITH_NUMBER = Pattern.compile("\\s*" + NUMBER, Pattern.CASE_INSENSITIVE);
    /** 'Carrots and celery, two cups of each'. */
    private static final Pattern OF_EACH = Pattern.compile(
            "^(.+?),?\\s+(" + NUMBER + "\\s*" + UNIT + ")\\s+(?:of\\s+)?each\\b,?\\s*(.*)$", Pattern.CASE_INSENSITIVE);

    private static final Pattern EACH = Pattern.compile(
            "^(" + NUMBER + "(?:\\s*" + UNIT + ")?|an?\\s+" + UNIT + "),?\\s+each\\s*(?::|\\bof\\b)?\\s+(.+)$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OF_ALL = Pattern.compile("(?:all|both|everything)\\s+(.+)", Pattern.CASE_INSENSITIVE);
    private static final Pattern END = Pattern.compile("[.,;:\\s]+$");

    private final LineReader reader;

    IngredientSplitter(LineReader reader) {
        this.reader = reader;
    }

    /** The lines it comes to; itself where it names no second food with an amount. */
    List<String> in(String text) {
        Matcher each = EACH.matcher(text);
        if (each.matches()) {
            List<String> shared = shared(each.group(1), each.group(2));
            if (!shared.isEmpty()) {
                return shared;
            }
        }
        Matcher ofEach = OF_EACH.matcher(text);
        if (ofEach.matches() && !STARTS_WITH_NUMBER.matcher(text).lookingAt()) {
            List<String> shared = shared(ofEach.group(2), ofEach.group(1));
            if (!shared.isEmpty()) {
                return shared.stream()
                        .map(line -> isOf(line, ofEach.group(3)) ? line + ", " + ofEach.group(3) : line)
                        .toList();
            }
        }
        List<String> lines = new ArrayList<>();
        for (Piece piece : pieces(text)) {
            Matcher all = OF_ALL.matcher(piece.words());
            if (opens(piece.words())) {
                lines.add(piece.words());
            } else if (lines.isEmpty()) {
                return List.of(text);
            } else if (all.matches()) {
                lines.replaceAll(line -> line + ", " + all.group(1));
            } else {
                int last = lines.size() - 1;
                lines.set(last, lines.get(last) + piece.before() + piece.words());
            }
        }
        return lines.size() > 1 ? lines : List.of(text);
    }

    /** @param before what parts it from the one before it */
    private record Piece(String before, String words) {}

    private static List<Piece> pieces(String text) {
        List<Piece> pieces = new ArrayList<>();
        Matcher between = BETWEEN.matcher(text);
        int from = 0;
        String before = "";
        while (between.find()) {
            // 'Beef 3 lb' is one food with its amount behind it.
            if (between.group().isBlank()
                    && !STARTS_WITH_NUMBER.matcher(text.substring(from)).lookingAt()) {
                continue;
            }
            pieces.add(new Piece(before, text.substring(from, between.start())));
            before = between.group();
            from = between.end();
        }
        pieces.add(new Piece(before, END.matcher(text.substring(from)).replaceAll("")));
        return pieces.stream().filter(piece -> !piece.words().isBlank()).toList();
    }

    /** Whether words behind several foods are of this one: all that name no food are. */
    private boolean isOf(String line, String words) {
        return !words.isBlank() && reader.named(words).stream().allMatch(named -> line.contains(named.words()));
    }

    /** Whether an amount and the food it is of stand in it. */
    private boolean opens(String piece) {
        IngredientLine read = reader.read(piece);
        return read.amount().isPresent() && !read.mentions().isEmpty();
    }

    /** 'A cup each of corn and peas': the amount is that of all. */
    private List<String> shared(String amount, String foods) {
        List<String> lines = Stream.of(BETWEEN.split(END.matcher(foods).replaceAll("")))
                .map(food -> amount
                        + (amount.matches("(?i).*\\b(?:an?|one|two|three|four|five|six|\\d+)$") ? " " : " of ")
                        + food)
                .toList();
        return lines.size() > 1 && lines.stream().allMatch(this::opens) ? lines : List.of();
    }
}
