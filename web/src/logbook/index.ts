export { BatchPage } from "./BatchPage";
export { LogbookPlace } from "./LogbookPlace";
export { useBatches } from "./useBatches";
