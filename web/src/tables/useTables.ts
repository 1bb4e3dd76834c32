import { keepPreviousData, useMutation, useQuery } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { useToast } from "@/kit";
import { useRefreshPreview } from "@/ruling";

export type Tables = Schemas["TablesResponse"];
export type FoodRow = Schemas["FoodRow"];
export type MayIResponse = Schemas["MayIResponse"];

export function useTables() {
  return useQuery({
    queryKey: keys.tables,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => body(api.GET("/api/tables")),
  });
}

/** May I can this? */
export function useMayI(words: string) {
  return useQuery({
    queryKey: keys.mayI(words),
    enabled: words.trim() !== "",
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => body(api.GET("/api/tables/answers", { params: { query: { words } }, signal })),
  });
}

export function useReading() {
  return useQuery({ queryKey: keys.reading, queryFn: () => body(api.GET("/api/reading")) });
}

/** Teaches the reader what the words of a line mean. */
export function useTeach() {
  const again = useRefreshPreview();
  return useMutation({
    mutationFn: (wording: Schemas["WordingChange"]) =>
      body(api.POST("/api/reading/wordings", { body: wording })),
    onSuccess: () => again(),
  });
}

/** Reads the words of a line as they stand again; with a way back to what they were taught to mean. */
export function useUnteach() {
  const again = useRefreshPreview();
  const teach = useTeach();
  const toast = useToast();
  return useMutation({
    mutationFn: (line: string) => body(api.POST("/api/reading/wordings/forgotten", { body: { line } })),
    onSuccess: async ({ food, states, pieceIn }, line) => {
      await again();
      if (food != null) {
        toast({
          text: "The words are read as they stand again.",
          action: { text: "Undo", run: () => teach.mutate({ line, food, states, pieceIn }) },
        });
      }
    },
  });
}

/** Asks again what was answered before. */
export function useForgetAnswer() {
  const again = useRefreshPreview();
  return useMutation({
    mutationFn: (answer: Schemas["AnswerForgotten"]) =>
      body(api.POST("/api/reading/answers/forgotten", { body: answer })),
    onSuccess: () => again(),
  });
}

export function useOwnFood() {
  const again = useRefreshPreview();
  const add = useMutation({
    mutationFn: (food: Schemas["OwnFoodChange"]) => body(api.POST("/api/reading/own-foods", { body: food })),
    onSuccess: () => again(),
  });
  const remove = useMutation({
    mutationFn: (id: number) => body(api.DELETE("/api/reading/own-foods/{id}", { params: { path: { id } } })),
    onSuccess: () => again(),
  });
  return { add, remove };
}
