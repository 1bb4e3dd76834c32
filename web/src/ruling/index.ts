export { AnswerCard } from "./AnswerCard";
export { AskStrip } from "./AskStrip";
export { FindingNote } from "./FindingNote";
export { Ladder } from "./Ladder";
export { longestFirst } from "./order";
export { forgettingTakeOn, type TakenOn, TakeOnForm } from "./TakeOnForm";
export {
  type Choice,
  type Edit,
  type Finding,
  type GivenAnswer,
  type LineResponse,
  type OpenQuestion,
  type PreviewInput,
  type QuestionAnswer,
  type Remedy,
  type Ruling,
  useRefreshPreview,
  useRulingPreview,
} from "./useRulingPreview";
export { VerdictStrip } from "./VerdictStrip";
export { VerdictTag } from "./VerdictTag";
