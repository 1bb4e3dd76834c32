import { local } from "@/api/storage";

const OFF = "mobrel.single-keys";

/** Whether keys without Ctrl do something on this device: whoever speaks to it or leans on it can turn them off. */
export function singleKeysOn(): boolean {
  return local.getItem(OFF) !== "off";
}

export function turnSingleKeys(on: boolean) {
  if (on) {
    local.removeItem(OFF);
  } else {
    local.setItem(OFF, "off");
  }
}

/** A key that is being typed somewhere, or belongs to a dialog, is no command. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || target.closest("input, textarea, select, [role=dialog], dialog") !== null)
  );
}
