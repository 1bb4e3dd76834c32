import { useSyncExternalStore } from "react";
import { api, body, type Schemas } from "@/api/client";
import { deviceName } from "@/api/device";
import { Problem } from "@/api/problem";
import { type Dial, readDial, type Unseen } from "./dial";
import { dialOf } from "./dials";
import { type Eye, openEye } from "./eye";

type Run = Schemas["RunResponse"];
export type Seen = Schemas["SeeingResponse"];

export interface Looking {
  readonly runId: number;
  readonly stream: MediaStream;
  /** What the server made of the last looks; undefined before the first. */
  readonly seen?: Seen | undefined;
  /** Why the last look saw no needle. */
  readonly unseen?: Unseen | "still" | undefined;
  /** Whether the kitchen cannot be told what is seen. */
  readonly cutOff: boolean;
}

export const LOOK_EVERY_MS = 5_000;

let now: Looking | undefined;
let stop: (() => void) | undefined;
const watchers = new Set<() => void>();

function change(next: Looking | undefined) {
  now = next;
  for (const watcher of watchers) {
    watcher();
  }
}

let eyes = 0;
/** Counts every wish to look or to stop: only the last one counts. */
let turn = 0;

/** Looks at a run's dial until it is over, or somebody stops it. One device looks at one dial. */
export async function lookAt(run: Run): Promise<void> {
  stopLooking();
  const asked = turn;
  const dial = dialOf(run.cannerId);
  if (!dial) {
    return;
  }
  const eye = await openEye();
  if (asked !== turn) {
    // Asked twice, or stopped meanwhile: no camera stays open that nobody can see.
    eye.stop();
    return;
  }
  const name = `${crypto.randomUUID()}/${++eyes}`;
  const timer = setInterval(() => void look(run.id, name, eye, dial), LOOK_EVERY_MS);
  stop = () => {
    clearInterval(timer);
    eye.stop();
  };
  change({ runId: run.id, stream: eye.stream, cutOff: false });
  // A camera needs a moment to get used to the light: the first look is the first turn of the clock.
}

export function stopLooking() {
  turn++;
  stop?.();
  stop = undefined;
  change(undefined);
}

async function look(runId: number, eye: string, camera: Eye, dial: Dial) {
  if (document.hidden) {
    // A page in the background sees nothing, and says nothing.
    return;
  }
  const picture = camera.look();
  const seen = picture ? readDial(picture, dial) : { unseen: "still" as const };
  const needle = "psi" in seen ? { psi: Math.round(seen.psi * 10) / 10 } : {};
  const unseen = "unseen" in seen ? seen.unseen : undefined;
  try {
    const answer = await body(
      api.POST("/api/runs/{id}/seeing", {
        params: { path: { id: runId } },
        body: { device: deviceName(), eye, at: Math.round(performance.now()), ...needle },
      }),
    );
    if (now?.runId === runId) {
      change({ ...now, seen: answer, unseen, cutOff: false });
    }
  } catch (error) {
    if (now?.runId !== runId) {
      return;
    }
    if (error instanceof Problem && error.code === "nothing-to-see") {
      stopLooking();
    } else {
      // It goes on looking; meanwhile nobody can be asked, and it says so.
      change({ ...now, unseen, cutOff: true });
    }
  }
}

/** What this device looks at; undefined while it does not. */
export function useLooking(): Looking | undefined {
  return useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    () => now,
  );
}
