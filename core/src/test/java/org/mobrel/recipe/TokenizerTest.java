package org.mobrel.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a line is cut: words as they compare, numbers whole, and a break wherever no phrase may reach across. */
class TokenizerTest {

    private static String cut(String plain) {
        return Tokenizer.tokens(plain).stream().map(Token::word).collect(Collectors.joining("|"));
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "Dried BEANS;dried|bean",
                "0 carrots;0|carrot",
                "9 carrots;9|carrot",
                "10 carrots;10|carrot",
                "1/2 cup;1/2|cup",
                "1.5 lb;1.5|lb",
                "1,200 g;1,200|g",
                "2. Simmer;2|simmer",
                "2, diced;2|,|diced",
                "2/ diced;2|/|diced",
                "add 2.;add|2",
                "add 2/;add|2|/",
                "cook's beans;cook's|bean",
                "cooks' beans;cook|bean",
                "beans';bean",
                "w/ rice;with|rice",
                "w/rice;with|rice",
                "w/o rice;without|rice",
                "w/o;without",
                "soup w/o;soup|without",
                "w/oats;with|oat",
                "w/o-salt;without|salt",
                "w;w",
                "w rice;w|rice",
                "raw/rice;raw|/|rice",
                "salt & pepper;salt|and|pepper",
                "salt + pepper;salt|and|pepper",
                "rock 'n' roll;rock|and|roll",
                "beans and/or peas;bean|and|/|or|pea",
                "beans - soaked;bean|,|soaked",
                "quick-soaked;quick|soaked",
                "- beans;bean",
                "beans -;bean",
                "beans- soaked;bean|soaked",
                "beans -soaked;bean|soaked",
                "Soak beans. Drain;soak|bean|,|drain",
                "Soak beans.;soak|bean|,",
                "oz. beans;oz|,|bean",
                "c. beans;c|bean",
                ".c beans;c|bean",
                "a.b beans;a|b|bean",
                "1 lb. beans;1|lb|,|bean",
                "2 c. beans;2|c|bean",
                "beans (soaked);bean|,|soaked|,",
                "beans: soaked!;bean|,|soaked|,",
                "beans [a] {b};bean|,|a|,|,|b|,",
                "beans · soaked;bean|,|soaked",
                "beans 'soaked';bean|soaked",
                "100 % beans;100|bean",
                "#2 beans;2|bean",
                "豆 beans;豆|bean",
                "☃ beans;☃|bean",
            })
    void a_line_is_cut(String plain, String words) {
        assertThat(cut(plain)).isEqualTo(words);
    }

    @Test
    void each_token_knows_where_it_stands() {
        for (String plain : new String[] {"2 lb beans, w/o salt & peas.", "w/ 1/2 cup", "a - b"}) {
            int before = 0;
            for (Token token : Tokenizer.tokens(plain)) {
                assertThat(token.start()).as(plain).isGreaterThanOrEqualTo(before);
                assertThat(token.end()).as(plain).isGreaterThan(token.start()).isLessThanOrEqualTo(plain.length());
                before = token.end();
            }
        }
        assertThat(Tokenizer.tokens("2 lb beans")).contains(new Token("bean", 5, 10));
        assertThat(Tokenizer.tokens("w/o salt")).contains(new Token("without", 0, 3), new Token("salt", 4, 8));
        assertThat(Tokenizer.tokens("w/ salt")).contains(new Token("with", 0, 2));
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource({
        "beans, bean",
        "peas, pea",
        "gas, gas",
        "as, as",
        "swiss, swiss",
        "asparagus, asparagus",
        "berries, berry",
        "ties, tie",
        "pies, pie",
        "leaves, leaf",
        "halves, half",
        "glasses, glass",
        "tomatoes, tomato",
        "shoes, sho",
        "dishes, dish",
        "peaches, peach",
        "boxes, box",
        "cook's, cook's",
        "carrot, carrot",
        "olives, olif",
    })
    void the_catalogue_and_a_recipe_are_made_singular_alike(String word, String singular) {
        assertThat(Tokenizer.singular(word)).isEqualTo(singular);
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource({
        "BEANS, beans",
        "Crème, creme",
        "jalapeño, jalapeno",
        "Käse, kase",
        "Weißwurst, weisswurst",
        "œuf, oeuf",
        "Smørrebrød, smorrebrod",
        "łosoś, losos",
        "æble, aeble",
    })
    void accents_say_nothing(String word, String folded) {
        assertThat(Tokenizer.folded(word)).isEqualTo(folded);
    }
}
