package org.mobrel.jars;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mobrel.quantity.Volume;

/** What jars hold, by the table and by a cook's own water. */
class JarTableTest {

    private static final JarKind QUART = new JarKind(JarSize.QUART, Mouth.REGULAR);
    private static final JarKind NO_JAR = new JarKind(JarSize.PINT_AND_A_HALF, Mouth.REGULAR);

    private final JarTable table = JarTable.load();

    private static Volume ml(double millilitres) {
        return Volume.ofMillilitres(millilitres);
    }

    @Test
    void a_jar_filled_with_water_replaces_the_average_of_its_kind_alone() {
        JarTable measured = table.calibrated(Map.of(QUART, ml(880), NO_JAR, ml(500)));
        assertThat(measured.fill(JarSize.QUART, Mouth.REGULAR, Headspace.ONE_INCH))
                .contains(ml(880));
        assertThat(measured.fill(JarSize.QUART, Mouth.REGULAR, Headspace.ONE_AND_A_QUARTER_INCHES))
                .contains(ml(855));
        assertThat(measured.brim(JarSize.QUART, Mouth.REGULAR)).contains(ml(953));
        assertThat(measured.fill(JarSize.QUART, Mouth.WIDE, Headspace.ONE_INCH)).contains(ml(858));
        assertThat(measured.kinds()).isEqualTo(table.kinds());
        assertThat(table.fill(JarSize.QUART, Mouth.REGULAR, Headspace.ONE_INCH)).contains(ml(902));
    }

    @Test
    void more_headspace_never_means_more_food_and_every_jar_has_room_above_it() {
        assertThat(table.kinds()).hasSize(8).startsWith(QUART).allSatisfy(kind -> {
            Volume inch =
                    table.fill(kind.size(), kind.mouth(), Headspace.ONE_INCH).orElseThrow();
            Volume lower = table.fill(kind.size(), kind.mouth(), Headspace.ONE_AND_A_QUARTER_INCHES)
                    .orElseThrow();
            assertThat(lower).isLessThan(inch);
            assertThat(table.brim(kind.size(), kind.mouth()).orElseThrow()).isGreaterThan(inch);
        });
        assertThat(table.fill(NO_JAR.size(), NO_JAR.mouth(), Headspace.ONE_INCH))
                .isEmpty();
    }
}
