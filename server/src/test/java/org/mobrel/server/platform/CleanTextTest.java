package org.mobrel.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What nobody can see does not come in; what can be seen comes in as it was. */
class CleanTextTest {

    @ParameterizedTest
    @CsvSource({
        "2 lb carrots, 2 lb carrots",
        "a\\u0000b\\u0007c, abc",
        "one\\fpage, one\\npage",
        "one\\r\\ntwo\\rthree, one\\ntwo\\nthree",
        "half \\ud83c of it, half  of it",
        "cre\\u0300me, crème",
        "a\\ufffeb\\uffffc\\ufffdd, abcd",
        "tab\\tand\\nline, tab\\tand\\nline",
        "a\\u2028b, a\\nb"
    })
    void signs(String said, String kept) {
        assertThat(CleanText.of(unescaped(said))).isEqualTo(unescaped(kept));
    }

    private static String unescaped(String text) {
        StringBuilder plain = new StringBuilder();
        for (int at = 0; at < text.length(); at++) {
            if (text.charAt(at) != '\\') {
                plain.append(text.charAt(at));
                continue;
            }
            at++;
            switch (text.charAt(at)) {
                case 'u' -> {
                    plain.append((char) Integer.parseInt(text.substring(at + 1, at + 5), 16));
                    at += 4;
                }
                case 'n' -> plain.append('\n');
                case 'r' -> plain.append('\r');
                case 'f' -> plain.append('\f');
                default -> plain.append('\t');
            }
        }
        return plain.toString();
    }

    @Test
    void no_letter_carries_more_marks_than_any_script_has() {
        assertThat(CleanText.of("x" + "\u0301".repeat(400_000) + "y\u0301"))
                .isEqualTo("x" + "\u0301".repeat(30) + "\u00FD");
    }

    @Test
    void cleaned_twice_is_cleaned_once_and_nothing_is_left_that_xml_cannot_hold() {
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 2_000; round++) {
            StringBuilder wild = new StringBuilder();
            for (int sign = 0; sign < 40; sign++) {
                wild.append((char) random.nextInt(random.nextBoolean() ? 0x100 : 0x10000));
            }
            String clean = CleanText.of(wild.toString());
            assertThat(CleanText.of(clean)).isEqualTo(clean);
            assertThat(clean.codePoints()
                            .filter(sign -> sign < ' ' && sign != '\n' && sign != '\t'
                                    || sign >= 0xD800 && sign <= 0xDFFF
                                    || (sign & 0xFFFE) == 0xFFFE))
                    .isEmpty();
        }
    }
}
