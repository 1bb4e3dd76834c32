package org.mobrel.day;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.quantity.Minutes;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** How long the steps before the jars take, from {@code work.csv}: kitchen averages, and for a soak what the tested rows demand. */
public final class WorkTable {

    /**
     * A step of the work.
     *
     * @param code as the steps of the tested rows are called, such as 'soak'
     * @param hands how long it asks for what {@code attention} says
     * @param rest how long it then lies by itself; zero for most
     * @param burner whether it needs one
     * @param board whether it waits for what is peeled and cut
     */
    public record Work(
            String code, String title, Attention attention, Span hands, Rest rest, boolean burner, boolean board) {

        /** The same for so long. */
        public Work lasting(Span other) {
            return new Work(code, title, attention, other, rest, burner, board);
        }

        /** The same under another title. */
        public Work titled(String other) {
            return new Work(code, other, attention, hands, rest, burner, board);
        }
    }

    /** Between so many minutes; nothing is done meanwhile. */
    public record Rest(Minutes least, Minutes most, String title) {
        boolean isNone() {
            return most.value() == 0;
        }
    }

    private static final Set<String> COLUMNS = Set.of(
            "code",
            "title",
            "attention",
            "least",
            "usual",
            "most",
            "rest_least",
            "rest_most",
            "rest_title",
            "burner",
            "board",
            "source");

    private final List<Work> works;

    private WorkTable(List<Work> works) {
        this.works = List.copyOf(works);
    }

    /** @throws org.mobrel.tables.TableException if a cell cannot be read */
    public static WorkTable load() {
        return new WorkTable(Table.beside(WorkTable.class, "work.csv", COLUMNS).map(WorkTable::work));
    }

    private static Work work(Row row) {
        return new Work(
                row.text("code"),
                row.text("title"),
                row.word("attention", Attention::ofCode),
                Span.of(row.wholeNumber("least"), row.wholeNumber("usual"), row.wholeNumber("most")),
                new Rest(
                        new Minutes(row.wholeNumber("rest_least")),
                        new Minutes(row.wholeNumber("rest_most")),
                        row.optionalText("rest_title").orElse("")),
                row.word("burner", WorkTable::yesOrNo),
                row.word("board", WorkTable::yesOrNo));
    }

    private static Optional<Boolean> yesOrNo(String word) {
        return switch (word) {
            case "yes" -> Optional.of(true);
            case "no" -> Optional.of(false);
            default -> Optional.empty();
        };
    }

    /** The work of a step; empty for a step that takes no time of its own, such as filling half way. */
    public Optional<Work> of(String code) {
        return works.stream().filter(work -> work.code().equals(code)).findFirst();
    }
}
