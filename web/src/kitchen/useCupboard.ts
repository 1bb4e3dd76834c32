import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";

const KEY = ["cupboard"] as const;

export function useCupboard() {
  return useQuery({ queryKey: KEY, queryFn: () => body(api.GET("/api/kitchen/cupboard")) });
}

/** Every change answers the whole cupboard; plans are asked for again. */
function useChange<C>(change: (request: C) => Promise<Schemas["CupboardResponse"]>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    // One after the other: "2" on the way to "24" must not arrive last.
    scope: { id: "cupboard" },
    onSuccess: async (cupboard) => {
      queries.setQueryData(KEY, cupboard);
      await queries.invalidateQueries({ queryKey: ["plans"] });
    },
  });
}

export function useCupboardChange() {
  return {
    jars: useChange((request: Schemas["JarsCounted"]) =>
      body(api.PUT("/api/kitchen/cupboard/jars", { body: request })),
    ),
    lids: useChange((request: Schemas["LidsCounted"]) =>
      body(api.PUT("/api/kitchen/cupboard/lids", { body: request })),
    ),
    water: useChange((request: Schemas["JarMeasured"]) =>
      body(api.PUT("/api/kitchen/cupboard/water", { body: request })),
    ),
  };
}
