package org.mobrel.page;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.PlainText;
import org.mobrel.recipe.QuestionCode;

/** Tells whether the first line of a page is its name: never where the list would lose a food with it. */
final class Titles {

    private static final int LONGEST = 120;
    private static final int MANY_WORDS = 12;
    private static final int SOME_WORDS = 8;

    private static final Pattern CHOICE = Pattern.compile("\\bor\\b(?! (?:so|more|less)\\b)");

    private Titles() {}

    /**
     * @param all the page as typed, with its blank lines
     * @param lines its lines without the blank ones
     * @param name that the recipe has already; empty where it has none
     */
    static boolean isTitle(List<String> all, List<PageLine> lines, String name) {
        PageLine first = lines.get(0);
        IngredientLine read = first.read();
        if (first.heading().isPresent()
                || first.isNote()
                || first.numbered()
                || Yields.is(first.text())
                || first.text().endsWith(":")
                || first.text().length() > LONGEST
                || read.amount().isPresent() && first.startsWithNumber()) {
            return false;
        }
        return name.isBlank() ? isFirst(all, first, lines.subList(1, lines.size())) : isBeside(name, first);
    }

    /** Beside a name that stands: the same again, a dish, or words that name no food. */
    private static boolean isBeside(String name, PageLine line) {
        return PlainText.of(line.text()).strip().equals(PlainText.of(name).strip())
                || line.read().kind() != LineKind.STEP
                        && (line.read().mentions().isEmpty() || line.isDish());
    }

    private static boolean isFirst(List<String> all, PageLine line, List<PageLine> rest) {
        IngredientLine read = line.read();
        boolean dish = line.isDish() || line.words().contains("broth");
        int at = 0;
        while (at < all.size() - 1 && !all.get(at).contains(line.text())) {
            at++;
        }
        boolean marked = all.get(at).startsWith("#");
        boolean setApart = rest.isEmpty()
                || marked
                || at + 1 < all.size() && all.get(at + 1).isEmpty()
                || rest.get(0).heading().isPresent()
                || Yields.is(rest.get(0).text());
        // 'Rabbit or chicken bone broth' leaves a choice, as an ingredient does.
        boolean choice = CHOICE.matcher(line.plain()).find() && !read.mentions().isEmpty();
        if (choice || rest.isEmpty() && !dish) {
            return false;
        }
        int words = line.words().size();
        if (words <= MANY_WORDS
                && (dish && (!line.text().endsWith(".") || !line.beginsWithWork())
                        || setApart && (marked || namesNothingElse(read, rest)))) {
            return true;
        }
        return read.kind() != LineKind.STEP
                && read.kind() != LineKind.NOT_INGREDIENT
                && line.step() < 2
                && words <= SOME_WORDS
                && namesNothingElse(read, rest);
    }

    /** Whether the list has every food of the line: nothing is lost if it is a name. */
    private static boolean namesNothingElse(IngredientLine read, List<PageLine> rest) {
        Set<String> listed = new HashSet<>();
        rest.forEach(other -> other.read()
                .mentions()
                .forEach(mention -> mention.foods().stream().map(Food::id).forEach(listed::add)));
        boolean makesStock = rest.stream()
                .flatMap(other -> other.read().foods().stream())
                .anyMatch(food -> isLiquid(food) || food.has(FoodTrait.STRAINED_OUT));
        // 'Beef and veg' names vegetables that the list tells one by one.
        Set<String> kinds = read.questions().stream()
                .filter(question -> question.code() == QuestionCode.WHICH_VEGETABLE)
                .map(question -> question.words().toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
        return read.mentions().stream()
                .filter(mention -> !kinds.contains(mention.phrase()))
                .allMatch(mention -> mention.stop().isEmpty()
                        && mention.foods().stream()
                                .allMatch(food -> listed.contains(food.id()) || isLiquid(food) && makesStock));
    }

    private static boolean isLiquid(Food food) {
        return food.kind() == FoodKind.LIQUID && !food.isSeafood();
    }
}
