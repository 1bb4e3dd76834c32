import { useSyncExternalStore } from "react";
import type { Workbox } from "workbox-window";

const IDLE_AFTER_MS = 1_500;
const LOOK_EVERY_MS = 60 * 60_000;

/** Whether a newer version of the pages lies on this device and waits. */
let ready = false;
let asked = false;
let worker: Workbox | undefined;
const hearers = new Set<() => void>();

function isReady(now: boolean) {
  ready = now;
  for (const hear of hearers) {
    hear();
  }
}

/** Lets the pages open without a line, where the address allows it, and looks for newer ones. */
export async function watchForUpdates() {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) {
    return;
  }
  const loaded = await import("workbox-window").catch(() => undefined);
  if (!loaded) {
    return; // The server went away meanwhile; the next visit looks again.
  }
  const watched = new loaded.Workbox("/sw.js");
  worker = watched;
  watched.addEventListener("waiting", () => isReady(true));
  watched.addEventListener("controlling", ({ isUpdate }) => {
    // A page that did not ask goes on as it is; what it shows it has in hand.
    if (isUpdate && asked) {
      location.reload();
    }
  });
  watched.register().catch(() => undefined); // Such as where the certificate is not trusted: then the pages open with a line only.
  setInterval(lookForUpdate, LOOK_EVERY_MS);
}

/** After what the cook waits for. */
export function whenIdle(run: () => void) {
  window.addEventListener("load", () => setTimeout(run, IDLE_AFTER_MS), { once: true });
}

/** A server that was away may have come back as a newer one. */
export function lookForUpdate() {
  void worker?.update().catch(() => undefined);
}

export function takeUpdate() {
  asked = true;
  worker?.messageSkipWaiting();
}

export function useUpdateReady(): boolean {
  return useSyncExternalStore(
    (hear) => {
      hearers.add(hear);
      return () => hearers.delete(hear);
    },
    () => ready,
  );
}
