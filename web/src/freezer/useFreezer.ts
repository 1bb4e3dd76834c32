import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";

export type Frozen = Schemas["FrozenResponse"];

export const freezerQuery = queryOptions({
  queryKey: keys.freezer,
  queryFn: () => body(api.GET("/api/freezer")),
});

export function useFreezer() {
  return useQuery(freezerQuery);
}

/** Puts food into boxes in the freezer. */
export function useFreeze() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (request: Schemas["FreezeRequest"]) => body(api.POST("/api/freezer", { body: request })),
    onSuccess: (freezer) => queries.setQueryData(keys.freezer, freezer),
  });
}

/** Takes boxes out; what was taken can be put back by its number. */
export function useTakeOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, boxes }: { readonly id: number; readonly boxes: number }) =>
      body(api.POST("/api/freezer/{id}/taken", { params: { path: { id } }, body: { boxes } })),
    onSuccess: ({ freezer }) => queries.setQueryData(keys.freezer, freezer),
  });
}

export function usePutBack() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (taken: number) =>
      body(api.DELETE("/api/freezer/taken/{taken}", { params: { path: { taken } } })),
    onSuccess: (freezer) => queries.setQueryData(keys.freezer, freezer),
  });
}
