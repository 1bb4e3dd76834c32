package org.mobrel.shopping;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodTrait;
import org.mobrel.quantity.Mass;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.Mention;
import org.mobrel.recipe.Portions;
import org.mobrel.recipe.State;

/** Everything that several dishes need, each thing once, in the order of a walk through the shop. */
public record ShoppingList(List<Item> items) {

    /** Words that say how a thing comes, not what it is. */
    private static final Pattern HOW_IT_COMES = Pattern.compile(
            "\\b(?:dried|dry|fresh|frozen|canned|tinned|boneless|ground|minced|chopped|diced|sliced)\\s+");

    /** More than that nobody counts out. */
    private static final int MOST_COUNTED = 30;

    public ShoppingList {
        items = List.copyOf(items);
    }

    /**
     * One thing to buy.
     *
     * @param key what it is remembered by: the same thing has the same key in every plan
     * @param need for all dishes, as a shop sells it
     * @param have in the house, as the cook said it
     * @param inHouse the same as a shop sells it; empty where it cannot be compared with the need
     * @param buy the need less that
     * @param sold how a shop sells that, about: '8' or '2 bunches'; empty where it is weighed or measured
     * @param parts what each dish gets of the need, where several share it
     */
    public record Item(
            String key,
            String name,
            Aisle aisle,
            Goods need,
            Optional<Amount> have,
            Optional<Goods> inHouse,
            Goods buy,
            Optional<String> sold,
            List<Part> parts) {

        public Item {
            parts = List.copyOf(parts);
        }

        /** What the house has of it when this plan is cooked; empty where nothing of it was in the house. */
        public Optional<Goods> remains() {
            return inHouse.map(had -> had.less(need));
        }

        /** Whether the house has enough of it. */
        public boolean isInHouse() {
            return need.isMeasured() && buy.isNothing();
        }
    }

    /**
     * What one dish gets of a thing that several share.
     *
     * @param dish what it is called
     */
    public record Part(String dish, Goods goods) {}

    /**
     * Gathers what several dishes want.
     *
     * @param pantry what is in the house, by the items' keys
     */
    public static ShoppingList of(List<Wanted> wanted, Map<String, Amount> pantry) {
        Map<String, List<Wanted>> byThing = new LinkedHashMap<>();
        for (Wanted each : wanted) {
            if (isBought(each.line())) {
                String thing = key(each.line()) + (each.goods().isMeasured() ? "" : "/some");
                byThing.computeIfAbsent(thing, first -> new ArrayList<>()).add(each);
            }
        }
        List<Item> items = new ArrayList<>();
        byThing.values().forEach(same -> items.addAll(items(same, pantry)));
        items.sort(Comparator.comparing(Item::aisle));
        return new ShoppingList(items);
    }

    private static boolean isBought(IngredientLine line) {
        return line.goesIntoJar()
                && line.food().filter(food -> food.has(FoodTrait.FROM_THE_TAP)).isEmpty();
    }

    /** One item, or one for each way of measuring that cannot be added: '2 tbsp thyme' and '3 sprigs of thyme'. */
    private static List<Item> items(List<Wanted> same, Map<String, Amount> pantry) {
        List<Item> items = new ArrayList<>();
        List<Wanted> open = new ArrayList<>(same);
        while (!open.isEmpty()) {
            Wanted first = open.get(0);
            List<Wanted> like = open.stream()
                    .filter(each -> each.goods().isLike(first.goods()))
                    .toList();
            open.removeAll(like);
            items.add(item(first, like, pantry, items.isEmpty()));
        }
        return items;
    }

    private static Item item(Wanted first, List<Wanted> like, Map<String, Amount> pantry, boolean fromPantry) {
        String key = key(first.line());
        Goods need = like.stream().map(Wanted::goods).reduce(Goods::plus).orElse(Goods.SOME);
        Optional<Amount> have = fromPantry ? Optional.ofNullable(pantry.get(key)) : Optional.empty();
        Optional<Goods> inHouse = have.flatMap(first::inHouse);
        Goods buy = inHouse.map(need::less).orElse(need);
        return new Item(
                key,
                name(first.line()),
                Aisle.of(first.line()),
                need,
                have,
                inHouse,
                buy,
                sold(first.line(), buy),
                parts(like));
    }

    /** The need by dish, each once; nothing to split where there is one. */
    private static List<Part> parts(List<Wanted> like) {
        Map<String, Goods> byDish = new LinkedHashMap<>();
        like.forEach(each -> byDish.merge(each.dish(), each.goods(), Goods::plus));
        return byDish.size() < 2
                ? List.of()
                : byDish.entrySet().stream()
                        .map(dish -> new Part(dish.getKey(), dish.getValue()))
                        .toList();
    }

    /** By the bunch, or whole pieces for what weighs something: '8'. */
    private static Optional<String> sold(IngredientLine line, Goods buy) {
        if (buy.mass().isEmpty() || buy.isNothing() || line.is(State.FROZEN) || line.is(State.CANNED)) {
            return Optional.empty();
        }
        Optional<String> byTheBunch = line.food()
                .flatMap(food -> SoldBy.TABLE.words(food, what(line), buy.mass().get()));
        int pieces = pieces(line, buy);
        return byTheBunch.or(
                () -> pieces == 0 || pieces > MOST_COUNTED ? Optional.empty() : Optional.of(Integer.toString(pieces)));
    }

    /** Whole pieces, for what is bought by the piece and weighs something: '8 carrots'. */
    private static int pieces(IngredientLine line, Goods buy) {
        Optional<Mass> each = line.food()
                .filter(food -> food.kind().isSolid())
                .flatMap(food -> food.measures().unit())
                .flatMap(unit -> Portions.asBought(line, unit));
        return each.isEmpty() || buy.mass().isEmpty()
                ? 0
                : (int) Math.ceil(
                        (double) buy.mass().get().milligrams() / each.get().milligrams() - 0.05);
    }

    /** What a thing is, whatever is done to it: 'dried kidney beans, soaked' and 'kidney beans' are one. */
    static String key(IngredientLine line) {
        String how = line.is(State.FROZEN) ? "/frozen" : line.is(State.CANNED) ? "/canned" : "";
        String words = line.food().map(food -> food.id() + "/").orElse("") + singular(what(line));
        return words.toLowerCase(Locale.ROOT) + how;
    }

    private static String what(IngredientLine line) {
        String phrases = line.mentions().stream()
                .filter(mention -> mention.food().isPresent())
                .map(Mention::phrase)
                .distinct()
                .collect(Collectors.joining(" and "));
        return HOW_IT_COMES
                .matcher(phrases.isEmpty() ? line.rest() : phrases)
                .replaceAll("")
                .strip();
    }

    private static String singular(String words) {
        return words.endsWith("oes") ? words.substring(0, words.length() - 2) : words.replaceAll("(?<=[^s])s$", "");
    }

    private static String name(IngredientLine line) {
        String what = what(line);
        if (line.is(State.CANNED)) {
            return what + ", canned";
        }
        if (line.is(State.FROZEN)) {
            return what + ", frozen";
        }
        return line.food().filter(Food::isDriedBeans).isPresent() ? "dried " + what : what;
    }
}
