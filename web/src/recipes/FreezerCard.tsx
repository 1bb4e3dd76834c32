import { Snowflake } from "lucide-react";
import type { Schemas } from "@/api/client";
import { FreezeButton } from "@/freezer";
import { Button, Card } from "@/kit";
import { formatInches } from "@/quantity";

interface Props {
  readonly freezer: Schemas["FreezerResponse"];
  readonly lines: readonly string[];
  readonly title: string;
  readonly recipeId: number | undefined;
  /** Puts the base in the recipe's place, with the rest kept for serving. */
  readonly onBase: (lines: readonly string[]) => void;
}

/** The way out for a dish that may not go into jars: freeze it, or can its base and finish it at serving. */
export function FreezerCard({ freezer, lines, title, recipeId, onBase }: Props) {
  const { base, portions } = freezer;
  return (
    <Card label="Another route" className="flex flex-col gap-3">
      <h2 className="flex items-center gap-2 text-lg font-bold">
        <Snowflake size={20} aria-hidden="true" /> Another route
      </h2>
      {base && (
        <div>
          <h3 className="font-bold">Can the base, {base.minutes} min</h3>
          <p>
            Without {base.atServing.map((index) => lines[index]).join(" and ")}. Add{" "}
            {base.atServing.length === 1 ? "it" : "them"} when you open the jar.
          </p>
          <Button size="small" className="mt-2" onClick={() => onBase(base.lines)}>
            Make this the recipe
          </Button>
        </div>
      )}
      <div>
        <h3 className="font-bold">Freeze it as it is</h3>
        {portions.length > 0 ? (
          <ul>
            {portions.map((portion) => (
              <li key={portion.box} className="flex flex-wrap items-center gap-x-3">
                {portion.boxes} {portion.box} {portion.boxes === 1 ? "box" : "boxes"}, filled to{" "}
                {Number(portion.roomIn) === 0.5 ? "1/2" : portion.roomIn} in below the lid
                {title !== "" && (
                  <FreezeButton
                    title={title}
                    recipeId={recipeId}
                    boxes={portion.boxes}
                    volumeMl={freezer.volumeMl}
                  />
                )}
              </li>
            ))}
          </ul>
        ) : (
          <p>
            Leave {formatInches(0.5)} of room in a pint box, {formatInches(1)} in a quart box.
          </p>
        )}
        <p className="text-soft">
          Chill it first. Best within {freezer.monthsFrom} to {freezer.monthsTo} months.
        </p>
      </div>
    </Card>
  );
}
