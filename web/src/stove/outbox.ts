import { useMutation } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { Problem } from "@/api/problem";
import { useChanged } from "@/api/useChanged";
import { change, type EventRequest, hear, live, onOnline, type Run, runNow } from "./live";
import { newKey, type QueuedTap, writeOutbox } from "./outboxStorage";

const BY = "mobrel.cook";

/** Who stands at this device; said with every tap. */
export function cookName(): string {
  return localStorage.getItem(BY) ?? "";
}

export function rememberCook(name: string) {
  localStorage.setItem(BY, name);
}

const send = (runId: number, event: EventRequest) =>
  body(api.POST("/api/runs/{id}/events", { params: { path: { id: runId } }, body: event }));

/** No answer, or one that says the server is not itself: the tap may still be meant. */
function isUnreachable(error: unknown): boolean {
  return !(error instanceof Problem) || error.status === 503 || error.status === 502;
}

function keep(outbox: readonly QueuedTap[]) {
  writeOutbox(outbox);
  change({ outbox });
}

/** How long a tap waits for its answer before it is kept instead. */
const PATIENCE_MS = 5_000;

async function within<T>(answer: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, fail) => {
    timer = setTimeout(() => fail(new Error("no answer")), PATIENCE_MS);
  });
  return Promise.race([answer, late]).finally(() => clearTimeout(timer));
}

/**
 * Writes down what happened, or keeps it on this device with its time until the server can be reached. A tap that was kept is shown as
 * kept, never as written.
 */
export async function record(run: Run, event: EventRequest): Promise<void> {
  const happenedAt = new Date(runNow(run)).toISOString();
  const key = newKey();
  const said = { ...event, by: event.by ?? cookName(), key };
  // Of two quick taps the second knows what the first has written down by now.
  const known = live().runs?.find((each) => each.id === run.id) ?? run;
  if (live().online && !live().outbox.some((each) => each.runId === run.id && !each.refused)) {
    try {
      hear(await within(send(run.id, { ...said, expected: known.events.length })));
      return;
    } catch (error) {
      if (!isUnreachable(error)) {
        throw error;
      }
    }
  }
  keep([...live().outbox, { runId: run.id, key, happenedAt, event: said }]);
}

let sending = false;

/** Sends what was kept, in its order. What is refused now stays on the screen until somebody has seen it. */
async function sendOutbox() {
  if (sending) {
    return;
  }
  sending = true;
  try {
    for (const tap of live().outbox.filter((each) => !each.refused)) {
      try {
        hear(await within(send(tap.runId, { ...tap.event, happenedAt: tap.happenedAt })));
        keep(live().outbox.filter((each) => each.key !== tap.key));
      } catch (error) {
        if (isUnreachable(error)) {
          setTimeout(sendOutbox, 2_000);
          return;
        }
        const refused = error instanceof Problem ? error.message : String(error);
        keep(live().outbox.map((each) => (each.key === tap.key ? { ...each, refused } : each)));
      }
    }
  } finally {
    sending = false;
  }
}

onOnline(() => void sendOutbox());

/** A refusal was read. */
export function forget(tap: QueuedTap) {
  keep(live().outbox.filter((each) => each.key !== tap.key));
}

export function useRecordEvent(run: Run) {
  const changed = useChanged("runs");
  return useMutation({
    // Also where the browser thinks it is offline: then the tap is kept, which is not for a library to put off.
    networkMode: "always",
    // One after the other, in the order they were tapped.
    scope: { id: `run-${run.id}` },
    mutationFn: (event: EventRequest) => record(run, event),
    onSettled: () => changed(),
  });
}

/** How long still, when the server refused because something is not over yet; undefined otherwise. */
export function waitOf(error: unknown): number | undefined {
  const wait = error instanceof Problem ? error.facts["waitMillis"] : undefined;
  return typeof wait === "number" ? wait : undefined;
}

/** What the other device wrote down first, when this tap came second. */
export function firstOf(error: unknown): { what: string; at: string; by: string } | undefined {
  if (!(error instanceof Problem) || error.code !== "someone-was-first") {
    return undefined;
  }
  const text = (name: string) => String(error.facts[name] ?? "");
  return { what: text("first"), at: text("firstAt"), by: text("firstBy") };
}
