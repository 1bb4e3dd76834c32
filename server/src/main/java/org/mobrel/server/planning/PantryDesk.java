package org.mobrel.server.planning;

import java.util.HashMap;
import java.util.Map;
import org.mobrel.recipe.Amount;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.server.platform.BadField;
import org.mobrel.shopping.ShoppingList;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in the house, by the keys of the shopping list. */
@Service
class PantryDesk {

    private final PlanStore store;

    PantryDesk(PlanStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    Map<String, Amount> all() {
        Map<String, Amount> pantry = new HashMap<>();
        store.pantry().forEach((item, words) -> Amount.read(words).ifPresent(amount -> pantry.put(item, amount)));
        return pantry;
    }

    /**
     * Says how much of a thing is in the house.
     *
     * @param amount nothing when there is none
     * @throws BadField if it is no amount
     */
    @Transactional
    void say(String item, String amount) {
        if (amount.isBlank()) {
            store.outOfPantry(item);
            return;
        }
        if (Amount.read(amount).isEmpty()) {
            throw new BadField(
                    "amount", "\"%s\" is no amount: a number above 0 and a measure".formatted(amount.strip()));
        }
        store.inPantry(item, amount.strip());
    }

    /** Takes out what a plan uses, now that it is cooked. */
    @Transactional
    void useUp(LookedAt looked) {
        KitchenMeasure measure = new KitchenMeasure(looked.kitchen().units());
        for (ShoppingList.Item item : looked.shopping().items()) {
            item.remains().ifPresent(goods -> {
                if (goods.isSomething()) {
                    store.inPantry(item.key(), GoodsWords.of(goods, measure));
                } else {
                    store.outOfPantry(item.key());
                }
            });
        }
    }
}
