export { AnswerCard } from "./AnswerCard";
export { AskStrip } from "./AskStrip";
export { FindingNote } from "./FindingNote";
export { Ladder } from "./Ladder";
export { longestFirst } from "./order";
export { type TakenOn, TakeOnForm } from "./TakeOnForm";
export {
  type QuestionAnswer,
  type Choice,
  type Edit,
  type Finding,
  type GivenAnswer,
  type LineResponse,
  type Look,
  type LookInput,
  type OpenQuestion,
  type Remedy,
  type Ruling,
  useLook,
  useLookAgain,
} from "./useLook";
export { VerdictTag } from "./VerdictTag";
