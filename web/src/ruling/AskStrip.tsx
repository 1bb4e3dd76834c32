import { ArrowRight, CircleHelp } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { Button } from "@/kit";
import type { Choice, OpenQuestion } from "./useRulingPreview";

/** A question, and the line it is about. */
export interface Asked {
  readonly text: string | undefined;
  readonly question: OpenQuestion;
}

interface Props {
  readonly asked: readonly Asked[];
  readonly onAnswer: (asked: Asked, choice: Choice) => void;
}

/**
 * What has to be answered before anything is covered: one question at a time, the most decisive first, each answer one tap that says
 * what it would give. Figures 1 to 9 answer it from the keyboard while the strip has the focus.
 */
export function AskStrip({ asked, onAnswer }: Props) {
  const [later, setLater] = useState(0);
  const heading = useRef<HTMLHeadingElement>(null);
  const answered = useRef(false);
  const place = asked.length === 0 ? 0 : later % asked.length;
  const now = asked[place];
  const question = now?.question;
  const key = question && `${question.code}/${question.line}/${question.words}`;

  // The next question takes the place of the last; whoever answers by keyboard or ear goes on from its words.
  useEffect(() => {
    if (answered.current && key !== undefined) {
      answered.current = false;
      heading.current?.focus();
    }
  }, [key]);

  if (!now || !question) {
    return null;
  }
  const answer = (choice: Choice) => {
    answered.current = true;
    onAnswer(now, choice);
  };
  const { text } = now;
  return (
    <section
      aria-label="Before this is covered"
      aria-live="polite"
      className="border-b border-line bg-steam px-5 py-4"
      onKeyDown={(event) => {
        const choice = question.choices[Number(event.key) - 1];
        if (choice && !event.ctrlKey && !event.metaKey && !event.altKey) {
          event.preventDefault();
          answer(choice);
        }
      }}
    >
      {asked.length > 1 && (
        <p className="mb-1 text-[0.9rem] text-soft">
          Question {place + 1} of {asked.length}
        </p>
      )}
      <h3
        ref={heading}
        tabIndex={-1}
        className="flex items-start gap-2 text-[1.15rem] leading-snug font-bold"
      >
        <CircleHelp size={22} aria-hidden="true" className="mt-0.5 shrink-0 text-primary" />
        <span>{question.text}</span>
      </h3>
      {text !== undefined && (
        <p className="ml-8">
          <Marked text={text} words={question.words} />
        </p>
      )}
      <ul className="mt-2.5 ml-8 flex flex-wrap gap-2">
        {question.choices.map((choice) => (
          <li key={choice.code}>
            <Button
              size="small"
              className="text-left"
              // After the first of two clicks the next question lies under the finger.
              onClick={(event) => event.detail < 2 && answer(choice)}
            >
              {choice.text}
              <Gives choice={choice} />
            </Button>
          </li>
        ))}
        {asked.length > 1 && (
          <li>
            <Button size="small" look="quiet" onClick={() => setLater(place + 1)}>
              Another first
            </Button>
          </li>
        )}
      </ul>
    </section>
  );
}

/** The line, with the words in question marked in it. */
function Marked({ text, words }: { readonly text: string; readonly words: string }) {
  const at = text.toLowerCase().indexOf(words.toLowerCase());
  if (at < 0 || words === "") {
    return <span className="font-semibold">{text}</span>;
  }
  return (
    <span>
      {text.slice(0, at)}
      <mark className="bg-transparent font-bold text-ink underline decoration-primary decoration-2 underline-offset-4">
        {text.slice(at, at + words.length)}
      </mark>
      {text.slice(at + words.length)}
    </span>
  );
}

/** What the recipe would get with this answer. */
function Gives({ choice }: { readonly choice: Choice }) {
  if (choice.verdict == null) {
    return null;
  }
  const words =
    choice.minutes == null
      ? "not into jars"
      : `${choice.minutes} min${choice.verdict === "own-judgement" ? ", own judgement" : ""}`;
  return (
    <span className="inline-flex shrink-0 items-center gap-1 font-normal whitespace-nowrap text-soft">
      <ArrowRight size={15} aria-label="gives" />
      {words}
    </span>
  );
}
