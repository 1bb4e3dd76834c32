import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { useChanged } from "@/api/useChanged";

export type Ruling = Schemas["RulingResponse"];
export type LineResponse = Schemas["LineResponse"];
export type Finding = Schemas["FindingResponse"];
export type Remedy = Schemas["RemedyResponse"];
export type Edit = Schemas["EditResponse"];
export type GivenAnswer = Schemas["GivenAnswer"];
export type OpenQuestion = Schemas["OpenQuestion"];
export type Choice = Schemas["ChoiceResponse"];
/** What was answered to a question of a line; it belongs to the words of the line. */
export type QuestionAnswer = Schemas["QuestionAnswer"];

export interface PreviewInput {
  readonly lines: readonly string[];
  readonly pack: "hot" | "raw";
  readonly solidsShare: number;
  readonly method: readonly string[];
  readonly variants: readonly { readonly name: string; readonly lines: readonly string[] }[];
  readonly settled: readonly string[];
  readonly answers: readonly QuestionAnswer[];
  readonly size: "quart" | "pint";
}

/**
 * Everything there is to say of what is on the page now, asked again at every keystroke; an answer that a later keystroke has
 * overtaken is not waited for.
 */
export function useRulingPreview(input: PreviewInput) {
  const asked = JSON.stringify(input);
  return useQuery({
    queryKey: keys.preview(asked),
    enabled: input.lines.some((line) => line.trim() !== ""),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
    queryFn: ({ signal }) =>
      body(
        api.POST("/api/recipes/draft", {
          body: JSON.parse(asked) as Schemas["DraftRequest"],
          signal,
        }),
      ),
  });
}

/** After the reader was taught something, everything on the page is read anew. */
export function useRefreshPreview() {
  return useChanged("reading");
}
