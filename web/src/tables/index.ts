export { TablesPage } from "./TablesPage";
export { useTables, useTeach, useUnteach } from "./useTables";
