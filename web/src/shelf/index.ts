export { hueOf } from "./hue";
export { LotPlace } from "./LotPlace";
export { ShelfPlace } from "./ShelfPlace";
export { type Lot, type Need, useHolds, useNeeds, useShelf } from "./useShelf";
export { holdWords, lotName } from "./words";
