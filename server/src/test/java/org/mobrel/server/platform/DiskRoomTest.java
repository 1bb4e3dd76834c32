package org.mobrel.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When the room on the disk is worth a word, and which. */
class DiskRoomTest {

    private static final long MB = 1_024 * 1_024;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    0    | 0   |
                    9000 | 300 |
                    9000 | 299 | The disk is nearly full. 299 MB left where the kitchen is stored. Make room before a long day: delete or move something large, such as old backups.
                    9000 | 16  | The disk is nearly full. 16 MB left where the kitchen is stored. Make room before a long day: delete or move something large, such as old backups.
                    9000 | 12  | The disk is full. 12 MB left where the kitchen is stored. Steps are not stored until there is room again: delete or move something large, such as old backups.
                    9000 | 0   | The disk is full. 0 MB left where the kitchen is stored. Steps are not stored until there is room again: delete or move something large, such as old backups.
                    """)
    void by_what_is_left(long total, long left, String words) {
        assertThat(DiskRoom.of(total * MB, left * MB)
                        .map(room -> room.title() + ". " + room.detail())
                        .orElse(null))
                .isEqualTo(words);
    }
}
