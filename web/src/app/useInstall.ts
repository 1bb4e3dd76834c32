import { useSyncExternalStore } from "react";

/** What Chromium's browsers tell when a page can be installed; it is in no standard's types yet. */
interface InstallPrompt extends Event {
  readonly prompt: () => Promise<unknown>;
}

export type InstallState = "open-in-app" | "can-install" | "by-menu" | "not-secure";

let offered: InstallPrompt | undefined;
const hearers = new Set<() => void>();

function offer(now: InstallPrompt | undefined) {
  offered = now;
  for (const hear of hearers) {
    hear();
  }
}

window.addEventListener("beforeinstallprompt", (event) => {
  // The browser's own bar would cover a button at the stove; Kitchen has one of its own.
  event.preventDefault();
  offer(event as InstallPrompt);
});
window.addEventListener("appinstalled", () => offer(undefined));

function state(): InstallState {
  if (window.matchMedia("(display-mode: standalone)").matches) {
    return "open-in-app";
  }
  return !window.isSecureContext ? "not-secure" : offered ? "can-install" : "by-menu";
}

/** Whether and how this device can have Mobrel on its home screen. */
export function useInstall(): { readonly state: InstallState; readonly install: () => void } {
  const now = useSyncExternalStore((hear) => {
    hearers.add(hear);
    return () => hearers.delete(hear);
  }, state);
  return { state: now, install: () => void offered?.prompt().finally(() => offer(undefined)) };
}
