package org.mobrel.server.practice;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.practice.Drill;
import org.mobrel.practice.DrillAct;
import org.mobrel.practice.Ending;
import org.mobrel.practice.Judge;
import org.mobrel.practice.RuleRef;
import org.mobrel.quantity.Minutes;
import org.mobrel.steam.SceneAct;

/** A drill as its file has it; {@code docs/formats/drill.schema.json} says what may stand there. */
record DrillFile(
        String code,
        String title,
        int minutes,
        @Nullable Map<String, List<String>> chance,
        String moment,
        String ask,
        @Nullable String picture,
        Drill.@Nullable StoveScene canner,
        Drill.@Nullable DrillRecipe recipe,
        String judge,
        @Nullable List<Act> acts,
        @Nullable List<End> endings,
        String passed,
        Rule rule) {

    /** @param at seconds since the moment */
    record Play(int at, String what, int value) {
        SceneAct toCore() {
            return new SceneAct(
                    Duration.ofSeconds(at), SceneAct.Kind.ofCode(what).orElseThrow(), value);
        }
    }

    record Act(
            String code,
            String text,
            @Nullable String value,
            @Nullable Boolean passes,
            @Nullable String misses,
            String then,
            @Nullable List<Play> plays,
            @Nullable Integer playedSeconds) {
        DrillAct toCore() {
            return new DrillAct(
                    code,
                    text,
                    Optional.ofNullable(value),
                    Optional.ofNullable(passes),
                    Objects.requireNonNullElse(misses, ""),
                    then,
                    acts(plays),
                    Duration.ofSeconds(Objects.requireNonNullElse(playedSeconds, 0)));
        }
    }

    record End(String when, int amount, @Nullable String misses, String then, List<Play> example) {
        Ending toCore() {
            return new Ending(
                    Ending.When.ofCode(when).orElseThrow(), amount, Optional.ofNullable(misses), then, acts(example));
        }
    }

    record Rule(String kind, String ref) {}

    private static List<SceneAct> acts(@Nullable List<Play> plays) {
        return Objects.requireNonNullElse(plays, List.<Play>of()).stream()
                .map(Play::toCore)
                .toList();
    }

    Drill toCore() {
        return new Drill(
                code,
                title,
                new Minutes(minutes),
                Objects.requireNonNullElse(chance, Map.of()),
                moment,
                ask,
                Optional.ofNullable(picture),
                Optional.ofNullable(canner),
                Optional.ofNullable(recipe),
                Judge.ofCode(judge).orElseThrow(),
                Objects.requireNonNullElse(acts, List.<Act>of()).stream()
                        .map(Act::toCore)
                        .toList(),
                Objects.requireNonNullElse(endings, List.<End>of()).stream()
                        .map(End::toCore)
                        .toList(),
                passed,
                new RuleRef(RuleRef.Kind.ofCode(rule.kind()).orElseThrow(), rule.ref()));
    }
}
