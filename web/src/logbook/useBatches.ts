import { useQuery } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";

export type BatchEntry = Schemas["BatchEntry"];
export type Batch = Schemas["BatchAnswer"];

export function useBatches() {
  return useQuery({ queryKey: ["batches"], queryFn: () => body(api.GET("/api/batches")) });
}

export function useBatchPage(id: number) {
  return useQuery({
    queryKey: ["batches", id],
    queryFn: () => body(api.GET("/api/batches/{id}", { params: { path: { id } } })),
  });
}
