package org.mobrel.run;

import java.util.Optional;

/** The answer to a command: the event as it happened, or a refusal. Exactly one of the two. */
public record CommandResult(Optional<RunEvent> event, Optional<Refusal> refusal) {

    static CommandResult accept(RunEvent event) {
        return new CommandResult(Optional.of(event), Optional.empty());
    }

    static CommandResult refuse(Refusal refusal) {
        return new CommandResult(Optional.empty(), Optional.of(refusal));
    }
}
