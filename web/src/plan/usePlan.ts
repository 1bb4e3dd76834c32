import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";

export type Plan = Schemas["PlanAnswer"];
export type Load = Schemas["LoadAnswer"];
export type Amounts = Schemas["AmountsAnswer"];

interface Jars {
  readonly size: string;
  readonly mouth: string;
  readonly count: number;
}

export function usePlan(
  recipeId: number,
  cannerId: number | undefined,
  jars: readonly Jars[],
  ready: boolean,
) {
  const asked = jars.filter((jar) => jar.count > 0);
  return useQuery({
    queryKey: ["plan", recipeId, cannerId, asked],
    enabled: ready && cannerId !== undefined && asked.length > 0,
    placeholderData: keepPreviousData,
    queryFn: () => body(api.POST("/api/plans", { body: { recipeId, cannerId: cannerId ?? 0, jars: asked } })),
  });
}

export function useBatch() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (batch: Schemas["BatchRequest"]) => body(api.POST("/api/batches", { body: batch })),
    onSuccess: () =>
      queries.invalidateQueries({
        predicate: ({ queryKey }) => queryKey[0] === "runs" || queryKey[0] === "batches",
      }),
  });
}
