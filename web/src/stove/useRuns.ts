import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";
import { type Run, runNow, useLive } from "./live";
import { projected } from "./project";
import { useTaps } from "./useOutbox";

/** Runs that need somebody, as the server told them, with the taps that still wait on this device. */
export function useRuns(): { readonly data: readonly Run[] | undefined; readonly offline: boolean } {
  const live = useLive();
  const taps = useTaps();
  return {
    data: live.runs?.map((run) => projected(run, taps)),
    offline: live.online === false,
  };
}

/** One run, whether it still needs somebody or not. */
export function useRun(id: number) {
  const live = useLive();
  const open = live.runs?.find((run) => run.id === id);
  const asked = useQuery({
    queryKey: keys.run(id),
    queryFn: () => body(api.GET("/api/runs/{id}", { params: { path: { id } } })),
  });
  const taps = useTaps();
  const run = open ?? asked.data;
  return { ...asked, data: run && projected(run, taps) };
}

/** Makes a component look at the clock again, four times a second. */
export function useTick() {
  const [, tick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => tick((count) => count + 1), 250);
    return () => clearInterval(timer);
  }, []);
}

/** A run's own clock, ticking. */
export function useRunNow(run: Run | undefined): number {
  useTick();
  return run ? runNow(run) : Date.now();
}
