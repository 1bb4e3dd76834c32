import { Plus, X } from "lucide-react";
import { useState } from "react";
import { countJars } from "@/quantity";
import { type RecipeEntry, useRecipes } from "@/recipes";
import { addDish, freeKey, type PlanBody, type PlanEdit, removeDish } from "./body";
import type { Plan } from "./usePlan";

interface Props {
  readonly plan: Plan;
  readonly body: PlanBody;
  readonly chosen: string;
  readonly choose: (key: string) => void;
  readonly edit: (edit: PlanEdit) => void;
}

/** The recipes of the plan: one pot each, one day for all. */
export function Dishes({ plan, body, chosen, choose, edit }: Props) {
  const recipes = useRecipes();
  const [adding, setAdding] = useState(false);
  const several = body.dishes.length > 1;
  const add = (recipe: number) => {
    const key = freeKey(body);
    edit(addDish(recipe));
    setAdding(false);
    choose(key);
  };
  return (
    <nav aria-label="Recipes of this plan" className="flex flex-wrap items-center gap-2">
      {several &&
        body.dishes.map((dish) => {
          const answer = plan.dishes.find((each) => each.key === dish.key);
          const here = dish.key === chosen;
          return (
            <div
              key={dish.key}
              className={`flex items-stretch overflow-hidden rounded-field border ${here ? "border-primary bg-primary text-primary-content" : "border-line bg-paper"}`}
            >
              <button
                type="button"
                aria-pressed={here}
                className="min-h-12 cursor-pointer px-4 py-1 text-left"
                onClick={() => choose(dish.key)}
              >
                <span className="block leading-tight font-bold">
                  {answer?.title ?? titleOf(recipes.data, dish.recipeId)}
                </span>
                <span className="block text-[0.85rem]">
                  {answer && answer.jars.length > 0 ? countJars(answer.jars) : "no jars yet"}
                </span>
              </button>
              {answer?.batch == null && (
                <button
                  type="button"
                  className="cursor-pointer px-3"
                  aria-label={`Take ${answer?.title ?? "this recipe"} out of the plan`}
                  onClick={() => {
                    choose(body.dishes.find((each) => each.key !== dish.key)?.key ?? "");
                    edit(removeDish(dish.key));
                  }}
                >
                  <X size={18} />
                </button>
              )}
            </div>
          );
        })}
      {!plan.atStove &&
        (adding ? (
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
          body.dishes.length < 8 && (
            <button
              type="button"
              className="flex min-h-11 cursor-pointer items-center gap-1.5 rounded-field px-3 font-bold text-primary hover:bg-steam"
              onClick={() => setAdding(true)}
            >
              <Plus size={18} aria-hidden="true" /> Another recipe
            </button>
          )
        ))}
    </nav>
  );
}

function titleOf(recipes: readonly RecipeEntry[] | undefined, id: number): string {
  return recipes?.find((recipe) => recipe.id === id)?.title ?? "A recipe";
}
