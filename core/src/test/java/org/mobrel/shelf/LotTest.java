package org.mobrel.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LotTest {

    @ParameterizedTest
    @CsvSource({"0,26-1123-A", "25,26-1123-Z", "26,26-1123-AA", "27,26-1123-AB", "701,26-1123-ZZ"})
    void lots_of_a_day_are_lettered(int earlier, String code) {
        assertThat(LotCode.next(LocalDate.of(2026, 11, 23), earlier).text()).isEqualTo(code);
    }

    @Test
    void no_jar_leaves_that_is_not_there_and_none_comes_back_that_never_left() {
        Movement shelved = new Movement(MovementKind.SHELVED, 2);
        Movement eaten = new Movement(MovementKind.EATEN, 1);
        Movement back = new Movement(MovementKind.PUT_BACK, 1);
        LotCode code = new LotCode("26-1123-A");
        assertThat(new Lot(code, List.of(shelved)).allows(back)).isFalse();
        assertThat(new Lot(code, List.of(shelved, eaten)).allows(back)).isTrue();
        assertThat(new Lot(code, List.of(shelved, eaten, eaten)).allows(eaten)).isFalse();
        assertThat(new Lot(code, List.of(shelved, eaten, back)).jars()).isEqualTo(2);
    }
}
