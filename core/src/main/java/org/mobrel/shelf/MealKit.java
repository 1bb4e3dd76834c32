package org.mobrel.shelf;

import java.util.List;

/**
 * A meal that needs jars and dry goods together.
 *
 * @param jars that one meal needs, at least 1
 */
public record MealKit(int jars, List<Good> goods) {

    /**
     * Something dry beside the jars.
     *
     * @param perKit what one meal needs, at least 1
     * @param have what is in the house
     */
    public record Good(String name, int perKit, int have) {

        /** @throws IllegalArgumentException for a need of nothing or a count below 0 */
        public Good {
            if (perKit < 1 || have < 0) {
                throw new IllegalArgumentException("%s: %s a meal, %s there".formatted(name, perKit, have));
            }
        }

        int meals() {
            return have / perKit;
        }
    }

    /** @throws IllegalArgumentException for a meal without a jar */
    public MealKit {
        if (jars < 1) {
            throw new IllegalArgumentException("a meal of %s jars".formatted(jars));
        }
        goods = List.copyOf(goods);
    }

    /** Meals that are complete with so many jars on the shelf. */
    public int complete(int onTheShelf) {
        return goods.stream().mapToInt(Good::meals).reduce(onTheShelf / jars, Math::min);
    }

    /** What one more complete meal lacks: names of goods that are used up first. */
    public List<String> shortOf(int onTheShelf) {
        int complete = complete(onTheShelf);
        return goods.stream()
                .filter(good -> good.meals() == complete && onTheShelf / jars > complete)
                .map(Good::name)
                .toList();
    }
}
