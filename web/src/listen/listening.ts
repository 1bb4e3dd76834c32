import { useSyncExternalStore } from "react";
import { api, body, type Schemas } from "@/api/client";
import { deviceName } from "@/api/device";
import { Problem } from "@/api/problem";
import { openEar } from "./ear";
import { lessonOf } from "./lessons";
import type { ListenerWord } from "./listener.worklet";

type Run = Schemas["RunResponse"];
export type Heard = Schemas["HearingResponse"];

export interface Listening {
  readonly runId: number;
  /** What the server made of the last seconds; undefined before the first. */
  readonly heard?: Heard | undefined;
  /** Whether it knows the weight; else it hears steam alone. */
  readonly learned: boolean;
  /** Whether the kitchen cannot be told what is heard. */
  readonly cutOff: boolean;
}

let now: Listening | undefined;
let stop: (() => void) | undefined;
const watchers = new Set<() => void>();

function change(next: Listening | undefined) {
  now = next;
  for (const watcher of watchers) {
    watcher();
  }
}

/** One line of it lives as long as the page: its clock counts from when it began to listen. */
let ears = 0;

/** Counts every wish to listen or to stop: only the last one counts. */
let turn = 0;

/** Listens to a run until it is over, or somebody stops it. One device listens to one canner. */
export async function listenTo(run: Run): Promise<void> {
  stopListening();
  const asked = turn;
  const weight = run.gauge === "weighted" ? lessonOf(run.cannerId) : undefined;
  const name = `${crypto.randomUUID()}/${++ears}`;
  const ear = await openEar(
    { weight, learning: false },
    (word) => void tell(run.id, name, weight !== undefined, word),
  );
  if (asked !== turn) {
    // Asked twice, or stopped meanwhile: no microphone stays open that nobody can see.
    ear.stop();
    return;
  }
  stop = () => ear.stop();
  change({ runId: run.id, learned: weight !== undefined, cutOff: false });
}

export function stopListening() {
  turn++;
  stop?.();
  stop = undefined;
  change(undefined);
}

async function tell(runId: number, ear: string, knows: boolean, word: ListenerWord) {
  if (word.what !== "span") {
    return;
  }
  const { what, ...span } = word;
  try {
    const heard = await body(
      api.POST("/api/runs/{id}/hearing", {
        params: { path: { id: runId } },
        body: { ...span, knocks: [...span.knocks], knows, device: deviceName(), ear },
      }),
    );
    if (now?.runId === runId) {
      change({ ...now, heard, cutOff: false });
    }
  } catch (error) {
    if (now?.runId !== runId) {
      return;
    }
    if (error instanceof Problem && error.code === "nothing-to-hear") {
      stopListening();
    } else {
      // It goes on listening; meanwhile nobody can be asked, and it says so.
      change({ ...now, cutOff: true });
    }
  }
}

/** What this device listens to; undefined while it does not. */
export function useListening(): Listening | undefined {
  return useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    () => now,
  );
}
