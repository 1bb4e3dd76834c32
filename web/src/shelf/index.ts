export { hueOf } from "./hue";
export { ShelfPlace } from "./ShelfPlace";
export { type Lot, useShelf } from "./useShelf";
