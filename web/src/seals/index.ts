export { SealsPage } from "./SealsPage";
