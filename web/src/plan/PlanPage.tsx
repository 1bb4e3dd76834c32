import { NotebookPen, Printer } from "lucide-react";
import { useCallback, useState } from "react";
import { wrongAt } from "@/api/problem";
import { Button, PageFrame, ProblemNote } from "@/kit";
import { Link, useNavigate } from "@/routing";
import { VerdictTag } from "@/ruling";
import { AmountsCard } from "./AmountsCard";
import { type Dish, onDish } from "./body";
import { CardPart } from "./CardPart";
import { CorrectionCard } from "./CorrectionCard";
import { DayCard } from "./DayCard";
import { Filling } from "./Filling";
import { JarsCard } from "./JarsCard";
import { LoadsCard } from "./LoadsCard";
import { MoreRecipes } from "./MoreRecipes";
import { PartList, PartPager, Swiped } from "./PartNav";
import { PlanFrame, type Ready } from "./PlanFrame";
import { PlanSummary } from "./PlanSummary";
import { PotCard } from "./PotCard";
import { EveningBefore, Prep } from "./Prep";
import type { PartId } from "./parts";
import { VariantCounts } from "./ShareCard";
import { Supplies } from "./Supplies";
import { ToBuy } from "./ToBuy";
import { ToTheStove } from "./ToTheStove";
import type { DishResponse } from "./usePlan";

/** The answer in short, and the parts of a day of canning in the order they are done, one of them open. */
export function PlanPage({ id, part }: { readonly id: number; readonly part: PartId }) {
  return (
    <PlanFrame id={id} title="Plan">
      {(ready) => <OpenPlan part={part} {...ready} />}
    </PlanFrame>
  );
}

function OpenPlan({ part, ...ready }: Ready & { readonly part: PartId }) {
  const { plan, body, edit, behind, error, retry } = ready;
  const navigate = useNavigate();
  const [chosen, choose] = useState<string | undefined>();
  const [refused, setRefused] = useState<unknown>();
  const key = body.dishes.some((dish) => dish.key === chosen) ? chosen : body.dishes[0]?.key;
  const index = body.dishes.findIndex((dish) => dish.key === key);
  const dish = body.dishes[index];
  const answer = plan.dishes.find((each) => each.key === key);
  const atField = (field: string) => wrongAt(error, `dishes[${index}].${field}`);
  const shownAtField = ["jars", "hands", "keepBack", "pot", "times"].some((field) => atField(field));
  const go = useCallback(
    (next: PartId) =>
      navigate({
        to: "/plan/:id",
        params: { id: String(plan.id) },
        search: { part: next },
        replace: true,
      }),
    [navigate, plan.id],
  );
  return (
    <PageFrame
      title={body.dishes.length > 1 ? `${body.dishes.length} recipes` : plan.title || "Plan"}
      place={plan.title || "Plan"}
      actions={
        <>
          {(part === "shopping" || part === "prep") && (
            <Button className="max-md:hidden" icon={<Printer size={20} />} onClick={() => window.print()}>
              Print
            </Button>
          )}
          <div className={LAST.has(part) ? "" : "max-md:hidden"}>
            <ToTheStove plan={plan} behind={behind} onError={setRefused} />
          </div>
        </>
      }
    >
      {!shownAtField && <ProblemNote error={error} retry={retry} />}
      <ProblemNote error={refused} />
      <div className="grid items-start gap-4 print:block md:grid-cols-[16.5rem_minmax(0,1fr)]">
        <div className="no-print flex flex-col gap-3 md:sticky md:top-4">
          <PlanSummary plan={plan} chosen={key} choose={choose}>
            <Trouble plan={plan} />
          </PlanSummary>
          <PartList plan={plan} body={body} part={part} />
          <PartPager plan={plan} part={part} />
        </div>
        <Swiped part={part} go={go}>
          <div className="flex flex-col gap-4">
            {dish && answer ? (
              <Part part={part} ready={ready} dish={dish} answer={answer} wrong={atField} />
            ) : (
              dish && <p className="text-soft">One moment…</p>
            )}
            {part === "jars" && <Supplies plan={plan} />}
            {part === "jars" && (
              <MoreRecipes plan={plan} body={body} chosen={key ?? ""} choose={choose} edit={edit} />
            )}
          </div>
        </Swiped>
      </div>
    </PageFrame>
  );
}

/** Nobody goes to the stove before the last parts; on a phone the button comes with them. */
const LAST: ReadonlySet<PartId> = new Set<PartId>(["filling", "day", "card"]);

interface PartProps {
  readonly part: PartId;
  readonly ready: Ready;
  readonly dish: Dish;
  readonly answer: DishResponse;
  readonly wrong: (field: string) => string | undefined;
}

function Part({ part, ready, dish, answer, wrong }: PartProps) {
  const { plan, body, kitchen, edit, error } = ready;
  const { key } = dish;
  const change = useCallback((to: (dish: Dish) => Dish) => edit(onDish(key, to)), [edit, key]);
  const fixed = answer.batch != null;
  switch (part) {
    case "amounts":
      return (
        <>
          <AmountsCard
            planId={plan.id}
            dishKey={key}
            ownJars={dish.ownJars}
            answer={answer}
            fixed={fixed}
            change={change}
          />
          <CorrectionCard planId={plan.id} answer={answer} />
        </>
      );
    case "shopping":
      return <ToBuy plan={plan} body={body} edit={edit} />;
    case "evening":
      return <EveningBefore plan={plan} />;
    case "prep":
      return <Prep plan={plan} body={body} edit={edit} />;
    case "filling":
      return <Filling plan={plan} body={body} kitchen={kitchen} edit={edit} />;
    case "day":
      return (
        <>
          {[undefined, ...plan.later].map((later, day) => (
            <div key={later ? `later ${day}` : "first"} className="flex flex-col gap-4">
              <DayCard
                plan={plan}
                index={day}
                settings={(day === 0 ? body.day : body.later?.[day - 1]?.day) ?? undefined}
                error={error}
                edit={edit}
              />
              <LoadsCard
                plan={plan}
                day={day}
                chosen={body.canners ?? undefined}
                kitchen={kitchen}
                edit={edit}
              />
            </div>
          ))}
          {plan.loads.loads.length === 0 && plan.loads.trouble == null && plan.later.length === 0 && (
            <p className="text-soft">Count the jars first.</p>
          )}
        </>
      );
    case "card":
      return <CardPart plan={plan} dish={dish} answer={answer} edit={edit} />;
    default:
      return (
        <>
          {answer.trouble && (
            <p role="alert" className="rounded-field border-2 border-brick px-4 py-2.5 font-semibold">
              {answer.trouble.text}
            </p>
          )}
          <div className="grid items-start gap-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
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
              <LastTime notes={answer.notes} />
            </div>
          </div>
        </>
      );
  }
}

/** A stop or a question is seen from every part; what it is stands on the card. */
function Trouble({ plan }: Pick<Ready, "plan">) {
  const verdict = ["stop", "ask", "own-judgement"].find((each) =>
    plan.dishes.some((dish) => dish.ruling?.verdict === each),
  ) as DishRuling | undefined;
  return verdict ? (
    <Link
      to="/plan/:id"
      params={{ id: String(plan.id) }}
      search={{ part: "card" }}
      className="flex min-h-11 items-center"
    >
      <VerdictTag verdict={verdict} short />
    </Link>
  ) : null;
}

type DishRuling = NonNullable<DishResponse["ruling"]>["verdict"];

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
