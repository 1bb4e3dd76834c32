export { BatchPage } from "./BatchPage";
export { LogbookPlace } from "./LogbookPlace";
export { OutsideList } from "./OutsideList";
export { OutsidePage } from "./OutsidePage";
