import { useState } from "react";
import { Button, Card, Field, ProblemNote } from "@/kit";
import { formatDate } from "@/quantity";
import type { Ruling } from "@/ruling";
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
  const [by, setBy] = useState("");
  const [reason, setReason] = useState("");
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
        <form
          className="flex flex-col gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            take.mutate({ version: recipe.version, by: by.trim(), reason: reason.trim() });
          }}
        >
          <h2 className="font-bold">Take it on by name, or change it</h2>
          <Field label="Who takes it on">
            {(id) => (
              <input
                id={id}
                className="input w-full"
                maxLength={60}
                value={by}
                onChange={(event) => setBy(event.target.value)}
              />
            )}
          </Field>
          <Field label="Why">
            {(id) => (
              <input
                id={id}
                className="input w-full"
                maxLength={400}
                value={reason}
                onChange={(event) => setReason(event.target.value)}
              />
            )}
          </Field>
          <Button type="submit" disabled={dirty || !by.trim() || !reason.trim() || take.isPending}>
            {dirty ? "Save first" : "I take it on"}
          </Button>
          <p className="text-[0.9rem]">
            When unsure, ask your local extension office or food-safety authority first.
          </p>
        </form>
      )}
      <ProblemNote error={take.error ?? takeBack.error} />
    </Card>
  );
}
