import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";

export type Recipe = Schemas["RecipeAnswer"];
export type RecipeEntry = Schemas["RecipeEntry"];
export type RecipeChange = Schemas["RecipeChange"];

export function useRecipes() {
  return useQuery({ queryKey: ["recipes"], queryFn: () => body(api.GET("/api/recipes")) });
}

export function useRecipe(id: number | undefined) {
  return useQuery({
    queryKey: ["recipes", id],
    enabled: id !== undefined,
    queryFn: () => body(api.GET("/api/recipes/{id}", { params: { path: { id: id ?? 0 } } })),
  });
}

/** Saves the next version, or the first of a new recipe. */
export function useRecipeSave(id: number | undefined) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: RecipeChange) =>
      id === undefined
        ? body(api.POST("/api/recipes", { body: change }))
        : body(api.PUT("/api/recipes/{id}", { params: { path: { id } }, body: change })),
    onSuccess: async (saved) => {
      queries.setQueryData(["recipes", saved.id], saved);
      await queries.invalidateQueries({ queryKey: ["recipes"], exact: true });
      await queries.invalidateQueries({ queryKey: ["plan"] });
    },
  });
}

/** Takes a recipe out of the book, or puts it back. */
export function useRecipeArchive() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ id, archived }: { readonly id: number; readonly archived: boolean }) => {
      const params = { params: { path: { id } } };
      await (archived
        ? api.DELETE("/api/recipes/{id}", params)
        : api.POST("/api/recipes/{id}/restored", params));
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ["recipes"] }),
  });
}
