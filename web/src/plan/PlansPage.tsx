import { CalendarCheck2, X } from "lucide-react";
import { awaited } from "@/api/awaited";
import { Button, Card, Empty, LinkButton, PageFrame, ProblemNote, Spinner, useToast } from "@/kit";
import { countJars, formatDateTime } from "@/quantity";
import { usePlanBegin, useRecipes } from "@/recipes";
import { Link, useNavigate } from "@/routing";
import { VerdictTag } from "@/ruling";
import { usePlans, usePutAway } from "./usePlan";

/** The plans that are open, and the recipes a new one may begin with. */
export function PlansPage() {
  const plans = usePlans();
  const recipes = useRecipes();
  if (awaited(plans, recipes)) {
    return (
      <PageFrame title="Plan">
        <Spinner />
      </PageFrame>
    );
  }
  return (
    <PageFrame
      title="Plan"
      lead={plans.data?.length ? "Go on, or begin with a recipe" : "Which recipe goes into jars?"}
    >
      <ProblemNote error={plans.error} retry={() => plans.refetch()} />
      <OpenPlans />
      <BeginWith />
    </PageFrame>
  );
}

function OpenPlans() {
  const plans = usePlans();
  const away = usePutAway();
  const toast = useToast();
  if (!plans.data || plans.data.length === 0) {
    return null;
  }
  return (
    <section aria-label="Open plans">
      <ul className="grid gap-3 md:grid-cols-2">
        {plans.data.map((plan) => (
          <li key={plan.id} className="flex items-stretch rounded-box border border-line bg-paper">
            <Link
              to="/plan/:id"
              params={{ id: String(plan.id) }}
              className="min-w-0 flex-1 rounded-box px-5 py-4 hover:bg-steam"
            >
              <h2 className="text-lg font-bold">{plan.title || "An empty plan"}</h2>
              <p className="text-soft">
                {[
                  plan.cooked ? "done" : plan.atStove ? "at the stove" : "",
                  countJars(plan.jars) || "as many jars as there are",
                  formatDateTime(plan.changedAt),
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </p>
            </Link>
            <Button
              look="quiet"
              className="px-4!"
              aria-label={`Put the plan for ${plan.title} away`}
              onClick={() =>
                away.mutate(
                  { id: plan.id, away: true },
                  {
                    onSuccess: () =>
                      toast({
                        text: "The plan is put away.",
                        action: { text: "Undo", run: () => away.mutate({ id: plan.id, away: false }) },
                      }),
                  },
                )
              }
            >
              <X size={20} />
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function BeginWith() {
  const recipes = useRecipes();
  const begin = usePlanBegin();
  const navigate = useNavigate();
  return (
    <section aria-label="Begin with a recipe" className="flex flex-col gap-3">
      <h2 className="mt-2 text-lg font-bold">Begin with a recipe</h2>
      <ProblemNote error={recipes.error ?? begin.error} />
      {recipes.data?.length === 0 && (
        <Empty
          picture={<CalendarCheck2 size={60} strokeWidth={1.5} />}
          title="Nothing to plan yet"
          action={
            <LinkButton to="/recipes/:id" params={{ id: "new" }} look="main">
              Type or paste a recipe
            </LinkButton>
          }
        >
          A plan begins with a recipe: then you count jars, and the amounts and the process card follow.
        </Empty>
      )}
      <ul className="grid gap-3 md:grid-cols-2 xl:grid-cols-3">
        {recipes.data?.map((recipe) => (
          <li key={recipe.id}>
            <button
              type="button"
              className="block h-full w-full cursor-pointer rounded-box text-left"
              disabled={begin.isPending}
              onClick={() =>
                begin.mutate(recipe.id, {
                  onSuccess: ({ id }) => navigate({ to: "/plan/:id", params: { id: String(id) } }),
                })
              }
            >
              <Card className="flex h-full flex-col gap-2 hover:bg-steam">
                <h3 className="text-lg font-bold">{recipe.title}</h3>
                <p className="flex-1 text-soft">{recipe.headline}</p>
                <div>
                  <VerdictTag verdict={recipe.verdict} short />
                </div>
              </Card>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
