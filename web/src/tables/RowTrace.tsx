import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { useChanged } from "@/api/useChanged";
import { Button, Card, Choice, Field, ProblemNote, Stepper } from "@/kit";
import { formatFeet, jarWord } from "@/quantity";
import { Link } from "@/routing";
import { lotName } from "@/shelf";
import type { Tables } from "./useTables";

type Asked = Schemas["RowTraceRequest"];

/** Everything a batch can rest on. */
function traceable({ processes, pressures, jarSizes }: Tables) {
  return [
    ...processes.map((row) => ({
      id: row.id,
      kind: "time" as const,
      name: `${row.food}, ${row.form}, packed ${row.pack}`,
      differs: row.comparison?.agrees === false,
    })),
    ...pressures.map((band) => ({
      id: band.id,
      kind: "pressure" as const,
      name: `${band.gauge === "dial" ? "Dial" : "Weight"}, up to ${formatFeet(band.upToFt)}: ${band.psi} psi`,
      differs: band.comparison?.agrees === false,
    })),
    ...jarSizes.map((row) => ({
      id: row.id,
      kind: "size" as const,
      name: `${jarWord(row.size, 2)} by the time of ${jarWord(row.timedAs, 2)}`,
      differs: row.comparison?.agrees === false,
    })),
  ];
}

/** A row turned out to be wrong in the transcription: every lot that rests on it and had less, and a hold for them. */
export function RowTrace({ tables }: { readonly tables: Tables }) {
  const changed = useChanged("trace");
  const rows = traceable(tables);
  // A row that somebody found to differ is the one that is meant.
  const differs = rows.find((row) => row.differs)?.id;
  const [chosen, setChosen] = useState<string | undefined>();
  const row = chosen ?? differs ?? rows[0]?.id ?? "";
  const kind = rows.find((each) => each.id === row)?.kind ?? "time";
  const [size, setSize] = useState("quart");
  const [minutes, setMinutes] = useState(90);
  const [psi, setPsi] = useState(12);
  const trace = useMutation({
    mutationFn: (asked: Asked) => body(api.POST("/api/trace/rows", { body: asked })),
    onSuccess: () => changed(),
  });
  const ask = (hold: boolean) =>
    trace.mutate({
      row,
      hold,
      ...(kind === "time" ? { size, minutes } : kind === "pressure" ? { psi } : {}),
    });
  const lots = trace.data?.lots ?? [];
  return (
    <Card label="A row was wrong" className="flex flex-col gap-3">
      <div>
        <h2 className="text-lg font-bold">Does your printed copy say something else?</h2>
        <p className="text-soft">
          Then see which lots rest on that row and had less than it really asks for, and put them on hold. The
          tables themselves are changed by a new version of Mobrel, never by hand.
        </p>
      </div>
      <form
        className="flex flex-wrap items-end gap-x-6 gap-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          ask(false);
        }}
      >
        <div className="min-w-[min(16rem,100%)] flex-1">
          <Field label="The row">
            {(id) => (
              <select
                id={id}
                className="select min-h-12 w-full"
                value={row}
                onChange={(event) => setChosen(event.target.value)}
              >
                {rows.map((each) => (
                  <option key={each.id} value={each.id}>
                    {each.name}
                  </option>
                ))}
              </select>
            )}
          </Field>
        </div>
        {kind === "time" && (
          <>
            <Choice
              label="In"
              value={size}
              options={[
                { value: "pint", text: "Pints" },
                { value: "quart", text: "Quarts" },
              ]}
              onChange={setSize}
            />
            <Stepper
              label="It really asks for, min"
              value={minutes}
              min={1}
              max={300}
              step={5}
              onChange={setMinutes}
            />
          </>
        )}
        {kind === "pressure" && (
          <Stepper label="It really asks for, psi" value={psi} min={1} max={30} onChange={setPsi} />
        )}
        <Button type="submit" disabled={trace.isPending}>
          Which lots?
        </Button>
      </form>
      <ProblemNote error={trace.error} />
      {trace.data && (
        <div role="status" className="flex flex-col gap-2">
          <p className="font-bold">
            {lots.length === 0
              ? "No lot had less than that."
              : `${lots.length === 1 ? "One lot" : `${lots.length} lots`} had less${trace.data.held ? ", and on hold now" : ""}:`}
          </p>
          <ul>
            {lots.map(({ lot, hadMinutes, through }) => (
              <li key={lot.code} className="flex flex-wrap gap-x-3 border-b border-line py-1.5 last:border-0">
                <Link
                  to="/shelf/:code"
                  params={{ code: lot.code }}
                  className="digits font-bold text-primary underline"
                >
                  {lot.code}
                </Link>
                <span className="flex-1">
                  {lotName(lot)}, {lot.jars} {jarWord(lot.size, lot.jars)} left
                </span>
                <span>{through == null ? `had ${hadMinutes} min` : `made with lot ${through}`}</span>
              </li>
            ))}
          </ul>
          {lots.length > 0 && !trace.data.held && (
            <Button look="loss" className="self-start" disabled={trace.isPending} onClick={() => ask(true)}>
              Put {lots.length === 1 ? "it" : "them"} on hold
            </Button>
          )}
        </div>
      )}
    </Card>
  );
}
