import type { Alarm, Sound } from "./alarms";

/** How a phone shakes, by what an alarm wants; milliseconds on and off. */
const SHAKES: Record<Sound, readonly number[]> = {
  "heat-off": [500, 150, 500, 150, 800],
  lost: [300, 100, 300, 100, 300],
  look: [200, 150, 200],
  open: [200, 100, 400],
};

/** A device that cannot shake does nothing; nor does a page nobody has touched yet. */
export function shake(sound: Sound) {
  if (navigator.userActivation?.hasBeenActive) {
    navigator.vibrate?.([...SHAKES[sound]]);
  }
}

export function mayNotify(): boolean {
  return "Notification" in globalThis && Notification.permission === "granted";
}

export function canAskToNotify(): boolean {
  return "Notification" in globalThis && Notification.permission === "default";
}

/** Shows an alarm over other windows, once. On phones only the service worker may do so. */
export async function notify({ key, text, canner }: Alarm): Promise<void> {
  const options = { body: canner, tag: key, icon: "/icon-192.png", requireInteraction: true };
  const worker = await navigator.serviceWorker?.getRegistration();
  try {
    if (worker?.active) {
      await worker.showNotification(text, options);
    } else {
      new Notification(text, options);
    }
  } catch {
    // Neither is given on this device: the sound, the title and the page still tell.
  }
}
