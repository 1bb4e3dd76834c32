import { MoonStar } from "lucide-react";
import { ListPage } from "./ListPage";
import type { DishResponse } from "./usePlan";

type Prep = NonNullable<DishResponse["prep"]>;
type Food = Prep["foods"][number];

const WHEN: Record<string, string> = {
  evening: "Evening before",
  prepare: "Prepare",
  cook: "Cook",
  fill: "Fill",
};

/** The work before the jars, food by food, what begins the evening before first. */
export function PrepPage({ id }: { readonly id: number }) {
  return (
    <ListPage id={id} title="Prep list">
      {({ plan }) =>
        plan.dishes.map((dish) => <DishPrep key={dish.key} dish={dish} several={plan.dishes.length > 1} />)
      }
    </ListPage>
  );
}

function DishPrep({ dish, several }: { readonly dish: DishResponse; readonly several: boolean }) {
  if (!dish.prep) {
    return <p className="text-soft">{dish.title}: count the jars first.</p>;
  }
  const kept = dish.prep.foods.filter((food) => food.keep != null);
  return (
    <section aria-label={dish.title} className="flex flex-col gap-3">
      {several && <h2 className="text-xl font-bold">{dish.title}</h2>}
      <ul className="grid items-start gap-3 md:grid-cols-2">
        {dish.prep.foods.map((food) => (
          <FoodCard key={food.line} food={food} />
        ))}
      </ul>
      <section aria-label="Together" className="rounded-box border border-line bg-paper px-5 py-3">
        <h3 className="text-lg font-bold">Together</h3>
        <ol className="ml-5 list-decimal">
          {dish.prep.together.map((step) => (
            <li key={step.text} className="py-1">
              {step.text}.
            </li>
          ))}
        </ol>
      </section>
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

function FoodCard({ food }: { readonly food: Food }) {
  return (
    <li className="rounded-box border border-line bg-paper px-5 py-3">
      <div className="flex items-baseline justify-between gap-4">
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
              <span>{step.text}.</span>
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
