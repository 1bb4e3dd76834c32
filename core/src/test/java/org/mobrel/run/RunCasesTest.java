package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.mobrel.Cases;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import tools.jackson.databind.JsonNode;

/** Timelines with the state expected at given instants. */
class RunCasesTest {

    private static final Instant START = Instant.parse("2026-03-07T14:00:00Z");

    @TestFactory
    Stream<DynamicTest> every_timeline_shows_the_expected_states() throws IOException {
        return Cases.of("run-cases.json").flatMap(timeline -> timeline.get("expect")
                .valueStream()
                .map(expected -> DynamicTest.dynamicTest(
                        timeline.get("name").asString() + ", until " + expected.get("until"),
                        () -> assertThat(replay(timeline, expected)).isEqualTo(plain(expected)))));
    }

    /** The facts the case asks for, as they follow from its commands. */
    private static Map<String, Object> replay(JsonNode timeline, JsonNode expected) {
        RunPlan plan = plan(timeline.get("plan"));
        double until = expected.get("until").asDouble();
        List<RunEvent> events = new ArrayList<>();
        List<Object> refusals = new ArrayList<>();
        for (JsonNode command : timeline.get("commands").valueStream().toList()) {
            if (command.get("at").asDouble() <= until) {
                CommandResult answer = RunRules.decide(RunHistory.of(plan, events), command(command));
                answer.event().ifPresent(events::add);
                answer.refusal().ifPresent(refusal -> refusals.add(refused(command, refusal)));
            }
        }
        Instant now = at(until);
        return facts(plan, RunState.after(plan, events).seenAt(plan, now), now, expected, refusals);
    }

    private static Map<String, Object> facts(
            RunPlan plan, RunState state, Instant now, JsonNode expected, List<Object> refusals) {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("until", expected.get("until").asDouble());
        facts.put("stage", state.stage().code());
        facts.put("complete", state.holdComplete());
        facts.put("deviations", state.deviations().stream().map(Deviation::code).toList());
        facts.put("refusals", refusals);
        if (expected.has("holdElapsed")) {
            Duration elapsed = state.holdElapsed(plan, now);
            facts.put("holdElapsed", minutes(elapsed));
            facts.put("holdRemaining", minutes(plan.process().duration().minus(elapsed)));
            facts.put(
                    "earliestHeatOff",
                    minutes(Duration.between(START, state.earliestHeatOff(plan).orElseThrow())));
        }
        if (expected.has("heldFor")) {
            facts.put("heldFor", state.heldFor());
        }
        if (expected.has("inCanner")) {
            facts.put("inCanner", (double) state.inCanner(plan).size());
        }
        if (expected.has("waterLeft")) {
            facts.put(
                    "waterLeft",
                    state.waterLeft(plan)
                            .map(left -> Math.round(left.millilitres() / 10) / 100.0)
                            .orElse(-1.0));
        }
        state.ventRemaining(now).ifPresent(left -> facts.put("ventRemaining", minutes(left)));
        state.settleRemaining(now).ifPresent(left -> facts.put("settleRemaining", minutes(left)));
        return facts;
    }

    private static Map<String, Object> refused(JsonNode command, Refusal refusal) {
        Map<String, Object> refused = new LinkedHashMap<>();
        refused.put("at", command.get("at").asDouble());
        refused.put("type", command.get("type").asString());
        refused.put("why", refusal.why());
        refusal.left().ifPresent(left -> refused.put("waitMinutes", minutes(left)));
        return refused;
    }

    private static RunPlan plan(JsonNode plan) {
        return new RunPlan(
                new Minutes(plan.get("minutes").asInt()),
                GaugePressure.ofPsi(plan.get("targetPsi").decimalValue()),
                GaugeKind.ofCode(plan.get("gauge").asString()).orElseThrow(),
                plan.path("jars").asInt(7),
                Jiggles.NOT_COUNTED,
                Optional.ofNullable(plan.get("startWaterL"))
                        .map(litres -> Volume.ofMillilitres(litres.asDouble() * 1000)),
                Duration.ofMinutes(plan.path("zeroNotBefore").asInt(0)),
                plan.path("care")
                        .valueStream()
                        .map(code -> CheckTick.Check.ofCode(code.asString()).orElseThrow())
                        .collect(Collectors.toSet()));
    }

    private static RunEvent command(JsonNode command) {
        EventKind kind = EventKind.ofCode(command.get("type").asString()).orElseThrow();
        return new RunEvent(
                kind,
                at(command.get("at").asDouble()),
                at(command.get("at").asDouble()),
                detail(kind, command),
                Reporter.SOMEBODY,
                "");
    }

    private static Optional<EventDetail> detail(EventKind kind, JsonNode command) {
        return switch (kind) {
            case READING, WEIGHT_KNOCKED, CANNER_MOVED -> reading(command).map(EventDetail.class::cast);
            case PRESSURE_ZERO ->
                command.has("signs")
                        ? Optional.of(new ZeroSigns(
                                command.get("signs")
                                        .valueStream()
                                        .map(sign -> ZeroSigns.Sign.ofCode(sign.asString())
                                                .orElseThrow())
                                        .collect(Collectors.toSet()),
                                command.path("cooled").asBoolean(false)))
                        : Optional.empty();
            case JAR_IN, JAR_BACK -> Optional.of(new JarSeat(command.get("jar").asInt()));
            case JAR_LEFT ->
                Optional.of(new LeftJar(
                        command.get("jar").asInt(),
                        LeftJar.Place.ofCode(command.get("place").asString()).orElseThrow()));
            case JAR_CHECKED -> Optional.of(new JarCheck(command.get("jar").asInt(), true, JarCheck.LiquidLoss.NONE));
            case WATER_SEEN -> Optional.of(new WaterSeen(command.get("left").asBoolean()));
            default -> Optional.empty();
        };
    }

    private static Optional<InstrumentReading> reading(JsonNode command) {
        return Optional.ofNullable(command.get("psi"))
                .map(psi -> InstrumentReading.ofDial(GaugePressure.ofPsi(new BigDecimal(psi.asString()))))
                .or(() -> Optional.ofNullable(command.get("weight"))
                        .map(weight -> InstrumentReading.ofWeight(
                                WeightState.ofCode(weight.asString()).orElseThrow())));
    }

    private static Instant at(double minutes) {
        return START.plusMillis(Math.round(minutes * 60_000));
    }

    private static double minutes(Duration time) {
        return time.toMillis() / 60_000.0;
    }

    private static Map<String, Object> plain(JsonNode expected) {
        Map<String, Object> plain = new LinkedHashMap<>();
        expected.properties().forEach(entry -> plain.put(entry.getKey(), value(entry.getValue())));
        return plain;
    }

    private static Object value(JsonNode node) {
        if (node.isNumber()) {
            return node.asDouble();
        }
        if (node.isArray()) {
            return node.valueStream().map(RunCasesTest::value).toList();
        }
        if (node.isObject()) {
            return plain(node);
        }
        return node.isBoolean() ? (Object) node.asBoolean() : node.asString();
    }
}
