export { AnswerCard } from "./AnswerCard";
export { FindingNote } from "./FindingNote";
export { Ladder, longestFirst } from "./Ladder";
export { type LineAnswer, type Ruling, type RulingInput, useRuling } from "./useRuling";
export { VerdictTag } from "./VerdictTag";
