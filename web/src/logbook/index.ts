export { BatchPage } from "./BatchPage";
export { LogbookPage } from "./LogbookPage";
export { OutsideList } from "./OutsideList";
export { OutsidePage } from "./OutsidePage";
export { outsideQuery, useBatches } from "./useBatches";
