package org.mobrel.ruling;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.finding.Edit;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** Carries remedies out on a copy of the batch and rules on it in full, so that a cook sees what each would give. */
public final class RemedyEvaluator {

    private final Rulings rulings;
    private final LineReader reader;

    /** @param reader reads the lines that a remedy rewrites; the one the batch was read with */
    public RemedyEvaluator(Rulings rulings, LineReader reader) {
        this.rulings = rulings;
        this.reader = reader;
    }

    /**
     * A remedy that was tried.
     *
     * @param finding its place among the findings
     * @param remedy its place among that finding's remedies
     * @param gives the ruling on the batch with only this changed; empty lines where nothing would be left
     */
    public record Tried(int finding, int remedy, Ruling gives) {}

    /**
     * Every remedy that can be carried out by edits, with the ruling it would give. While another line stops the batch too, no
     * remedy of one line gives anything, and none of them is ruled on in full.
     */
    public List<Tried> all(Batch batch, List<Finding> findings) {
        List<Tried> tried = new ArrayList<>();
        Set<Place> stopped = findings.stream()
                .filter(Finding::isStop)
                .map(Place::of)
                .filter(Place::isSomewhere)
                .collect(Collectors.toSet());
        for (int at = 0; at < findings.size(); at++) {
            List<Remedy> remedies = findings.get(at).remedies();
            for (int number = 0; number < remedies.size(); number++) {
                if (canBeCarriedOut(batch, findings.get(at), remedies.get(number))) {
                    Batch changed =
                            apply(batch, findings.get(at), remedies.get(number).edits());
                    if (!changed.lines().isEmpty()) {
                        tried.add(new Tried(at, number, gives(changed, findings, findings.get(at), stopped)));
                    }
                }
            }
        }
        return tried;
    }

    /** A remedy for a line or a step of a variant is not for the base. */
    private static boolean canBeCarriedOut(Batch batch, Finding finding, Remedy remedy) {
        return !remedy.edits().isEmpty()
                && remedy.edits().stream().allMatch(edit -> switch (edit.part()) {
                    case LINE -> finding.line().isPresent();
                    case STEP ->
                        finding.said()
                                .filter(said ->
                                        said.step() < batch.method().ownSteps().size())
                                .isPresent();
                    case PACK, SOLIDS_SHARE, JAR_SIZE -> true;
                });
    }

    /** What a finding is about: a line, a sentence of a step, or neither. */
    private record Place(OptionalInt line, Optional<Finding.Said> said) {

        static Place of(Finding finding) {
            return new Place(finding.line(), finding.said());
        }

        boolean isSomewhere() {
            return line.isPresent() || said.isPresent();
        }
    }

    private Ruling gives(Batch changed, List<Finding> findings, Finding mended, Set<Place> stopped) {
        boolean othersStop = stopped.stream().anyMatch(place -> !place.equals(Place.of(mended)));
        return othersStop
                ? rulings.stoppedStill(findings.stream()
                        .filter(finding -> !Place.of(finding).equals(Place.of(mended)))
                        .toList())
                : rulings.ruleBriefly(changed);
    }

    /** The batch with a remedy's edits made; a line that is left out takes its index with it. */
    public Batch apply(Batch batch, Finding finding, List<Edit> edits) {
        Batch changed = batch;
        OptionalInt line = finding.line();
        for (Edit edit : edits) {
            changed = switch (edit.part()) {
                case LINE -> changed.withLines(lines(changed.lines(), line.orElseThrow(), edit));
                case PACK -> changed.with(Pack.ofCode(value(edit)).orElseThrow());
                case SOLIDS_SHARE -> changed.with(Fraction.of(new BigDecimal(value(edit)).doubleValue()));
                case JAR_SIZE ->
                    changed.with(
                            jars(changed.jars(), JarSize.ofCode(value(edit)).orElseThrow()));
                case STEP ->
                    changed.with(Method.of(
                                    changed.method()
                                            .with(
                                                    finding.said().orElseThrow().step(),
                                                    edit.to().orElse("")),
                                    changed.lines(),
                                    reader)
                            .answered(changed.method().answers()));
            };
        }
        return changed;
    }

    private static String value(Edit edit) {
        return edit.to().orElseThrow();
    }

    private List<IngredientLine> lines(List<IngredientLine> lines, int index, Edit edit) {
        List<IngredientLine> changed = new ArrayList<>(lines);
        if (edit.to().isPresent()) {
            changed.set(index, reader.read(edit.to().get()));
        } else {
            changed.remove(index);
        }
        return changed;
    }

    /** The larger jars in the smaller size; those that are small enough stay. */
    private static List<JarCount> jars(List<JarCount> jars, JarSize most) {
        return jars.stream()
                .map(jar -> jar.size().compareTo(most) > 0 ? new JarCount(most, Mouth.REGULAR, jar.count() * 2) : jar)
                .toList();
    }
}
