export { TablesPage } from "./TablesPage";
