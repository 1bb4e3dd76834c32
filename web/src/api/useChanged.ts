import { type QueryClient, type QueryKey, useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { type Concept, isAffected } from "./keys";

/**
 * Asks again for whatever may differ once something of a concept was changed, here or on another device; but not for what came as the answer
 * to the change.
 */
export function refresh(queries: QueryClient, concept: string, answered?: QueryKey): Promise<void> {
  const known = JSON.stringify(answered);
  return queries.invalidateQueries({
    predicate: ({ queryKey }) => isAffected(queryKey, concept) && JSON.stringify(queryKey) !== known,
  });
}

/** As {@link refresh}, for what this page has changed itself. */
export function useChanged(concept: Concept): (answered?: QueryKey) => Promise<void> {
  const queries = useQueryClient();
  return useCallback((answered) => refresh(queries, concept, answered), [queries, concept]);
}
