package org.mobrel.loading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.Capacity;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;

class LoadsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            # quarts | pints | canner     | loads as quarts+pints
            7        | 0     | 7/8/2      | 7+0
            6        | 1     | 7/8/2      | 6+1
            6        | 2     | 7/8/2      | 6+1 0+1
            0        | 16    | 7/8/2      | 0+16
            0        | 16    | 7/8/1      | 0+8 0+8
            10       | 2     | 7/8/2      | 7+0 3+2
            4        | 9     | 4/9/1      | 4+0 0+9
            """)
    void jars_fill_one_load_after_another(int quarts, int pints, String canner, String expected) {
        String[] size = canner.split("/");
        Capacity capacity =
                new Capacity(Integer.parseInt(size[0]), Integer.parseInt(size[1]), Integer.parseInt(size[2]));
        List<JarCount> jars = new ArrayList<>();
        if (quarts > 0) {
            jars.add(new JarCount(JarSize.QUART, Mouth.REGULAR, quarts));
        }
        if (pints > 0) {
            jars.add(new JarCount(JarSize.PINT, Mouth.WIDE, pints));
        }
        List<String> loads = Loads.inOrder(capacity, jars).stream()
                .map(load -> count(load, JarSize.QUART) + "+" + count(load, JarSize.PINT))
                .toList();
        assertThat(String.join(" ", loads)).isEqualTo(expected);
    }

    private static int count(List<JarCount> load, JarSize size) {
        return load.stream()
                .filter(group -> group.size() == size)
                .mapToInt(JarCount::count)
                .sum();
    }
}
