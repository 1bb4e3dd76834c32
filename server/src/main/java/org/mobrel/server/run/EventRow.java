package org.mobrel.server.run;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.AnsweredAlarm;
import org.mobrel.run.CheckTick;
import org.mobrel.run.Correction;
import org.mobrel.run.Decision;
import org.mobrel.run.EventDetail;
import org.mobrel.run.EventKind;
import org.mobrel.run.Heard;
import org.mobrel.run.HeatSource;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.JarCheck;
import org.mobrel.run.JarFate;
import org.mobrel.run.JarSeat;
import org.mobrel.run.LeftJar;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.Seen;
import org.mobrel.run.WaterSeen;
import org.mobrel.run.WeightState;
import org.mobrel.run.ZeroSigns;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;

/** An event as the columns of its row, and back. */
final class EventRow {

    private EventRow() {}

    static RunEvent event(ResultSet row) throws SQLException {
        EventKind kind = EventKind.ofCode(row.getString("kind")).orElseThrow();
        Instant at = SqlTime.get(row, "happened_at");
        boolean late = row.getObject("heard_at") != null;
        String by = row.getString("told_by");
        return new RunEvent(
                kind,
                at,
                late ? SqlTime.get(row, "heard_at") : at,
                detail(kind, row),
                row.getObject("device_id") == null ? Reporter.cook(by) : Reporter.gauge(by),
                row.getString("note"));
    }

    private static Optional<EventDetail> detail(EventKind kind, ResultSet row) throws SQLException {
        return switch (kind) {
            case READING, WEIGHT_KNOCKED, CANNER_MOVED, PRESSURE_NEEDED ->
                reading(row).map(EventDetail.class::cast);
            case CHECK ->
                Optional.of(new CheckTick(
                        CheckTick.Check.ofCode(row.getString("check_code")).orElseThrow(), row.getBoolean("waived")));
            case JAR_IN, JAR_BACK -> Optional.of(new JarSeat(row.getInt("jar")));
            case JAR_CHECKED ->
                Optional.of(new JarCheck(
                        row.getInt("jar"),
                        row.getBoolean("sealed"),
                        JarCheck.LiquidLoss.ofCode(row.getString("liquid_loss")).orElseThrow(),
                        Optional.ofNullable(row.getString("jar_level"))
                                .flatMap(JarCheck.Level::ofCode)
                                .orElse(JarCheck.Level.RIGHT),
                        row.getObject("band_off") == null || row.getBoolean("band_off")));
            case JAR_LEFT ->
                Optional.of(new LeftJar(
                        row.getInt("jar"),
                        LeftJar.Place.ofCode(row.getString("place")).orElseThrow()));
            case PRESSURE_ZERO -> {
                boolean cooled = row.getBoolean("cooled");
                yield Optional.ofNullable(row.getString("zero_signs"))
                        .map(signs -> new ZeroSigns(
                                Arrays.stream(signs.split(" "))
                                        .map(sign -> ZeroSigns.Sign.ofCode(sign).orElseThrow())
                                        .collect(Collectors.toSet()),
                                cooled));
            }
            case ALARM_ANSWERED -> Optional.of(new AnsweredAlarm(row.getString("place")));
            case STANDS_ON -> Optional.ofNullable(row.getString("place")).flatMap(HeatSource::ofCode);
            case WATER_SEEN -> Optional.of(new WaterSeen(row.getBoolean("water_left")));
            case HEARD -> Optional.of(new Heard(Duration.ofMillis(row.getInt("listened_ms")), row.getInt("knocks")));
            case SEEN ->
                Optional.of(new Seen(
                        new GaugePressure(row.getInt("seen_low")),
                        new GaugePressure(row.getInt("seen_high")),
                        row.getInt("looks")));
            case JAR_SETTLED ->
                Optional.of(new JarFate(
                        row.getInt("jar"),
                        Decision.ofCode(row.getString("decision")).orElseThrow()));
            case CORRECTION -> Optional.of(new Correction(row.getInt("corrects"), reading(row)));
            case DECIDED ->
                Optional.of(Decision.ofCode(row.getString("decision")).orElseThrow());
            default -> Optional.empty();
        };
    }

    private static Optional<InstrumentReading> reading(ResultSet row) throws SQLException {
        Integer dial = row.getObject("dial_psi", Integer.class);
        Integer jiggles = row.getObject("jiggles", Integer.class);
        if (dial != null) {
            return Optional.of(InstrumentReading.ofDial(new GaugePressure(dial)));
        }
        return jiggles != null
                ? Optional.of(InstrumentReading.ofJiggles(jiggles))
                : Optional.ofNullable(row.getString("weight"))
                        .flatMap(WeightState::ofCode)
                        .map(InstrumentReading::ofWeight);
    }

    static JdbcClient.StatementSpec params(JdbcClient.StatementSpec insert, RunEvent event) {
        Optional<InstrumentReading> reading =
                event.as(InstrumentReading.class).or(() -> event.correction().flatMap(Correction::instead));
        Optional<CheckTick> tick = event.as(CheckTick.class);
        return insert.param("kind", event.kind().code())
                .param("at", SqlTime.of(event.at()))
                .param("heard", event.isHeardLate() ? SqlTime.of(event.heard()) : null)
                .param("dial", or(reading.flatMap(InstrumentReading::dial).map(GaugePressure::milliPsi)))
                .param("weight", or(reading.flatMap(InstrumentReading::weight).map(WeightState::code)))
                .param("jiggles", or(reading.flatMap(InstrumentReading::jiggles)))
                .param("jar", or(whichJar(event)))
                .param("signs", or(event.as(ZeroSigns.class).map(zero -> zero.seen().stream()
                        .map(ZeroSigns.Sign::code)
                        .sorted()
                        .collect(Collectors.joining(" ")))))
                .param("cooled", or(event.as(ZeroSigns.class).map(ZeroSigns::cooled)))
                .param("place", or(place(event)))
                .param("listened", or(event.as(Heard.class).map(heard -> heard.listened()
                        .toMillis())))
                .param("knocks", or(event.as(Heard.class).map(Heard::knocks)))
                .param("seenLow", or(event.as(Seen.class).map(seen -> seen.lowest()
                        .milliPsi())))
                .param("seenHigh", or(event.as(Seen.class).map(seen -> seen.highest()
                        .milliPsi())))
                .param("looks", or(event.as(Seen.class).map(Seen::looks)))
                .param("waterLeft", or(event.as(WaterSeen.class).map(WaterSeen::left)))
                .param("sealed", or(event.jar().map(JarCheck::sealed)))
                .param("loss", or(event.jar().map(jar -> jar.loss().code())))
                .param("level", or(event.jar().map(jar -> jar.level().code())))
                .param("bandOff", or(event.jar().map(JarCheck::bandOff)))
                .param("check", or(tick.map(each -> each.check().code())))
                .param("waived", or(tick.map(CheckTick::waived)))
                .param("corrects", or(event.correction().map(Correction::event)))
                .param(
                        "decision",
                        or(event.as(Decision.class)
                                .or(() -> event.as(JarFate.class).map(JarFate::decision))
                                .map(Decision::code)))
                .param("by", Objects.requireNonNull(event.by().name()))
                .param("note", event.note());
    }

    /** Where a jar went, what heats the canner, or which alarm was answered. */
    static Optional<String> place(RunEvent event) {
        return event.as(LeftJar.class)
                .map(left -> left.place().code())
                .or(() -> event.as(HeatSource.class).map(HeatSource::code))
                .or(() -> event.as(AnsweredAlarm.class).map(AnsweredAlarm::what));
    }

    /** The jar that an event is about, by its number in the load. */
    static Optional<Integer> whichJar(RunEvent event) {
        return event.jar()
                .map(JarCheck::jar)
                .or(() -> event.as(JarSeat.class).map(JarSeat::jar))
                .or(() -> event.as(LeftJar.class).map(LeftJar::jar))
                .or(() -> event.as(JarFate.class).map(JarFate::jar));
    }

    private static <T> @Nullable T or(Optional<T> value) {
        return value.orElse(null);
    }
}
