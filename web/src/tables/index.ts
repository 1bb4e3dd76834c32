export { TablesPage } from "./TablesPage";
export { useForgetAnswer, useTables, useTeach, useUnteach } from "./useTables";
