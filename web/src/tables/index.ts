export { useForgetAnswer, useTables, useTeach, useUnteach } from "./useTables";
