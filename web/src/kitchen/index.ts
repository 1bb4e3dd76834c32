export { CARE_POINTS } from "./carePoints";
export { KitchenPage } from "./KitchenPage";
export { useAutomaticBackups } from "./useAutomaticBackups";
export { cupboardQuery, useCupboard, useCupboardChange } from "./useCupboard";
export { type Canner, type Kitchen, kitchenQuery, useKitchen } from "./useKitchen";
export { WeightPicture } from "./WeightPicture";
