import { CalendarCheck2, Plus } from "lucide-react";
import { awaited } from "@/api/awaited";
import { ShelfJar } from "@/jars";
import { Card, LinkButton, PageFrame, ProblemNote, Tag } from "@/kit";
import { useAutomaticBackups, useKitchen } from "@/kitchen";
import { OutsideList } from "@/logbook";
import { TodaysDay } from "@/plan";
import { usePractice } from "@/practice";
import { countJars, formatClock, formatDateTime, formatToday, instantOf, jarWord } from "@/quantity";
import { Link } from "@/routing";
import { type Lot, type Need, useHolds, useJarColours, useNeeds, useShelf } from "@/shelf";
import { jarsInside, KeptTaps, type Run, runNow, stageLabel, useRunNow, useRuns } from "@/stove";
import { FirstMinute } from "./FirstMinute";

/** Stages in which everything happens by itself. */
const WAITING: ReadonlySet<string> = new Set(["cooling", "settling"]);

/** What needs me now, and next? */
export function TodayPage() {
  const runs = useRuns();
  const shelf = useShelf();
  const kitchen = useKitchen();
  const holds = useHolds();
  const needs = useNeeds();
  // What stands further down comes when all above it is there: nothing is pushed away from under a finger.
  const settled = (runs.data || runs.offline) && !awaited(shelf, kitchen, holds, needs);
  const now = useRunNow(runs.data?.[0]);
  const open = runs.data ?? [];
  const resting = open.filter((run) => !run.atTheStove && run.stage !== "abandoned");
  const undecided = open.filter((run) => run.awaitsDecision);
  const stove = open.filter((run) => run.atTheStove);
  return (
    <PageFrame
      title="Today"
      lead={formatToday(
        // The kitchen's own day, which near midnight or on a wrongly set tablet is not the device's.
        shelf.data ? instantOf(Date.parse(`${shelf.data.today}T12:00Z`)) : now,
      )}
      actions={
        <>
          <LinkButton to="/recipes/:id" params={{ id: "new" }} icon={<Plus size={20} />}>
            New recipe
          </LinkButton>
          <LinkButton to="/plan" look="main" icon={<CalendarCheck2 size={20} />}>
            Plan jars
          </LinkButton>
        </>
      }
    >
      <KeptTaps />
      <ProblemNote error={shelf.error ?? kitchen.error} retry={() => shelf.refetch()} />
      {kitchen.data && <FirstMinute kitchen={kitchen.data} />}
      {undecided.length > 0 && <Undecided runs={undecided} />}
      <OutsideList />
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <Card label="On the stove">
          <h2 className="text-lg font-bold">On the stove</h2>
          {!runs.data ? (
            <Unknown offline={runs.offline} />
          ) : stove.length === 0 ? (
            <p className="mt-1 text-soft">Nothing. The canner is free.</p>
          ) : (
            <ul>
              {stove.map((run) => (
                <StoveRow key={run.id} run={run} now={runNow(run)} />
              ))}
            </ul>
          )}
        </Card>
        <Card label="Seal checks">
          <h2 className="text-lg font-bold">Seal checks</h2>
          {!runs.data ? (
            <Unknown offline={runs.offline} />
          ) : resting.length === 0 ? (
            <p className="mt-1 text-soft">No jars are waiting for theirs.</p>
          ) : (
            <ul>
              {resting.map((run) => (
                <RestRow key={run.id} run={run} now={runNow(run)} />
              ))}
            </ul>
          )}
        </Card>
      </div>
      {settled && (
        <>
          {stove.some((run) => WAITING.has(run.stage)) && <MeanwhileDrill />}
          {shelf.data && <TodaysDay today={shelf.data.today} />}
          <Due />
          <EatFirst lots={(shelf.data?.lots ?? []).filter((lot) => lot.jars > 0 && lot.holds.length === 0)} />
        </>
      )}
    </PageFrame>
  );
}

/** Not the same as nothing: the canner may be on the heat. */
function Unknown({ offline }: { readonly offline: boolean }) {
  return (
    <p className="mt-1 text-soft">
      {offline ? "Not known while the kitchen's server cannot be reached." : "One moment …"}
    </p>
  );
}

/** Jars that were not processed wait for a word, and not for ever. */
function Undecided({ runs }: { readonly runs: readonly Run[] }) {
  return (
    <Card label="Waiting for a decision" tone="brick">
      <h2 className="text-lg font-bold">Waiting for a decision</h2>
      <ul>
        {runs.map((run) => (
          <li
            key={run.id}
            className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-line py-2 last:border-0"
          >
            <span className="min-w-0 flex-1">
              <strong>
                {run.title}, {countJars(jarsInside(run))}: not processed
              </strong>
              <span className="block text-soft">
                Next try, refrigerator or freezer: by {formatDateTime(run.decideBy ?? run.now)}
              </span>
            </span>
            <LinkButton to="/stove" look="main">
              Decide
            </LinkButton>
          </li>
        ))}
      </ul>
    </Card>
  );
}

/** What else wants somebody: lots on hold, a gauge test, what runs low. */
function Due() {
  const kitchen = useKitchen();
  const holds = useHolds();
  const needs = useNeeds();
  const held = new Set((holds.data ?? []).map((hold) => hold.lot)).size;
  const low = (needs.data?.dishes ?? []).filter((need) => need.loads > 0).slice(0, 3);
  const care = (kitchen.data?.canners ?? []).flatMap((canner) =>
    canner.due.map((words) => ({ canner: canner.name, words })),
  );
  const backup = useAutomaticBackups().data;
  // A kitchen that is just being set up makes its first one in a moment.
  const backups = backup?.newest || backup?.problem || kitchen.data?.altitudeFt != null ? backup : undefined;
  if (held === 0 && low.length === 0 && care.length === 0 && !backups?.old) {
    return null;
  }
  return (
    <Card label="Also waiting">
      <h2 className="text-lg font-bold">Also waiting</h2>
      <ul>
        {backups?.old && (
          <DueRow
            to="/kitchen"
            what={backups.newest ? "The last backup is old" : "There is no backup"}
            detail={
              backups.problem ??
              (backups.newest ? `Made ${formatDateTime(backups.newest)}` : "None was made by itself yet")
            }
            act="To the kitchen"
          />
        )}
        {held > 0 && (
          <DueRow
            to="/shelf"
            what={held === 1 ? "One lot is on hold" : `${held} lots are on hold`}
            detail={`Nobody is to use ${held === 1 ? "it" : "them"} until somebody has looked into it`}
            act="Look into it"
          />
        )}
        {care.map(({ canner, words }) => (
          <DueRow
            key={`${canner}/${words}`}
            to="/kitchen"
            what={canner}
            detail={words}
            act="To the kitchen"
          />
        ))}
        {low.map((need) => (
          <DueRow
            key={need.recipeId}
            to="/shelf"
            what={`${need.title} runs low`}
            detail={lowWords(need)}
            act="To the shelf"
          />
        ))}
      </ul>
    </Card>
  );
}

function lowWords(need: Need): string {
  return `${need.jars} of ${need.target} wanted; ${need.loads === 1 ? "one load" : `${need.loads} loads`} of ${need.perLoad} ${jarWord(need.size, need.perLoad)} would do`;
}

interface DueRowProps {
  readonly to: "/shelf" | "/kitchen";
  readonly what: string;
  readonly detail: string;
  readonly act: string;
}

function DueRow({ to, what, detail, act }: DueRowProps) {
  return (
    <li className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-line py-2 last:border-0">
      <span className="min-w-0 flex-1">
        <strong>{what}</strong>
        <span className="block text-soft">{detail}</span>
      </span>
      <LinkButton to={to}>{act}</LinkButton>
    </li>
  );
}

/** While a canner cools by itself there are hands with nothing to do. */
function MeanwhileDrill() {
  const practice = usePractice();
  const drill = practice.data?.drills.find((each) => each.code === practice.data?.next);
  if (!drill) {
    return null;
  }
  return (
    <Card label="Meanwhile" className="flex flex-wrap items-center gap-x-6 gap-y-2">
      <span className="min-w-[min(15rem,100%)] flex-1">
        <strong>Meanwhile: a drill of {drill.minutes} minutes</strong>
        <span className="block text-soft">{drill.title}</span>
      </span>
      <LinkButton to="/practice/drills/:code" params={{ code: drill.code }}>
        Begin
      </LinkButton>
    </Card>
  );
}

function StoveRow({ run, now }: { readonly run: Run; readonly now: number }) {
  const left = run.clockEndsAt == null ? undefined : Date.parse(run.clockEndsAt) - now;
  return (
    <li className="border-b border-line last:border-0">
      <Link to="/stove" className="flex flex-wrap items-center gap-x-5 gap-y-1 py-3">
        <span className="min-w-0 flex-1">
          <span className="block text-lg font-semibold">{run.title}</span>
          <span className="block text-soft">
            {countJars(run.jars)} in {run.cannerName}
          </span>
        </span>
        {left !== undefined && (
          <span className={`digits text-4xl font-bold ${run.stage === "holding" ? "text-copper" : ""}`}>
            {formatClock(left)}
          </span>
        )}
        {run.simulated && <Tag tone="ink">Practice device</Tag>}
        <Tag tone={run.stage === "holding" ? "copper" : "ink"}>{stageLabel(run.stage)}</Tag>
      </Link>
    </li>
  );
}

function RestRow({ run, now }: { readonly run: Run; readonly now: number }) {
  const ready = run.checkFrom != null && now >= Date.parse(run.checkFrom);
  return (
    <li className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-line py-3 last:border-0">
      <span className="min-w-0 flex-1">
        <span className="flex flex-wrap items-center gap-x-3 text-lg font-semibold">
          {run.title}
          {run.simulated && <Tag tone="ink">Practice device</Tag>}
        </span>
        <span className="block text-soft">
          {countJars(jarsInside(run))},{" "}
          {run.unsettled.length > 0
            ? `${run.unsettled.length} not sealed: decide by ${formatDateTime(run.decideBy ?? run.now)}`
            : ready
              ? `due by ${formatDateTime(run.checkBy ?? run.now)}`
              : `from ${formatDateTime(run.checkFrom ?? run.now)}`}
        </span>
      </span>
      <LinkButton to="/seals/:id" params={{ id: String(run.id) }} look={ready ? "main" : "plain"}>
        {run.unsettled.length > 0 ? "Decide" : ready ? "Check the seals" : "Resting"}
      </LinkButton>
    </li>
  );
}

/** The oldest lots: what to open first. */
function EatFirst({ lots }: { readonly lots: readonly Lot[] }) {
  const colours = useJarColours();
  if (lots.length === 0) {
    return null;
  }
  const jars = lots.reduce((sum, lot) => sum + lot.jars, 0);
  return (
    <Card label="Open first">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-lg font-bold">Open first</h2>
        <Link to="/shelf" className="inline-flex min-h-11 items-center font-bold text-primary underline">
          {jars} jars to choose from
        </Link>
      </div>
      <ul className="mt-3 grid gap-x-8 gap-y-4 sm:grid-cols-2 xl:grid-cols-3">
        {lots.slice(0, 6).map((lot) => (
          <li key={lot.code} className="flex items-end gap-4">
            <span className="border-b-4 border-[#c9ae86] px-1">
              <ShelfJar size={lot.size} mouth={lot.mouth} colour={colours(lot.batchId)} height={84} />
            </span>
            <span className="min-w-0">
              <span className="block leading-snug font-semibold">{lot.title}</span>
              <span className="block text-soft">
                {lot.code} · {lot.jars} {jarWord(lot.size, lot.jars)}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </Card>
  );
}
