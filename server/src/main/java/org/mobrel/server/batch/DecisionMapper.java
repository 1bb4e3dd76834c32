package org.mobrel.server.batch;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Food;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.ruling.LineRuling;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.server.ruling.RulingService;

/** Turns a ruling into what is kept of it. */
final class DecisionMapper {

    private DecisionMapper() {}

    static StoredDecision of(Ruling ruling, TimingPolicy school) {
        Optional<Timing> timing = ruling.timing();
        return new StoredDecision(
                StoredDecision.VERSION,
                ruling.tableVersion().code(),
                school.code(),
                ruling.verdict().code(),
                ruling.headline(),
                or(timing.map(Timing::minutes).map(Minutes::value)),
                timing.map(known -> sizes(known.minutesBySize())).orElse(Map.of()),
                or(timing.map(Timing::truePressure).map(GaugePressure::milliPsi)),
                or(timing.map(Timing::reading).map(GaugePressure::milliPsi)),
                or(timing.map(known -> known.setBy().code())),
                or(timing.map(known -> known.timedBy().code())),
                ruling.lines().stream().map(DecisionMapper::line).toList(),
                ruling.findings().stream().map(DecisionMapper::found).toList(),
                ruling.rows().stream()
                        .map(use -> new StoredDecision.Row(
                                use.row(),
                                use.part().code(),
                                use.line().isPresent() ? use.line().getAsInt() : null))
                        .toList());
    }

    private static StoredDecision.Line line(LineRuling ruled) {
        return new StoredDecision.Line(
                ruled.line().text(),
                RulingService.roleOf(ruled),
                or(ruled.line().named().map(Food::id)),
                or(ruled.form()),
                ruled.hasRow() ? sizes(ruled.minutes()) : Map.of(),
                or(ruled.source().map(source -> source.text())),
                ruled.line().given().stream()
                        .map(given -> new StoredDecision.Answer(
                                given.code().code(),
                                given.words(),
                                given.choice().code(),
                                given.choice().text()))
                        .toList());
    }

    private static StoredDecision.Found found(Finding finding) {
        return new StoredDecision.Found(
                finding.code(),
                finding.severity().name().toLowerCase(java.util.Locale.ROOT),
                finding.line().isPresent() ? finding.line().getAsInt() : null,
                finding.text());
    }

    private static Map<String, Integer> sizes(Map<JarSize, Minutes> minutes) {
        Map<String, Integer> sizes = new LinkedHashMap<>();
        for (JarSize size : JarSize.values()) {
            Minutes time = minutes.get(size);
            if (time != null) {
                sizes.put(size.code(), time.value());
            }
        }
        return sizes;
    }

    private static <T> @Nullable T or(Optional<T> value) {
        return value.orElse(null);
    }
}
