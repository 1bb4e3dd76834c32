import { Button, Card, ProblemNote, whenSent } from "@/kit";
import { formatDate } from "@/quantity";
import { forgettingTakeOn, type Ruling, TakeOnForm } from "@/ruling";
import { type Recipe, useJudgement } from "./useRecipes";

interface Props {
  readonly recipe: Recipe;
  readonly ruling: Ruling;
  /** Whether the page differs from what is saved: only a saved version can be taken on. */
  readonly dirty: boolean;
}

/** What departs from the tables is taken on by name for this version; plan, card and jars keep the name. */
export function JudgementCard({ recipe, ruling, dirty }: Props) {
  const { take, takeBack } = useJudgement(recipe.id);
  if (ruling.verdict !== "own-judgement") {
    return null;
  }
  const judgement = recipe.judgement?.covers ? recipe.judgement : undefined;
  return (
    <Card label="Own judgement" tone="mustard" className="hatched">
      {judgement ? (
        <p>
          <strong>{judgement.by}</strong> took version {recipe.version} on, {formatDate(judgement.at)}: “
          {judgement.reason}”. Plans, cards and jars keep the mark.{" "}
          <Button look="quiet" size="small" onClick={() => takeBack.mutate(recipe.version)}>
            Take back
          </Button>
        </p>
      ) : (
        <>
          <h2 className="mb-2 font-bold">Take it on by name, or change it</h2>
          <TakeOnForm
            name="recipe"
            blocked={dirty ? "Save first" : undefined}
            onTake={(taken) =>
              whenSent(take.mutateAsync({ version: recipe.version, ...taken }), forgettingTakeOn("recipe"))
            }
          />
          <p className="mt-2 text-[0.9rem]">
            When unsure, ask your local extension office or food-safety authority first.
          </p>
        </>
      )}
      <ProblemNote error={take.error ?? takeBack.error} />
    </Card>
  );
}
