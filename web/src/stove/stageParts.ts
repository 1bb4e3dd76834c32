import type { EventRequest, Run } from "./live";

/** What a button at the stove writes down. */
export interface Step {
  readonly text: string;
  readonly event: EventRequest;
  readonly look: "main" | "plain" | "loss";
  /** Asked before it is written down, where a slip would cost the batch. */
  readonly confirm?: string;
  /** Not to be had before this instant. */
  readonly from?: number | undefined;
  /** What else is written down with it. */
  readonly more?: readonly EventRequest[];
  /** Whether the next try of the same jars is made with it. */
  readonly again?: boolean;
  /** What has to be said with it first. */
  readonly ask?: "care" | "left-out" | "early-zero";
}

/** What the clock shows at a stage. */
export interface Face {
  /** Counts down to here, or up from here. */
  readonly downTo?: number | undefined;
  readonly upFrom?: number | undefined;
  /** Stands still at so many milliseconds: a clock that waits to begin again. */
  readonly waitingAt?: number;
  /** In place of a clock. */
  readonly words?: string;
  /** Whether the time is over, and what it shows is how long since. */
  readonly over?: boolean;
  readonly copper?: boolean;
}

export interface StageView {
  readonly face: Face;
  /** What to do now, in a sentence. */
  readonly now: string;
  /** What comes then. */
  readonly next: string;
  readonly steps: readonly Step[];
  /** Whether the mark to keep is drawn beside the clock. */
  readonly mark?: boolean;
  /** Whether the burner's setting is of interest. */
  readonly burner?: boolean;
  /** Whether somebody who was away has something to say. */
  readonly away?: boolean;
  readonly picture: "trace" | "steam" | "load" | "checks" | "zero";
}

export const at = (instant: string | null | undefined) => (instant == null ? undefined : Date.parse(instant));

/** The mark as this canner's own instrument shows it. */
export function mark(run: Run): string {
  return run.gauge === "dial"
    ? `${run.targetPsi} on this dial`
    : `the ${run.targetPsi} lb weight moving properly`;
}

/** The looks at the instrument that can be written down. */
export function readings(run: Run, holding: boolean): readonly Step[] {
  if (run.gauge === "dial") {
    const onMark: Step = {
      text: `${run.targetPsi} · ${holding ? "still on the mark" : "on the mark"}`,
      event: { type: "reading", psi: run.targetPsi },
      look: "main",
    };
    return [onMark];
  }
  const proper: Step = {
    text: "Weight moves properly",
    event: { type: "reading", weight: "proper" },
    look: "main",
  };
  const frantic: Step = {
    text: run.jiggles ? "Too fast" : "Frantic",
    event: { type: "reading", weight: "frantic" },
    look: "plain",
  };
  const still: Step = {
    text: holding ? "It stopped" : "Still",
    event: { type: "reading", weight: "still" },
    look: holding ? "loss" : "plain",
    ...(holding
      ? {
          confirm: `The weight stopped? Then the full ${run.minutes} minutes start again when it moves properly.`,
        }
      : {}),
  };
  return [proper, frantic, still];
}
