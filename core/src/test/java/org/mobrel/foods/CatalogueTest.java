package org.mobrel.foods;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.jars.JarSize;
import org.mobrel.tables.Table;

class CatalogueTest {

    private static final String HEADER =
            "id,food,form,pack,half_pint,pint,quart,headspace_in,source,largest_piece_in,largest_whole_in,peeled,whole,note\n";

    private final Catalogue catalogue = Catalogue.load();

    @Test
    void every_row_of_the_tables_is_there() {
        assertThat(catalogue.processes().size()).isEqualTo(47);
        assertThat(catalogue.foods().size()).isEqualTo(50);
        assertThat(catalogue.stopped().size()).isEqualTo(25);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            mushrooms             | HALF_PINT       | 45
            clams                 | HALF_PINT       | 60
            dried beans and peas  | HALF_PINT       | 75
            corn kernels          | TWELVE_OUNCE    | 55
            corn kernels          | PINT_AND_A_HALF | 85
            corn kernels          | QUART           | 85
            cream-style corn      | PINT            | 85
            cream-style corn      | PINT_AND_A_HALF |
            cream-style corn      | QUART           |
            soup                  | HALF_GALLON     |
            """)
    void a_size_takes_its_own_time_or_that_of_the_next_larger_tested_size(String row, JarSize size, Integer minutes) {
        assertThat(catalogue.table(row).minutesFor(size).map(time -> time.value()))
                .isEqualTo(Optional.ofNullable(minutes));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            soup-a,soup,x,hot,,4O,75,1,Guide 4,,,no,yes,    | processes.csv:2: pint "4O" is not a whole number
            soup-a,soup,x,warm,,60,75,1,Guide 4,,,no,yes,   | processes.csv:2: pack "warm" is not one of the known words
            soup-a,soup,x,hot,,75,60,1,Guide 4,,,no,yes,    | processes.csv:2: quart "60" is less than the time of a smaller jar
            soup-a,soup,x,hot,,,,1,Guide 4,,,no,yes,        | processes.csv:2: pint "" is empty, and so is every other size
            soup-a,soup,x,hot,,60,75,2,Guide 4,,,no,yes,    | processes.csv:2: headspace_in "2" is not 1 or 1.25
            soup-a,soup,x,hot,,60,75,1,,,,no,yes,           | processes.csv:2: source "" is empty
            soup-a,soup,x,hot,,60                       | processes.csv:2: 6 cells under 14 columns
            """)
    void a_bad_cell_stops_the_start_and_names_file_line_and_column(String row, String message) {
        assertThatThrownBy(() -> CatalogueReader.processes(
                        Table.ofText("processes.csv", HEADER + row, CatalogueReader.PROCESS_COLUMNS)))
                .hasMessage(message);
    }
}
