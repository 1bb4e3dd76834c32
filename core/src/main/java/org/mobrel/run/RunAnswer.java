package org.mobrel.run;

import java.util.Optional;

/** The answer to a wish: the event as it happened, or a refusal. Exactly one of the two. */
public record RunAnswer(Optional<RunEvent> event, Optional<Refusal> refusal) {

    static RunAnswer accept(RunEvent event) {
        return new RunAnswer(Optional.of(event), Optional.empty());
    }

    static RunAnswer refuse(Refusal refusal) {
        return new RunAnswer(Optional.empty(), Optional.of(refusal));
    }
}
