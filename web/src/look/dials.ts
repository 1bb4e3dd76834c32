import { local } from "@/api/storage";
import type { Dial } from "./dial";

const NAME = "mobrel.looking.";

/** What this device learned of a canner's dial, from where it stands; a page that is reloaded goes on with it. */
export function dialOf(canner: number): Dial | undefined {
  try {
    const kept = JSON.parse(local.getItem(NAME + canner) ?? "null") as Dial | null;
    return kept?.plane?.length === 9 && kept.ring?.length > 0 && kept.perPsi > 0 ? kept : undefined;
  } catch {
    return undefined;
  }
}

export function keepDial(canner: number, dial: Dial) {
  local.setItem(NAME + canner, JSON.stringify(dial));
}
