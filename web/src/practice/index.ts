export { type PracticePart, practicePart } from "./parts";
export { usePractice } from "./usePractice";
