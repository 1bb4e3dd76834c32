import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { Problem } from "@/api/problem";

export type Run = Schemas["RunAnswer"];
export type RunEvent = Schemas["EventAnswer"];
export type Tell = Schemas["EventRequest"];

/** How often an open page looks whether another device wrote something down. */
const LOOK_EVERY_MS = 1_500;

/** Runs that need somebody, with the moment this page heard of them: clocks run on from there. */
export function useRuns() {
  return useQuery({
    queryKey: ["runs"],
    refetchInterval: LOOK_EVERY_MS,
    refetchIntervalInBackground: true,
    // A live run is worth asking for as long as it takes.
    retry: true,
    retryDelay: LOOK_EVERY_MS,
    queryFn: () => body(api.GET("/api/runs")),
  });
}

export function useRun(id: number) {
  return useQuery({
    queryKey: ["runs", id],
    refetchInterval: LOOK_EVERY_MS,
    queryFn: () => body(api.GET("/api/runs/{id}", { params: { path: { id } } })),
  });
}

/** Writes down what happened. The page shows it only when the server has stored it. */
export function useTell(run: Run) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (event: Tell) =>
      body(
        api.POST("/api/runs/{id}/events", {
          params: { path: { id: run.id } },
          body: { ...event, expected: run.events.length },
        }),
      ),
    onSuccess: (after) => {
      queries.setQueryData(["runs", run.id], after);
      queries.setQueryData<Run[]>(["runs"], (runs) =>
        runs?.map((each) => (each.id === after.id ? after : each)),
      );
    },
    onSettled: () =>
      queries.invalidateQueries({
        predicate: ({ queryKey }) => ["runs", "shelf", "batches"].includes(String(queryKey[0])),
      }),
  });
}

/** How long still, when the server refused because something is not over yet; undefined otherwise. */
export function waitOf(error: unknown): number | undefined {
  const wait = error instanceof Problem ? error.facts["waitMillis"] : undefined;
  return typeof wait === "number" ? wait : undefined;
}
