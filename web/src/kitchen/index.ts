export { AltitudeField } from "./AltitudeField";
export { CannerForm } from "./CannerForm";
export { JarCounts } from "./CupboardCard";
export { CARE_POINTS } from "./carePoints";
export { KitchenPage, Measures } from "./KitchenPage";
export { useAutomaticBackups } from "./useAutomaticBackups";
export { cupboardQuery, useCupboard, useCupboardChange } from "./useCupboard";
export { type Canner, type Kitchen, kitchenQuery, useKitchen } from "./useKitchen";
export { WeightPicture } from "./WeightPicture";
