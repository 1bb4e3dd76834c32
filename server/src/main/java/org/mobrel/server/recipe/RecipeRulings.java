package org.mobrel.server.recipe;

import java.util.List;
import org.mobrel.canner.Gauge;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.ruling.Batch;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenDesk;
import org.mobrel.server.ruling.RulingAnswer;
import org.mobrel.server.ruling.RulingDesk;
import org.springframework.stereotype.Component;

/** The ruling a recipe gets in this kitchen, before jars are counted: in quarts, or in pints where quarts are not allowed. */
@Component
class RecipeRulings {

    private final RulingDesk rulings;
    private final KitchenDesk kitchens;

    RecipeRulings(RulingDesk rulings, KitchenDesk kitchens) {
        this.rulings = rulings;
        this.kitchens = kitchens;
    }

    RulingAnswer usual(Recipe recipe) {
        RulingAnswer inQuarts = rulings.answer(batch(recipe, JarSize.QUART));
        boolean onlyTheSize = inQuarts.findings().stream()
                .filter(finding -> finding.severity().equals("stop"))
                .allMatch(finding -> finding.code().equals("no-time-for-size"));
        return inQuarts.minutes() == null && onlyTheSize ? rulings.answer(batch(recipe, JarSize.PINT)) : inQuarts;
    }

    private Batch batch(Recipe recipe, JarSize size) {
        Kitchen kitchen = kitchens.kitchen();
        // Time does not depend on altitude or gauge; a kitchen that is not set up yet still gets its minutes.
        Gauge gauge = kitchen.canners().stream()
                .map(canner -> canner.profile().gauge())
                .filter(known -> !known.isTooFarOff())
                .findFirst()
                .orElseGet(Gauge::weighted);
        return new Batch(
                rulings.read(recipe.lines()),
                recipe.pack(),
                recipe.solidsShare(),
                List.of(new JarCount(size, Mouth.REGULAR, 1)),
                kitchen.altitude().orElseGet(() -> Altitude.ofFeet(0)),
                gauge,
                kitchen.school());
    }
}
