package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A page of text parted into what it holds.
 *
 * @param title the first line where it is plainly one
 * @param lines ingredients, and headings among them such as 'For the broth:'
 * @param method steps, without their numbers
 * @param notes what stood under 'Notes'
 */
public record PastedRecipe(Optional<String> title, List<String> lines, List<String> method, List<String> notes) {

    private static final Pattern INGREDIENTS = heading("ingredients?|you (?:will )?need|what you need");
    private static final Pattern METHOD =
            heading("directions?|method|instructions?|preparation|steps|how to make it|procedure");
    private static final Pattern NOTES = heading("notes?|tips?|cook's notes?");
    private static final Pattern NUMBERING =
            Pattern.compile("^(?:step\\s+)?\\d{1,2}[.):]\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern MARKUP = Pattern.compile("^#+\\s*|^\\*\\*|\\*\\*$");
    private static final Pattern DISH = Pattern.compile(
            "\\b(?:soup|stew|chili|chowder|gumbo|goulash|ragout|casserole|curry|minestrone|borscht|base)\\b",
            Pattern.CASE_INSENSITIVE);

    public PastedRecipe {
        lines = List.copyOf(lines);
        method = List.copyOf(method);
        notes = List.copyOf(notes);
    }

    private static Pattern heading(String words) {
        return Pattern.compile("(?:" + words + ")\\s*:?", Pattern.CASE_INSENSITIVE);
    }

    private enum Part {
        INGREDIENTS,
        METHOD,
        NOTES
    }

    /** Parts a page; a line that may be an ingredient stays with the ingredients, where a ruling sees it. */
    public static PastedRecipe of(String page, LineReader reader) {
        List<String> all = page.lines().map(String::strip).toList();
        List<String> text = all.stream().filter(line -> !line.isEmpty()).toList();
        Optional<String> title = title(all, text, reader);
        List<String> lines = new ArrayList<>();
        List<String> method = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        Part part = Part.INGREDIENTS;
        for (String line : title.isPresent() ? text.subList(1, text.size()) : text) {
            Optional<Part> heading = partOf(MARKUP.matcher(line).replaceAll(""));
            if (heading.isPresent()) {
                part = heading.get();
            } else if (part == Part.NOTES) {
                notes.add(line);
            } else if (part == Part.METHOD || reader.read(line).kind() == LineKind.STEP) {
                method.add(NUMBERING.matcher(line).replaceFirst(""));
            } else {
                lines.add(line);
            }
        }
        return new PastedRecipe(title, lines, method, notes);
    }

    private static Optional<Part> partOf(String line) {
        if (INGREDIENTS.matcher(line).matches()) {
            return Optional.of(Part.INGREDIENTS);
        }
        if (METHOD.matcher(line).matches()) {
            return Optional.of(Part.METHOD);
        }
        return NOTES.matcher(line).matches() ? Optional.of(Part.NOTES) : Optional.empty();
    }

    private static Optional<String> title(List<String> all, List<String> text, LineReader reader) {
        if (text.size() < 2) {
            return Optional.empty();
        }
        String first = text.get(0);
        IngredientLine read = reader.read(first);
        boolean mayBe = read.amount().isEmpty()
                && read.kind() == LineKind.INGREDIENT
                && partOf(first).isEmpty()
                && first.length() <= 120;
        int at = all.indexOf(first);
        boolean setApart = first.startsWith("#")
                || at + 1 < all.size() && all.get(at + 1).isEmpty()
                || partOf(text.get(1)).isPresent();
        boolean dish = DISH.matcher(first).find()
                && !first.toLowerCase(Locale.ROOT).contains("soup base")
                && !first.toLowerCase(Locale.ROOT).contains("stew meat")
                && reader.read(text.get(1)).amount().isPresent();
        return mayBe && (setApart || dish)
                ? Optional.of(MARKUP.matcher(first).replaceAll("").strip())
                : Optional.empty();
    }
}
