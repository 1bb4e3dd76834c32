package org.mobrel.freezer;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mobrel.quantity.Length;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineEdits;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Rulings;

/**
 * What to do with a stopped dish.
 *
 * @param volume what the pot holds, by kitchen averages; zero where no line can be measured
 * @param portions ways to share it out, the smaller first; empty where the volume is not known
 * @param months how long it keeps its quality frozen, from and to
 * @param base the part that may go into jars, where there is one
 */
public record FreezerRoute(Volume volume, List<Portioning> portions, Months months, Optional<Base> base) {

    /** Soups with cream or starch keep about so long : a matter of quality. */
    static final Months KEEPS = new Months(3, 4);

    public FreezerRoute {
        portions = List.copyOf(portions);
    }

    /** A span of months. */
    public record Months(int from, int to) {}

    /**
     * The pot in boxes of one size.
     *
     * @param boxes whole boxes, the last one perhaps not full
     * @param room to leave below the lid
     */
    public record Portioning(String box, int boxes, Length room) {}

    /**
     * The same dish without what stops it.
     *
     * @param lines the text of every line, those kept for serving marked as such
     * @param atServing indexes of the lines that are added when the jar is opened
     * @param ruling what the base gets
     */
    public record Base(List<String> lines, List<Integer> atServing, Ruling ruling) {

        public Base {
            lines = List.copyOf(lines);
            atServing = List.copyOf(atServing);
        }
    }

    public static FreezerRoute of(Batch batch, Rulings rulings, LineReader reader) {
        Volume volume = batch.lines().stream()
                .flatMap(line -> Portions.of(line, batch.pack()).stream())
                .map(FreezerRoute::inPot)
                .reduce(Volume.ZERO, Volume::plus);
        List<Portioning> portions = volume.isZero()
                ? List.of()
                : Arrays.stream(FreezerBox.values())
                        .map(box -> new Portioning(box.code(), box.count(volume), box.room()))
                        .toList();
        return new FreezerRoute(volume, portions, KEEPS, base(batch, rulings, reader));
    }

    private static Volume inPot(Portion portion) {
        return portion.solid().plus(portion.broth());
    }

    /** Without the stopped lines, if anything is left that may be canned. */
    private static Optional<Base> base(Batch batch, Rulings rulings, LineReader reader) {
        List<Integer> atServing = IntStream.range(0, batch.lines().size())
                .filter(index -> isStopped(batch.lines().get(index)))
                .boxed()
                .toList();
        if (atServing.isEmpty()) {
            return Optional.empty();
        }
        List<String> texts = IntStream.range(0, batch.lines().size())
                .mapToObj(index -> atServing.contains(index)
                        ? LineEdits.atServing(batch.lines().get(index)).orElseThrow()
                        : batch.lines().get(index).text())
                .toList();
        Ruling ruling = rulings.rule(batch.withLines(reader.readAll(texts)));
        return ruling.timing().isPresent() ? Optional.of(new Base(texts, atServing, ruling)) : Optional.empty();
    }

    private static boolean isStopped(IngredientLine line) {
        return line.goesIntoJar() && (line.isUnknown() || !line.stopped().isEmpty());
    }
}
