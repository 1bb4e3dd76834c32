package org.mobrel.tables;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import org.apache.commons.csv.CSVRecord;

/** One row of a table; every accessor refuses a cell it cannot read and says where it stands. */
public final class Row {

    private final String file;
    private final long line;
    private final CSVRecord cells;

    Row(String file, long line, CSVRecord cells) {
        this.file = file;
        this.line = line;
        this.cells = cells;
    }

    /** The cell's text; empty text is a mistake. */
    public String text(String column) {
        return optionalText(column).orElseThrow(() -> wrong(column, "is empty"));
    }

    public Optional<String> optionalText(String column) {
        return Optional.of(cells.get(column)).filter(text -> !text.isEmpty());
    }

    /** The parts of a cell that are parted by semicolons. */
    public List<String> list(String column) {
        return Arrays.stream(cells.get(column).split(";"))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .toList();
    }

    /** A whole number of at least 0. */
    public int wholeNumber(String column) {
        return optionalWholeNumber(column).orElseThrow(() -> wrong(column, "is empty"));
    }

    public OptionalInt optionalWholeNumber(String column) {
        String text = cells.get(column);
        if (text.isEmpty()) {
            return OptionalInt.empty();
        }
        if (!text.matches("\\d{1,9}")) {
            throw wrong(column, "is not a whole number");
        }
        return OptionalInt.of(Integer.parseInt(text));
    }

    /** A decimal number above 0. */
    public double positive(String column) {
        return optionalPositive(column).orElseThrow(() -> wrong(column, "is empty"));
    }

    public OptionalDouble optionalPositive(String column) {
        String text = cells.get(column);
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        if (!text.matches("\\d{1,9}(\\.\\d{1,9})?") || Double.parseDouble(text) <= 0) {
            throw wrong(column, "is not a number above 0");
        }
        return OptionalDouble.of(Double.parseDouble(text));
    }

    /** One of a fixed set of words. */
    public <T> T word(String column, Function<String, Optional<T>> meaning) {
        return meaning.apply(text(column)).orElseThrow(() -> wrong(column, "is not one of the known words"));
    }

    /** The mistake in a cell, to be thrown by whoever knows what the cell should have held. */
    public TableException wrong(String column, String whatIsWrong) {
        return new TableException(file, line, "%s \"%s\" %s".formatted(column, cells.get(column), whatIsWrong));
    }
}
