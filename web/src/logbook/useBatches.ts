import {
  keepPreviousData,
  queryOptions,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { useChanged } from "@/api/useChanged";

export type BatchEntry = Schemas["BatchEntry"];
export type Batch = Schemas["BatchResponse"];
export type Done = Schemas["DoneRequest"];
export type Hindsight = Schemas["HindsightResponse"];

export interface Wanted {
  readonly q: string;
  readonly canner: number;
  readonly verdict: string;
}

/** The logbook, the newest first, page by page. */
export function useBatches(wanted: Wanted) {
  return useInfiniteQuery({
    queryKey: keys.batchPages(wanted),
    initialPageParam: 0,
    placeholderData: keepPreviousData,
    queryFn: ({ pageParam }) =>
      body(api.GET("/api/batches", { params: { query: { ...wanted, from: pageParam } } })),
    getNextPageParam: (last) => last.next ?? undefined,
  });
}

export function useBatchPage(id: number) {
  return useQuery({
    queryKey: keys.batch(id),
    queryFn: () => body(api.GET("/api/batches/{id}", { params: { path: { id } } })),
  });
}

/** What was canned without Mobrel. */
export const outsideQuery = queryOptions({
  queryKey: keys.outside,
  queryFn: () => body(api.GET("/api/outside")),
});

export function useOutside() {
  return useQuery(outsideQuery);
}

export function useHindsight() {
  const changed = useChanged("outside");
  return useMutation({
    mutationFn: (done: Done) => body(api.POST("/api/outside", { body: done })),
    onSuccess: () => changed(),
  });
}

export function useOutsideDecision() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, decision }: { readonly id: number; readonly decision: string }) =>
      body(api.POST("/api/outside/{id}/decision", { params: { path: { id } }, body: { decision } })),
    onSuccess: (all) => queries.setQueryData(keys.outside, all),
  });
}
