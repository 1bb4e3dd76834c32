import { Link } from "@tanstack/react-router";
import { Flame } from "lucide-react";
import { Card, Empty, LinkButton, Loading, Place, ProblemNote } from "@/kit";
import { countJars, formatClock, formatDateTime } from "@/quantity";
import { RunCard } from "./RunCard";
import { type Run, useRuns } from "./useRuns";
import { useServerNow } from "./useServerNow";
import { stageWord } from "./words";

/** What to do this minute. Nothing else. */
export function StovePlace() {
  const runs = useRuns();
  const now = useServerNow(runs.data?.[0]?.now);
  const open = runs.data ?? [];
  const here = open.filter((run) => run.atTheStove);
  const live = firstOfEachCanner(here).sort((one, other) => endOf(one) - endOf(other));
  const waiting = here.filter((run) => !live.includes(run));
  const resting = open.filter((run) => !run.atTheStove);
  return (
    <Place
      title={live.length > 0 ? "On the stove" : "Stove"}
      lead={live[0] ? nextWords(live[0], now) : undefined}
    >
      <ProblemNote error={runs.failureReason ?? runs.error} retry={() => runs.refetch()} />
      {runs.isPending && !runs.failureReason && <Loading />}
      {runs.data && live.length === 0 && (
        <Empty
          picture={<Flame size={60} strokeWidth={1.5} />}
          title="Nothing on the stove"
          action={
            <LinkButton to="/plan" look="main">
              Plan jars
            </LinkButton>
          }
        >
          Pick a recipe, count the jars, and take them to the stove: the clock, the steps and the record are
          kept here.
        </Empty>
      )}
      {live.length > 0 && (
        <div className={live.length > 1 ? "grid items-start gap-4 lg:grid-cols-2" : ""}>
          {live.map((run) => (
            <RunCard key={run.id} run={run} now={now} alone={live.length === 1} />
          ))}
        </div>
      )}
      {waiting.length > 0 && (
        <p className="text-soft">
          Then: {waiting.map((run) => `${run.title}, ${countJars(run.jars)} in ${run.cannerName}`).join("; ")}
          .
        </p>
      )}
      {resting.length > 0 && <Resting runs={resting} now={now} />}
    </Place>
  );
}

/** A canner does one thing at a time: what was begun first comes first. */
function firstOfEachCanner(runs: readonly Run[]): Run[] {
  const begun = [...runs].sort(
    (one, other) => Number(other.events.length > 0) - Number(one.events.length > 0) || one.id - other.id,
  );
  return begun.filter((run, index) => begun.findIndex((other) => other.cannerId === run.cannerId) === index);
}

function endOf(run: Run): number {
  return run.clockEndsAt == null ? Number.MAX_SAFE_INTEGER : Date.parse(run.clockEndsAt);
}

function nextWords(run: Run, now: number): string | undefined {
  if (run.clockEndsAt == null) {
    return undefined;
  }
  const left = Date.parse(run.clockEndsAt) - now;
  const what: Record<string, string> = { venting: "weight on", holding: "heat off", settling: "lid off" };
  const word = what[run.stage];
  return word === undefined
    ? undefined
    : left > 0
      ? `Next, in ${formatClock(left)}: ${word}, ${run.cannerName}`
      : `Now: ${word}, ${run.cannerName}`;
}

function Resting({ runs, now }: { readonly runs: readonly Run[]; readonly now: number }) {
  return (
    <Card label="Jars at rest" className="py-3!">
      <ul>
        {runs.map((run) => {
          const open = run.checkFrom != null && now >= Date.parse(run.checkFrom);
          return (
            <li key={run.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
              <span className="min-w-0 flex-1">
                <strong>{run.title}</strong>, {countJars(run.jars)}: {stageWord(run.stage).toLowerCase()}
                {!open &&
                  run.checkFrom != null &&
                  `, seals may be judged from ${formatDateTime(run.checkFrom)}`}
              </span>
              <Link
                to="/seals/$id"
                params={{ id: String(run.id) }}
                className="flex min-h-11 items-center font-bold text-primary underline"
              >
                {open ? "Check the seals" : "Look at the jars"}
              </Link>
            </li>
          );
        })}
      </ul>
    </Card>
  );
}
