export { ImportPage } from "./ImportPage";
export { RecipePage } from "./RecipePage";
export { RecipesPlace } from "./RecipesPlace";
export { type RecipeEntry, useRecipes } from "./useRecipes";
