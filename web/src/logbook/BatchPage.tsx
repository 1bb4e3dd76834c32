import { Printer } from "lucide-react";
import type { ReactNode } from "react";
import {
  buttonClasses,
  Card,
  Disclosure,
  Figure,
  LinkButton,
  PageFrame,
  ProblemNote,
  Spinner,
  Tag,
} from "@/kit";
import { useKitchen } from "@/kitchen";
import { Photos, usePhotos } from "@/photos";
import { countJars, formatAltitude, formatDateTime, jarWord } from "@/quantity";
import { Link } from "@/routing";
import { VerdictTag } from "@/ruling";
import { EventList, jarsInside, type Run, stageLabel, Trace } from "@/stove";
import { type Batch, useBatchPage } from "./useBatches";

/** What a household's printer takes. */
const SHEETS = [
  { code: "a4", text: "A4" },
  { code: "letter", text: "Letter" },
  { code: "a5", text: "A5" },
];

/** A batch on one page: what was decided, what happened, what became of the jars. */
export function BatchPage({ id }: { readonly id: number }) {
  const batch = useBatchPage(id);
  if (!batch.data) {
    return (
      <PageFrame title="Batch">
        <ProblemNote error={batch.error} retry={() => batch.refetch()} />
        {!batch.error && <Spinner />}
      </PageFrame>
    );
  }
  return (
    <PageFrame
      title={batch.data.title}
      lead={`${formatDateTime(batch.data.madeAt)} · ${countJars(batch.data.runs.flatMap((run) => run.jars))} in ${batch.data.cannerName}`}
      actions={
        <>
          <a
            className={buttonClasses({})}
            href={`/api/prints/batch/${batch.data.id}.pdf`}
            target="_blank"
            rel="noreferrer"
          >
            <Printer size={20} aria-hidden="true" />
            Print the record
          </a>
          <LinkButton to="/recipes/:id" params={{ id: String(batch.data.recipeId) }}>
            The recipe
          </LinkButton>
        </>
      }
    >
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="flex flex-col gap-4">
          {batch.data.runs.map((run) => (
            <RunRecord key={run.id} run={run} all={batch.data.runs} />
          ))}
        </div>
        <div className="flex flex-col gap-4">
          <Decided batch={batch.data} />
          <Lots batch={batch.data} />
          <PhotosOfBatch id={batch.data.id} />
        </div>
      </div>
    </PageFrame>
  );
}

function PhotosOfBatch({ id }: { readonly id: number }) {
  const photos = usePhotos({ batch: id });
  return photos.data && photos.data.length > 0 ? (
    <Card label="Photos" className="flex flex-col gap-3">
      <h2 className="text-lg font-bold">Photos</h2>
      <Photos of={{ batch: id }} />
    </Card>
  ) : null;
}

function RunRecord({ run, all }: { readonly run: Run; readonly all: readonly Run[] }) {
  const first = all.find((other) => other.id === run.againOf);
  const read = run.events.some((event) => event.type === "reading");
  const sealed = run.checked.filter((jar) => jar.sealed).length;
  return (
    <Card label={`Load ${run.loadNumber}`} className="flex flex-col gap-3">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="flex flex-wrap items-center gap-x-3 text-lg font-bold">
          {run.simulated && <Tag tone="ink">Practice device: nothing was canned</Tag>}
          {all.length > 1 ? `Load ${run.loadNumber}: ` : ""}
          {countJars(jarsInside(run))}
          {first && (
            <span className="block text-base font-normal text-soft">
              the next try of load {first.loadNumber}, with new lids
            </span>
          )}
        </h2>
        <span className="flex items-baseline gap-4 font-semibold text-soft">
          <span>
            card for the stove:{" "}
            {SHEETS.map(({ code, text }) => (
              <a
                key={code}
                className="ml-1.5 inline-flex min-h-11 min-w-11 items-center justify-center text-primary underline"
                href={`/api/prints/process-card/${run.id}.pdf?paper=${code}`}
                target="_blank"
                rel="noreferrer"
                aria-label={`Card for the stove, ${text}`}
              >
                {text}
              </a>
            ))}
          </span>
          {run.stage === "done" ? `${run.checked.length} in, ${sealed} sealed` : stageLabel(run.stage)}
        </span>
      </div>
      {read && <Trace run={run} now={Date.parse(run.heatOffAt ?? run.now)} />}
      {run.events.length > 0 ? <EventList run={run} /> : <p className="text-soft">Not begun.</p>}
    </Card>
  );
}

function Decided({ batch }: { readonly batch: Batch }) {
  const kitchen = useKitchen();
  const first = batch.runs[0];
  return (
    <Card label="What was decided" className="flex flex-col gap-3">
      <div>
        <VerdictTag verdict={batch.verdict} />
      </div>
      {first && (
        <div className="grid grid-cols-2 gap-4">
          <Figure
            label="Time at pressure"
            value={Math.max(...batch.runs.map((run) => run.minutes))}
            unit="min"
            tone="copper"
          />
          <Figure
            label={batch.gauge === "dial" ? "Read on the dial" : "Weight"}
            value={first.targetPsi}
            unit={batch.gauge === "dial" ? "psi" : "lb"}
          />
        </div>
      )}
      <p>{batch.ruling.headline}</p>
      {batch.acceptance && (
        <p className="hatched rounded-field bg-mustard-wash px-3 py-2">
          <strong>{batch.acceptance.by}</strong> took it on: “{batch.acceptance.reason}”
        </p>
      )}
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1 border-t border-line pt-3 text-[0.95rem]">
        <Fact name="Altitude">
          {formatAltitude(batch.altitudeFt, batch.altitudeM, kitchen.data?.units ?? "us")}
        </Fact>
        {batch.gauge === "dial" && <Fact name="Dial error">{batch.gaugeErrorPsi} psi</Fact>}
        <Fact name="Recipe">version {batch.recipeVersion}</Fact>
        <Fact name="Tables">{batch.tableVersion}</Fact>
      </dl>
      {batch.againOf != null && (
        <p>
          Jars of{" "}
          <Link
            to="/logbook/:id"
            params={{ id: String(batch.againOf) }}
            className="font-bold text-primary underline"
          >
            an earlier batch
          </Link>{" "}
          that did not seal, processed again.
        </p>
      )}
      {batch.again.map((id) => (
        <p key={id}>
          Some of its jars were{" "}
          <Link to="/logbook/:id" params={{ id: String(id) }} className="font-bold text-primary underline">
            processed again
          </Link>
          .
        </p>
      ))}
      {batch.yields.map((made) => (
        <p key={made.said}>
          It made {made.said}: {Math.round((made.madeMl / made.foreseenMl) * 100)} % of what was foreseen.
        </p>
      ))}
      {batch.madeWith.length > 0 && (
        <div>
          <h3 className="font-bold">Made with own jars</h3>
          <ul>
            {batch.madeWith.map((own) => (
              <li key={own.lot}>
                {own.jars} of lot{" "}
                <Link
                  to="/shelf/:code"
                  params={{ code: own.lot }}
                  className="digits font-bold text-primary underline"
                >
                  {own.lot}
                </Link>
                , {own.title}
              </li>
            ))}
          </ul>
        </div>
      )}
      <Disclosure title="Ingredients and their rows">
        <ul className="flex flex-col gap-2 text-[0.95rem]">
          {batch.ruling.lines
            .map((line, index) => ({ ...line, index }))
            .filter((line) => line.role !== "heading" && line.role !== "not-ingredient")
            .map(({ index, ...line }) => (
              <li key={index}>
                {line.text}
                {line.answers.length > 0 && <span> ({line.answers.join("; ")})</span>}
                <span className="block text-soft">
                  {line.source
                    ? `${line.quart ?? "no"} in quarts, ${line.pint ?? "no"} in pints. ${line.source}`
                    : "no time of its own"}
                  {rowsOfLine(batch, index)}
                </span>
              </li>
            ))}
          {batch.ruling.rows
            .filter((row) => row.line == null)
            .map((row) => (
              <li key={`${row.part}/${row.row}`}>
                {PARTS[row.part] ?? row.part}
                <span className="block text-soft">
                  {row.row}: {row.compared}
                </span>
              </li>
            ))}
        </ul>
      </Disclosure>
    </Card>
  );
}

/** What a row that is for no line bears on. */
const PARTS: Readonly<Record<string, string>> = {
  line: "A line of a variant",
  floor: "The time this mixture never goes under",
  pressure: "The pressure at this altitude",
  "jar-size": "The size of the jars",
};

/** Whether the rows of a line were compared with a printed copy. */
function rowsOfLine(batch: Batch, line: number): string {
  const found = new Set(batch.ruling.rows.filter((row) => row.line === line).map((row) => row.compared));
  return found.size === 0 ? "" : `; ${[...found].join("; ")}`;
}

function Fact({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <>
      <dt className="text-soft">{name}</dt>
      <dd className="font-semibold">{children}</dd>
    </>
  );
}

function Lots({ batch }: { readonly batch: Batch }) {
  if (batch.lots.length === 0) {
    return null;
  }
  return (
    <Card label="Lots">
      <h2 className="text-lg font-bold">Lots</h2>
      <ul>
        {batch.lots.map((lot) => (
          <li
            key={lot.code}
            className="flex items-baseline justify-between gap-4 border-b border-line py-2 last:border-0"
          >
            <Link
              to="/shelf/:code"
              params={{ code: lot.code }}
              className="digits text-lg font-bold text-primary underline"
            >
              {lot.code}
            </Link>
            <span>
              {lot.variant && `${lot.variant}: `}
              {lot.holds.length > 0 && <strong className="text-brick">on hold · </strong>}
              {lot.jars} of {lot.shelved} {jarWord(lot.size, lot.shelved)} left
            </span>
          </li>
        ))}
      </ul>
    </Card>
  );
}
