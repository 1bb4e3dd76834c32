import { Droplets } from "lucide-react";
import { useKitchen } from "@/kitchen";
import { formatTime, formatVolume } from "@/quantity";
import type { Run } from "./live";

/** What water is probably left, by the time it steams. It only warns: that there is enough is never said. */
export function WaterGauge({ run, now }: { readonly run: Run; readonly now: number }) {
  const units = useKitchen().data?.units ?? "us";
  const water = run.water;
  if (!water) {
    return null;
  }
  const left = leftNow(water, Date.parse(run.now), now);
  const share = Math.max(0, Math.min(1, left / water.startMl));
  const low = water.lowAt != null && now >= Date.parse(water.lowAt);
  const dry = water.dryAt != null && now >= Date.parse(water.dryAt);
  return (
    <div
      role="img"
      aria-label={`Water, estimated: ${words(left, dry)}`}
      className={`flex items-center gap-2 ${low ? "font-semibold text-brick" : "text-soft"}`}
    >
      <Droplets size={20} aria-hidden="true" className="shrink-0" />
      <svg viewBox="0 0 60 14" className="h-3.5 w-15 shrink-0" aria-hidden="true">
        <rect x="1" y="1" width="58" height="12" rx="4" className="fill-paper stroke-glass" strokeWidth="2" />
        <rect x="3" y="3" width={54 * share} height="8" rx="2" className={low ? "fill-brick" : "fill-bar"} />
        <path d="M21 1 V13" className="stroke-ink" strokeWidth="1.5" />
      </svg>
      <span aria-hidden="true">{words(left, dry)}</span>
    </div>
  );

  function words(millilitres: number, isDry: boolean): string {
    if (isDry) {
      return "it may be dry";
    }
    const about = `about ${formatVolume(millilitres, units)} of water`;
    return low || water?.lowAt == null ? about : `${about}, a third at ${formatTime(water.lowAt)}`;
  }
}

/** Between two words of the server it goes on at the rate that leads to where it is foretold. */
function leftNow(water: NonNullable<Run["water"]>, told: number, now: number): number {
  if (water.dryAt == null) {
    return water.leftMl;
  }
  const whole = Date.parse(water.dryAt) - told;
  return whole <= 0 ? 0 : water.leftMl * Math.max(0, 1 - Math.max(0, now - told) / whole);
}
