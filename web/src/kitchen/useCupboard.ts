import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { useChanged } from "@/api/useChanged";

export const cupboardQuery = queryOptions({
  queryKey: keys.cupboard,
  queryFn: () => body(api.GET("/api/kitchen/cupboard")),
});

export function useCupboard() {
  return useQuery(cupboardQuery);
}

/** What was counted; what it is based on is what this page has seen by the time it is sent. */
type Counted<K extends "JarsCounted" | "LidsCounted" | "JarMeasured"> = Omit<Schemas[K], "basedOn">;

/** Every change answers the whole cupboard; plans are asked for again. */
function useChange<C>(change: (request: C) => Promise<Schemas["CupboardResponse"]>) {
  const queries = useQueryClient();
  const changed = useChanged("cupboard");
  return useMutation({
    mutationFn: change,
    // One after the other: "2" on the way to "24" must not arrive last.
    scope: { id: "cupboard" },
    onSuccess: async (cupboard) => {
      queries.setQueryData(keys.cupboard, cupboard);
      await changed(keys.cupboard);
    },
    onError: () => changed(),
  });
}

export function useCupboardChange() {
  const queries = useQueryClient();
  const basedOn = () => queries.getQueryData<Schemas["CupboardResponse"]>(keys.cupboard)?.version ?? 0;
  return {
    jars: useChange((request: Counted<"JarsCounted">) =>
      body(api.PUT("/api/kitchen/cupboard/jars", { body: { ...request, basedOn: basedOn() } })),
    ),
    lids: useChange((request: Counted<"LidsCounted">) =>
      body(api.PUT("/api/kitchen/cupboard/lids", { body: { ...request, basedOn: basedOn() } })),
    ),
    water: useChange((request: Counted<"JarMeasured">) =>
      body(api.PUT("/api/kitchen/cupboard/water", { body: { ...request, basedOn: basedOn() } })),
    ),
  };
}
