package org.mobrel.server.planning;

import java.util.HashMap;
import java.util.Map;
import org.mobrel.recipe.Amount;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.shopping.ShoppingList;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in the house, by the keys of the shopping list. */
@Service
class PantryService {

    private final PlanRepository repository;

    PantryService(PlanRepository repository) {
        this.repository = repository;
    }

    @Transactional(readOnly = true)
    Map<String, Amount> all() {
        Map<String, Amount> pantry = new HashMap<>();
        repository.pantry().forEach((item, words) -> Amount.read(words).ifPresent(amount -> pantry.put(item, amount)));
        return pantry;
    }

    /**
     * Says how much of a thing is in the house.
     *
     * @param amount nothing when there is none
     * @throws InvalidField if it is no amount
     */
    @Transactional
    void say(String item, String amount) {
        if (amount.isBlank()) {
            repository.outOfPantry(item);
            return;
        }
        if (Amount.read(amount).isEmpty()) {
            throw new InvalidField(
                    "amount", "\"%s\" is no amount: a number above 0 and a measure".formatted(amount.strip()));
        }
        repository.inPantry(item, amount.strip());
    }

    /** Takes out what a plan uses, now that it is cooked. */
    @Transactional
    void useUp(PlanView looked) {
        KitchenMeasure measure = new KitchenMeasure(looked.kitchen().units());
        for (ShoppingList.Item item : looked.shopping().items()) {
            item.remains().ifPresent(goods -> {
                if (goods.isSomething()) {
                    repository.inPantry(item.key(), GoodsFormat.of(goods, measure));
                } else {
                    repository.outOfPantry(item.key());
                }
            });
        }
    }
}
