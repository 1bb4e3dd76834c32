import { memo, useState } from "react";
import { wrongAt } from "@/api/problem";
import { Button, Card, ProblemNote, Stepper } from "@/kit";
import { formatDate, jarWord } from "@/quantity";
import { type DishResponse, useMade, useStrike } from "./usePlan";

interface Props {
  readonly planId: number;
  readonly answer: DishResponse;
}

/** What it really made, and what the recipe learnt from that: each day can be struck out again. */
export const CorrectionCard = memo(function CorrectionCard({ planId, answer }: Props) {
  const strike = useStrike(planId);
  const { correction } = answer;
  if (!correction || (answer.batch == null && correction.history.length === 0)) {
    return null;
  }
  return (
    <Card label="What it really made" className="px-4! py-3!">
      <h2 className="text-lg font-bold">What it really makes</h2>
      {answer.batch != null && <MadeForm planId={planId} answer={answer} />}
      <ProblemNote error={strike.error} />
      <p className="mt-2">{correction.text}</p>
      <ul>
        {correction.history.map((entry) => (
          <li
            key={entry.id}
            className="flex flex-wrap items-center justify-between gap-x-4 border-b border-line py-1 last:border-0"
          >
            <span className={entry.struck ? "text-soft line-through" : ""}>
              {formatDate(entry.madeAt)}: {entry.said}, <strong>{percent(entry.ratio)}</strong>
            </span>
            <Button
              look="quiet"
              size="small"
              disabled={strike.isPending}
              onClick={() => strike.mutate({ entry: entry.id, struck: !entry.struck })}
            >
              {entry.struck ? "Count it again" : "Do not count"}
            </Button>
          </li>
        ))}
      </ul>
    </Card>
  );
});

function percent(ratio: number): string {
  const off = Math.round((ratio - 1) * 100);
  return off === 0 ? "as averages say" : `${Math.abs(off)} % ${off > 0 ? "more" : "less"}`;
}

function MadeForm({ planId, answer }: Props) {
  const made = useMade(planId, answer.key);
  const [counts, setCounts] = useState(answer.jars.map((jar) => jar.count));
  const said = answer.correction?.history.some((entry) => entry.ofThisPlan && !entry.struck);
  return (
    <form
      className="mt-1 flex flex-wrap items-end gap-x-5 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        made.mutate({
          jars: answer.jars.map((jar, index) => ({
            size: jar.size,
            mouth: jar.mouth ?? "regular",
            count: counts[index] ?? 0,
          })),
        });
      }}
    >
      {answer.jars.map((jar, index) => (
        <Stepper
          key={`${jar.size}/${jar.mouth}`}
          label={`Filled: ${jarWord(jar.size, 2)}`}
          value={counts[index] ?? 0}
          max={500}
          onChange={(count) => setCounts((now) => now.map((each, at) => (at === index ? count : each)))}
        />
      ))}
      <Button type="submit" disabled={made.isPending}>
        {said ? "Say it anew" : "That many it made"}
      </Button>
      {wrongAt(made.error, "jars") ? (
        <p role="alert" className="w-full font-semibold text-brick">
          {wrongAt(made.error, "jars")}
        </p>
      ) : (
        <ProblemNote error={made.error} />
      )}
    </form>
  );
}
