import { Card, LinkButton } from "@/kit";
import { FindingNote, VerdictTag } from "@/ruling";
import { type Dish, onDish, type PlanEdit } from "./body";
import { Judgement } from "./Judgement";
import { ProcessCard } from "./ProcessCard";
import type { DishResponse, Load, Plan } from "./usePlan";

interface Props {
  readonly plan: Plan;
  readonly dish: Dish;
  readonly answer: DishResponse;
  readonly edit: (edit: PlanEdit) => void;
}

/** The process card of a dish, or why there is none: to be read at the stove. */
export function CardPart({ plan, dish, answer, edit }: Props) {
  const { ruling } = answer;
  const loads = plan.loads.loads.length + plan.later.reduce((sum, day) => sum + day.loads.loads.length, 0);
  return (
    <div className="flex flex-col gap-4">
      <Stops answer={answer} />
      <Open answer={answer} />
      {ruling?.verdict === "own-judgement" && (
        <Judgement
          dish={answer.key}
          ruling={ruling}
          accepted={answer.takenOn ?? undefined}
          onAccept={(takesOn) =>
            edit(onDish(dish.key, ({ takesOn: _, ...now }) => (takesOn ? { ...now, takesOn } : { ...now })))
          }
          fixed={dish.takesOn == null}
        />
      )}
      {answer.jars.length > 0 &&
        alike(answer.loads).map(([load, ...same]) => (
          <ProcessCard
            key={load.number}
            load={load}
            until={same.at(-1)?.number ?? load.number}
            loads={loads}
            judged={ruling?.verdict === "own-judgement"}
            takenOn={answer.takenOn ?? undefined}
          />
        ))}
      {answer.jars.length === 0 && <p className="text-soft">Count the jars first.</p>}
      {answer.remarks.length > 0 && <p className="px-1 text-soft">{answer.remarks.join(" ")}</p>}
      <div>
        <LinkButton to="/recipes/:id" params={{ id: String(answer.recipeId) }} look="quiet" className="px-1!">
          The recipe: {answer.title}
        </LinkButton>
      </div>
    </div>
  );
}

/** Loads in a row that are the same but for their number are one card. */
function alike(loads: readonly Load[]): readonly (readonly [Load, ...Load[]])[] {
  const groups: [Load, ...Load[]][] = [];
  for (const load of loads) {
    const last = groups.at(-1);
    if (last && sameLoad(last[0], load)) {
      last.push(load);
    } else {
      groups.push([load]);
    }
  }
  return groups;
}

function sameLoad(one: Load, other: Load): boolean {
  return JSON.stringify({ ...one, number: 0 }) === JSON.stringify({ ...other, number: 0 });
}

/** What the recipe leaves open; it is answered where the recipe stands. */
function Open({ answer }: { readonly answer: DishResponse }) {
  const { ruling } = answer;
  if (ruling?.verdict !== "ask") {
    return null;
  }
  return (
    <Card label="Open questions" tone="rim" className="flex flex-col gap-2">
      <div>
        <VerdictTag verdict={ruling.verdict} />
      </div>
      <ul>
        {ruling.questions.map((question) => (
          <li key={`${question.code}/${question.line}/${question.words}`} className="py-1">
            {question.line != null && (
              <span className="font-bold">{ruling.lines[question.line]?.text}: </span>
            )}
            {question.text}
          </li>
        ))}
      </ul>
      <p className="text-soft">
        The jars are counted as the lines are taken for now; there is no card until it is answered.
      </p>
      <div>
        <LinkButton to="/recipes/:id" params={{ id: String(answer.recipeId) }} look="main">
          Answer in the recipe
        </LinkButton>
      </div>
    </Card>
  );
}

function Stops({ answer }: { readonly answer: DishResponse }) {
  const stops = (answer.ruling?.findings ?? []).filter((finding) => finding.severity === "stop");
  if (!answer.ruling || stops.length === 0) {
    return null;
  }
  return (
    <Card label="Verdict" tone="brick" className="flex flex-col gap-3">
      <div>
        <VerdictTag verdict={answer.ruling.verdict} />
      </div>
      {stops.map((finding) => (
        <div key={`${finding.code}/${finding.line}`}>
          {finding.line != null && <p className="font-bold">{answer.ruling?.lines[finding.line]?.text}</p>}
          <FindingNote finding={finding} />
        </div>
      ))}
    </Card>
  );
}
