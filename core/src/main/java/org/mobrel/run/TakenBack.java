package org.mobrel.run;

import static org.mobrel.run.RunDraft.NEVER;

import java.util.Optional;

/** An event that a later one says never was. */
final class TakenBack {

    private final RunPlan plan;
    private final RunDraft next;

    TakenBack(RunPlan plan, RunDraft next) {
        this.plan = plan;
        this.next = next;
    }

    /** It was written down and was not so: the run goes back to where that leaves it, from now on. */
    void apply(EventKind kind, RunEvent event) {
        switch (kind) {
            case CHECK, CHECKS_DONE -> {
                next.checks.clear();
                next.stage = Stage.CHECKS;
            }
            case LID_LOCKED -> {
                next.stage = Stage.LOADING;
                next.lidLockedAt = NEVER;
            }
            case STEAM_STEADY, WEIGHT_ON -> takeBackVent(event);
            case HEAT_OFF -> {
                next.stage = next.holdComplete ? Stage.HOLDING : Stage.RISING;
                next.heatOffAt = NEVER;
                next.forget(Deviation.MAY_BE_DRY);
                // The heat went off on a question; that is taken back, the question is not.
                next.deviations.stream()
                        .filter(past -> past.code().equals(plan.unanswered()))
                        .findFirst()
                        .ifPresent(past -> next.unansweredSince = Optional.of(past.at()));
                next.forget(plan.unanswered());
            }
            case PRESSURE_ZERO -> {
                next.stage = Stage.COOLING;
                next.weightOffAt = NEVER;
                next.forget(Deviation.EARLY_ZERO);
            }
            case WEIGHT_OFF -> {
                next.stage = Stage.DEPRESSURISED;
                next.weightOffAt = NEVER;
            }
            default -> {
                // A reading is corrected where it stands in the course; notes change nothing.
            }
        }
    }

    /** Without its vent no hold counts: what is still on the heat vents again, what is off it is not supported. */
    private void takeBackVent(RunEvent event) {
        next.holdComplete = false;
        next.completedAt = NEVER;
        if (next.stage.compareTo(Stage.HOLDING) <= 0) {
            next.backToHeating(event, Deviation.VENT_INTERRUPTED);
        } else if (next.deviations.stream().noneMatch(past -> past.code().equals(Deviation.HOLD_UNSUPPORTED))) {
            next.deviate(Deviation.HOLD_UNSUPPORTED, event);
        }
    }
}
