import { formatTime } from "@/quantity";
import type { Run } from "./useRuns";
import { eventWord, readingWord } from "./words";

/** Everything that was written down, with its time. */
export function EventList({ run }: { readonly run: Run }) {
  const lost = new Set(run.deviations.map((deviation) => deviation.at));
  return (
    <ol className="columns-1 gap-8 sm:columns-2">
      {run.events.map((event) => {
        const marked = lost.has(event.at) && !["checks-done", "note"].includes(event.type);
        return (
          <li key={event.number} className="flex gap-3 py-0.5 break-inside-avoid">
            <time className="digits w-12 shrink-0 pt-1 text-soft" dateTime={event.at}>
              {formatTime(event.at)}
            </time>
            <span className={marked ? "font-bold text-brick" : ""}>
              {event.jar ? `Jar ${event.jar.jar}: ` : eventWord(event.type)}
              {event.type === "reading" && `: ${readingWord(event.psi, event.weight)}`}
              {event.jar && `${event.jar.sealed ? "sealed" : "not sealed"}${lossWord(event.jar.loss)}`}
              {event.note && (event.type === "note" ? `: ${event.note}` : ` (${event.note})`)}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

function lossWord(loss: string): string {
  return loss === "none" ? "" : loss === "some" ? ", some liquid lost" : ", more than half the liquid lost";
}
