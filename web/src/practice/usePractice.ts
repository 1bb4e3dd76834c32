import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";

export type Practice = Schemas["PracticeResponse"];
export type Drill = Schemas["DrillResponse"];
export type DrillTry = Schemas["DrillTryResponse"];
export type DrillEntry = Schemas["DrillEntry"];
export type Inside = Schemas["InsideResponse"];
export type LinesTry = Schemas["LinesTryResponse"];
export type PracticeRecord = Schemas["PracticeRecord"];

export function usePractice() {
  return useQuery({ queryKey: keys.practice, queryFn: () => body(api.GET("/api/practice")) });
}

/** A drill as chance sets it; another round is another chance. */
export function useDrill(code: string, round: number) {
  return useQuery({
    queryKey: keys.drill(code, round),
    staleTime: Number.POSITIVE_INFINITY,
    refetchOnWindowFocus: false,
    queryFn: () => body(api.GET("/api/practice/drills/{code}", { params: { path: { code }, query: {} } })),
  });
}

/** After a try the list and the record say something else. */
function useTried<Q, A>(send: (request: Q) => Promise<A>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: keys.practice, exact: true }),
        queries.invalidateQueries({ queryKey: keys.practiceRecord }),
      ]),
  });
}

export function useTryDrill(code: string) {
  return useTried((request: Schemas["DrillTryRequest"]) =>
    body(api.POST("/api/practice/drills/{code}/tries", { params: { path: { code } }, body: request })),
  );
}

export function useRehearsed() {
  return useTried((request: Schemas["RehearsalRequest"]) =>
    body(api.POST("/api/practice/rehearsals", { body: request })),
  );
}

export function useLines(round: number) {
  return useQuery({
    queryKey: keys.tenLines(round),
    staleTime: Number.POSITIVE_INFINITY,
    refetchOnWindowFocus: false,
    queryFn: () => body(api.GET("/api/practice/lines", { params: { query: {} } })),
  });
}

export function useTryLines() {
  return useTried((request: Schemas["LinesTryRequest"]) =>
    body(api.POST("/api/practice/lines/tries", { body: request })),
  );
}

export interface InsideRequest {
  readonly altitudeFt: number;
  readonly ventMinutes: number;
  readonly psi: number;
  readonly size: string;
}

export function useInside(wish: InsideRequest) {
  return useQuery({
    queryKey: keys.inside(wish),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
    queryFn: () => body(api.GET("/api/practice/inside", { params: { query: { ...wish } } })),
  });
}

export function usePracticeRecord() {
  return useQuery({ queryKey: keys.practiceRecord, queryFn: () => body(api.GET("/api/practice/record")) });
}
