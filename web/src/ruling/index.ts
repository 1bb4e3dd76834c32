export { AnswerCard } from "./AnswerCard";
export { FindingNote } from "./FindingNote";
export { Ladder } from "./Ladder";
export { longestFirst } from "./order";
export { type LineAnswer, type Ruling, type RulingInput, useRuling } from "./useRuling";
export { VerdictTag } from "./VerdictTag";
