package org.mobrel.practice;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.FindingCode;
import org.mobrel.finding.Source;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** Looks up the rules that exercises quote, where they are written down. */
public final class RuleBook {

    /**
     * A rule as it is quoted.
     *
     * @param text in a sentence
     */
    public record Quoted(String text, Source source) {}

    private record Written(RuleRef ref, Quoted quoted) {}

    private static final Set<String> COLUMNS = Set.of("kind", "ref", "text", "source");

    private final Catalogue catalogue;
    private final PressureTable pressures;
    private final Map<RuleRef, Quoted> written;

    public RuleBook(Catalogue catalogue, PressureTable pressures) {
        this.catalogue = catalogue;
        this.pressures = pressures;
        List<Written> rows = Table.beside(RuleBook.class, "rules.csv", COLUMNS).map(RuleBook::written);
        this.written = rows.stream().collect(Collectors.toUnmodifiableMap(Written::ref, Written::quoted));
    }

    private static Written written(Row row) {
        return new Written(
                new RuleRef(row.word("kind", RuleRef.Kind::ofCode), row.text("ref")),
                new Quoted(row.text("text"), new Source(row.text("source"))));
    }

    /** Empty where nothing of that name is written down. */
    public Optional<Quoted> find(RuleRef ref) {
        return switch (ref.kind()) {
            case ROW ->
                catalogue.processes().stream()
                        .filter(row -> row.id().equals(ref.ref()))
                        .findFirst()
                        .map(row -> new Quoted(words(row), row.source()));
            case BAND ->
                pressures.bands().stream()
                        .filter(band -> band.id().equals(ref.ref()))
                        .findFirst()
                        .map(band -> new Quoted(words(band), band.source()));
            case STOP ->
                catalogue.stopped().stream()
                        .filter(stop -> stop.group().equals(ref.ref()))
                        .findFirst()
                        .map(stop -> new Quoted(
                                "Not in the jar: %s. Why: %s.".formatted(stop.group(), stop.why()),
                                Source.GUIDE_GENERAL));
            case FINDING, DEVIATION, WORKING ->
                Optional.ofNullable(written.get(ref)).filter(text -> exists(ref));
        };
    }

    /** A rule of the rulings is one only while there is such a finding. */
    private static boolean exists(RuleRef ref) {
        return ref.kind() != RuleRef.Kind.FINDING
                || FindingCode.ofCode(ref.ref()).isPresent();
    }

    private static String words(TestedProcess row) {
        Function<JarSize, String> minutes = size ->
                row.minutesFor(size).map(time -> time.value() + " minutes").orElse("not tested");
        return "%s, %s, %s packed: pints %s, quarts %s."
                .formatted(
                        capital(row.food()),
                        row.form(),
                        row.pack().code(),
                        minutes.apply(JarSize.PINT),
                        minutes.apply(JarSize.QUART));
    }

    private static String words(PressureTable.Band band) {
        return String.format(
                Locale.ROOT,
                "%s, above %,.0f up to %,.0f ft: %s psi.",
                band.gauge() == GaugeKind.DIAL ? "Dial gauge" : "Weighted gauge",
                band.above().feet(),
                band.upTo().feet(),
                band.pressure().psi());
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    /** Every rule that is written down for exercises alone; each has to be quoted by one. */
    public Set<RuleRef> written() {
        return written.keySet();
    }
}
