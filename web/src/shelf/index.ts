export { hueOf } from "./hue";
export { LotPage } from "./LotPage";
export { holdLabel, lotName } from "./labels";
export { ShelfPage } from "./ShelfPage";
export { type Lot, type Need, takeShelfAlong, useHolds, useLots, useNeeds, useShelf } from "./useShelf";
