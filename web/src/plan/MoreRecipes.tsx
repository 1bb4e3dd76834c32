import { Plus, X } from "lucide-react";
import { useState } from "react";
import { useRecipes } from "@/recipes";
import { addDish, freeKey, type PlanBody, type PlanEdit, removeDish } from "./body";
import type { Plan } from "./usePlan";

/** More than that nobody cooks in a day. */
const MOST_DISHES = 8;

interface Props {
  readonly plan: Plan;
  readonly body: PlanBody;
  readonly chosen: string;
  readonly choose: (key: string) => void;
  readonly edit: (edit: PlanEdit) => void;
}

/** One more recipe for the same day, or one less. */
export function MoreRecipes({ plan, body, chosen, choose, edit }: Props) {
  const recipes = useRecipes();
  const [adding, setAdding] = useState(false);
  if (plan.atStove) {
    return null;
  }
  const add = (recipe: number) => {
    const key = freeKey(body);
    edit(addDish(recipe));
    setAdding(false);
    choose(key);
  };
  const here = plan.dishes.find((dish) => dish.key === chosen);
  return (
    <div className="flex flex-wrap items-center gap-2">
      {adding ? (
        <select
          aria-label="Which recipe joins?"
          className="select min-h-12 max-w-80"
          defaultValue=""
          onChange={(event) => event.target.value && add(Number(event.target.value))}
        >
          <option value="">Which recipe joins?</option>
          {recipes.data?.map((recipe) => (
            <option key={recipe.id} value={recipe.id}>
              {recipe.title}
            </option>
          ))}
        </select>
      ) : (
        body.dishes.length < MOST_DISHES && (
          <button
            type="button"
            className="flex min-h-11 cursor-pointer items-center gap-1.5 self-start rounded-field px-3 font-bold text-primary hover:bg-steam"
            onClick={() => setAdding(true)}
          >
            <Plus size={18} aria-hidden="true" /> Another recipe
          </button>
        )
      )}
      {body.dishes.length > 1 && here && here.batch == null && (
        <button
          type="button"
          className="flex min-h-11 cursor-pointer items-center gap-1.5 rounded-field px-3 font-bold text-primary hover:bg-steam"
          onClick={() => {
            choose(body.dishes.find((each) => each.key !== here.key)?.key ?? "");
            edit(removeDish(here.key));
          }}
        >
          <X size={18} aria-hidden="true" /> Take {here.title} out of the plan
        </button>
      )}
    </div>
  );
}
