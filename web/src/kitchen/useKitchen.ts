import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { useChanged } from "@/api/useChanged";

export type Kitchen = Schemas["KitchenResponse"];
export type Canner = Schemas["CannerResponse"];
/** What is to be changed; the version it is based on is what this page has seen by the time it is sent. */
export type KitchenChange = Omit<Schemas["KitchenChange"], "basedOn">;
export type CannerChange = Schemas["CannerChange"];

export const kitchenQuery = queryOptions({
  queryKey: keys.kitchen,
  queryFn: () => body(api.GET("/api/kitchen")),
});

export function useKitchen() {
  return useQuery(kitchenQuery);
}

/** Tests and inspections of a canner. */
export function useCare(id: number) {
  return useQuery({
    queryKey: keys.care(id),
    queryFn: () => body(api.GET("/api/kitchen/canners/{id}/care", { params: { path: { id } } })),
  });
}

/** Every change answers the whole kitchen; whatever depends on it is asked for again. */
function useChange<C>(change: (request: C) => Promise<Kitchen>) {
  const queries = useQueryClient();
  const changed = useChanged("kitchen");
  return useMutation({
    mutationFn: change,
    scope: { id: "kitchen" },
    onSuccess: async (kitchen) => {
      queries.setQueryData(keys.kitchen, kitchen);
      await changed(keys.kitchen);
    },
    // What stands there now is what another device made of it; the cook is to see that.
    onError: () => changed(),
  });
}

export function useKitchenChange() {
  const seen = useSeen();
  return useChange((change: KitchenChange) =>
    body(api.PATCH("/api/kitchen", { body: { ...change, basedOn: seen() } })),
  );
}

/** The version of the kitchen that this page shows now. */
function useSeen(): () => number {
  const queries = useQueryClient();
  return () => queries.getQueryData<Kitchen>(keys.kitchen)?.version ?? 0;
}

/** Changes some settings and leaves the others as they are. */
export interface Settings {
  readonly save: (part: KitchenChange) => void;
  readonly error: unknown;
}

export function useSettings(): Settings {
  const change = useKitchenChange();
  return { save: (part: KitchenChange) => change.mutate(part), error: change.error };
}

interface CannerRevision {
  /** Undefined for a new one. */
  readonly id: number | undefined;
  readonly canner: CannerChange;
  /** What of it the cook changed; the rest stays as it is, whoever changed it. */
  readonly changed: readonly string[];
  /** The version of the kitchen that the form was opened on. */
  readonly basedOn: number;
}

/** Adds a canner, or changes the one of that id. */
export function useCannerChange() {
  return useChange(({ id, canner, changed, basedOn }: CannerRevision) =>
    id === undefined
      ? body(api.POST("/api/kitchen/canners", { body: canner }))
      : body(
          api.PATCH("/api/kitchen/canners/{id}", {
            params: { path: { id } },
            body: { basedOn, changed: [...changed], canner },
          }),
        ),
  );
}

export function useCannerRemoval() {
  return useChange((id: number) =>
    body(api.DELETE("/api/kitchen/canners/{id}", { params: { path: { id } } })),
  );
}

export function useTest(id: number) {
  return useChange((says: Schemas["GaugeTestRequest"]) =>
    body(api.POST("/api/kitchen/canners/{id}/tests", { params: { path: { id } }, body: says })),
  );
}

export function useStrikeTest(id: number) {
  return useChange((test: number) =>
    body(api.DELETE("/api/kitchen/canners/{id}/tests/{test}", { params: { path: { id, test } } })),
  );
}

export function useInspection(id: number) {
  return useChange((says: Schemas["InspectionRequest"]) =>
    body(api.POST("/api/kitchen/canners/{id}/inspections", { params: { path: { id } }, body: says })),
  );
}
