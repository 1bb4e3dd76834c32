import { useMutation } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { useChanged } from "@/api/useChanged";
import { Button, Card, Choice, Field, ProblemNote, Stepper } from "@/kit";
import { jarWord } from "@/quantity";
import { lotName } from "@/shelf";
import type { Tables } from "./useTables";

type Asked = Schemas["RowTraceRequest"];

/** A row turned out to be wrong in the transcription: every lot that rests on it and had less, and a hold for them. */
export function RowTrace({ tables }: { readonly tables: Tables }) {
  const changed = useChanged("trace");
  const sources = [...new Set(tables.processes.map((row) => row.source))].sort();
  const [source, setSource] = useState(sources[0] ?? "");
  const [size, setSize] = useState("quart");
  const [minutes, setMinutes] = useState(90);
  const trace = useMutation({
    mutationFn: (asked: Asked) => body(api.POST("/api/trace/rows", { body: asked })),
    onSuccess: () => changed(),
  });
  const ask = (hold: boolean) => trace.mutate({ source, size, minutes, hold });
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
        <div className="min-w-64 flex-1">
          <Field label="The row">
            {(id) => (
              <select
                id={id}
                className="select min-h-12 w-full"
                value={source}
                onChange={(event) => setSource(event.target.value)}
              >
                {sources.map((each) => (
                  <option key={each}>{each}</option>
                ))}
              </select>
            )}
          </Field>
        </div>
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
            {lots.map(({ lot, hadMinutes }) => (
              <li key={lot.code} className="flex flex-wrap gap-x-3 border-b border-line py-1.5 last:border-0">
                <Link
                  to="/shelf/$code"
                  params={{ code: lot.code }}
                  className="digits font-bold text-primary underline"
                >
                  {lot.code}
                </Link>
                <span className="flex-1">
                  {lotName(lot)}, {lot.jars} {jarWord(lot.size, lot.jars)} left
                </span>
                <span>had {hadMinutes} min</span>
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
