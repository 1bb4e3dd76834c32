import { ClipboardList, Droplets, NotebookPen, UtensilsCrossed } from "lucide-react";
import { useCallback, useState } from "react";
import { wrongAt } from "@/api/problem";
import { Card, LinkButton, PageFrame, ProblemNote } from "@/kit";
import type { Kitchen } from "@/kitchen";
import { countJars, formatSpan, formatTime } from "@/quantity";
import { FindingNote, VerdictTag } from "@/ruling";
import { AmountsCard } from "./AmountsCard";
import { type DaySettings, type Dish, onDish, type PlanEdit } from "./body";
import { CorrectionCard } from "./CorrectionCard";
import { DayCard } from "./DayCard";
import { Dishes } from "./Dishes";
import { JarsCard } from "./JarsCard";
import { Judgement } from "./Judgement";
import { LoadsCard } from "./LoadsCard";
import { PlanFrame, type Ready } from "./PlanFrame";
import { PotCard } from "./PotCard";
import { ProcessCard } from "./ProcessCard";
import { ShareCard, VariantCounts } from "./ShareCard";
import { StepsCard } from "./StepsCard";
import { Supplies } from "./Supplies";
import { ToTheStove } from "./ToTheStove";
import type { Day, DishResponse, Load, Plan } from "./usePlan";

/** How many jars, how much of everything, which loads: recipes above, jars in the middle, amounts beside them. */
export function PlanPage({ id }: { readonly id: number }) {
  return (
    <PlanFrame id={id} title="Plan">
      {(ready) => <OpenPlan {...ready} />}
    </PlanFrame>
  );
}

function OpenPlan({ plan, body, kitchen, edit, behind, error, retry }: Ready) {
  const [chosen, choose] = useState<string | undefined>();
  const [refused, setRefused] = useState<unknown>();
  const key = body.dishes.some((dish) => dish.key === chosen) ? chosen : body.dishes[0]?.key;
  const index = body.dishes.findIndex((dish) => dish.key === key);
  const dish = body.dishes[index];
  const answer = plan.dishes.find((each) => each.key === key);
  const params = { id: String(plan.id) };
  const atField = (field: string) => wrongAt(error, `dishes[${index}].${field}`);
  const shownAtField = ["jars", "hands", "keepBack"].some((field) => atField(field));
  return (
    <PageFrame
      title={plan.title || "Plan"}
      lead={lead(plan)}
      actions={
        <>
          <LinkButton to="/plan/$id/shopping" params={params} icon={<ClipboardList size={20} />}>
            Shopping list
          </LinkButton>
          <LinkButton to="/plan/$id/prep" params={params} icon={<UtensilsCrossed size={20} />}>
            Prep list
          </LinkButton>
          <LinkButton to="/plan/$id/filling" params={params} icon={<Droplets size={20} />}>
            Fill jars
          </LinkButton>
          <ToTheStove plan={plan} behind={behind} onError={setRefused} />
        </>
      }
    >
      {!shownAtField && <ProblemNote error={error} retry={retry} />}
      <ProblemNote error={refused} />
      <Supplies plan={plan} />
      <div className="flex flex-wrap items-center justify-between gap-3">
        <Dishes plan={plan} body={body} chosen={key ?? ""} choose={choose} edit={edit} />
      </div>
      {dish && answer && (
        <OneDish
          plan={plan}
          kitchen={kitchen}
          dish={dish}
          answer={answer}
          wrong={atField}
          settings={body.day ?? undefined}
          canners={body.canners ?? undefined}
          error={error}
          edit={edit}
        />
      )}
      {dish && !answer && <p className="text-soft">One moment…</p>}
    </PageFrame>
  );
}

function lead(plan: Plan): string {
  if (plan.jars.length === 0) {
    return "Count the jars first";
  }
  const { loads } = plan.loads;
  const canners = [...new Set(loads.map((load) => load.cannerName))].join(" and ");
  return loads.length === 0
    ? countJars(merged(plan))
    : `${countJars(merged(plan))} · ${loads.length === 1 ? "one load" : `${loads.length} loads`} in ${canners}${
        plan.day ? ` · ${endWords(plan.day)}` : ""
      }`;
}

/** When it is over, once somebody said when it is to be; until then how long it takes. */
function endWords(day: Day): string {
  return day.wished
    ? `jars out at ${formatTime(day.end)}`
    : `${formatSpan(Date.parse(day.end) - Date.parse(day.start))} in all`;
}

/** Jars of one size are one number, whatever their mouth. */
function merged(plan: Plan) {
  const sizes = [...new Set(plan.jars.map((jar) => jar.size))];
  return sizes.map((size) => ({
    size,
    count: plan.jars.filter((jar) => jar.size === size).reduce((sum, jar) => sum + jar.count, 0),
  }));
}

interface DishProps {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly dish: Dish;
  readonly answer: DishResponse;
  readonly wrong: (field: string) => string | undefined;
  readonly settings: DaySettings | undefined;
  readonly canners: readonly number[] | undefined;
  readonly error: unknown;
  readonly edit: (edit: PlanEdit) => void;
}

function OneDish({ plan, kitchen, dish, answer, wrong, settings, canners, error, edit }: DishProps) {
  const { key } = dish;
  const change = useCallback((part: (dish: Dish) => Dish) => edit(onDish(key, part)), [edit, key]);
  const fixed = answer.batch != null;
  const { ruling } = answer;
  const none = answer.jars.length === 0;
  return (
    <>
      <LastTime notes={answer.notes} />
      {answer.trouble && (
        <p role="alert" className="rounded-field border-2 border-brick px-4 py-2.5 font-semibold">
          {answer.trouble.text}
        </p>
      )}
      <div className="grid items-start gap-4 md:grid-cols-[18rem_minmax(0,1fr)] xl:grid-cols-[17.5rem_minmax(0,1fr)_25.5rem]">
        <JarsCard
          plan={plan}
          kitchen={kitchen}
          dish={dish}
          answer={answer}
          fixed={fixed}
          wrong={wrong}
          change={change}
        />
        <div className="flex flex-col gap-4">
          <PotCard answer={answer} fixed={fixed} change={change} />
          <VariantCounts answer={answer} wishes={dish.variants} fixed={fixed} change={change} />
        </div>
        <div className="md:col-span-2 xl:col-span-1">
          <AmountsCard
            planId={plan.id}
            dishKey={key}
            ownJars={dish.ownJars}
            answer={answer}
            fixed={fixed}
            change={change}
          />
        </div>
      </div>
      <DayCard plan={plan} settings={settings} error={error} edit={edit} />
      <LoadsCard plan={plan} chosen={canners} kitchen={kitchen} edit={edit} />
      {ruling && <Stops answer={answer} />}
      {ruling && <Open answer={answer} />}
      {ruling?.verdict === "own-judgement" && (
        <Judgement
          ruling={ruling}
          accepted={answer.takenOn ?? undefined}
          onAccept={(takesOn) =>
            change(({ takesOn: _, ...now }) => (takesOn ? { ...now, takesOn } : { ...now }))
          }
          fixed={dish.takesOn == null}
        />
      )}
      <div className="grid items-start gap-4 xl:grid-cols-2">
        <div className="flex flex-col gap-4">
          {!none &&
            alike(answer.loads).map(([load, ...same]) => (
              <ProcessCard
                key={load.number}
                load={load}
                until={same.at(-1)?.number ?? load.number}
                loads={plan.loads.loads.length}
                judged={ruling?.verdict === "own-judgement"}
                takenOn={answer.takenOn ?? undefined}
              />
            ))}
          {answer.remarks.length > 0 && <p className="px-1 text-soft">{answer.remarks.join(" ")}</p>}
        </div>
        <div className="flex flex-col gap-4">
          <ShareCard metric={kitchen.units === "metric"} answer={answer} />
          <CorrectionCard planId={plan.id} answer={answer} />
          <StepsCard steps={answer.steps} />
          <Card className="py-3!">
            <LinkButton
              to="/recipes/$id"
              params={{ id: String(answer.recipeId) }}
              look="quiet"
              className="px-0!"
            >
              The recipe: {answer.title}
            </LinkButton>
          </Card>
        </div>
      </div>
    </>
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

/** What was noted when this was made before. */
function LastTime({ notes }: { readonly notes: readonly string[] }) {
  if (notes.length === 0) {
    return null;
  }
  return (
    <p className="flex gap-2 rounded-field bg-steam px-4 py-2.5">
      <NotebookPen size={20} className="mt-0.5 shrink-0" aria-hidden="true" />
      <span>
        <strong>Noted last time:</strong> {notes.join(" · ")}
      </span>
    </p>
  );
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
        <LinkButton to="/recipes/$id" params={{ id: String(answer.recipeId) }} look="main">
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
