export { DrillPage } from "./DrillPage";
export { PracticePage } from "./PracticePage";
export { type PracticePart, practicePart } from "./parts";
export { usePractice } from "./usePractice";
