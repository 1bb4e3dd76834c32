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
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.mobrel.Cases;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
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
                CommandResult answer = RunRules.decide(plan, events, command(command));
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
                7);
    }

    private static RunEvent command(JsonNode command) {
        EventKind kind = EventKind.ofCode(command.get("type").asString()).orElseThrow();
        Instant at = at(command.get("at").asDouble());
        if (kind != EventKind.READING) {
            return RunEvent.of(kind, at);
        }
        InstrumentReading reading = command.has("psi")
                ? InstrumentReading.ofDial(
                        GaugePressure.ofPsi(new BigDecimal(command.get("psi").asString())))
                : InstrumentReading.ofWeight(
                        WeightState.ofCode(command.get("weight").asString()).orElseThrow());
        return RunEvent.reading(reading, at);
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
