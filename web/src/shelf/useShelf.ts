import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";

export type Lot = Schemas["LotAnswer"];

export function useShelf() {
  return useQuery({ queryKey: ["shelf"], queryFn: () => body(api.GET("/api/shelf")) });
}

/** Takes one jar of a lot, or puts it back. */
export function useMovement() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ code, kind }: { readonly code: string; readonly kind: "eaten" | "put-back" }) =>
      body(api.POST("/api/shelf/{code}/movements", { params: { path: { code } }, body: { kind } })),
    onSuccess: (shelf) => queries.setQueryData(["shelf"], shelf),
    onError: () => queries.invalidateQueries({ queryKey: ["shelf"] }),
  });
}
