import { local } from "@/api/storage";
import type { WeightSound } from "./detector";
import { BANDS } from "./spectrum";

const NAME = "mobrel.listening.";

/** What this device learned of a canner's weight; it stays on this device, whose microphone it is of. */
export function lessonOf(canner: number): WeightSound | undefined {
  try {
    const kept = JSON.parse(local.getItem(NAME + canner) ?? "null") as WeightSound | null;
    return kept?.shape?.length === BANDS && kept.power > 0 && kept.together > 0 ? kept : undefined;
  } catch {
    return undefined;
  }
}

export function keepLesson(canner: number, weight: WeightSound) {
  local.setItem(NAME + canner, JSON.stringify(weight));
}
