import { wrongAt } from "@/api/problem";
import { forgetting } from "@/api/typed";
import {
  Button,
  Card,
  Choice,
  Field,
  LinkButton,
  PageFrame,
  ProblemNote,
  Stepper,
  useKept,
  whenSent,
} from "@/kit";
import { useKitchen } from "@/kitchen";
import { forInput, formatDateTime, formatSpan, fromInput, JAR_SIZES, jarWord } from "@/quantity";
import type { QuestionAnswer } from "@/ruling";
import { type Done, type Hindsight, useHindsight } from "./useBatches";

const NOTHING: Readonly<Record<string, string>> = {};
const NONE: readonly QuestionAnswer[] = [];

type Question = Hindsight["questions"][number];

/** What was done without Mobrel, held against the tables; and how long something can still be done about it. */
export function OutsidePage() {
  const kitchen = useKitchen();
  const check = useHindsight();
  const [lines, setLines] = useKept("lines", "");
  const [size, setSize] = useKept("size", "pint");
  const [count, setCount] = useKept("count", 7);
  const [minutes, setMinutes] = useKept("minutes", 60);
  const [psi, setPsi] = useKept("psi", 10);
  const [gauge, setGauge] = useKept("gauge", "dial");
  // What was answered, by the code of its question; a question of the recipe is answered by its line.
  const [told, setTold] = useKept<Readonly<Record<string, string>>>("told", NOTHING);
  const [answers, setAnswers] = useKept<readonly QuestionAnswer[]>("answers", NONE);
  const [finished, setFinished] = useKept("finished", forInput(Date.now() - 3_600_000));
  const done = (keep: boolean, now = told, given = answers): Done => ({
    lines: lines
      .split("\n")
      .map((line) => line.trim())
      .filter((line) => line !== ""),
    jar: { size, count },
    minutes,
    psi,
    gauge,
    ...(now.vented === undefined ? {} : { vented: now.vented === "yes" }),
    ...(now.unbroken === undefined ? {} : { unbroken: now.unbroken === "yes" }),
    known: {
      pack: now.pack,
      fill: now.fill,
      pieces: now.pieces,
      soaked: now.soaked,
      boiled: now.boiled,
    },
    answers: [...given],
    finishedAt: fromInput(finished) ?? "",
    keep,
  });
  const answer = (question: Question, choice: string) => {
    if (question.line == null && question.words === "") {
      const now = { ...told, [question.code]: choice };
      setTold(now);
      check.mutate(done(false, now));
    } else {
      // A question of a step belongs to the words it quotes, one of a line to the line.
      const line = (question.line == null ? question.words : check.data?.lines[question.line]) ?? "";
      const given = [...answers, { line, code: question.code, words: question.words, choice }];
      setAnswers(given);
      check.mutate(done(false, told, given));
    }
  };
  const startAgain = () => {
    setTold(NOTHING);
    setAnswers(NONE);
    check.reset();
  };
  /** What was answered for other figures is no answer for these; what was said of pack and beans stays. */
  const changing =
    <T,>(set: (value: T) => void) =>
    (value: T) => {
      set(value);
      check.reset();
    };
  const ready = lines.trim() !== "" && fromInput(finished) !== undefined;
  return (
    <PageFrame
      title="I did it like this"
      lead="Canned without Mobrel? Say what was done, and see whether the published tables cover it"
      actions={<LinkButton to="/logbook">The logbook</LinkButton>}
    >
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <Card label="What was done">
          <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              check.mutate(done(false));
            }}
          >
            <Field
              label="What was in the jars"
              hint="A dish such as bean soup, or its ingredients, one a line."
              error={wrongAt(check.error, "lines")}
            >
              {(id, described) => (
                <textarea
                  id={id}
                  aria-describedby={described}
                  rows={3}
                  className="textarea w-full text-base"
                  value={lines}
                  onChange={(event) => {
                    setLines(event.target.value);
                    startAgain();
                  }}
                />
              )}
            </Field>
            <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
              <Field label="Jars">
                {(id) => (
                  <select
                    id={id}
                    className="select min-h-12"
                    value={size}
                    onChange={(event) => changing(setSize)(event.target.value)}
                  >
                    {JAR_SIZES.map((each) => (
                      <option key={each} value={each}>
                        {jarWord(each, 2)}
                      </option>
                    ))}
                  </select>
                )}
              </Field>
              <Stepper label="How many" value={count} min={1} max={100} onChange={changing(setCount)} />
            </div>
            <div className="grid gap-x-8 gap-y-2 sm:grid-cols-2">
              <Stepper
                label="Minutes"
                value={minutes}
                min={1}
                max={600}
                step={5}
                onChange={changing(setMinutes)}
              />
              <Stepper
                label="Pressure, psi"
                value={psi}
                min={0}
                max={30}
                step={0.5}
                onChange={changing(setPsi)}
              />
            </div>
            <Choice
              label="Read on"
              value={gauge}
              options={[
                { value: "dial", text: "A dial" },
                { value: "weighted", text: "The weight" },
              ]}
              onChange={changing(setGauge)}
            />
            <Field label="When was the heat turned off" error={wrongAt(check.error, "finishedAt")}>
              {(id, described) => (
                <input
                  id={id}
                  aria-describedby={described}
                  type="datetime-local"
                  className="input min-h-12"
                  value={finished}
                  onChange={(event) => changing(setFinished)(event.target.value)}
                />
              )}
            </Field>
            {kitchen.data && kitchen.data.altitudeFt == null && (
              <p className="text-brick">Say in Kitchen how high you live: the pressure depends on it.</p>
            )}
            <Button type="submit" look="main" size="stove" disabled={!ready || check.isPending}>
              Is that covered?
            </Button>
          </form>
        </Card>
        <div className="flex flex-col gap-4">
          <ProblemNote error={check.error} />
          {check.data && (
            <Answer
              answer={check.data}
              told={told}
              onAnswer={answer}
              onAgain={startAgain}
              onKeep={() => whenSent(check.mutateAsync(done(true)), forgetting(""))}
              busy={check.isPending}
            />
          )}
        </div>
      </div>
    </PageFrame>
  );
}

interface AnswerProps {
  readonly answer: Hindsight;
  readonly told: Readonly<Record<string, string>>;
  readonly onAnswer: (question: Question, choice: string) => void;
  readonly onAgain: () => void;
  readonly onKeep: () => void;
  readonly busy: boolean;
}

function Answer({ answer, told, onAnswer, onAgain, onKeep, busy }: AnswerProps) {
  const question = answer.questions[0];
  const { covered } = answer;
  if (covered == null && question) {
    return (
      <Card label="Answer" tone="rim" className="flex flex-col gap-3" aria-live="polite">
        <p className="text-soft">
          {answer.questions.length === 1 ? "One question left" : `${answer.questions.length} questions left`}.
          Until they are answered it is not covered: keep the jars cold.
        </p>
        <h2 className="text-2xl leading-snug font-bold">{question.text}</h2>
        {question.line != null && <p>{answer.lines[question.line]}</p>}
        <ul className="flex flex-wrap gap-2">
          {question.choices.map((choice) => (
            <li key={choice.code}>
              <Button
                disabled={busy}
                // After the first of two clicks the next question lies under the finger.
                onClick={(event) => event.detail < 2 && onAnswer(question, choice.code)}
              >
                {choice.text}
              </Button>
            </li>
          ))}
        </ul>
        <Left answer={answer} />
      </Card>
    );
  }
  return (
    <Card label="Answer" tone={covered ? "plain" : "brick"} className="flex flex-col gap-3">
      <h2 className="text-3xl font-bold">{covered ? "Covered" : "Not covered"}</h2>
      {covered && <p className="text-lg">{answer.headline}</p>}
      {covered && <p>The published tables cover what was done, if it was as you say.</p>}
      <ul className="ml-5 list-disc text-lg">
        {answer.shortfalls.map((shortfall) => (
          <li key={shortfall.code + shortfall.text}>{shortfall.text}</li>
        ))}
      </ul>
      {!covered && <Left answer={answer} />}
      <div className="flex flex-wrap gap-3">
        {answer.id == null ? (
          <Button disabled={busy} onClick={onKeep}>
            {covered ? "Write it into the logbook" : "Write it down, to be kept cold"}
          </Button>
        ) : (
          <p className="font-semibold">
            Written down. {covered ? "" : "It gets no shelf label; the logbook asks what became of the jars."}
          </p>
        )}
        {Object.keys(told).length > 0 && (
          <Button look="quiet" onClick={onAgain}>
            Answer the questions again
          </Button>
        )}
      </div>
    </Card>
  );
}

/** How long something can still be done about it, and what. */
function Left({ answer }: { readonly answer: Hindsight }) {
  return answer.leftMillis > 0 ? (
    <p className="text-lg">
      <strong>{formatSpan(answer.leftMillis)} left</strong>, until {formatDateTime(answer.decideBy)}, to
      process again with new lids for the full {answer.minutesNeeded ?? ""}{" "}
      {answer.minutesNeeded ? "minutes" : "time"}, to refrigerate and eat within a few days, or to freeze.
      Keep the jars cold until then.
    </p>
  ) : (
    <p className="text-lg">
      <strong>The 24 hours are over.</strong> Jars that were not kept cold are discarded; do not taste them.
    </p>
  );
}
