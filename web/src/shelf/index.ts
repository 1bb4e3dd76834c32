export { holdLabel, lotName } from "./labels";
export { type JarColour, useJarColours } from "./useJarColours";
export { type Lot, type Need, takeShelfAlong, useHolds, useLots, useNeeds, useShelf } from "./useShelf";
