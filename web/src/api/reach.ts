import { useSyncExternalStore } from "react";

/** Whether the kitchen's server can be reached, as whoever listens to it says; undefined while nobody can say. */
let reached: boolean | undefined;
const hearers = new Set<(reached: boolean) => void>();

export function setReach(now: boolean) {
  if (now !== reached) {
    reached = now;
    for (const hear of hearers) {
      hear(now);
    }
  }
}

/** Tells each time that changes. Gives back how to stop. */
export function onReach(hear: (reached: boolean) => void): () => void {
  hearers.add(hear);
  return () => hearers.delete(hear);
}

/** Whether it is known that the server cannot be reached; the page says so in one place then, and not at each thing it could not ask. */
export function useOutOfReach(): boolean {
  return useSyncExternalStore(onReach, () => reached === false);
}
