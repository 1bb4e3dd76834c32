export { type RecipeEntry, recipeBookQuery, usePlanBegin, useRecipes } from "./useRecipes";
