export { PickRecipe } from "./PickRecipe";
export { PlanPlace } from "./PlanPlace";
export { planSearch } from "./search";
