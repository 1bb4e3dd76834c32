import type { Run } from "@/stove";

/** Noon of a day with something on the stove. */
export const NOON = Date.parse("2026-03-07T12:00:00Z");

export const at = (minutes: number) => new Date(NOON + minutes * 60_000).toISOString();

export const seen = (minute: number, psi: number, device = false) => ({
  number: minute + 1,
  type: "reading",
  at: at(minute),
  psi,
  ...(device ? { gauge: "Probe" } : {}),
});

/** A run of seven quarts at 12.5 on the dial, as far as nothing else is said. */
export function run(part: Partial<Run>): Run {
  return {
    id: 1,
    batchId: 1,
    loadNumber: 1,
    title: "Bean soup",
    cannerId: 1,
    cannerName: "Big canner",
    gauge: "dial",
    verdict: "covered",
    minutes: 90,
    targetPsi: 12.5,
    truePsi: 12,
    headspaceIn: 1,
    jars: [{ size: "quart", mouth: "regular", count: 7 }],
    jarTitles: [],
    batchIds: [1],
    brothMl: [],
    jarTotal: 7,
    now: at(0),
    pace: 1,
    simulated: false,
    ownClock: false,
    stage: "checks",
    turn: 0,
    atTheStove: true,
    closed: false,
    tooHigh: false,
    dues: [],
    checks: [],
    care: [],
    loaded: [],
    leftOut: [],
    inCanner: [1, 2, 3, 4, 5, 6, 7],
    watch: "",
    gaps: [],
    heldFor: [],
    awaitsDecision: false,
    known: 0,
    holdComplete: false,
    deviations: [],
    events: [],
    checked: [],
    fates: [],
    unsettled: [],
    ...part,
  };
}
