export { KitchenPlace } from "./KitchenPlace";
export { type Canner, type Kitchen, useKitchen } from "./useKitchen";
export { WeightPicture } from "./WeightPicture";
