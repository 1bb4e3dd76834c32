export { ImportPage } from "./ImportPage";
export { RecipePage } from "./RecipePage";
export { RecipesPlace } from "./RecipesPlace";
export { type RecipeEntry, usePlanBegin, useRecipes } from "./useRecipes";
