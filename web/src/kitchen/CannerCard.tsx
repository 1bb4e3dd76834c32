import { Pencil, Trash2 } from "lucide-react";
import { useState } from "react";
import { LoadPicture } from "@/jars";
import { Button, Card, Figure, ProblemNote, Tag, useKept } from "@/kit";
import { formatAltitude, formatDate } from "@/quantity";
import { CannerCare, offWords } from "./CannerCare";
import { CannerForm } from "./CannerForm";
import { type Canner, type Kitchen, useCannerRemoval } from "./useKitchen";
import { WeightPicture } from "./WeightPicture";

interface Props {
  readonly canner: Canner;
  readonly kitchen: Kitchen;
}

/** One canner: which instrument rules it, what to read here, what fits. */
export function CannerCard({ canner, kitchen }: Props) {
  const [editing, setEditing] = useKept(`canner-${canner.id}-open`, false);
  const [sure, setSure] = useState(false);
  const remove = useCannerRemoval();
  const dial = canner.gauge === "dial";
  if (editing) {
    return (
      <Card label={canner.name}>
        <h2 className="mb-3 text-lg font-bold">{canner.name}</h2>
        <CannerForm canner={canner} version={kitchen.version} onDone={() => setEditing(false)} />
      </Card>
    );
  }
  return (
    <Card label={canner.name} tone={canner.trouble == null ? "plain" : "brick"}>
      <div className="flex flex-wrap items-center gap-6">
        <LoadPicture jars={[{ size: "quart", count: canner.quarts }]} className="h-32 w-32 shrink-0" />
        <div className="min-w-[min(14rem,100%)] flex-1">
          <div className="flex items-center gap-1">
            <h2 className="mr-2 text-xl font-bold">{canner.name}</h2>
            <Button
              look="quiet"
              size="small"
              icon={<Pencil size={20} />}
              aria-label={`Change ${canner.name}`}
              onClick={() => setEditing(true)}
            />
            <Button
              look="quiet"
              size="small"
              icon={<Trash2 size={20} />}
              aria-label={`Remove ${canner.name}`}
              onClick={() => setSure(true)}
            />
          </div>
          <p>
            {canner.rules} {dial && testWords(canner)}
          </p>
          <p className="text-soft">
            {canner.quarts} quarts, or {canner.pints * canner.shortLayers} pints
            {canner.shortLayers > 1 ? ` in ${canner.shortLayers} layers` : ""}
            {canner.upperLayer === "any" && canner.shortLayers > 1 && "; quarts may stand above"}
            {canner.burner && `; stands ${canner.burner}`}
          </p>
          {canner.weight != null && <p className="text-soft">{canner.weight.sentence}</p>}
          {canner.trouble != null && (
            <p className="mt-1">
              <Tag tone="brick" icon>
                Out of use
              </Tag>{" "}
              {canner.trouble}
            </p>
          )}
        </div>
        {canner.readingPsi != null && kitchen.altitudeFt != null && kitchen.altitudeM != null && (
          <Figure
            label={dial ? "Read here" : "Weight to use here"}
            value={canner.readingPsi}
            unit={dial ? "psi" : "lb"}
            note={
              Number(canner.readingPsi) > Number(canner.pressurePsi)
                ? `${canner.pressurePsi} at ${formatAltitude(kitchen.altitudeFt, kitchen.altitudeM, kitchen.units)}, plus ${canner.gaugeErrorPsi}`
                : `at ${formatAltitude(kitchen.altitudeFt, kitchen.altitudeM, kitchen.units)}`
            }
          />
        )}
        {canner.weight != null && canner.readingPsi != null && (
          <WeightPicture shows={canner.weight.shows} pounds={canner.readingPsi} />
        )}
      </div>
      {canner.due.length > 0 && (
        <ul className="mt-3 rounded-field bg-steam px-4 py-2">
          {canner.due.map((what) => (
            <li key={what} className="py-0.5">
              {what}
            </li>
          ))}
        </ul>
      )}
      <CannerCare canner={canner} />
      {sure && (
        <div className="mt-3 flex flex-wrap items-center gap-3 rounded-field bg-brick-wash px-4 py-3">
          <p className="flex-1 font-semibold">Remove {canner.name}? Its batches stay in the logbook.</p>
          <Button look="loss" disabled={remove.isPending} onClick={() => remove.mutate(canner.id)}>
            Remove
          </Button>
          <Button onClick={() => setSure(false)}>Back</Button>
        </div>
      )}
      <ProblemNote error={remove.error} />
    </Card>
  );
}

function testWords(canner: Canner): string {
  // A dial of which nobody knows anything is not one that reads true.
  const reads =
    canner.testedOn == null
      ? canner.gaugeErrorPsi === 0
        ? "The dial is not tested yet"
        : `The dial is said to read ${offWords(canner.gaugeErrorPsi)}, and is not tested yet`
      : `It reads ${offWords(canner.gaugeErrorPsi)}`;
  const low = canner.gaugeErrorPsi < 0 ? "; the mark is not lowered for that" : "";
  const when = canner.testedOn == null ? "" : `, tested ${formatDate(canner.testedOn)}`;
  return `${reads}${when}${low}.`;
}
