export { hueOf } from "./hue";
export { holdLabel, lotName } from "./labels";
export { type Lot, type Need, takeShelfAlong, useHolds, useLots, useNeeds, useShelf } from "./useShelf";
