export { ImportPage } from "./ImportPage";
export { RecipePage } from "./RecipePage";
export { RecipesPage } from "./RecipesPage";
export { type RecipeEntry, usePlanBegin, useRecipes } from "./useRecipes";
