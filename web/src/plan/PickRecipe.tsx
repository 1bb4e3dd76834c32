import { Link } from "@tanstack/react-router";
import { CalendarCheck2 } from "lucide-react";
import { Card, Empty, LinkButton, Loading, Place, ProblemNote } from "@/kit";
import { useRecipes } from "@/recipes";
import { VerdictTag } from "@/ruling";

/** Which recipe goes into jars? */
export function PickRecipe() {
  const recipes = useRecipes();
  return (
    <Place title="Plan" lead="Which recipe goes into jars?">
      <ProblemNote error={recipes.error} retry={() => recipes.refetch()} />
      {recipes.isPending && !recipes.error && <Loading />}
      {recipes.data?.length === 0 && (
        <Empty
          picture={<CalendarCheck2 size={60} strokeWidth={1.5} />}
          title="Nothing to plan yet"
          action={
            <LinkButton to="/recipes/$id" params={{ id: "new" }} look="main">
              Type or paste a recipe
            </LinkButton>
          }
        >
          A plan begins with a recipe: then you count jars, and the amounts and the process card follow.
        </Empty>
      )}
      {recipes.data && recipes.data.length > 0 && (
        <ul className="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
          {recipes.data.map((recipe) => (
            <li key={recipe.id}>
              <Link to="/plan/$id" params={{ id: String(recipe.id) }} className="block h-full rounded-box">
                <Card className="flex h-full flex-col gap-2 hover:bg-steam">
                  <h2 className="text-lg font-bold">{recipe.title}</h2>
                  <p className="flex-1 text-soft">{recipe.headline}</p>
                  <div>
                    <VerdictTag verdict={recipe.verdict} short />
                  </div>
                </Card>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </Place>
  );
}
