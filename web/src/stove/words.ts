const STAGES: Record<string, string> = {
  checks: "Getting ready",
  loading: "Loading",
  heating: "Heating",
  venting: "Venting",
  rising: "Coming up",
  holding: "Holding",
  cooling: "Cooling down",
  depressurised: "Pressure is zero",
  settling: "Settling",
  opened: "Open",
  resting: "Resting",
  checking: "Seal check",
  done: "Done",
  abandoned: "Given up",
};

/** The stage in a word or two. */
export function stageWord(stage: string): string {
  return STAGES[stage] ?? stage;
}

const EVENTS: Record<string, string> = {
  "checks-done": "Checks done",
  "lid-locked": "Jars in, lid locked",
  "steam-steady": "Steady steam",
  "steam-stopped": "The steam stopped",
  "weight-on": "Weight on",
  reading: "Reading",
  "heat-off": "Heat off",
  "stop-early": "Stopped before its time",
  "forced-cooling": "Cooled by force",
  "pressure-zero": "Pressure at zero",
  "weight-off": "Weight off",
  "lid-off": "Lid off",
  "jars-out": "Jars out",
  "jar-checked": "Jar checked",
  abandon: "Given up",
  note: "Note",
};

export function eventWord(type: string): string {
  return EVENTS[type] ?? type;
}

const WEIGHT: Record<string, string> = { still: "still", proper: "moving properly", frantic: "frantic" };

/** '12.5 on the dial' or 'weight moving properly'. */
export function readingWord(psi: number | null | undefined, weight: string | null | undefined): string {
  return psi != null ? `${psi} on the dial` : weight != null ? `weight ${WEIGHT[weight] ?? weight}` : "";
}
