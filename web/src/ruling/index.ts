export { AnswerCard } from "./AnswerCard";
export { FindingNote } from "./FindingNote";
export { Ladder } from "./Ladder";
export { longestFirst } from "./order";
export { type TakenOn, TakeOnForm } from "./TakeOnForm";
export {
  type Edit,
  type Finding,
  type LineAnswer,
  type Look,
  type LookInput,
  type Remedy,
  type Ruling,
  useLook,
  useLookAgain,
} from "./useLook";
export { VerdictTag } from "./VerdictTag";
