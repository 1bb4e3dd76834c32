import type { Edit, QuestionAnswer } from "@/ruling";
import type { Draft } from "./useDraft";

/** What a remedy can change: the draft, and the size of jar that is looked at. */
export interface OnPage {
  readonly draft: Draft;
  readonly size: "quart" | "pint";
}

/** The page with a remedy's edits made; they are the server's own, nothing is decided here. */
export function applied(edits: readonly Edit[], at: At, page: OnPage): OnPage {
  return edits.reduce((now, edit) => one(edit, at, now), page);
}

/** What a remedy is about: a line, a step, or neither. */
export interface At {
  readonly line?: number | null | undefined;
  readonly step?: number | null | undefined;
}

function one(edit: Edit, { line, step }: At, { draft, size }: OnPage): OnPage {
  switch (edit.part) {
    case "step":
      return {
        draft: step == null ? draft : { ...draft, method: withLine(draft.method, step, edit.to) },
        size,
      };
    case "line":
      return {
        draft: line == null ? draft : { ...draft, lines: withLine(draft.lines, line, edit.to) },
        size,
      };
    case "pack":
      return { draft: { ...draft, pack: edit.to === "raw" ? "raw" : "hot" }, size };
    case "solids-share":
      return { draft: { ...draft, solidsShare: Number(edit.to) }, size };
    case "jar-size":
      return { draft, size: edit.to === "pint" ? "pint" : "quart" };
    default:
      return { draft, size };
  }
}

/** The answers with one more; a later answer to the same question counts. */
export function withAnswer(
  answers: readonly QuestionAnswer[],
  answer: QuestionAnswer,
): readonly QuestionAnswer[] {
  return [...answers.filter((other) => !isSameQuestion(other, answer)), answer];
}

/** The answers without one, so that it is asked again. */
export function withoutAnswer(
  answers: readonly QuestionAnswer[],
  question: Omit<QuestionAnswer, "choice">,
): readonly QuestionAnswer[] {
  return answers.filter((other) => !isSameQuestion(other, question));
}

function isSameQuestion(one: Omit<QuestionAnswer, "choice">, other: Omit<QuestionAnswer, "choice">): boolean {
  return one.line === other.line && one.code === other.code && (one.words ?? "") === (other.words ?? "");
}

/** The lines with one of them changed, fallen apart, or gone. */
export function withLine(
  lines: readonly string[],
  index: number,
  text: string | null | undefined,
): readonly string[] {
  return lines.flatMap((line, at) => (at === index ? (text == null ? [] : text.split("\n")) : [line]));
}
