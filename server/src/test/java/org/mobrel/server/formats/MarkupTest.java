package org.mobrel.server.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Marks go, text stays, and a line that a mark ends is a line. */
class MarkupTest {

    @ParameterizedTest
    @CsvSource({
        "2 lb <b>carrots</b>, 2 lb carrots",
        "one<br>two, one|two",
        "one<br />two, one|two",
        "<ul><li>one</li><li>two</li></ul>, one|two|",
        "<p>one</p>two, one|two",
        "less < more, less < more",
        "a <> b, a <> b",
        "<<b>bold, bold",
        "cut <off, cut <off"
    })
    void marks(String text, String plain) {
        assertThat(Markup.without(text)).isEqualTo(plain.replace('|', '\n'));
    }

    /** Without marks that end a line, it takes out what the pattern for a mark would. */
    @Test
    void what_is_left_is_what_a_pattern_would_leave() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 5_000; round++) {
            StringBuilder wild = new StringBuilder();
            for (int sign = 0; sign < 24; sign++) {
                wild.append("<>ab 1".charAt(random.nextInt(6)));
            }
            String text = wild.toString();
            assertThat(Markup.without(text)).as(text).isEqualTo(text.replaceAll("<[^>]+>", ""));
        }
    }
}
