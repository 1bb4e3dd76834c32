import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Check, TriangleAlert } from "lucide-react";
import { useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { local } from "@/api/storage";
import { useChanged } from "@/api/useChanged";
import { Button, Card, Field, ProblemNote } from "@/kit";
import { formatDate } from "@/quantity";
import type { Tables } from "./useTables";

type Comparison = Schemas["ComparisonResponse"];

const COPY = "mobrel.printed-copy";
const BY = "mobrel.cook";

/** The printed copy that lies beside the screen, and who compares; and what is found, row by row. */
export function useComparing() {
  const queries = useQueryClient();
  const changed = useChanged("tables");
  const [edition, setEdition] = useState(local.getItem(COPY) ?? "");
  const [by, setBy] = useState(local.getItem(BY) ?? "");
  const keep = async (tables: Tables) => {
    queries.setQueryData(keys.tables, tables);
    await changed(keys.tables);
  };
  const compare = useMutation({
    mutationFn: ({ id, agrees }: { readonly id: string; readonly agrees: boolean }) =>
      body(
        api.POST("/api/tables/rows/{id}/comparison", {
          params: { path: { id } },
          body: { agrees, edition, by },
        }),
      ),
    onSuccess: keep,
  });
  const forget = useMutation({
    mutationFn: (id: string) =>
      body(api.DELETE("/api/tables/rows/{id}/comparison", { params: { path: { id } } })),
    onSuccess: keep,
  });
  return {
    edition,
    by,
    ready: edition.trim() !== "" && by.trim() !== "",
    setEdition: (text: string) => {
      setEdition(text);
      local.setItem(COPY, text);
    },
    setBy: (text: string) => {
      setBy(text);
      local.setItem(BY, text);
    },
    compare: (id: string, agrees: boolean) => compare.mutate({ id, agrees }),
    forget: (id: string) => forget.mutate(id),
    busy: compare.isPending || forget.isPending,
    error: compare.error ?? forget.error,
  };
}

export type ComparingState = ReturnType<typeof useComparing>;

/** Which copy lies beside the screen, and how far the comparing has come. */
export function PrintedCopy({
  tables,
  comparing,
}: {
  readonly tables: Tables;
  readonly comparing: ComparingState;
}) {
  const rows = [...tables.processes, ...tables.pressures, ...tables.jarSizes];
  const compared = rows.filter((row) => row.comparison);
  const differ = compared.filter((row) => !row.comparison?.agrees).length;
  return (
    <Card label="Your printed copy" className="flex flex-col gap-3">
      <div>
        <h2 className="text-lg font-bold">
          {compared.length} of {rows.length} rows compared with a printed copy
          {differ > 0 && `, ${differ} of them ${differ === 1 ? "differs" : "differ"}`}
        </h2>
        <p className="text-soft">
          Lay a current copy beside the screen and say of each row whether it agrees. Nothing goes by a row
          that differs until you have updated tables; a time is never typed in.
        </p>
      </div>
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        <div className="min-w-[min(16rem,100%)] flex-1">
          <Field label="Which copy, and its year">
            {(id) => (
              <input
                id={id}
                className="input min-h-12 w-full"
                maxLength={80}
                value={comparing.edition}
                onChange={(event) => comparing.setEdition(event.target.value)}
              />
            )}
          </Field>
        </div>
        <div className="min-w-[min(12rem,100%)]">
          <Field label="Compared by">
            {(id) => (
              <input
                id={id}
                className="input min-h-12 w-full"
                maxLength={60}
                value={comparing.by}
                onChange={(event) => comparing.setBy(event.target.value)}
              />
            )}
          </Field>
        </div>
      </div>
      <ProblemNote error={comparing.error} />
    </Card>
  );
}

interface Props {
  readonly id: string;
  /** The row in words, for who hears the buttons. */
  readonly name: string;
  readonly comparison: Comparison | null | undefined;
  readonly comparing: ComparingState;
}

/** What was found of one row, or the two answers to it. */
export function Compared({ id, name, comparison, comparing }: Props) {
  if (comparison) {
    return (
      <div className="flex flex-wrap items-center gap-x-2">
        <span
          className={`flex items-center gap-1 ${comparison.agrees ? "text-soft" : "font-bold text-brick"}`}
        >
          {comparison.agrees ? (
            <Check size={18} aria-hidden="true" />
          ) : (
            <TriangleAlert size={18} aria-hidden="true" />
          )}
          {comparison.agrees ? "Compared" : "Differs: not used"}, {formatDate(comparison.on)}, {comparison.by}
        </span>
        <Button
          size="small"
          look="quiet"
          disabled={comparing.busy}
          aria-label={`Take back: ${name}`}
          onClick={() => comparing.forget(id)}
        >
          Take back
        </Button>
      </div>
    );
  }
  return comparing.ready ? (
    <div className="flex gap-2">
      <Button
        size="small"
        disabled={comparing.busy}
        aria-label={`Agrees: ${name}`}
        onClick={() => comparing.compare(id, true)}
      >
        Agrees
      </Button>
      <Button
        size="small"
        look="loss"
        disabled={comparing.busy}
        aria-label={`Differs: ${name}`}
        onClick={() => comparing.compare(id, false)}
      >
        Differs
      </Button>
    </div>
  ) : (
    <span className="text-soft">Not compared yet</span>
  );
}
