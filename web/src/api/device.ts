import { local } from "./storage";

const NAME = "mobrel.device-name";

/** What this device is called in the kitchen: the name it was let in by; the machine's own screen needed none. */
export function deviceName(): string {
  return local.getItem(NAME) ?? "The kitchen's own screen";
}

export function nameDevice(name: string) {
  local.setItem(NAME, name);
}
