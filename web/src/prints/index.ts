export { keptPaper, labelQuery } from "./sheet";
