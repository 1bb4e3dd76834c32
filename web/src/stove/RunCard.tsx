import { useEffect, useState } from "react";
import { LoadPicture } from "@/jars";
import { Button, Card, Fold, ProblemNote, Tag } from "@/kit";
import { countJars, formatClock, formatTime } from "@/quantity";
import { EventList } from "./EventList";
import { OtherReading } from "./OtherReading";
import { SteamPictures } from "./SteamPictures";
import { type Face, type StageView, type Step, stageView } from "./stages";
import { Trace } from "./Trace";
import { type Run, type Tell, useTell, waitOf } from "./useRuns";
import { stageWord } from "./words";

interface Props {
  readonly run: Run;
  readonly now: number;
  /** Whether it has the screen to itself. */
  readonly alone: boolean;
}

/** One canner: its clock, what to do this minute, the picture, and two or three large buttons. */
export function RunCard({ run, now, alone }: Props) {
  const view = stageView(run, now);
  const tell = useTell(run);
  const wait = waitOf(tell.error);
  const lost = run.stage === "rising" && run.deviations.at(-1)?.code === "pressure-lost";
  return (
    <Card
      label={run.cannerName}
      tone={
        lost ? "brick" : view.face.copper ? "copper" : run.verdict === "own-judgement" ? "mustard" : "plain"
      }
      className="flex flex-col gap-3"
    >
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 className="flex-1 text-xl font-bold sm:flex-none">{run.cannerName}</h2>
        <p className="order-last min-w-0 basis-full text-soft sm:order-none sm:flex-1 sm:basis-0">
          {run.title} · {countJars(run.jars)}
        </p>
        <Tag tone={view.face.copper ? "copper" : lost ? "brick" : "ink"}>{stageWord(run.stage)}</Tag>
      </div>
      <div
        className={
          alone
            ? "grid items-center gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]"
            : "flex flex-col gap-3"
        }
      >
        <div>
          <ClockFace face={view.face} now={now} alone={alone} />
          <p className="mt-2 text-xl leading-snug">{view.now}</p>
          <p className="mt-2 text-soft">{view.next}</p>
        </div>
        <Picture view={view} run={run} now={now} alone={alone} />
      </div>
      <ProblemNote error={tell.error} more={wait === undefined ? undefined : `Still ${formatClock(wait)}.`} />
      <Buttons
        view={view}
        run={run}
        now={now}
        alone={alone}
        busy={tell.isPending}
        onTell={(event) => tell.mutate(event)}
      />
      <More run={run} busy={tell.isPending} onTell={(event) => tell.mutate(event)} />
    </Card>
  );
}

function ClockFace({
  face,
  now,
  alone,
}: {
  readonly face: Face;
  readonly now: number;
  readonly alone: boolean;
}) {
  const size = alone
    ? "text-[min(12vh,21vw)] lg:text-[max(12vh,min(20vh,11vw))]"
    : "text-[min(12vh,21vw)] lg:text-[12vh]";
  if (face.words !== undefined) {
    return <p className={`font-bold ${alone ? "text-6xl" : "text-5xl"} leading-tight`}>{face.words}</p>;
  }
  if (face.waitingAt !== undefined) {
    return (
      <div role="timer" aria-label="Waiting to begin again" className={`digits font-bold text-soft ${size}`}>
        {formatClock(face.waitingAt)}
      </div>
    );
  }
  const left = face.downTo !== undefined ? face.downTo - now : now - (face.upFrom ?? now);
  // Counting up is rounded down, so that it never shows a second that has not passed.
  const shown = face.downTo !== undefined ? formatClock(left) : formatClock(Math.floor(left / 1000) * 1000);
  return (
    <div
      role="timer"
      aria-label={face.downTo !== undefined ? "Time left" : "Time since"}
      className={`digits font-bold ${size} ${face.copper ? "text-copper" : face.downTo === undefined ? "text-soft" : ""}`}
    >
      {shown}
    </div>
  );
}

function Picture({
  view,
  run,
  now,
  alone,
}: {
  readonly view: StageView;
  readonly run: Run;
  readonly now: number;
  readonly alone: boolean;
}) {
  switch (view.picture) {
    case "trace":
      return <Trace run={run} now={now} height={alone ? 330 : 230} />;
    case "steam":
      return <SteamPictures steady={run.stage === "venting"} />;
    case "load":
    case "checks":
      return <LoadPicture jars={run.jars} className="mx-auto h-52" />;
  }
}

interface ButtonsProps {
  readonly view: StageView;
  readonly run: Run;
  readonly now: number;
  readonly alone: boolean;
  readonly busy: boolean;
  readonly onTell: (event: Tell) => void;
}

function Buttons({ view, run, now, alone, busy, onTell }: ButtonsProps) {
  const [other, setOther] = useState<number | undefined>();
  const [sure, setSure] = useState<Step | undefined>();
  const stage = run.stage;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was open belongs to the stage it was opened in
  useEffect(() => {
    setOther(undefined);
    setSure(undefined);
  }, [stage]);
  const reads = run.gauge === "dial" && (stage === "rising" || (stage === "holding" && !run.holdComplete));
  if (sure) {
    return (
      <div className="flex flex-col gap-3">
        <p className="text-lg font-semibold">{sure.confirm}</p>
        <div className="flex gap-3">
          <Button
            size="stove"
            look="loss"
            className="flex-1"
            disabled={busy}
            onClick={() => onTell(sure.tell)}
          >
            Yes: {sure.text.toLowerCase()}
          </Button>
          <Button size="stove" onClick={() => setSure(undefined)}>
            Back
          </Button>
        </div>
      </div>
    );
  }
  if (other !== undefined && reads) {
    return (
      <OtherReading
        run={run}
        from={other}
        busy={busy}
        onTell={(event) => {
          onTell(event);
          setOther(undefined);
        }}
        onClose={() => setOther(undefined)}
      />
    );
  }
  return (
    <div className="flex flex-wrap gap-3">
      {view.steps.map((step) => {
        const early = step.from !== undefined && now < step.from;
        return (
          <Button
            key={step.text}
            size="stove"
            look={step.look === "main" && early ? "plain" : step.look}
            className={
              step.look !== "main" ? "flex-1" : alone ? "basis-full sm:flex-[3] sm:basis-0" : "basis-full"
            }
            disabled={busy || early}
            onClick={() => (step.confirm ? setSure(step) : onTell(step.tell))}
          >
            {early && step.from ? `${step.text} at ${formatTime(step.from)}` : step.text}
          </Button>
        );
      })}
      {reads && (
        <Button
          size="stove"
          className="flex-1"
          onClick={() => setOther(run.lastReading?.psi ?? run.targetPsi)}
        >
          Other reading
        </Button>
      )}
      {reads && stage === "holding" && (
        <Button size="stove" look="loss" className="flex-1" onClick={() => setOther(run.targetPsi - 0.5)}>
          It dropped
        </Button>
      )}
    </div>
  );
}

/** Notes, the record so far, and the ways out: folded away, for nobody needs them this minute. */
function More({
  run,
  busy,
  onTell,
}: {
  readonly run: Run;
  readonly busy: boolean;
  readonly onTell: (event: Tell) => void;
}) {
  const [note, setNote] = useState("");
  const [leaving, setLeaving] = useState(false);
  const early = (run.stage === "rising" || run.stage === "holding") && !run.holdComplete;
  return (
    <Fold
      title={`Notes, the record, and stopping (${run.events.length} written down)`}
      className="border-t border-line pt-1"
    >
      <div className="flex flex-col gap-4 py-2">
        <form
          className="flex gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (note.trim()) {
              onTell({ type: "note", note: note.trim() });
              setNote("");
            }
          }}
        >
          <input
            className="input min-h-12 flex-1"
            aria-label="A note"
            placeholder="A note: burner at 4 holds it"
            maxLength={1000}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
          <Button type="submit" disabled={busy || !note.trim()}>
            Keep
          </Button>
        </form>
        <EventList run={run} />
        {leaving ? (
          <div className="flex flex-col gap-3 rounded-field bg-brick-wash p-4">
            <p className="font-semibold">
              {early ? "Stop before its time?" : "Give this run up?"} Then these jars are not processed:
              refrigerate and eat them within a few days, freeze them, or process them again with new lids for
              the full time within 24 hours.
            </p>
            <div className="flex gap-3">
              <Button
                look="loss"
                disabled={busy}
                onClick={() => onTell({ type: early ? "stop-early" : "abandon" })}
              >
                Yes, stop
              </Button>
              <Button onClick={() => setLeaving(false)}>Back</Button>
            </div>
          </div>
        ) : (
          run.stage !== "opened" &&
          !run.holdComplete && (
            <div>
              <Button look="loss" onClick={() => setLeaving(true)}>
                {early ? "Stop before its time" : "Give this run up"}
              </Button>
            </div>
          )
        )}
      </div>
    </Fold>
  );
}
