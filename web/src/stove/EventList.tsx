import { useState } from "react";
import { Button } from "@/kit";
import { CARE_POINTS } from "@/kitchen";
import { formatTime } from "@/quantity";
import { alarmLabel } from "./alarms";
import {
  CHECKS,
  decisionLabel,
  eventLabel,
  hearthLabel,
  placeLabel,
  readingLabel,
  signLabel,
} from "./labels";
import type { Run, RunEvent } from "./live";

/** So many entries are shown at first, the latest ones. */
const AT_A_SITTING = 40;

/** Everything people wrote down, with its time; of a gauge that sends by itself only what changed something. */
export function EventList({ run }: { readonly run: Run }) {
  const lost = new Set(run.deviations.map((deviation) => deviation.at));
  const corrected = new Set(run.events.flatMap((event) => event.corrects ?? []));
  const started = run.clockSince;
  const shown = run.events.filter(
    (event) =>
      event.type !== "heard" &&
      event.type !== "seen" &&
      (event.gauge == null || lost.has(event.at) || event.at === started),
  );
  const heard = run.events.filter((event) => event.type === "heard");
  const seen = run.events.filter((event) => event.type === "seen");
  const silent = run.events.length - shown.length - heard.length - seen.length;
  const [all, setAll] = useState(false);
  const earlier = all ? 0 : Math.max(0, shown.length - AT_A_SITTING);
  return (
    <>
      {earlier > 0 && (
        <Button size="small" look="quiet" onClick={() => setAll(true)}>
          Show {earlier} earlier
        </Button>
      )}
      <ol className="columns-1 gap-8 sm:columns-2">
        {shown.slice(earlier).map((event) => {
          const marked = lost.has(event.at) && !["checks-done", "note"].includes(event.type);
          return (
            <li key={event.number} className="flex gap-3 py-0.5 break-inside-avoid">
              <time className="digits w-12 shrink-0 pt-1 text-soft" dateTime={event.at}>
                {formatTime(event.at)}
              </time>
              <span
                className={`${marked ? "font-bold text-brick" : ""} ${corrected.has(event.number) ? "line-through decoration-2" : ""}`}
              >
                {words(event)}
                {(event.by ?? event.gauge) && <span className="text-soft"> · {event.by ?? event.gauge}</span>}
                {event.heardAt && <span className="text-soft"> · told at {formatTime(event.heardAt)}</span>}
              </span>
            </li>
          );
        })}
      </ol>
      {silent > 0 && (
        <p className="text-soft">And {silent} readings that a gauge sent by itself; the trace shows them.</p>
      )}
      {heard.length > 0 && <p className="text-soft">{heardWords(heard)}</p>}
      {seen.length > 0 && <p className="text-soft">{seenWords(seen)}</p>}
      {run.gaps.map((gap) => (
        <p key={gap.from} className="text-soft">
          No look from {formatTime(gap.from)} to {formatTime(gap.until)}.
        </p>
      ))}
    </>
  );
}

/** A minute each, in one sentence: they prove nothing. */
function heardWords(heard: readonly RunEvent[]): string {
  const rates = heard.map((event) => event.heardPerMinute ?? 0).sort((one, two) => one - two);
  return `${whoOf(heard)} listened in ${heard.length} ${heard.length === 1 ? "minute" : "minutes"}, from ${formatTime(heard[0]?.at ?? "")} on, and heard it about ${rates[Math.floor(rates.length / 2)]} times a minute. What is heard proves nothing.`;
}

function seenWords(seen: readonly RunEvent[]): string {
  const low = Math.min(...seen.map((event) => event.seenLowPsi ?? 0));
  const high = Math.max(...seen.map((event) => event.seenHighPsi ?? 0));
  return `${whoOf(seen)} saw the dial in ${seen.length} ${seen.length === 1 ? "minute" : "minutes"}, from ${formatTime(seen[0]?.at ?? "")} on, between ${low} and ${high} psi. What is seen proves nothing.`;
}

/** By name, or as a device. */
function whoOf(events: readonly RunEvent[]): string {
  return [...new Set(events.flatMap((event) => event.by ?? []))].join(" and ") || "A device";
}

function words(event: RunEvent): string {
  if (event.jar) {
    return `Jar ${event.jar.jar}: ${event.jar.sealed ? "sealed" : "not sealed"}${lossWord(event.jar.loss)}`;
  }
  if (event.check) {
    const check =
      [...CHECKS, ...CARE_POINTS].find((each) => each.code === event.check?.check)?.text ?? event.check.check;
    return event.check.waived ? `${check}: waived (${event.note})` : check;
  }
  const shown = readingLabel(event);
  const reading = shown && event.type !== "correction" ? `: ${shown}` : "";
  const seat = event.seat == null ? "" : ` ${event.seat}`;
  const decision = event.decision ? `: ${decisionLabel(event.decision)}` : "";
  const told = [
    event.place == null || event.type === "stands-on" ? "" : placeLabel(event.place),
    (event.signs ?? []).map(signLabel).join(", "),
    event.cooled ? "water or a fan helped" : "",
    event.waterLeft == null ? "" : event.waterLeft ? "some was left" : "none was left",
  ].filter(Boolean);
  if (event.type === "alarm-answered") {
    return `Alarm answered${event.note ? ` on ${event.note}` : ""}: ${alarmLabel(event.place ?? "")}`;
  }
  if (event.type === "stands-on") {
    const where = hearthLabel({ burner: event.note ?? "", source: event.place });
    return where ? `Stands on: ${where}` : "Stands at its usual place";
  }
  const note = event.note
    ? ["note", "burner", "watch", "correction", "away"].includes(event.type)
      ? `: ${event.note}`
      : ` (${event.note})`
    : "";
  return `${eventLabel(event.type)}${seat}${reading}${decision}${told.length > 0 ? `: ${told.join("; ")}` : ""}${note}`;
}

function lossWord(loss: string): string {
  return loss === "none" ? "" : loss === "some" ? ", some liquid lost" : ", more than half the liquid lost";
}
