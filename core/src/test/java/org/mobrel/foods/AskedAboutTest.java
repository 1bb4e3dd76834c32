package org.mobrel.foods;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Forty classic dangers, forty dishes of ordinary kitchens, and ways of canning by their everyday names. */
class AskedAboutTest {

    private static final AskedAbout ASKED = AskedAbout.load();

    private static String verdict(String question) {
        return ASKED.answer(question).map(AskedAbout.Answer::verdict).orElse("nothing");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "garlic in oil",
                "garlic in olive oil",
                "herbs in oil",
                "rosemary infused oil",
                "dried tomatoes in oil",
                "peppers in oil",
                "chili oil",
                "salsa",
                "my tomato salsa",
                "corn salsa",
                "barbecue sauce",
                "ketchup",
                "pumpkin butter",
                "pumpkin puree",
                "squash puree",
                "refried beans",
                "hummus",
                "mashed potatoes",
                "bread in a jar",
                "banana bread",
                "cake in a jar",
                "milk",
                "canned butter",
                "butter",
                "cheese",
                "eggs",
                "pickled eggs",
                "pesto",
                "chocolate sauce",
                "hot fudge sauce",
                "dry canned potatoes",
                "bacon",
                "canned bacon",
                "jerky",
                "stuffed peppers",
                "cabbage rolls",
                "peanut butter",
                "almond butter",
                "chicken noodle soup",
                "cream of mushroom soup",
                "clam chowder",
                "gravy",
                "beef in gravy",
                "lard",
                "coleslaw",
                "lemon curd",
                "baby food",
                "mac and cheese",
                "chicken pot pie",
                "tamales"
            })
    void a_classic_danger_is_refused(String question) {
        assertThat(verdict(question)).isEqualTo("stop");
        assertThat(ASKED.answer("Can I can " + question + "?").orElseThrow().verdict())
                .isEqualTo("stop");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "water bath",
                "waterbath canning",
                "in the oven",
                "oven canning",
                "steam canner",
                "dishwasher",
                "microwave",
                "slow cooker",
                "electric pressure cooker",
                "electric canner",
                "multi-cooker",
                "a small pressure cooker",
                "open kettle",
                "turning jars over",
                "turn the jars upside down",
                "paraffin",
                "half-gallon jars",
                "half gallons",
                "vacuum sealed jars",
                "canning powder",
                "sous vide",
                "solar oven"
            })
    void a_way_that_was_never_tested_is_refused_by_its_everyday_name(String question) {
        assertThat(verdict(question)).isEqualTo("stop");
    }

    @ParameterizedTest
    @CsvSource({
        "baked beans,yes",
        "home-made baked beans,yes",
        "beans in tomato sauce,yes",
        "stew with potatoes,ask",
        "beef stew,ask",
        "lamb stew,ask",
        "venison stew,ask",
        "Irish stew,ask",
        "pot roast,ask",
        "goulash,ask",
        "chili,ask",
        "chili con carne,ask",
        "turkey chili,ask",
        "white chili,ask",
        "vegetable soup,ask",
        "bean soup,ask",
        "chicken soup,ask",
        "ham and bean soup,ask",
        "minestrone,ask",
        "borscht,ask",
        "lentil soup,ask",
        "split pea soup,ask",
        "black bean soup,ask",
        "onion soup,ask",
        "tomato soup,ask",
        "fish soup,ask",
        "taco soup,ask",
        "spaghetti sauce with meat,ask",
        "sloppy joe,ask",
        "taco meat,ask",
        "ham and beans,ask",
        "beans with bacon,ask",
        "mixed vegetables,ask",
        "succotash,ask",
        "peas and carrots,ask",
        "chicken curry,ask",
        "dal,ask",
        "pulled pork,ask",
        "roast beef,ask",
        "shredded chicken,ask",
        "brisket,ask",
        "turkey soup,ask"
    })
    void a_dish_of_an_ordinary_kitchen_is_answered_with_what_makes_it_possible(String question, String verdict) {
        assertThat(verdict(question)).isEqualTo(verdict);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "carrots",
                "green beans",
                "pork stock",
                "okra and celery",
                "bean and bacon",
                "eggplant",
                "buttercup squash"
            })
    void single_foods_are_left_to_the_tables(String question) {
        assertThat(ASKED.answer(question)).isEmpty();
    }
}
