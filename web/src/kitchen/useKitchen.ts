import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";

export type Kitchen = Schemas["KitchenResponse"];
export type Canner = Schemas["CannerResponse"];
export type KitchenChange = Schemas["KitchenChange"];
export type CannerChange = Schemas["CannerChange"];

const KEY = ["kitchen"] as const;

export function useKitchen() {
  return useQuery({ queryKey: KEY, queryFn: () => body(api.GET("/api/kitchen")) });
}

/** Tests and inspections of a canner. */
export function useCare(id: number) {
  return useQuery({
    queryKey: ["care", id],
    queryFn: () => body(api.GET("/api/kitchen/canners/{id}/care", { params: { path: { id } } })),
  });
}

/** Every change answers the whole kitchen; whatever depends on it is asked for again. */
function useChange<C>(change: (request: C) => Promise<Kitchen>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    scope: { id: "kitchen" },
    onSuccess: async (kitchen) => {
      queries.setQueryData(KEY, kitchen);
      await queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] });
    },
  });
}

export function useKitchenChange() {
  return useChange((kitchen: KitchenChange) => body(api.PUT("/api/kitchen", { body: kitchen })));
}

/** Changes some settings and leaves the others as they are. */
export function useSettings(kitchen: Kitchen) {
  const change = useKitchenChange();
  const save = (part: Partial<KitchenChange>) =>
    change.mutate({
      units: kitchen.units,
      school: kitchen.school,
      ...(kitchen.altitudeFt == null ? {} : { altitudeFt: kitchen.altitudeFt }),
      ...part,
    });
  return { save, error: change.error };
}

/** Adds a canner, or changes the one of that id. */
export function useCannerChange() {
  return useChange(({ id, canner }: { readonly id: number | undefined; readonly canner: CannerChange }) =>
    id === undefined
      ? body(api.POST("/api/kitchen/canners", { body: canner }))
      : body(api.PUT("/api/kitchen/canners/{id}", { params: { path: { id } }, body: canner })),
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
