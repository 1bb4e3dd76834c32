package org.mobrel.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LotTest {

    private static final LotCode CODE = new LotCode("26-1123-A");
    private static final Place CELLAR = new Place("Cellar");

    @ParameterizedTest
    @CsvSource({"0,26-1123-A", "25,26-1123-Z", "26,26-1123-AA", "27,26-1123-AB", "701,26-1123-ZZ"})
    void lots_of_a_day_are_lettered(int earlier, String code) {
        assertThat(LotCode.next(LocalDate.of(2026, 11, 23), earlier).text()).isEqualTo(code);
    }

    private static Lot lot(Movement... movements) {
        List<Movement> numbered = new ArrayList<>();
        for (Movement movement : movements) {
            numbered.add(numbered(numbered.size() + 1, movement));
        }
        return new Lot(CODE, numbered);
    }

    private static Movement numbered(long id, Movement movement) {
        return new Movement(id, movement.kind(), movement.jars(), movement.from(), movement.to(), movement.undoes());
    }

    @Test
    void no_jar_leaves_that_is_not_there_and_none_comes_back_that_never_left() {
        Movement shelved = Movement.in(MovementKind.SHELVED, 2, Place.SHELF);
        Movement eaten = Movement.out(MovementKind.EATEN, 1, Place.SHELF);
        Movement back = Movement.in(MovementKind.PUT_BACK, 1, CELLAR);
        assertThat(lot(shelved).allows(back)).isFalse();
        assertThat(lot(shelved, eaten).allows(back)).isTrue();
        assertThat(lot(shelved, eaten, eaten).allows(eaten)).isFalse();
        assertThat(lot(shelved).allows(Movement.out(MovementKind.EATEN, 1, CELLAR)))
                .isFalse();
        assertThat(lot(shelved).allows(shelved)).isFalse();
        assertThat(lot(shelved, eaten, back).jarsAt()).isEqualTo(Map.of(Place.SHELF, 1, CELLAR, 1));
        assertThat(lot(shelved, Movement.out(MovementKind.USED, 1, Place.SHELF)).allows(back))
                .as("what went into a pot does not come back")
                .isFalse();
    }

    @Test
    void a_broken_ledger_can_be_shown_and_a_count_mends_it_and_nothing_else_leaves() {
        Movement shelved = Movement.in(MovementKind.SHELVED, 2, Place.SHELF);
        Movement used = Movement.out(MovementKind.USED, 2, Place.SHELF);
        Movement eaten = Movement.out(MovementKind.EATEN, 1, Place.SHELF);
        Lot broken = lot(shelved, used, eaten);
        assertThat(broken.missingAt()).isEqualTo(Map.of(Place.SHELF, 1));
        assertThat(broken.jars()).isZero();
        assertThat(broken.jarsAt()).isEmpty();
        assertThat(broken.balanceAt(Place.SHELF)).isEqualTo(-1);
        assertThat(broken.allows(eaten)).isFalse();
        Movement found = Movement.in(MovementKind.FOUND, 1, Place.SHELF);
        assertThat(broken.allows(found)).isTrue();
        assertThat(broken.allows(Movement.in(MovementKind.FOUND, 2, Place.SHELF)))
                .as("more than ever were there")
                .isFalse();
        Lot mended = lot(shelved, used, eaten, found);
        assertThat(mended.missingAt()).isEmpty();
        assertThat(mended.jars()).isZero();
    }

    @Test
    void a_movement_is_taken_back_once_and_only_while_the_rest_still_holds() {
        Movement shelved = Movement.in(MovementKind.SHELVED, 3, Place.SHELF);
        Movement moved = Movement.between(Place.SHELF, CELLAR, 2);
        Movement eaten = Movement.out(MovementKind.EATEN, 2, CELLAR);
        Lot lot = lot(shelved, moved, eaten);
        Movement undoMove = Movement.undoing(lot.movements().get(1));
        Movement undoEaten = Movement.undoing(lot.movements().get(2));
        assertThat(lot.allows(undoMove)).as("they were eaten from there").isFalse();
        assertThat(lot.allows(Movement.undoing(lot.movements().get(0)))).isFalse();
        assertThat(lot.allows(undoEaten)).isTrue();
        Lot after = lot(shelved, moved, eaten, undoEaten);
        assertThat(after.jarsAt(CELLAR)).isEqualTo(2);
        assertThat(after.total(MovementKind.EATEN)).isZero();
        assertThat(after.allows(undoEaten)).isFalse();
        assertThat(after.allows(undoMove)).isTrue();
    }

    /** One command: a kind, how many, between which places; which line it takes back. */
    private record Wish(MovementKind kind, int jars, Place from, Place to, int line) {
        Movement on(List<Movement> ledger) {
            if (kind == MovementKind.UNDONE) {
                return Movement.undoing(ledger.get(line % ledger.size()));
            }
            return new Movement(
                    0,
                    kind,
                    jars,
                    kind.leaves() ? Optional.of(from) : Optional.empty(),
                    kind.comes() ? Optional.of(to) : Optional.empty(),
                    Optional.empty());
        }
    }

    @Provide
    Arbitrary<List<Wish>> commands() {
        Arbitrary<Place> places = Arbitraries.of(Place.SHELF, CELLAR, new Place("Kitchen"));
        return Combinators.combine(
                        Arbitraries.of(MovementKind.values()),
                        Arbitraries.integers().between(1, 3),
                        places,
                        places,
                        Arbitraries.integers().between(0, 40))
                .as(Wish::new)
                .list()
                .ofMaxSize(40);
    }

    @Property(tries = 2_000)
    void every_jar_is_somewhere_and_nowhere_twice(@ForAll("commands") List<Wish> commands) {
        Lot lot = lot(Movement.in(MovementKind.SHELVED, 7, Place.SHELF));
        for (Wish command : commands) {
            Movement next = command.on(lot.movements());
            if (lot.allows(next)) {
                List<Movement> more = new ArrayList<>(lot.movements());
                more.add(numbered(more.size() + 1, next));
                lot = new Lot(CODE, more);
            }
            int gone = lot.total(MovementKind.EATEN)
                    + lot.total(MovementKind.GIVEN)
                    + lot.total(MovementKind.SPOILED)
                    + lot.total(MovementKind.USED)
                    + lot.total(MovementKind.MISSING)
                    - lot.total(MovementKind.PUT_BACK)
                    - lot.total(MovementKind.FOUND);
            assertThat(lot.jars() + gone).isEqualTo(7);
            assertThat(lot.jarsAt().values().stream()
                            .mapToInt(Integer::intValue)
                            .sum())
                    .isEqualTo(lot.jars());
            assertThat(lot.jarsAt().values()).allMatch(jars -> jars > 0);
            assertThat(lot.jars()).isBetween(0, 7 - lot.used());
        }
    }
}
