import { memo } from "react";
import { Card, Figure } from "@/kit";
import { countJars, formatInches } from "@/quantity";
import type { TakenOn } from "@/ruling";
import type { Load } from "./usePlan";

interface Props {
  readonly load: Load;
  /** The number of the last load that is just like this one. */
  readonly until: number;
  readonly loads: number;
  readonly judged: boolean;
  /** Who takes on what departs from the tables. */
  readonly takenOn: TakenOn | undefined;
}

/** What to do with one load, all of it from the ruling: to be read at the stove. */
export const ProcessCard = memo(function ProcessCard({ load, until, loads, judged, takenOn }: Props) {
  const dial = load.gauge === "dial";
  const raised = load.readingPsi > load.truePsi;
  return (
    <Card
      label={`Process card, load ${load.number}`}
      tone={judged ? "mustard" : "copper"}
      className={judged ? "hatched" : ""}
    >
      <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <div className="min-w-[min(14rem,100%)] flex-1">
          <h2 className="text-xl font-bold">
            Process card
            {loads > 1 &&
              (until > load.number
                ? `: loads ${load.number} to ${until} of ${loads}`
                : `: load ${load.number} of ${loads}`)}
          </h2>
          <p className="text-soft">
            {countJars(load.jars)} in {load.cannerName}
            {until > load.number && ", each time"}
          </p>
          <p className="mt-1 text-[1.05rem] font-semibold">{load.headline}</p>
          {judged && (
            <p className="mt-1">
              Own judgement
              {takenOn ? `, taken on by ${takenOn.by}: “${takenOn.reason}”` : ", not taken on yet"}
            </p>
          )}
        </div>
        <div className="grid w-full grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-3">
          <Figure
            label="Time at pressure"
            value={load.minutes}
            unit="min"
            tone="copper"
            note="all again if it drops below"
          />
          <Figure
            label={dial ? "Read on the dial" : "Weight"}
            value={load.readingPsi}
            unit={dial ? "psi" : "lb"}
            note={raised ? `${load.truePsi} + ${load.gaugeErrorPsi}: it reads high` : "or more, never less"}
          />
          <Figure label="Headspace" amount={formatInches(load.headspaceIn)} />
          <Figure label="Vent first" value={load.ventMinutes} unit="min" note="steady steam" />
          <Figure
            label="Cool down"
            value={<span className="whitespace-nowrap">30–45</span>}
            unit="min"
            note="by itself, to zero"
          />
          <Figure label="Weight off, then" value={load.settleMinutes} unit="min" note="before the lid" />
        </div>
      </div>
    </Card>
  );
});
