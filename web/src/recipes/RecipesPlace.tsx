import { Link } from "@tanstack/react-router";
import { BookOpenText, Plus, Table2 } from "lucide-react";
import { Card, Empty, LinkButton, Loading, Place, ProblemNote } from "@/kit";
import { VerdictTag } from "@/ruling";
import { type RecipeEntry, useRecipes } from "./useRecipes";

export function RecipesPlace() {
  const recipes = useRecipes();
  return (
    <Place
      title="Recipes"
      lead="May it be canned, and what sets its time?"
      actions={
        <>
          <LinkButton to="/tables" icon={<Table2 size={20} />}>
            The tables
          </LinkButton>
          <LinkButton to="/recipes/$id" params={{ id: "new" }} look="main" icon={<Plus size={20} />}>
            New recipe
          </LinkButton>
        </>
      }
    >
      <ProblemNote error={recipes.error} retry={() => recipes.refetch()} />
      {recipes.isPending && !recipes.error && <Loading />}
      {recipes.data?.length === 0 && <NoRecipes />}
      {recipes.data && recipes.data.length > 0 && (
        <Card label="Recipe book" className="p-0!">
          <ul>
            {recipes.data.map((recipe) => (
              <RecipeRow key={recipe.id} recipe={recipe} />
            ))}
          </ul>
        </Card>
      )}
    </Place>
  );
}

function RecipeRow({ recipe }: { readonly recipe: RecipeEntry }) {
  const { quart, pint } = recipe.minutesBySize ?? {};
  return (
    <li className="border-b border-line last:border-0">
      <Link
        to="/recipes/$id"
        params={{ id: String(recipe.id) }}
        className="grid min-h-19 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-5 gap-y-1 px-5 py-3 hover:bg-steam md:grid-cols-[minmax(0,1fr)_11rem_6rem_6rem]"
      >
        <span className="min-w-0">
          <span className="block text-lg font-bold">{recipe.title}</span>
          <span className="block text-soft">{recipe.headline}</span>
        </span>
        <span>
          <VerdictTag verdict={recipe.verdict} short />
        </span>
        <Minutes minutes={quart} size="quarts" />
        <Minutes minutes={pint} size="pints" />
      </Link>
    </li>
  );
}

function Minutes({ minutes, size }: { readonly minutes: number | undefined; readonly size: string }) {
  return (
    <span className="hidden text-right md:block">
      {minutes == null ? (
        <span className="text-soft">none</span>
      ) : (
        <span className="digits text-2xl font-bold">{minutes}</span>
      )}
      <span className="block text-[0.85rem] text-soft">min in {size}</span>
    </span>
  );
}

function NoRecipes() {
  return (
    <Empty
      picture={<BookOpenText size={60} strokeWidth={1.5} />}
      title="No recipe yet"
      action={
        <LinkButton to="/recipes/$id" params={{ id: "new" }} look="main">
          Type or paste one
        </LinkButton>
      }
    >
      Paste three ingredient lines, and you see at once whether they may be canned and which of them sets the
      time.
    </Empty>
  );
}
