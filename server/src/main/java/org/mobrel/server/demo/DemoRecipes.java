package org.mobrel.server.demo;

import java.util.List;
import java.util.Optional;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.server.recipe.RecipeDraft;

/** Invented recipes; they are found nowhere else. */
final class DemoRecipes {

    static final List<String> KIDNEY = List.of(
            "1 1/2 lb dried kidney beans, soaked overnight",
            "6 cups kale, ribs out, chopped",
            "5 cups butternut squash, peeled, in 1-inch cubes",
            "3 cups carrots, peeled and diced",
            "2 cups onion, chopped",
            "3 qt pork stock, chilled and skimmed",
            "2 tsp smoked paprika",
            "1 tbsp salt");

    static final List<String> TURKEY_LIMA_OKRA = List.of(
            "3 lb boneless turkey, cubed",
            "4 cups fresh lima beans",
            "3 cups okra, cut in 1-inch pieces",
            "2 cups celery, sliced",
            "1 cup onion, chopped",
            "2 1/2 qt turkey stock",
            "2 tsp dried thyme",
            "2 tsp salt");

    static final List<String> VENISON = List.of(
            "4 lb venison in 1-inch cubes, browned and drained",
            "6 cups carrots, peeled and sliced",
            "1 lb mushrooms, sliced",
            "2 cups onion, chopped",
            "3 qt beef stock",
            "1 cup red wine",
            "2 bay leaves",
            "1 tbsp salt");

    static final List<String> CHOWDER = List.of(
            "2 lb salmon, skinned and boned, in 1-inch pieces",
            "5 cups potatoes, peeled, in 1/2-inch cubes",
            "2 cups celery, sliced",
            "1 cup onion, chopped",
            "2 qt fish stock",
            "1 tsp dried dill");

    static final List<String> STOCK =
            List.of("5 qt pork shank stock, chilled and skimmed", "2 tsp salt", "1 tbsp cider vinegar");

    static final List<String> CRANBERRY = List.of(
            "2 lb dried cranberry beans, soaked overnight",
            "6 cups tomatoes, peeled and chopped",
            "1 1/2 cups onion, chopped",
            "3 cloves garlic, minced",
            "1 qt vegetable stock",
            "2 tsp oregano",
            "1 tbsp salt");

    static final List<String> ASPARAGUS = List.of(
            "8 cups asparagus pieces",
            "6 cups shelled green peas",
            "2 cups onion, chopped",
            "3 qt chicken stock",
            "2 tsp salt",
            "1 tsp white pepper");

    static final List<String> CREAMY_BARLEY = List.of(
            "1 cup pearl barley",
            "1 1/2 lb mushrooms, sliced",
            "2 cups carrots, peeled and diced",
            "1 cup heavy cream",
            "2 qt vegetable stock",
            "2 tsp salt");

    private DemoRecipes() {}

    /** The one that shows everything: method, tags, a variant. */
    static RecipeDraft kidneySoup() {
        return new RecipeDraft(
                "Kidney bean, kale and squash soup",
                KIDNEY,
                Pack.HOT,
                Fraction.HALF,
                List.of(
                        "Sort, rinse and soak the beans overnight; drain.",
                        "Cover with fresh water and boil 30 min.",
                        "Soften the onion, add stock, squash, carrots and kale, and boil 5 min together.",
                        "Season, fill the jars half way with solids, then with broth."),
                List.of("soup", "beans", "winter"),
                List.of(new RecipeDraft.AddIn("with rosemary", List.of("1 sprig rosemary a jar"))),
                List.of(),
                List.of(),
                Optional.empty());
    }
}
