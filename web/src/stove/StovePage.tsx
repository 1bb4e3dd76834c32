import { Flame, Volume2, VolumeX } from "lucide-react";
import { useEffect, useState } from "react";
import { Button, Card, Empty, LinkButton, PageFrame, Spinner, useToast } from "@/kit";
import { countJars, formatClock, formatDateTime } from "@/quantity";
import { Link } from "@/routing";
import { GivenUp } from "./GivenUp";
import { KeptTaps } from "./KeptTaps";
import { stageLabel } from "./labels";
import { type Run, runNow } from "./live";
import { RunCard } from "./RunCard";
import { useRuns, useTick } from "./useRuns";
import { letSpeak, speaks } from "./voice";

/** What to do this minute. Nothing else. */
export function StovePage() {
  const { data } = useRuns();
  useTick();
  // Nothing lies over the buttons here.
  const toast = useToast();
  useEffect(() => toast(undefined), [toast]);
  const open = data ?? [];
  const here = open.filter((run) => run.atTheStove);
  // A card keeps its place whatever happens in it: a thumb on its way to a button must not meet another canner's.
  const live = firstOfEachCanner(here).sort((one, other) => one.cannerId - other.cannerId);
  const nearest = [...live].sort((one, other) => nextOf(one) - nextOf(other))[0];
  const waiting = here.filter((run) => !live.includes(run));
  const givenUp = open.filter((run) => run.awaitsDecision);
  const resting = open.filter((run) => !run.atTheStove && run.stage !== "abandoned");
  return (
    <PageFrame
      title={live.length > 0 ? "On the stove" : "Stove"}
      place="Stove"
      lead={nearest && live.length > 1 ? nextWords(nearest) : undefined}
      short
      actions={live.length > 0 && <Aloud />}
    >
      <KeptTaps />
      {data === undefined && <Spinner />}
      {data && live.length === 0 && givenUp.length === 0 && (
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
            <RunCard
              key={run.id}
              run={run}
              alone={live.length === 1}
              nearest={live.length > 1 && run === nearest && nextOf(run) < Number.MAX_SAFE_INTEGER}
            />
          ))}
        </div>
      )}
      {givenUp.map((run) => (
        <GivenUp key={run.id} run={run} now={runNow(run)} />
      ))}
      {waiting.length > 0 && (
        <p className="text-soft">
          Then: {waiting.map((run) => `${run.title}, ${countJars(run.jars)} in ${run.cannerName}`).join("; ")}
          .
        </p>
      )}
      {resting.length > 0 && <Resting runs={resting} />}
    </PageFrame>
  );
}

/** Alarms in words, for whoever stands with the back to the tablet. */
function Aloud() {
  const [on, setOn] = useState(speaks);
  return (
    <Button
      look="quiet"
      size="small"
      aria-pressed={on}
      icon={on ? <Volume2 size={20} /> : <VolumeX size={20} />}
      onClick={() => {
        letSpeak(!on);
        setOn(!on);
      }}
    >
      {on ? (
        <span>
          <span className="max-sm:sr-only">Alarms are </span>said aloud
        </span>
      ) : (
        <span>
          Say <span className="max-sm:sr-only">alarms </span>aloud
        </span>
      )}
    </Button>
  );
}

/** A canner does one thing at a time: what was begun first comes first. */
function firstOfEachCanner(runs: readonly Run[]): Run[] {
  const begun = [...runs].sort(
    (one, other) => Number(other.events.length > 0) - Number(one.events.length > 0) || one.id - other.id,
  );
  return begun.filter((run, index) => begun.findIndex((other) => other.cannerId === run.cannerId) === index);
}

/** How long until something is wanted of the cook: a loss wants it now. */
function nextOf(run: Run): number {
  if (run.lost) {
    return 0;
  }
  return run.clockEndsAt == null
    ? Number.MAX_SAFE_INTEGER
    : Math.max(0, Date.parse(run.clockEndsAt) - runNow(run));
}

function nextWords(run: Run): string | undefined {
  if (run.clockEndsAt == null) {
    return undefined;
  }
  const left = Date.parse(run.clockEndsAt) - runNow(run);
  const what: Record<string, string> = { venting: "weight on", holding: "heat off", settling: "lid off" };
  const word = what[run.stage];
  return word === undefined
    ? undefined
    : left > 0
      ? `Next, in ${formatClock(left)}: ${word}, ${run.cannerName}`
      : `Now: ${word}, ${run.cannerName}`;
}

function Resting({ runs }: { readonly runs: readonly Run[] }) {
  return (
    <Card label="Jars at rest" className="py-3!">
      <ul>
        {runs.map((run) => {
          const open = run.checkFrom != null && runNow(run) >= Date.parse(run.checkFrom);
          return (
            <li key={run.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
              <span className="min-w-0 flex-1">
                <strong>{run.title}</strong>, {countJars(run.jars)}: {stageLabel(run.stage).toLowerCase()}
                {!open &&
                  run.checkFrom != null &&
                  `, seals may be judged from ${formatDateTime(run.checkFrom)}`}
                {run.heldFor.length > 0 && ". On hold: these jars are not to be used until it is looked into"}
              </span>
              <Link
                to="/seals/:id"
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
