import { Link } from "@tanstack/react-router";
import { NotebookPen } from "lucide-react";
import { Card, Empty, LinkButton, Loading, Place, ProblemNote, Tag } from "@/kit";
import { countJars, formatDate } from "@/quantity";
import { VerdictTag } from "@/ruling";
import { stageWord } from "@/stove";
import { type BatchEntry, useBatches } from "./useBatches";

/** What happened to every batch. */
export function LogbookPlace() {
  const batches = useBatches();
  return (
    <Place
      title="Logbook"
      lead={batches.data && batches.data.length > 0 ? "Every batch, the newest first" : undefined}
    >
      <ProblemNote error={batches.error} retry={() => batches.refetch()} />
      {batches.isPending && !batches.error && <Loading />}
      {batches.data?.length === 0 && (
        <Empty
          picture={<NotebookPen size={60} strokeWidth={1.5} />}
          title="Nothing written yet"
          action={
            <LinkButton to="/plan" look="main">
              Plan jars
            </LinkButton>
          }
        >
          A batch writes itself down from the moment it goes to the stove: every step, every reading, every
          seal.
        </Empty>
      )}
      {batches.data && batches.data.length > 0 && (
        <Card label="Batches" className="p-0!">
          <ul>
            {batches.data.map((batch) => (
              <Row key={batch.id} batch={batch} />
            ))}
          </ul>
        </Card>
      )}
    </Place>
  );
}

function Row({ batch }: { readonly batch: BatchEntry }) {
  return (
    <li className="border-b border-line last:border-0">
      <Link
        to="/logbook/$id"
        params={{ id: String(batch.id) }}
        className="grid min-h-19 grid-cols-1 items-center gap-x-5 gap-y-1 px-5 py-3 hover:bg-steam md:grid-cols-[minmax(0,1fr)_13rem_15rem]"
      >
        <span>
          <span className="block text-lg font-bold">{batch.title}</span>
          <span className="block text-soft">
            {formatDate(batch.madeAt)} · {countJars(batch.jars)} · {batch.cannerName} · {batch.minutes} min
          </span>
        </span>
        <span>{batch.verdict === "own-judgement" && <VerdictTag verdict={batch.verdict} short />}</span>
        <span className="md:text-right">
          <strong className="block">{stateWords(batch)}</strong>
          {batch.deviations > 0 && (
            <Tag tone="brick">
              {batch.deviations === 1 ? "one deviation" : `${batch.deviations} deviations`}
            </Tag>
          )}
        </span>
      </Link>
    </li>
  );
}

function stateWords(batch: BatchEntry): string {
  const total = batch.jars.reduce((sum, group) => sum + group.count, 0);
  if (batch.stages.every((stage) => stage === "done")) {
    return `${total} in, ${batch.sealed} sealed`;
  }
  return [...new Set(batch.stages)].map(stageWord).join(", ");
}
