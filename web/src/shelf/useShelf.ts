import {
  infiniteQueryOptions,
  keepPreviousData,
  type QueryClient,
  queryOptions,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { useChanged } from "@/api/useChanged";

export type Lot = Schemas["LotResponse"];
export type LotLedger = Schemas["LotLedger"];
export type LedgerLine = Schemas["LedgerLine"];
export type Hold = Schemas["HoldResponse"];
export type Movement = Schemas["MovementRequest"];
export type Need = Schemas["NeedResponse"];
export type Kit = Schemas["KitResponse"];

/** The lots with jars, the oldest first; as many as one look takes in. */
const shelfFirst = queryOptions({ queryKey: keys.shelfFirst, queryFn: () => body(api.GET("/api/shelf")) });

export function useShelf() {
  return useQuery(shelfFirst);
}

const holds = queryOptions({ queryKey: keys.holds, queryFn: () => body(api.GET("/api/shelf/holds")) });
const needs = queryOptions({ queryKey: keys.needs, queryFn: () => body(api.GET("/api/shelf/needs")) });

const lots = (q: string, place: string) =>
  infiniteQueryOptions({
    queryKey: keys.shelfPages(q, place),
    initialPageParam: 0,
    queryFn: ({ pageParam }) =>
      body(api.GET("/api/shelf", { params: { query: { q, place, from: pageParam } } })),
    getNextPageParam: (last) => last.next ?? undefined,
  });

/** The lots that were asked for, page by page. */
export function useLots(q: string, place: string) {
  return useInfiniteQuery({ ...lots(q, place), placeholderData: keepPreviousData });
}

/** Asks for the shelf, so that this device has it where nobody can be asked. */
export async function takeShelfAlong(queries: QueryClient, freshMs: number): Promise<void> {
  await queries.prefetchQuery({ ...shelfFirst, staleTime: freshMs });
  await queries.prefetchInfiniteQuery({ ...lots("", ""), staleTime: freshMs });
  await queries.prefetchQuery({ ...needs, staleTime: freshMs });
  await queries.prefetchQuery({ ...holds, staleTime: freshMs });
}

/** One lot, with all that ever happened to its jars. */
export function useLot(code: string) {
  return useQuery({
    queryKey: keys.lot(code),
    queryFn: () => body(api.GET("/api/shelf/{code}", { params: { path: { code } } })),
  });
}

function useChange<C, R>(change: (request: C) => Promise<R>) {
  const changed = useChanged("shelf");
  return useMutation({
    mutationFn: change,
    onSettled: () => changed(),
  });
}

/** Writes a line into a lot's ledger. */
export function useMovement() {
  return useChange(({ code, ...movement }: Movement & { readonly code: string }) =>
    body(api.POST("/api/shelf/{code}/movements", { params: { path: { code } }, body: movement })),
  );
}

export function useFinish(code: string) {
  return useChange((finish: string) =>
    body(api.PUT("/api/shelf/{code}/finish", { params: { path: { code } }, body: { finish } })),
  );
}

export function useStocktake() {
  return useChange((counted: Schemas["StocktakeRequest"]) =>
    body(api.POST("/api/shelf/stocktake", { body: counted })),
  );
}

export function useHolds() {
  return useQuery(holds);
}

export function useRelease() {
  return useChange(({ id, by, why }: { readonly id: number; readonly by: string; readonly why: string }) =>
    body(api.POST("/api/shelf/holds/{id}/release", { params: { path: { id } }, body: { by, why } })),
  );
}

/** What the shelf lacks, and which meals are complete. */
export function useNeeds() {
  return useQuery(needs);
}

export function useNeedChange() {
  const queries = useQueryClient();
  const seen = () => queries.getQueryData<Schemas["NeedsResponse"]>(keys.needs)?.version ?? 0;
  return {
    target: useChange(({ recipeId, jars }: { readonly recipeId: number; readonly jars: number }) =>
      body(
        api.PUT("/api/shelf/targets/{recipeId}", {
          params: { path: { recipeId } },
          body: { jars, basedOn: seen() },
        }),
      ),
    ),
    kit: useChange((kit: Schemas["KitRequest"]) => body(api.POST("/api/shelf/kits", { body: kit }))),
    removeKit: useChange((id: number) =>
      body(api.DELETE("/api/shelf/kits/{id}", { params: { path: { id } } })),
    ),
  };
}
