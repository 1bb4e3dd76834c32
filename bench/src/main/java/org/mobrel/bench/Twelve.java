package org.mobrel.bench;

import java.util.List;
import java.util.stream.IntStream;

/** A soup of twelve lines such as cooks write, and the same copied to two hundred. */
final class Twelve {

    static final List<String> LINES = List.of(
            "1 1/2 lb dried kidney beans, soaked overnight",
            "5 cups butternut squash, peeled, in 1-inch cubes",
            "3 lb boneless turkey, cubed",
            "2-3 ribs celery, sliced",
            "1 large onion, chopped",
            "5 cloves garlic, minced",
            "1 (15-oz) can diced tomatoes",
            "6 cups chopped kale",
            "2 quarts chicken stock, chilled and skimmed",
            "2 tsp smoked paprika",
            "1½ tsp salt, or to taste",
            "1 bay leaf");

    private Twelve() {}

    static List<String> lines(int count) {
        return IntStream.range(0, count)
                .mapToObj(index -> LINES.get(index % LINES.size()))
                .toList();
    }
}
