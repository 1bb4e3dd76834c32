package org.mobrel.practice;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.mobrel.steam.SceneAct;

/**
 * One of the things that can be done at the moment of a drill.
 *
 * @param code never renamed: tries are written down by it
 * @param value what the drill's judge asks about, such as '11' psi; a text in which what was drawn may stand
 * @param passes whether it is right; empty where the judge works it out
 * @param misses the reason, as a code, why it is wrong where it is
 * @param then what comes of it, in words
 * @param plays what is done to the canner then, counted from the moment
 * @param played how long that is watched; zero where nothing is
 */
public record DrillAct(
        String code,
        String text,
        Optional<String> value,
        Optional<Boolean> passes,
        String misses,
        String then,
        List<SceneAct> plays,
        Duration played) {

    public DrillAct {
        plays = List.copyOf(plays);
    }
}
