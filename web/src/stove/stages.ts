import { formatInches, formatSpan, formatTime } from "@/quantity";
import { readingLabel } from "./labels";
import type { Run } from "./live";
import { asked, doubtful, ON_THE_HEAT, tooLittle, underPressure, waiting } from "./setbacks";
import { at, mark, readings, type StageView, type Step } from "./stageParts";

/** What is on the screen at each stage of a run: one clock, one sentence, two or three buttons. */
export function stageView(known: Run, now: number): StageView {
  // The server said beforehand when the time is over; a page that hears nothing more still knows it.
  const end = at(known.clockEndsAt) ?? Number.POSITIVE_INFINITY;
  const over = known.stage === "holding" && known.doubtSince == null && now >= end;
  // What may have boiled dry before its time was over is not complete, however long it stood there.
  const dry = over && !known.holdComplete && (at(known.water?.dryAt) ?? Number.POSITIVE_INFINITY) < end;
  const run = over ? { ...known, holdComplete: true } : known;
  const little = tooLittle(run);
  if (little && ON_THE_HEAT.includes(run.stage)) {
    return underPressure(run, little.psi);
  }
  if (run.waits) {
    return waiting(run, run.waits);
  }
  if (run.doubtSince != null) {
    return doubtful(run, run.doubtSince);
  }
  if (run.askedSince != null && run.stage === "holding" && !over) {
    return asked(run, run.askedSince);
  }
  switch (run.stage) {
    case "checks":
      return {
        face: { words: "Get ready" },
        now: `${run.gauge === "dial" ? "Six" : "Five"} things to see to before the jars go in.`,
        next: "Then the jars go in and the lid is locked.",
        steps: [
          {
            text: run.gauge === "dial" ? "All six are in order" : "All five are in order",
            event: { type: "checks-done" },
            look: "main",
          },
        ],
        picture: "checks",
      };
    case "loading":
      return {
        face: { words: "Fill and load" },
        now: `Fill to ${formatInches(Number(run.headspaceIn))} below the rim, close and load one jar at a time. Then lock the lid, weight off.`,
        next: "Then high heat, until steam comes as a steady plume.",
        steps: [
          {
            text: lockWords(run),
            event: { type: "lid-locked" },
            look: "main",
            ...(openCare(run).length > 0
              ? { ask: "care" as const }
              : missing(run).length > 0
                ? { ask: "left-out" as const }
                : {}),
          },
        ],
        picture: "load",
      };
    case "heating":
      return {
        face: { upFrom: at(brokenVent(run)?.at ?? run.lidLockedAt) },
        now: heatingWords(run),
        next: "Then it vents for ten minutes, weight off.",
        steps: [
          { text: "Steady steam", event: { type: "steam-steady" }, look: "main" },
          ...boiledDry(run, now),
        ],
        picture: "steam",
        away: true,
      };
    case "venting":
      return {
        face: { downTo: at(run.clockEndsAt) },
        now: isOver(run, now)
          ? "Vented. Put the weight on now."
          : `Venting until ${formatTime(run.clockEndsAt ?? run.now)}. The weight stays off until then.`,
        next: `Then the weight goes on, and the pressure comes up to ${mark(run)}.`,
        steps: [
          { text: "Weight on", event: { type: "weight-on" }, look: "main", from: at(run.clockEndsAt) },
          { text: "The steam stopped", event: { type: "steam-stopped" }, look: "loss" },
          ...boiledDry(run, now),
        ],
        mark: true,
        picture: "steam",
        away: true,
      };
    case "rising":
      return {
        face: run.lost ? { waitingAt: run.minutes * 60_000 } : { upFrom: at(run.weightOnAt) },
        now: risingWords(run),
        next: run.lost ? "" : `${belowTheMark(run)}The full ${run.minutes} minutes begin when it is there.`,
        steps: [...readings(run, false), ...boiledDry(run, now)],
        picture: "trace",
        mark: true,
        burner: true,
        away: true,
      };
    case "holding":
      return {
        face: over
          ? { upFrom: end, over: true, copper: true }
          : { downTo: at(run.clockEndsAt), copper: true },
        now: run.holdComplete
          ? dry
            ? "The time is over, and by the estimate no water may be left. Turn the heat off; look for water once it is open."
            : "The time is over. Turn the heat off, then touch nothing."
          : `Hold until ${formatTime(run.clockEndsAt ?? run.now)}, then heat off. Keep ${run.gauge === "dial" ? `${run.targetPsi} or more on this dial` : "the weight moving properly"}.`,
        next: run.holdComplete ? "Then it cools down to zero by itself." : lastReading(run, now),
        steps: run.holdComplete
          ? [{ text: "Heat off", event: { type: "heat-off" }, look: "main" }]
          : [...readings(run, true), ...boiledDry(run, now)],
        picture: "trace",
        mark: true,
        burner: true,
        away: true,
      };
    case "cooling":
      return {
        face: { upFrom: at(run.heatOffAt) },
        now: "Cooling by itself. No water, no fan, weight untouched: forcing it draws the jars empty.",
        next: "",
        steps: [
          {
            text: "Pressure is zero",
            event: { type: "pressure-zero" },
            look: "main",
            ...(now < (at(run.zeroDoubtedUntil) ?? 0) ? { ask: "early-zero" as const } : {}),
          },
          {
            text: "It was cooled by force",
            event: { type: "forced-cooling" },
            look: "loss",
            confirm: "Write down that the canner was cooled by force? It stays in the record of these jars.",
          },
        ],
        picture: "zero",
      };
    case "depressurised":
      return {
        face: { words: "Zero" },
        now: "Take the weight off. The lid stays on.",
        next: "Then ten minutes of waiting: the jars are still boiling inside.",
        steps: [{ text: "Weight off", event: { type: "weight-off" }, look: "main" }],
        picture: "trace",
      };
    case "settling":
      return {
        face: { downTo: at(run.clockEndsAt) },
        now: isOver(run, now)
          ? "Lid off now, tilted away from your face."
          : `The lid stays on until ${formatTime(run.clockEndsAt ?? run.now)}. The jars are still boiling inside.`,
        next: "Then let the jars settle five to ten minutes more before they come out.",
        steps: [{ text: "Lid off", event: { type: "lid-off" }, look: "main", from: at(run.clockEndsAt) }],
        picture: "trace",
      };
    case "opened":
      return {
        face: { upFrom: at(run.openedAt) },
        now: mayBeDry(run)
          ? "Is water left in the canner? It ran long enough to boil dry."
          : "Jars out without tilting, on a towel, apart, out of the draught.",
        next: "Then they rest 12 to 24 hours before their seals are checked.",
        steps: [
          ...(mayBeDry(run)
            ? [
                {
                  text: "Water was left",
                  event: { type: "water-seen", waterLeft: true },
                  look: "main" as const,
                },
                {
                  text: "No water was left",
                  event: { type: "water-seen", waterLeft: false },
                  look: "loss" as const,
                },
              ]
            : []),
          { text: "Jars out", event: { type: "jars-out" }, look: mayBeDry(run) ? "plain" : "main" },
        ],
        picture: "load",
      };
    default:
      return { face: { words: "" }, now: "", next: "", steps: [], picture: "load" };
  }
}

/** The jars of which nobody has said yet where they are; none before the first was counted in. */
export function missing(run: Run): readonly number[] {
  return run.loaded.length === 0
    ? []
    : Array.from({ length: run.jarTotal }, (_, index) => index + 1).filter(
        (jar) => !run.loaded.includes(jar) && !run.leftOut.some((left) => left.jar === jar),
      );
}

/** What this kitchen still wants to look at before the lid goes on. */
export function openCare(run: Run): readonly string[] {
  return run.care.filter((code) => !run.checks.some((each) => each.check === code));
}

/** One tap where nothing was counted jar by jar: what was filled is what goes in. */
function lockWords(run: Run): string {
  const all = run.jarTotal - run.leftOut.length;
  return run.loaded.length > 0
    ? "Jars in, lid locked"
    : all === 1
      ? "The jar is in, lid locked"
      : run.leftOut.length > 0
        ? `The other ${all} are in, lid locked`
        : `All ${all} are in, lid locked`;
}

/** Whether the full time ran, but nobody has looked yet whether any water was left. */
function mayBeDry(run: Run): boolean {
  return run.deviations.some((deviation) => deviation.code === "may-be-dry");
}

/** Offered from when little is left: it ends the run, and nobody should come upon it by chance. */
function boiledDry(run: Run, now: number): readonly Step[] {
  return now < (at(run.water?.lowAt) ?? Number.POSITIVE_INFINITY)
    ? []
    : [
        {
          text: "It boiled dry",
          event: { type: "boiled-dry" },
          look: "loss",
          confirm:
            "It smells burnt, or no steam comes on high heat? Then the heat goes off now, and these jars are not processed.",
        },
      ];
}

function isOver(run: Run, now: number): boolean {
  return now >= (at(run.clockEndsAt) ?? Number.POSITIVE_INFINITY);
}

/** What sent it back to heating; a run that heats for the first time has nothing. */
function brokenVent(run: Run) {
  const last = run.deviations.at(-1);
  return run.stage === "heating" && last && last.at >= (run.lidLockedAt ?? "") ? last : undefined;
}

function heatingWords(run: Run): string {
  return brokenVent(run)
    ? "Air may be back in the canner. Weight off, high heat, and at the next steady plume the whole ten-minute vent begins again."
    : "High heat. Wait for a steady plume of steam; a wisp is not enough.";
}

function risingWords(run: Run): string {
  const lost = run.lost;
  if (lost) {
    const fell =
      lost.code === "interrupted"
        ? "Nobody can say whether the pressure held"
        : lost.code === "weight-knocked"
          ? "The weight was knocked"
          : lost.code === "canner-moved"
            ? "The canner was moved"
            : lost.psi == null
              ? "The weight fell still"
              : `Pressure fell to ${lost.psi}`;
    return `${fell} at ${formatTime(lost.at)}. The clock starts again: the full ${run.minutes} from when it is back at ${mark(run)}.`;
  }
  return `Coming up to ${mark(run)}. Ease the heat as it gets near.`;
}

/** A look on the way up that is not there yet; nothing before the first. */
function belowTheMark(run: Run): string {
  const read = run.gauge === "dial" ? run.lastReading?.psi : undefined;
  return read != null && read > 0 && read < run.targetPsi
    ? `${read} is below the mark: it is ${run.targetPsi} at this altitude. `
    : "";
}

function lastReading(run: Run, now: number): string {
  const last = run.lastReading;
  if (!last) {
    return "";
  }
  const high = run.tooHigh ? " That is high: turn the heat down a little." : "";
  return `Last look: ${readingLabel(last)}, ${formatSpan(now - Date.parse(last.at))} ago.${high}`;
}
