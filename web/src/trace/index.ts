export { TracePage } from "./TracePage";
