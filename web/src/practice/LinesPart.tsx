import { Ban, Clock } from "lucide-react";
import { type ReactNode, useState } from "react";
import { Button, Card, ProblemNote, Spinner } from "@/kit";
import { type LinesTry, useLines, useTryLines } from "./usePractice";

/** Ten lines of a recipe: which stop it, and which sets the time? */
export function LinesPart() {
  const [round, setRound] = useState(() => Date.now());
  const lines = useLines(round);
  if (!lines.data) {
    return lines.isPending ? <Spinner /> : <ProblemNote error={lines.error} retry={() => lines.refetch()} />;
  }
  return (
    <Ten
      key={lines.data.seed}
      seed={lines.data.seed}
      lines={lines.data.lines}
      again={() => setRound(round + 1)}
    />
  );
}

interface TenProps {
  readonly seed: number;
  readonly lines: readonly string[];
  readonly again: () => void;
}

function Ten({ seed, lines, again }: TenProps) {
  const [stops, setStops] = useState<ReadonlySet<number>>(new Set());
  const [time, setTime] = useState<number | undefined>();
  const tried = useTryLines();
  const answer = tried.data;
  const stop = (line: number) => {
    const next = new Set(stops);
    if (!next.delete(line)) {
      next.add(line);
      if (time === line) {
        setTime(undefined);
      }
    }
    setStops(next);
  };
  return (
    <Card label="Ten lines" className="flex flex-col gap-3">
      <h2 className="text-2xl font-bold">
        {answer ? (answer.passed ? "All right." : "Not quite.") : "Somebody brings you these ten lines"}
      </h2>
      <p className="text-lg">
        {answer
          ? answer.headline
          : "Mark what may not go into the jar. Then: which of the others sets the time, in quarts?"}
      </p>
      <ol className="flex flex-col">
        {lines.map((line, index) => (
          <li
            key={line}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-1.5 last:border-0"
          >
            <span
              className={`min-w-[min(13rem,100%)] flex-1 text-lg ${stops.has(index) ? "line-through decoration-2" : ""}`}
            >
              {line}
            </span>
            {answer ? (
              <Answered answer={answer} index={index} saidStop={stops.has(index)} saidTime={time === index} />
            ) : (
              <span className="flex gap-2">
                <Mark
                  on={stops.has(index)}
                  tone="bg-brick border-brick"
                  label={`Not in the jar: ${line}`}
                  onClick={() => stop(index)}
                >
                  <Ban size={18} aria-hidden="true" /> Not in
                </Mark>
                <Mark
                  on={time === index}
                  tone="bg-primary border-primary"
                  label={`Sets the time: ${line}`}
                  disabled={stops.has(index)}
                  onClick={() => setTime(index)}
                >
                  <Clock size={18} aria-hidden="true" /> Sets the time
                </Mark>
              </span>
            )}
          </li>
        ))}
      </ol>
      <ProblemNote error={tried.error} />
      <div>
        {answer ? (
          <Button look="main" size="stove" onClick={again}>
            Ten others
          </Button>
        ) : (
          <Button
            look="main"
            size="stove"
            disabled={time === undefined || tried.isPending}
            onClick={() => time !== undefined && tried.mutate({ seed, setsTime: time, stops: [...stops] })}
          >
            {time === undefined ? "Choose what sets the time" : "What do the rulings say?"}
          </Button>
        )}
      </div>
    </Card>
  );
}

interface MarkProps {
  readonly on: boolean;
  readonly tone: string;
  readonly label: string;
  readonly disabled?: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}

/** What a line is marked with; what is marked is filled, so that it is seen from afar. */
function Mark({ on, tone, label, disabled, onClick, children }: MarkProps) {
  return (
    <button
      type="button"
      aria-pressed={on}
      aria-label={label}
      disabled={disabled}
      onClick={onClick}
      className={`flex min-h-12 items-center gap-2 rounded-field border-2 px-3 font-bold disabled:opacity-40 ${
        on ? `${tone} text-paper` : "border-line bg-paper text-primary"
      }`}
    >
      {children}
    </button>
  );
}

interface AnsweredProps {
  readonly answer: LinesTry;
  readonly index: number;
  readonly saidStop: boolean;
  readonly saidTime: boolean;
}

function Answered({ answer, index, saidStop, saidTime }: AnsweredProps) {
  const line = answer.lines[index];
  if (!line) {
    return null;
  }
  const stops = line.stops != null;
  const wrong = stops !== saidStop || (saidTime && !line.setsTime);
  return (
    <span className={`max-w-[34rem] text-right ${wrong ? "font-bold text-brick" : "text-soft"}`}>
      {stops
        ? `Not in the jar: ${line.stops}`
        : line.setsTime
          ? `Sets the time: ${line.minutes} minutes`
          : line.minutes != null
            ? `${line.minutes} minutes`
            : "no time of its own"}
      {stops && !saidStop && " (missed)"}
      {!stops && saidStop && " (may go in)"}
      {saidTime && !line.setsTime && " (does not set it)"}
    </span>
  );
}
