export { ImportPage } from "./ImportPage";
export { RecipePage } from "./RecipePage";
export { RecipesPage } from "./RecipesPage";
export { type RecipeEntry, recipeBookQuery, usePlanBegin, useRecipes } from "./useRecipes";
