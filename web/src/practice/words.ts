import { formatVolume } from "@/quantity";
import type { Setup, Sight } from "./scene";

/** What is seen and heard of a canner, in a sentence. */
export function seen(setup: Setup, sight: Sight): string {
  if (sight.lidOff) {
    return "The lid is off.";
  }
  const weight = sight.weightOn
    ? setup.gauge === "weighted"
      ? rocking(sight.jiggles)
      : "The weight is on"
    : steam(sight.plume);
  const dial = setup.gauge === "dial" ? `The dial shows ${sight.needlePsi.toFixed(1)}. ` : "";
  const lost = sight.plugOpen ? " The plug has blown." : sight.dry ? " It has boiled dry." : "";
  const spilt = sight.spilt >= 3 ? ` The jars have lost ${Math.round(sight.spilt)} % of their liquid.` : "";
  return `${dial}${weight}. ${formatVolume(sight.waterMl)} of water.${lost}${spilt}`;
}

function rocking(jiggles: number): string {
  if (jiggles === 0) {
    return "The weight is still";
  }
  return jiggles > 12 ? "The weight rattles without a break" : `The weight moves ${jiggles} times a minute`;
}

function steam(plume: string): string {
  return plume === "steady"
    ? "A steady plume of steam"
    : plume === "wisp"
      ? "A wisp of steam"
      : "No steam from the vent";
}

export function sinceLit(ms: number): string {
  const seconds = Math.floor(ms / 1_000);
  const minutes = Math.floor(seconds / 60);
  return minutes >= 60
    ? `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, "0")}:${String(seconds % 60).padStart(2, "0")}`
    : `${minutes}:${String(seconds % 60).padStart(2, "0")}`;
}

/** Why something was wrong, in a few words; what has no words here is said as its code. */
const MISSES: Readonly<Record<string, string>> = {
  "too-short": "the time was too short",
  "wrong-size": "the time of another jar",
  "too-low": "pressure below the mark",
  "wrong-band": "the wrong pressure for the altitude",
  "no-row": "a pressure that no table has",
  "too-cool": "minutes in place of pressure",
  "air-left": "air left in the canner",
  "smaller-size": "timed by the smaller jar",
  "in-between": "a time between two rows",
  "not-lost": "started again without need",
  resumed: "the clock went on after a loss",
  added: "minutes added by guess",
  scalded: "opened under pressure",
  forced: "cooled by force",
  moved: "moved while hot",
  dry: "dry beans in the jar",
  invented: "a time that nobody tested",
  needless: "more than was needed",
  unpeeled: "skins left on",
  puree: "food too thick for its time",
  thickened: "thickened before canning",
  starch: "noodles or rice in the jar",
  overfull: "too many solids",
  reused: "a used lid",
  "left-in": "jars left in the canner",
  "too-late": "done too late",
  pressed: "a lid pressed down",
  waited: "waited too long",
  opened: "opened without need",
  wasted: "thrown away without need",
  misread: "the level misread",
  "replace-it": "a dial too far off",
  ignored: "the gauge's error left out",
  "boils-away": "water boiled away",
  enough: "stopped too early",
  unwatched: "left alone under pressure",
  "pressure-lost": "pressure below the mark",
  still: "a weight that was still",
  "boils-dry": "boiled almost dry",
  "too-high": "pressure far above the mark",
  "vent-cut": "the vent cut short",
  "vent-stopped": "the steam stopped while venting",
  "opened-under-pressure": "opened under pressure",
  "lid-too-soon": "the lid off too soon",
  "boiled-dry": "boiled dry",
  stops: "what may not go in",
  "sets-time": "what sets the time",
};

export const missWords = (code: string) => MISSES[code] ?? code.replaceAll("-", " ");
