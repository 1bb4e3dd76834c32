import { local } from "@/api/storage";
import type { Finding } from "./findings";

/** So long after it was said a check goes on by itself; later it is only shown again. */
const GOES_ON_MS = 10 * 60_000;

export interface KeptCheck {
  readonly findings: ReadonlyMap<number, Finding>;
  /** Whether it is to be written down without another tap. */
  readonly goesOn: boolean;
}

const key = (run: number) => `mobrel.seal-check.${run}`;

/** A check that can still be taken back is kept on the device, at once: a device that goes dark meanwhile loses nothing. */
export function keepCheck(run: number, findings: ReadonlyMap<number, Finding>) {
  local.setItem(key(run), JSON.stringify({ at: Date.now(), findings: [...findings] }));
}

export function forgetCheck(run: number) {
  local.removeItem(key(run));
}

/** What was said of a run and neither taken back nor written down. */
export function keptCheck(run: number): KeptCheck | undefined {
  try {
    const kept = JSON.parse(local.getItem(key(run)) ?? "null") as {
      at: number;
      findings: [number, Finding][];
    } | null;
    return kept ? { findings: new Map(kept.findings), goesOn: Date.now() - kept.at < GOES_ON_MS } : undefined;
  } catch {
    return undefined;
  }
}
