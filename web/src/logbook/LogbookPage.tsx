import { NotebookPen, Search } from "lucide-react";
import { useDeferredValue, useState } from "react";
import { awaited } from "@/api/awaited";
import { Button, Card, Empty, LinkButton, PageFrame, ProblemNote, Spinner, Tag } from "@/kit";
import { useKitchen } from "@/kitchen";
import { countJars, formatDate } from "@/quantity";
import { Link } from "@/routing";
import { VerdictTag } from "@/ruling";
import { stageLabel } from "@/stove";
import { Compare } from "./Compare";
import { HowItGoes } from "./HowItGoes";
import { OutsideList } from "./OutsideList";
import { type BatchEntry, useBatches } from "./useBatches";

/** What happened to every batch. */
export function LogbookPage() {
  const kitchen = useKitchen();
  const [words, setWords] = useState("");
  const [canner, setCanner] = useState(0);
  const [verdict, setVerdict] = useState("");
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const q = useDeferredValue(words.trim());
  const batches = useBatches({ q, canner, verdict });
  const total = batches.data?.pages[0]?.total ?? 0;
  const entries = batches.data?.pages.flatMap((page) => page.batches) ?? [];
  const everything = q === "" && canner === 0 && verdict === "";
  const choose = (id: number) =>
    setChosen(chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id].slice(-2));
  return (
    <PageFrame
      title="Logbook"
      lead={
        total > 0
          ? `${total} ${total === 1 ? "batch" : "batches"}, the newest first`
          : batches.isPending
            ? "\u00a0"
            : undefined
      }
      actions={<LinkButton to="/logbook/outside">I did it like this</LinkButton>}
    >
      <ProblemNote error={batches.error} retry={() => batches.refetch()} />
      {batches.isPending && !batches.error && <Spinner />}
      <OutsideList />
      {batches.data && everything && total === 0 && (
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
      {batches.data && (total > 0 || !everything) && (
        <div className="flex flex-wrap items-center gap-3">
          <label className="input min-h-12 w-full max-w-96">
            <Search size={20} className="text-soft" aria-hidden="true" />
            <input
              type="search"
              maxLength={80}
              aria-label="Search the logbook"
              placeholder="Dish, lot or a word of a note"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          <select
            aria-label="Canner"
            className="select min-h-12 w-auto"
            value={canner}
            onChange={(event) => setCanner(Number(event.target.value))}
          >
            <option value={0}>All canners</option>
            {kitchen.data?.canners.map((each) => (
              <option key={each.id} value={each.id}>
                {each.name}
              </option>
            ))}
          </select>
          <select
            aria-label="Verdict"
            className="select min-h-12 w-auto"
            value={verdict}
            onChange={(event) => setVerdict(event.target.value)}
          >
            <option value="">Any verdict</option>
            <option value="covered">Covered</option>
            <option value="own-judgement">Own judgement</option>
          </select>
          {total > 1 && chosen.length < 2 && (
            <span className="text-soft">
              {chosen.length === 1 ? "Tick another one to compare the two." : "Tick two to compare them."}
            </span>
          )}
        </div>
      )}
      {chosen.length === 2 && <Compare ids={chosen} onClose={() => setChosen([])} />}
      {entries.length > 0 && (
        <Card label="Batches" className="p-0!">
          <ul>
            {entries.map((batch) => (
              <Row
                key={batch.id}
                batch={batch}
                chosen={chosen.includes(batch.id)}
                onChoose={() => choose(batch.id)}
              />
            ))}
          </ul>
        </Card>
      )}
      {everything && !awaited(batches) && <HowItGoes />}
      {batches.data && !everything && total === 0 && <p className="text-soft">No batch matches that.</p>}
      {batches.hasNextPage && (
        <Button
          className="self-center"
          disabled={batches.isFetchingNextPage}
          onClick={() => batches.fetchNextPage()}
        >
          {total - entries.length} earlier
        </Button>
      )}
    </PageFrame>
  );
}

interface RowProps {
  readonly batch: BatchEntry;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}

function Row({ batch, chosen, onChoose }: RowProps) {
  return (
    <li className="flex items-center border-b border-line last:border-0">
      <label className="flex min-h-19 items-center self-stretch pl-5">
        <input
          type="checkbox"
          className="checkbox"
          aria-label={`Compare ${batch.title}, ${formatDate(batch.madeAt)}`}
          checked={chosen}
          onChange={onChoose}
        />
      </label>
      <Link
        to="/logbook/:id"
        params={{ id: String(batch.id) }}
        className="grid min-h-19 flex-1 grid-cols-1 items-center gap-x-5 gap-y-1 px-5 py-3 hover:bg-steam md:grid-cols-[minmax(0,1fr)_13rem_15rem]"
      >
        <span>
          <span className="block text-lg font-bold">{batch.title}</span>
          <span className="block text-soft">
            {formatDate(batch.madeAt)} · {countJars(batch.jars)} · {batch.cannerName} · {batch.minutes} min
          </span>
        </span>
        <span className="flex flex-wrap gap-2">
          {batch.practice && <Tag tone="ink">Practice device</Tag>}
          {batch.verdict === "own-judgement" && <VerdictTag verdict={batch.verdict} short />}
        </span>
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
  return [...new Set(batch.stages)].map(stageLabel).join(", ");
}
