import { Button, Card, ProblemNote } from "@/kit";
import { countJars, formatDate } from "@/quantity";
import type { Batch } from "./useBatches";
import { useBatchPage } from "./useBatches";

interface Props {
  readonly ids: readonly number[];
  readonly onClose: () => void;
}

/** Two batches side by side; what differs stands out. */
export function Compare({ ids, onClose }: Props) {
  const one = useBatchPage(ids[0] ?? 0);
  const two = useBatchPage(ids[1] ?? 0);
  if (!one.data || !two.data) {
    return <ProblemNote error={one.error ?? two.error} />;
  }
  const rows = FACTS.map(([name, of]) => [name, of(one.data), of(two.data)] as const);
  return (
    <Card label="Two batches compared" className="flex flex-col gap-3">
      <div className="flex items-center justify-between gap-3">
        <h2 className="text-lg font-bold">Side by side</h2>
        <Button size="small" look="quiet" onClick={onClose}>
          Close
        </Button>
      </div>
      <table className="w-full text-left">
        <tbody>
          {rows.map(([name, first, second]) => (
            <tr key={name} className="border-t border-line align-top first:border-0">
              <th className="w-40 py-1.5 pr-4 font-semibold text-soft">{name}</th>
              <td className={`py-1.5 pr-4 ${first === second ? "text-soft" : "font-semibold"}`}>{first}</td>
              <td className={`py-1.5 ${first === second ? "text-soft" : "font-semibold"}`}>{second}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Card>
  );
}

const FACTS: readonly (readonly [string, (batch: Batch) => string])[] = [
  ["Dish", (batch) => `${batch.title}, version ${batch.recipeVersion}`],
  ["When", (batch) => formatDate(batch.madeAt)],
  ["Jars", (batch) => countJars(batch.runs.flatMap((run) => run.jars))],
  ["Time", (batch) => `${Math.max(...batch.runs.map((run) => run.minutes))} min`],
  ["Pressure", (batch) => [...new Set(batch.runs.map((run) => String(run.targetPsi)))].join(", ")],
  ["Canner", (batch) => batch.cannerName],
  ["Ruling", (batch) => batch.ruling.headline],
  [
    "Burner",
    (batch) =>
      batch.runs
        .map((run) => run.burner?.ofThisRun && run.burner.setting)
        .filter(Boolean)
        .join(", ") || "not noted",
  ],
  ["Losses", (batch) => String(batch.runs.flatMap((run) => run.deviations).length)],
  [
    "Sealed",
    (batch) => {
      const checked = batch.runs.flatMap((run) => run.checked);
      return checked.length === 0
        ? "not checked yet"
        : `${checked.filter((jar) => jar.sealed).length} of ${checked.length}`;
    },
  ],
  [
    "Lost liquid",
    (batch) => String(batch.runs.flatMap((run) => run.checked).filter((jar) => jar.loss !== "none").length),
  ],
  ["Ingredients", (batch) => batch.lines.filter((line) => line.trim() !== "").join("; ")],
];
