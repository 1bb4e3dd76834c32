import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { useChanged } from "@/api/useChanged";
import type { Draft } from "./useDraft";

export type Recipe = Schemas["RecipeResponse"];
export type RecipeEntry = Schemas["RecipeEntry"];
export type RecipeVersion = Schemas["VersionResponse"];

export const recipeBookQuery = (words: string, archived: boolean) =>
  queryOptions({
    queryKey: keys.recipeBook(words, archived),
    queryFn: () => body(api.GET("/api/recipes", { params: { query: { words, archived } } })),
  });

export function useRecipes(words = "", archived = false) {
  return useQuery({ ...recipeBookQuery(words, archived), placeholderData: keepPreviousData });
}

export function useRecipe(id: number | undefined) {
  return useQuery({
    queryKey: keys.recipe(id),
    enabled: id !== undefined,
    queryFn: () => body(api.GET("/api/recipes/{id}", { params: { path: { id: id ?? 0 } } })),
  });
}

export function useVersions(id: number) {
  return useQuery({
    queryKey: keys.recipeVersions(id),
    queryFn: () => body(api.GET("/api/recipes/{id}/versions", { params: { path: { id } } })),
  });
}

/** A saved version as the page edits it. */
export function asDraft(recipe: Recipe | RecipeVersion): Draft {
  return {
    title: recipe.title,
    lines: recipe.lines,
    pack: recipe.pack === "raw" ? "raw" : "hot",
    solidsShare: recipe.solidsShare,
    method: recipe.method,
    tags: recipe.tags,
    variants: recipe.variants,
    settled: recipe.settled,
    answers: recipe.answers,
    imported: recipe.imported ?? undefined,
    basedOn: recipe.version,
  };
}

function asChange(draft: Draft): Schemas["RecipeChange"] {
  return {
    title: draft.title,
    lines: [...draft.lines],
    pack: draft.pack,
    solidsShare: draft.solidsShare,
    method: [...draft.method],
    tags: [...draft.tags],
    variants: draft.variants
      .filter((variant) => variant.name.trim() !== "")
      .map((variant) => ({ name: variant.name, lines: [...variant.lines] })),
    settled: [...draft.settled],
    answers: [...draft.answers],
    imported: draft.imported,
    basedOn: draft.basedOn,
  };
}

/** Saves the next version, or the first of a new recipe. */
export function useRecipeSave(id: number | undefined) {
  const queries = useQueryClient();
  const changed = useChanged("recipes");
  return useMutation({
    mutationFn: (draft: Draft) =>
      id === undefined
        ? body(api.POST("/api/recipes", { body: asChange(draft) }))
        : body(api.PUT("/api/recipes/{id}", { params: { path: { id } }, body: asChange(draft) })),
    onSuccess: async (saved) => {
      queries.setQueryData(keys.recipe(saved.id), saved);
      await changed(keys.recipe(saved.id));
    },
  });
}

/** Takes a recipe out of the book, or puts it back. */
export function useRecipeArchive() {
  const changed = useChanged("recipes");
  return useMutation({
    mutationFn: async ({ id, archived }: { readonly id: number; readonly archived: boolean }) => {
      const params = { params: { path: { id } } };
      await (archived
        ? api.DELETE("/api/recipes/{id}", params)
        : api.POST("/api/recipes/{id}/restored", params));
    },
    onSuccess: () => changed(),
  });
}

export function useRecipeCopy() {
  const changed = useChanged("recipes");
  return useMutation({
    mutationFn: (id: number) => body(api.POST("/api/recipes/{id}/copies", { params: { path: { id } } })),
    onSuccess: () => changed(),
  });
}

/** A change that answers with the recipe as it is then: notes, judgements. */
function useRecipeRemark<T>(id: number, change: (what: T) => Promise<Recipe>) {
  const queries = useQueryClient();
  const changed = useChanged("recipes");
  return useMutation({
    mutationFn: change,
    onSuccess: async (recipe) => {
      queries.setQueryData(keys.recipe(id), recipe);
      await changed(keys.recipe(id));
    },
  });
}

export function useNote(id: number) {
  const path = { id };
  const add = useRecipeRemark(id, (text: string) =>
    body(api.POST("/api/recipes/{id}/notes", { params: { path }, body: { text } })),
  );
  const done = useRecipeRemark(id, (note: number) =>
    body(api.DELETE("/api/recipes/{id}/notes/{note}", { params: { path: { id, note } } })),
  );
  return { add, done };
}

export function useJudgement(id: number) {
  const take = useRecipeRemark(id, (judgement: Schemas["JudgementChange"]) =>
    body(api.PUT("/api/recipes/{id}/judgement", { params: { path: { id } }, body: judgement })),
  );
  const takeBack = useRecipeRemark(id, (version: number) =>
    body(api.DELETE("/api/recipes/{id}/judgement/{version}", { params: { path: { id, version } } })),
  );
  return { take, takeBack };
}

export type PastedDraft = Schemas["PastedDraft"];

/** Reads whatever was pasted or dropped; nothing is saved by it. */
export function readPasted(text: string, name = "") {
  return body(api.POST("/api/formats/recipes", { body: { text, ...(name ? { name } : {}) } }));
}

export function pastedDraft(pasted: PastedDraft): Draft {
  return {
    title: pasted.title,
    lines: pasted.lines,
    pack: pasted.pack === "raw" ? "raw" : "hot",
    solidsShare: pasted.solidsShare,
    method: pasted.method,
    tags: pasted.tags,
    variants: pasted.variants,
    settled: [],
    answers: [],
    imported: pasted.imported ?? undefined,
  };
}

/** Opens the plan of a recipe: the one there is, or a new one. */
export function usePlanBegin() {
  const changed = useChanged("plans");
  return useMutation({
    mutationFn: (recipeId: number) => body(api.POST("/api/plans", { body: { recipeId } })),
    onSuccess: () => changed(),
  });
}
