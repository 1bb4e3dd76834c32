import { useEffect, useState } from "react";
import { local } from "@/api/storage";
import type { Kitchen } from "@/kitchen";

export const FIRST_MINUTE = ["altitude", "canner", "jars", "network"] as const;

export type FirstStep = (typeof FIRST_MINUTE)[number];
type Later = "jars" | "network" | "done";

/** How far this device came with what may wait; kept, as a page is reloaded. */
const KEPT = "mobrel.first-minute";

function kept(): Later | undefined {
  const step = local.getItem(KEPT);
  return step === "jars" || step === "network" || step === "done" ? step : undefined;
}

/** What is asked now; nothing in a kitchen that was set up elsewhere, or once all was asked. */
export function useFirstMinute(kitchen: Kitchen): {
  readonly step: FirstStep | undefined;
  readonly go: (step: Later) => void;
} {
  const [later, setLater] = useState(kept);
  const go = (step: Later) => {
    local.setItem(KEPT, step);
    setLater(step);
  };
  const begins = kitchen.altitudeFt == null || kitchen.canners.length === 0;
  useEffect(() => {
    // What this device was asked in another kitchen says nothing of this one.
    if (begins) {
      local.setItem(KEPT, "jars");
      setLater("jars");
    }
  }, [begins]);
  const step =
    kitchen.altitudeFt == null
      ? "altitude"
      : kitchen.canners.length === 0
        ? "canner"
        : later === "done"
          ? undefined
          : later;
  return { step, go };
}
