import { formatTime } from "@/quantity";
import { CHECKS, eventLabel } from "./labels";
import type { Run } from "./live";
import { at, mark, readings, type StageView } from "./stageParts";

/** Mobrel was not there: nobody counted, and only the cook can say how it was. */
export function doubtful(run: Run, since: string): StageView {
  const venting = run.stage === "venting";
  const end = run.events.find((event) => event.type === "server-away" && event.at === since)?.heardAt;
  const when = end == null ? `Since ${formatTime(since)}` : `From ${formatTime(since)} to ${formatTime(end)}`;
  return {
    face: { words: "Was it held?" },
    now: venting
      ? `${when} Mobrel was away. Did a steady plume of steam blow all that time?`
      : `${when} Mobrel was away. Was it at ${mark(run)} or above all that time?`,
    next: venting
      ? "If nobody can say, the ten minutes of steam begin again."
      : `If nobody can say, the full ${run.minutes} minutes begin again at pressure.`,
    steps: [
      {
        text: venting ? "Yes, it blew all the time" : "Yes, it was held all the time",
        event: { type: "held" },
        look: "main",
        confirm: "Somebody stood there and saw it?",
      },
      {
        text: "No, or nobody can say",
        event: { type: "interrupted", note: "Mobrel was away, and nobody can say that it was held." },
        look: "loss",
      },
    ],
    mark: true,
    picture: venting ? "steam" : "trace",
  };
}

const UNANSWERED = "Unanswered for two minutes, the lots are held back until somebody has looked into it.";

/** A device that listens or looks is no longer content: it cannot know, and the cook can. */
export function asked(run: Run, since: string): StageView {
  if (run.gauge === "dial") {
    const device = run.events.findLast((event) => event.type === "not-seen")?.by ?? "A device";
    return {
      face: { downTo: at(run.clockEndsAt), copper: true },
      now: `${device} has not seen the needle at ${mark(run)} since ${formatTime(since)}. Look: what does the dial say?`,
      next: UNANSWERED,
      steps: readings(run, true),
      mark: true,
      picture: "trace",
      away: true,
    };
  }
  const moves = run.jiggles == null ? "rocks" : "jiggles";
  const device = run.events.findLast((event) => event.type === "not-heard")?.by ?? "A device";
  return {
    face: { downTo: at(run.clockEndsAt), copper: true },
    now: `${device} has not heard the weight since ${formatTime(since)}. Look: is it still ${run.jiggles == null ? "rocking" : "jiggling"}?`,
    next: UNANSWERED,
    steps: [
      { text: `Yes, it ${moves}`, event: { type: "reading", weight: "proper" }, look: "main" },
      { text: "It stopped", event: { type: "reading", weight: "still" }, look: "loss" },
    ],
    mark: true,
    picture: "trace",
    away: true,
  };
}

/** The altitude or the dial was put right, and this run is held at less than that asks for: the only way is to begin again. */
export function underPressure(run: Run, needed: number | null | undefined): StageView {
  const least = needed == null ? "" : ` at ${needed}`;
  return {
    face: { words: needed == null ? "No pressure for it" : `Now needs ${needed}` },
    now:
      needed == null
        ? "The tables have no pressure for the kitchen's new altitude. No minute of this run counts: turn the heat off."
        : `The kitchen's altitude or dial was corrected. This run was begun at ${run.targetPsi}: no minute of it counts.`,
    next: "Was the correction a mistake? Put it right in Kitchen, and this run goes on as it was.",
    steps: [
      ...(needed == null
        ? []
        : [
            {
              text: `Begin again${least}`,
              event: { type: "abandon", note: `Begun again${least}: the kitchen's pressure was corrected.` },
              look: "main" as const,
              again: true,
              confirm: `Heat off, lid on until the pressure is zero. Then the same jars with new lids, and the full ${run.minutes} minutes${least}.`,
            },
          ]),
      {
        text: "Stop: heat off",
        event: { type: "abandon", note: "Stopped: the kitchen's pressure was corrected." },
        look: needed == null ? ("main" as const) : ("plain" as const),
        confirm: "These jars count as not processed. What becomes of them is asked next.",
      },
    ],
    mark: true,
    picture: "trace",
  };
}

/** What a run that is held at too little would need now; undefined for one that is held at enough. */
export function tooLittle(run: Run) {
  return run.deviations.findLast((deviation) => deviation.code === "under-pressure");
}

export const ON_THE_HEAT = ["heating", "venting", "rising", "holding"];

/** Something was tapped that may end the vent or the hold, and the server cannot be reached to say so: the clock stands. */
export function waiting(run: Run, { type, at: when }: NonNullable<Run["waits"]>): StageView {
  const over = type === "boiled-dry" || type === "stop-early" || type === "abandon";
  const venting = run.stage === "venting" || run.stage === "heating";
  return {
    face: over ? { words: "Stopped" } : { waitingAt: (venting ? 10 : run.minutes) * 60_000 },
    now: `${eventLabel(type)} at ${formatTime(when)}. The clock stands and waits for the kitchen: Mobrel cannot be reached.`,
    next: over
      ? "Turn the heat off. These jars count as not processed until Mobrel is back."
      : venting
        ? "Count on the whole ten minutes of steam again, from the next steady plume."
        : `Count on the full ${run.minutes} minutes again, from when it is back at ${mark(run)}.`,
    steps: [
      ...(over || venting ? [] : readings(run, false)),
      { text: "Heat off", event: { type: "heat-off" }, look: "plain" },
    ],
    mark: !over,
    picture: venting ? "steam" : "trace",
  };
}

/** A dial that nobody has tested is no part of "all in order": it has an answer of its own, by name. */
export function withUntestedDial(view: StageView, run: Run): StageView {
  const open = CHECKS.filter(
    ({ code }) => code !== "gauge" && !run.checks.some(({ check }) => check === code),
  );
  const [first, ...more] = open.map(({ code }) => ({ type: "check", check: code }));
  return {
    ...view,
    now: "This dial was never tested: one that reads high holds too little pressure. Have it tested, or say who goes on without.",
    steps: first ? [{ text: "The other five are in order", event: first, more, look: "main" }] : [],
  };
}
