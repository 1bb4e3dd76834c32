import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { CloudOff } from "lucide-react";
import { useSyncExternalStore } from "react";
import { useOutOfReach } from "@/api/reach";
import { useWaitingTicks } from "@/plan";
import { formatDateTime, formatTime } from "@/quantity";
import { usePath } from "@/routing";
import { useHeardAt } from "@/stove";

const LONG_AGO_MS = 12 * 60 * 60_000;

/** Asked for wherever somebody is; they say nothing of the age of what a page shows. */
const MARGIN: ReadonlySet<string> = new Set(["access", "health", "backups"]);

/** That the server cannot be reached, and of when what this page shows is. */
export function AwayStrip() {
  const away = useOutOfReach();
  const ticks = useWaitingTicks();
  const shown = useShown();
  const heardAt = useHeardAt();
  const stove = usePath() === "/stove";
  if (!away) {
    return null;
  }
  const ages = [...shown.ages, ...(heardAt === undefined ? [] : [heardAt])];
  const oldest = ages.length === 0 || (shown.lacking && !stove) ? undefined : Math.min(...ages);
  return (
    <div
      role="alert"
      className="no-print flex items-start gap-3 border-b-2 border-brick bg-brick-wash px-4 py-2.5 sm:px-6 [.alarm+&]:pt-18"
    >
      <CloudOff size={26} className="mt-0.5 shrink-0 text-brick" aria-hidden="true" />
      <p className="max-w-[54rem] leading-snug">
        <strong>The kitchen's server cannot be reached.</strong>{" "}
        {oldest === undefined
          ? "Not everything of this page was kept on this device."
          : `This is as of ${when(oldest)}${stove ? "; clocks go on" : ""}.`}{" "}
        Taps and ticks are kept and sent later
        {ticks > 0 && `: ${ticks === 1 ? "1 tick waits" : `${ticks} ticks wait`}`}.
      </p>
    </div>
  );
}

function when(at: number): string {
  return Date.now() - at < LONG_AGO_MS ? formatTime(at) : formatDateTime(at);
}

interface Shown {
  /** Of when the answers are that are in view, in milliseconds. */
  readonly ages: readonly number[];
  /** Whether something in view has no answer. */
  readonly lacking: boolean;
}

function useShown(): Shown {
  const queries = useQueryClient();
  const text = useSyncExternalStore(
    (hear) => queries.getQueryCache().subscribe(() => queueMicrotask(hear)),
    () => JSON.stringify(look(queries)),
  );
  return JSON.parse(text) as Shown;
}

function look(queries: QueryClient): Shown {
  const active = queries
    .getQueryCache()
    .findAll({ type: "active" })
    .filter(({ queryKey }) => !MARGIN.has(String(queryKey[0])));
  return {
    ages: active.flatMap(({ state }) => (state.data === undefined ? [] : [state.dataUpdatedAt])),
    lacking: active.some(({ state }) => state.data === undefined),
  };
}
