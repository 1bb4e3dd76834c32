export { PrintsPage } from "./PrintsPage";
