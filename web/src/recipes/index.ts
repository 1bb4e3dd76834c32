export { beginRecipe } from "./beginRecipe";
export { type RecipeEntry, recipeBookQuery, usePlanBegin, useRecipes } from "./useRecipes";
