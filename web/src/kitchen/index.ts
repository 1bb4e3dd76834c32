export { AltitudeField } from "./AltitudeField";
export { CannerForm } from "./CannerForm";
export { JarCounts } from "./CupboardCard";
export { CARE_POINTS } from "./carePoints";
export { Measures } from "./Measures";
export { useAutomaticBackups } from "./useAutomaticBackups";
export { cupboardQuery, useCupboard, useCupboardChange } from "./useCupboard";
export { type Canner, type Kitchen, kitchenQuery, useKitchen } from "./useKitchen";
export { WeightPicture } from "./WeightPicture";
