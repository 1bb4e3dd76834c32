import { Pencil, X } from "lucide-react";
import { formatInches } from "@/quantity";
import type { GivenAnswer, LineResponse } from "@/ruling";

interface Props {
  readonly text: string;
  readonly answer: LineResponse | undefined;
  readonly correcting: boolean;
  readonly onCorrect: () => void;
  readonly onChange: (text: string) => void;
  readonly onRemove: () => void;
  readonly onEditing: (editing: boolean) => void;
  /** Takes an answer back, so that the question is asked again. */
  readonly onAskAgain: (given: GivenAnswer) => void;
}

/** One ingredient: the cook's own words, edited where they stand, and under them what was understood. */
export function LineRow({
  text,
  answer,
  correcting,
  onCorrect,
  onChange,
  onRemove,
  onEditing,
  onAskAgain,
}: Props) {
  return (
    <div className="flex min-w-0 items-start gap-1">
      <div className="min-w-0 flex-1 pt-1">
        <div className="relative">
          <NotUnderstood text={text} answer={answer} />
          <textarea
            className="field-sizing-content relative block w-full resize-none rounded-md bg-transparent leading-snug font-semibold max-md:py-3 pointer-coarse:py-3"
            aria-label="Ingredient line"
            rows={1}
            value={text}
            onFocus={() => onEditing(true)}
            onBlur={() => onEditing(false)}
            onChange={(event) => onChange(event.target.value.replace(/\n/g, " "))}
            onKeyDown={(event) => {
              if (event.key === "Enter") {
                event.preventDefault();
                event.currentTarget.blur();
              }
            }}
          />
        </div>
        <Understood answer={answer} open={correcting} onCorrect={onCorrect} />
        <Given answer={answer} onAskAgain={onAskAgain} />
      </div>
      <button
        type="button"
        className="btn btn-ghost h-11 min-h-11 w-11 px-0 text-soft"
        aria-label={`Remove: ${text}`}
        onClick={onRemove}
      >
        <X size={18} />
      </button>
    </div>
  );
}

/** Underlines, behind the words, what nobody understood in them. */
function NotUnderstood({
  text,
  answer,
}: {
  readonly text: string;
  readonly answer: LineResponse | undefined;
}) {
  const spans = answer?.text === text ? answer.spans.filter((span) => span.kind === "not-understood") : [];
  if (spans.length === 0) {
    return null;
  }
  return (
    <span
      aria-hidden="true"
      className="pointer-events-none absolute inset-0 block leading-snug max-md:py-3 pointer-coarse:py-3 font-semibold wrap-break-word whitespace-pre-wrap text-transparent"
    >
      {spans.map((span, at) => (
        <span key={span.start}>
          {text.slice(spans[at - 1]?.end ?? 0, span.start)}
          <span className="underline decoration-primary decoration-wavy decoration-2 underline-offset-4">
            {text.slice(span.start, span.end)}
          </span>
        </span>
      ))}
    </span>
  );
}

/** What was answered to the questions of this line; a tap asks again. */
function Given({
  answer,
  onAskAgain,
}: {
  readonly answer: LineResponse | undefined;
  readonly onAskAgain: (given: GivenAnswer) => void;
}) {
  if (!answer || answer.answers.length === 0) {
    return null;
  }
  return (
    <span className="flex flex-wrap gap-x-3">
      {answer.answers.map((given) => (
        <button
          key={`${given.code}/${given.words}`}
          type="button"
          className="min-h-9 min-w-11 text-left max-md:-mt-2 max-md:min-h-11 pointer-coarse:-mt-2 pointer-coarse:min-h-11 text-[0.85rem] font-semibold text-primary"
          aria-label={`Ask again: ${given.words}, ${given.text}`}
          onClick={() => onAskAgain(given)}
        >
          {given.words}: {given.text} <span className="font-normal underline">ask again</span>
        </button>
      ))}
    </span>
  );
}

const UNDER_THE_LINE =
  "min-h-9 max-md:-mt-2 max-md:min-h-11 pointer-coarse:-mt-2 pointer-coarse:min-h-11 text-[0.85rem] leading-snug text-soft";

interface UnderstoodProps {
  readonly answer: LineResponse | undefined;
  readonly open: boolean;
  readonly onCorrect: () => void;
}

/** What was understood, and the way to correct it. */
function Understood({ answer, open, onCorrect }: UnderstoodProps) {
  if (!answer || answer.role === "not-ingredient" || answer.role === "step") {
    // As high as what will stand here: nothing moves under a finger when the answer comes.
    return (
      <span className={`flex items-center ${UNDER_THE_LINE}`}>
        {answer?.role === "step" ? "a step, not an ingredient" : answer && "not an ingredient"}
      </span>
    );
  }
  return (
    <button
      type="button"
      className={`${UNDER_THE_LINE} min-w-11 text-left hover:text-primary`}
      aria-expanded={open}
      aria-label={`Correct what was understood: ${wordsOf(answer)}`}
      onClick={onCorrect}
    >
      {wordsOf(answer)}
      {answer.meaning != null && <span className="ml-1.5 font-semibold text-primary">as you taught it</span>}
      <Pencil size={13} aria-hidden="true" className="ml-1.5 inline-block align-[-1px]" />
    </button>
  );
}

function wordsOf(answer: LineResponse): string {
  const cut = answer.pieceIn == null ? "" : `cut to ${formatInches(Number(answer.pieceIn))}`;
  // The row's form says how it is cut; what the cook said about the rest stands beside it.
  const said = answer.states.filter((state) => SAID.has(state)).map((state) => state.replace("-", " "));
  const words = [answer.foodName, answer.form, ...said, cut].filter(Boolean).join(" · ");
  return words || (answer.role === "stopped" ? "may not go in" : "not in the tables");
}

const SAID = new Set(["soaked", "unsoaked", "cooked", "canned", "frozen", "unpeeled", "bone-in", "optional"]);
