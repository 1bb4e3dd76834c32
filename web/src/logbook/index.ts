export { OutsideList } from "./OutsideList";
export { outsideQuery, useBatches } from "./useBatches";
