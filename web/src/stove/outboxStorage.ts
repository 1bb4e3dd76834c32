import type { Schemas } from "@/api/client";

/** A tap that could not be sent: what, when by the run's clock, and a key so that it is written down once. */
export interface QueuedTap {
  readonly runId: number;
  readonly key: string;
  readonly happenedAt: string;
  readonly event: Schemas["EventRequest"];
  /** What the server said to it when it came through and was not taken. */
  readonly refused?: string;
}

const PLACE = "mobrel.kept-taps";

export function readOutbox(): readonly QueuedTap[] {
  try {
    const text = globalThis.localStorage?.getItem(PLACE);
    return text ? (JSON.parse(text) as QueuedTap[]) : [];
  } catch {
    return [];
  }
}

/** On this device, so that a reloaded page still has them. */
export function writeOutbox(outbox: readonly QueuedTap[]) {
  try {
    localStorage.setItem(PLACE, JSON.stringify(outbox));
  } catch {
    // A device that keeps nothing still has them as long as the page is open.
  }
}

/** Eight to forty letters nobody else comes up with; also where a page is not served over https. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(15));
  return `tap-${Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("")}`;
}
