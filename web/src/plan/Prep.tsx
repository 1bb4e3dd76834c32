import { MoonStar } from "lucide-react";
import { Stepper } from "@/kit";
import { formatDateTime, withLengths } from "@/quantity";
import { type Dish, onDish, type PlanEdit, workTakes } from "./body";
import type { Ready } from "./PlanFrame";
import { evenings } from "./parts";
import type { DishResponse, Plan } from "./usePlan";

type Food = NonNullable<DishResponse["prep"]>["foods"][number];

const WHEN: Record<string, string> = {
  evening: "Evening before",
  prepare: "Prepare",
  cook: "Cook",
  fill: "Fill",
};

/** Longer than any pot simmers. */
const MOST_MINUTES = 1_200;

/** The work before the jars, food by food, and how long it takes. */
export function Prep({ plan, body, edit }: Pick<Ready, "plan" | "body" | "edit">) {
  return (
    <div className="flex flex-col gap-5">
      {plan.dishes.map((answer) => {
        const dish = body.dishes.find((each) => each.key === answer.key);
        return (
          dish && (
            <DishPrep
              key={answer.key}
              answer={answer}
              dish={dish}
              several={plan.dishes.length > 1}
              edit={edit}
            />
          )
        );
      })}
    </div>
  );
}

interface Props {
  readonly answer: DishResponse;
  readonly dish: Dish;
  readonly several: boolean;
  readonly edit: (edit: PlanEdit) => void;
}

function DishPrep({ answer, dish, several, edit }: Props) {
  if (!answer.prep) {
    return (
      <p className="text-soft">
        {answer.title}: {answer.amounts?.cooked ? "it stands cooked." : "count the jars first."}
      </p>
    );
  }
  const { foods, together } = answer.prep;
  const kept = foods.filter((food) => food.keep != null);
  return (
    <section aria-label={answer.title} className="flex flex-col gap-3">
      {several && <h2 className="text-xl font-bold">{answer.title}</h2>}
      <ul className="grid items-start gap-3 xl:grid-cols-2">
        {foods.map((food) => (
          <FoodCard key={food.line} food={food} />
        ))}
      </ul>
      {together.length > 0 && (
        <section aria-label="Together" className="rounded-box border border-line bg-paper px-5 py-3">
          <h3 className="text-lg font-bold">Together</h3>
          <ol className="ml-5 list-decimal">
            {together.map((step) => (
              <li key={step.text} className="py-1">
                {withLengths(step.text)}.
              </li>
            ))}
          </ol>
        </section>
      )}
      <Times answer={answer} dish={dish} edit={edit} />
      {kept.length > 0 && (
        <section aria-label="Worth keeping" className="rounded-box bg-steam px-5 py-3">
          <h3 className="text-lg font-bold">Worth keeping</h3>
          <ul>
            {kept.map((food) => (
              <li key={food.line} className="py-0.5">
                <strong>{food.name.split(",")[0]}</strong>: of about {food.scraps} cut away, keep {food.keep}.
              </li>
            ))}
          </ul>
        </section>
      )}
    </section>
  );
}

/** How long each work takes here; the day goes by it, and so does the next plan of this recipe. */
function Times({ answer, dish, edit }: Omit<Props, "several">) {
  if (answer.work.length === 0) {
    return null;
  }
  return (
    <section
      aria-label={`How long it takes: ${answer.title}`}
      className="rounded-box border border-line bg-paper px-5 py-3"
    >
      <h3 className="text-lg font-bold">How long it takes</h3>
      <p className="text-[0.9rem] text-soft">
        In minutes. Say it as it is here; it counts next time too, never below what the tables ask for.
      </p>
      <fieldset disabled={answer.batch != null} className="mt-1 flex flex-col gap-1">
        {answer.work.map((work) => (
          <div key={work.code} className="flex flex-wrap items-center justify-end gap-x-3">
            <div className="min-w-[min(15rem,100%)] flex-1">
              <Stepper
                label={work.title}
                value={dish.work?.find((each) => each.code === work.code)?.minutes ?? work.minutes}
                min={1}
                max={MOST_MINUTES}
                step={5}
                onChange={(minutes) => edit(onDish(dish.key, workTakes(work.code, Math.round(minutes))))}
              />
            </div>
            <span className="w-24 text-[0.9rem] text-soft">
              {work.own ? (
                <button
                  type="button"
                  className="min-h-11 cursor-pointer font-bold text-primary underline underline-offset-4"
                  onClick={() => edit(onDish(dish.key, workTakes(work.code, undefined)))}
                >
                  as usual
                </button>
              ) : (
                "as usual"
              )}
            </span>
          </div>
        ))}
      </fieldset>
    </section>
  );
}

/** What begins before the day and needs a hand, with its hour. */
export function EveningBefore({ plan }: { readonly plan: Plan }) {
  const tasks = evenings(plan);
  if (tasks.length === 0) {
    return <p>Nothing has to begin the evening before.</p>;
  }
  return (
    <ol aria-label="Evening before" className="flex flex-col gap-3">
      {tasks.map((task) => (
        <li
          key={`${task.id}/${task.start}`}
          className="flex items-center gap-4 rounded-box border border-line bg-paper px-5 py-4"
        >
          <MoonStar size={26} className="shrink-0" aria-hidden="true" />
          <div>
            <p className="digits text-lg font-bold">{formatDateTime(task.start)}</p>
            <p>
              {task.title}
              {plan.dishes.length > 1 && (
                <span className="text-soft">
                  {" "}
                  {plan.dishes.find((dish) => dish.key === task.dish)?.title}
                </span>
              )}
            </p>
          </div>
        </li>
      ))}
    </ol>
  );
}

function FoodCard({ food }: { readonly food: Food }) {
  return (
    <li className="rounded-box border border-line bg-paper px-5 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="text-[1.05rem] leading-snug font-bold">{food.name}</h3>
        <span className="text-xl font-bold whitespace-nowrap">{food.kitchen ?? food.prepared}</span>
      </div>
      <p className="text-[0.9rem] text-soft">{amounts(food)}</p>
      {food.steps.length > 0 && (
        <ul className="mt-1">
          {food.steps.map((step) => (
            <li key={step.text} className="grid grid-cols-[6rem_minmax(0,1fr)] gap-2 py-1">
              <span
                className={`text-[0.9rem] font-semibold ${step.when === "evening" ? "text-ink" : "text-soft"}`}
              >
                {step.when === "evening" && (
                  <MoonStar size={15} className="mr-1 mb-0.5 inline" aria-hidden="true" />
                )}
                {WHEN[step.when] ?? step.when}
              </span>
              <span>{withLengths(step.text)}.</span>
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

function amounts(food: Food): string {
  return [
    food.bought != null && food.bought !== food.prepared ? `${food.bought} as bought` : "",
    food.prepared != null && food.prepared !== food.kitchen ? `${food.prepared} prepared` : "",
  ]
    .filter(Boolean)
    .join(", ");
}
