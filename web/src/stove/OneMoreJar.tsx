import { useMutation, useQuery } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { useChanged } from "@/api/useChanged";
import { Button, ProblemNote } from "@/kit";
import { formatTime, jarWord } from "@/quantity";
import { hear, type Run } from "./live";
import { cookName } from "./useOutbox";

type OneMore = Omit<Schemas["OneMoreJarRequest"], "jars" | "by">;

/** A jar more than was planned: of the load's own food, or one that another load left for this one. */
export function OneMoreJar({ run }: { readonly run: Run }) {
  const changed = useChanged("runs");
  const room = useQuery({
    queryKey: keys.room(run.id, run.jarTotal),
    queryFn: () => body(api.GET("/api/runs/{id}/room", { params: { path: { id: run.id } } })),
  });
  const [choosing, setChoosing] = useState(false);
  const add = useMutation({
    mutationFn: (which: OneMore) =>
      body(
        api.POST("/api/runs/{id}/jars", {
          params: { path: { id: run.id } },
          body: { ...which, jars: run.jarTotal, by: cookName() },
        }),
      ),
    onSuccess: (told) => {
      setChoosing(false);
      hear(told);
    },
    // Taken or refused: what other loads have left is asked for again.
    onSettled: () => changed(),
  });
  const left = room.data?.waiting ?? [];
  const kinds = kindsOf(run).filter((kind) => room.data?.groups.includes(kind.group));
  const [only] = kinds;
  if (left.length === 0 && kinds.length === 0) {
    return null;
  }
  return (
    <div className="mt-2 flex flex-col items-start gap-2">
      {left.map((jar) => (
        <div
          key={`${jar.runId}/${jar.jar}`}
          className="flex w-full flex-wrap items-center gap-x-3 gap-y-1 rounded-field bg-steam px-3 py-2"
        >
          <p className="min-w-40 flex-1">
            <strong>
              1 {jarWord(jar.size, 1)} of {jar.title}
            </strong>{" "}
            was left for the next load at {formatTime(jar.since)}.
          </p>
          <Button
            disabled={add.isPending}
            onClick={() => add.mutate({ fromRun: jar.runId, fromJar: jar.jar })}
          >
            Put it in here
          </Button>
        </div>
      ))}
      {choosing ? (
        <fieldset className="flex flex-wrap gap-2">
          <legend className="mb-1 font-semibold">One more of which?</legend>
          {kinds.map((kind) => (
            <Button
              key={kind.group}
              disabled={add.isPending}
              onClick={() => add.mutate({ group: kind.group })}
            >
              {kind.text}
            </Button>
          ))}
          <Button look="quiet" onClick={() => setChoosing(false)}>
            Back
          </Button>
        </fieldset>
      ) : only === undefined ? null : (
        <Button
          look="quiet"
          icon={<Plus size={20} />}
          disabled={add.isPending}
          onClick={() => (kinds.length === 1 ? add.mutate({ group: only.group }) : setChoosing(true))}
        >
          One more jar
        </Button>
      )}
      <ProblemNote error={add.error} />
    </div>
  );
}

/** The kinds of jar in a load: 'pint of Bean soup, with rosemary'. */
function kindsOf(run: Run): readonly { readonly group: number; readonly text: string }[] {
  const several = new Set(run.jarTitles).size > 1;
  return run.jars.map((jar, group) => ({
    group,
    text: `${jarWord(jar.size, 1)}${several ? ` of ${run.jarTitles[group] ?? run.title}` : ""}${jar.mouth === "wide" && run.jars.some((other) => other.size === jar.size && other.mouth !== "wide") ? ", wide" : ""}`,
  }));
}
