import type { Run } from "./live";
import { ON_THE_HEAT, tooLittle } from "./setbacks";

/** How an alarm sounds, by what it wants of the cook. */
export type Sound = "heat-off" | "look" | "open" | "lost";

export interface Alarm {
  /** The same as long as it is about the same thing: what was answered stays answered. */
  readonly key: string;
  readonly runId: number;
  /** Its kind, as it is answered. */
  readonly what: string;
  readonly canner: string;
  readonly sound: Sound;
  readonly text: string;
  /** How often it sounds until it is answered, in milliseconds. */
  readonly every: number;
  readonly since: number;
}

const WHAT: Record<string, { readonly sound: Sound; readonly text: string; readonly every: number }> = {
  "water-dry": { sound: "lost", text: "It may be dry: heat off, look and listen", every: 8_000 },
  "heat-off": { sound: "heat-off", text: "Heat off now", every: 6_000 },
  "not-heard": { sound: "lost", text: "Look whether the weight still moves", every: 8_000 },
  "not-seen": { sound: "lost", text: "Look at the dial and say what it reads", every: 8_000 },
  "in-doubt": { sound: "look", text: "Say how it was while Mobrel was away", every: 12_000 },
  "reading-missing": { sound: "look", text: "Nobody has looked for 15 minutes", every: 12_000 },
  look: { sound: "look", text: "Look at the gauge", every: 30_000 },
  "no-pressure": { sound: "look", text: "No pressure after 20 minutes", every: 20_000 },
  "water-low": { sound: "look", text: "A third of the water is left", every: 60_000 },
  "steam-late": { sound: "look", text: "45 minutes and no steady steam: think of the water", every: 60_000 },
  "vent-long": { sound: "open", text: "It has vented for 15 minutes and only loses water", every: 30_000 },
  "weight-on": { sound: "open", text: "Vented: weight on", every: 15_000 },
  "lid-off": { sound: "open", text: "The lid may come off", every: 20_000 },
  "jars-inside": { sound: "open", text: "Jars are still in the open canner", every: 30_000 },
};

const LOST = { sound: "lost" as const, text: "Pressure lost", every: 8_000 };

/** A canner whose run is nearly over in a day or so is nobody's alarm in the night; the seal check waits quietly. */
export function alarms(runs: readonly Run[], now: (run: Run) => number): readonly Alarm[] {
  return runs.flatMap((run) => {
    const at = now(run);
    const due = run.dues
      .filter((each) => Date.parse(each.at) <= at && WHAT[each.what])
      .map((each) => ({ ...(WHAT[each.what] as (typeof WHAT)[string]), what: each.what, at: each.at }));
    // Of two of the same kind the later one says more.
    const more = (what: string) => due.some((it) => it.what === what);
    const last = due.filter(
      (each) =>
        !(each.what === "look" && more("reading-missing")) &&
        !(each.what === "weight-on" && more("vent-long")) &&
        !(each.what === "water-low" && more("water-dry")) &&
        // Off the heat no water is lost.
        !(each.what.startsWith("water") && !ON_THE_HEAT.includes(run.stage)),
    );
    const little = tooLittle(run);
    const raised =
      little && (ON_THE_HEAT.includes(run.stage) || run.awaitsDecision)
        ? [{ ...LOST, what: "under-pressure", at: little.at, text: littleText(little.psi) }]
        : [];
    const lost = run.lost ? [{ ...LOST, what: "lost", at: run.lost.at }] : [];
    const open = [...raised, ...lost, ...last].filter((each) => !isAnswered(run, each.what, each.at));
    return open.map((each) => ({
      what: each.what,
      key: `${run.id}/${each.what}/${each.at}`,
      runId: run.id,
      canner: run.cannerName,
      sound: each.sound,
      text: wording(run, each.what, each.text),
      every: each.every,
      since: Date.parse(each.at),
    }));
  });
}

function littleText(needed: number | null | undefined): string {
  return needed == null ? "No tested pressure for this altitude" : `Now needs ${needed}: begin again`;
}

function wording(run: Run, what: string, text: string): string {
  if (run.gauge === "weighted" && what === "look") {
    return "Listen to the weight";
  }
  if (what === "lost" && run.waits) {
    return "The clock stands and waits for the kitchen";
  }
  return what === "lost" && run.lost?.psi != null ? `Pressure fell to ${run.lost.psi}` : text;
}

/** Whoever answered it, on whatever device: it is quiet on all. */
function isAnswered(run: Run, what: string, rang: string): boolean {
  return run.events.some(
    (event) =>
      event.type === "alarm-answered" && event.place === what && Date.parse(event.at) >= Date.parse(rang),
  );
}

/** What an alarm of a kind says, for the record. */
export function alarmLabel(what: string): string {
  return what === "lost" ? LOST.text : (WHAT[what]?.text ?? "Pressure corrected");
}

/** The one to be heard first: heat off before anything, a loss before a look. */
export function loudest(all: readonly Alarm[]): Alarm | undefined {
  const order: Sound[] = ["heat-off", "lost", "open", "look"];
  return [...all].sort((one, two) => order.indexOf(one.sound) - order.indexOf(two.sound))[0];
}
