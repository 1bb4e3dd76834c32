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
export function stageLabel(stage: string): string {
  return STAGES[stage] ?? stage;
}

const EVENTS: Record<string, string> = {
  check: "Check",
  "checks-done": "Checks done",
  "jar-in": "Jar in",
  "jar-back": "Jar out again",
  "jar-left": "Jar left out",
  "lid-locked": "Jars in, lid locked",
  "steam-steady": "Steady steam",
  "steam-stopped": "The steam stopped",
  "server-away": "Mobrel was away",
  held: "It was held all the time",
  "clock-set": "The server's clock was set",
  "pressure-needed": "The kitchen's pressure changed",
  "alarm-answered": "Alarm answered",
  "weight-on": "Weight on",
  reading: "Reading",
  "weight-knocked": "The weight hissed or was knocked",
  "canner-moved": "The canner was moved",
  "boiled-dry": "It boiled dry",
  "water-seen": "Water in the opened canner",
  "lids-popped": "Lids popping",
  "heat-off": "Heat off",
  "stop-early": "Stopped before its time",
  "forced-cooling": "Cooled by force",
  "pressure-zero": "Pressure at zero",
  "weight-off": "Weight off",
  "lid-off": "Lid off",
  "jars-out": "Jars out",
  "jar-checked": "Jar checked",
  "jar-settled": "Jar that did not seal",
  abandon: "Given up",
  "jars-decided": "The jars",
  interrupted: "Interrupted",
  away: "Nobody at the stove",
  watch: "On watch",
  "stands-on": "Stands on",
  burner: "Burner",
  heard: "Heard",
  "not-heard": "The weight is not heard any more",
  seen: "Seen",
  "not-seen": "The needle is not seen at its mark any more",
  note: "Note",
  correction: "Correction",
};

export function eventLabel(type: string): string {
  return EVENTS[type] ?? type;
}

const WEIGHT: Record<string, string> = { still: "still", proper: "moving properly", frantic: "frantic" };

interface Shown {
  readonly psi?: number | null | undefined;
  readonly weight?: string | null | undefined;
  readonly jiggles?: number | null | undefined;
}

/** '12.5 on the dial', 'weight moving properly' or '3 jiggles a minute'. */
export function readingLabel({ psi, weight, jiggles }: Shown): string {
  if (psi != null) {
    return `${psi} on the dial`;
  }
  if (jiggles != null) {
    return jiggles === 1 ? "1 jiggle a minute" : `${jiggles} jiggles a minute`;
  }
  return weight != null ? `weight ${WEIGHT[weight] ?? weight}` : "";
}

export const CHECKS: readonly { readonly code: string; readonly text: string; readonly detail: string }[] = [
  { code: "rack", text: "Rack in", detail: "no jar stands on the bottom" },
  { code: "water", text: "Water in", detail: "" },
  { code: "vent", text: "Vent clear", detail: "hold it to the light" },
  { code: "seal", text: "Gasket or rim", detail: "clean and whole" },
  { code: "plug", text: "Plug sound", detail: "not hard, not cracked" },
  { code: "gauge", text: "Dial tested", detail: "within a year" },
];

/** Those that apply: a weight needs no test. */
export function checksFor(gauge: string): typeof CHECKS {
  return gauge === "dial" ? CHECKS : CHECKS.filter(({ code }) => code !== "gauge");
}

const DEVIATIONS: Record<string, string> = {
  "vent-interrupted": "The vent was interrupted",
  "pressure-lost": "Pressure was lost",
  interrupted: "Interrupted: the hold began anew",
  "stopped-early": "Stopped before its time",
  abandoned: "Given up",
  "forced-cooling": "Cooled by force",
  "weight-knocked": "The weight was knocked: its clock began anew",
  "canner-moved": "The canner was moved: its clock began anew",
  "may-be-dry": "It may have boiled dry",
  "boiled-dry": "It boiled dry",
  "early-zero": "The pressure was gone too soon",
  "not-heard": "Not heard for a while, and nobody said in time whether it moved",
  "not-seen": "Not seen at its mark for a while, and nobody said in time what the dial read",
  "under-pressure": "Held at less than the kitchen's altitude or dial asks for",
  "hold-unsupported": "What came to light later does not support the full time",
};

/** What may heat a canner. */
export const HEAT_SOURCES: readonly { readonly code: string; readonly text: string }[] = [
  { code: "gas", text: "Gas" },
  { code: "coil", text: "Electric coil" },
  { code: "glass-top", text: "Glass top" },
  { code: "induction", text: "Induction" },
  { code: "camp-stove", text: "Camp stove" },
  { code: "outdoors", text: "Outdoor burner" },
];

/** 'front left, gas'; empty for where a canner usually stands. */
export function hearthLabel(where: {
  readonly burner: string;
  readonly source?: string | null | undefined;
}): string {
  const source = HEAT_SOURCES.find((each) => each.code === where.source)?.text.toLowerCase();
  return [where.burner, source].filter((part) => part).join(", ");
}

const PLACES: Record<string, string> = {
  "next-load": "for the next load",
  refrigerator: "in the refrigerator",
  freezer: "in the freezer",
  tonight: "for tonight",
};

/** Where a jar went that was left out: 'in the refrigerator'. */
export function placeLabel(place: string): string {
  return PLACES[place] ?? place;
}

const SIGNS: Record<string, string> = {
  "dial-at-zero": "the dial at zero",
  "lock-dropped": "the lock pin down",
  "no-hiss": "no hiss when nudged",
};

export function signLabel(sign: string): string {
  return SIGNS[sign] ?? sign;
}

const DECISIONS: Record<string, string> = {
  "processed-again": "processed again",
  refrigerated: "refrigerated",
  frozen: "frozen",
  discarded: "discarded",
};

export function decisionLabel(decision: string): string {
  return DECISIONS[decision] ?? decision;
}

export function deviationLabel(code: string): string {
  return DEVIATIONS[code] ?? code;
}
