import { Camera, Ear } from "lucide-react";
import { useRef, useState } from "react";
import { LoadPicture } from "@/jars";
import { Button, Card, Panel, ProblemNote, Tag } from "@/kit";
import { useKitchen } from "@/kitchen";
import { ListenPanel, ListenStrip, useListening } from "@/listen";
import { LookPanel, LookStrip, useLooking } from "@/look";
import { countJars, formatClock, formatDateTime, formatSpan, formatTime } from "@/quantity";
import { Away } from "./Away";
import { Burner } from "./Burner";
import { Calm } from "./Calm";
import { Checks } from "./Checks";
import { Clock } from "./Clock";
import { Happened } from "./Happened";
import { LoadingStage } from "./LoadingStage";
import { eventLabel, stageLabel } from "./labels";
import { type EventRequest, type Run, runNow, type Simulation, useLive } from "./live";
import { Mark } from "./Mark";
import { NoPressure } from "./NoPressure";
import { Outlook } from "./Outlook";
import { PagePractices } from "./PagePractices";
import { Record } from "./Record";
import { StandsOn } from "./StandsOn";
import { SteamPictures } from "./SteamPictures";
import { Steps } from "./Steps";
import { withUntestedDial } from "./setbacks";
import type { StageView } from "./stageParts";
import { stageView } from "./stages";
import { Trace } from "./Trace";
import { useNextTry } from "./useNextTry";
import { firstOf, useRecordEvent, useTaps, waitOf } from "./useOutbox";
import { useStepKeys } from "./useStepKeys";
import { Watch } from "./Watch";
import { WaterGauge } from "./WaterGauge";
import { ZeroSigns } from "./ZeroSigns";

interface Props {
  readonly run: Run;
  /** Whether it has the screen to itself. */
  readonly alone: boolean;
  /** Whether of several canners this one wants somebody first. */
  readonly nearest?: boolean;
}

/** Until the pressure holds there is time to say where the canner stands. */
const BEFORE_HOLD = new Set(["checks", "loading", "heating", "venting"]);

/** In these there is steam or a weight to be heard. */
const LISTENED_TO = new Set(["heating", "venting", "rising", "holding"]);

/** One canner: its clock, what to do this minute, the picture, and two or three large buttons. */
export function RunCard({ run, alone, nearest = false }: Props) {
  const now = runNow(run);
  const canner = useKitchen().data?.canners.find(({ id }) => id === run.cannerId);
  const untested =
    run.stage === "checks" && run.gauge === "dial" && canner !== undefined && canner.testedOn == null;
  const plain = stageView(run, now);
  const view = untested ? withUntestedDial(plain, run) : plain;
  const live = useLive();
  const simulation = live.simulations.get(run.id);
  const recording = useRecordEvent(run);
  const again = useNextTry(run);
  const steps = useRef<HTMLDivElement>(null);
  const firstStep = () => steps.current?.querySelector<HTMLElement>("button:not(:disabled)");
  useStepKeys(steps, alone);
  const [away, setAway] = useState(false);
  const [happened, setHappened] = useState(false);
  const [hearing, setHearing] = useState(false);
  const mayListen = LISTENED_TO.has(run.stage) && !run.simulated && !run.holdComplete;
  const listens = useListening()?.runId === run.id;
  const [seeing, setSeeing] = useState(false);
  const mayLook = mayListen && run.gauge === "dial";
  const looks = useLooking()?.runId === run.id;
  const say = async (...events: EventRequest[]) => {
    setAway(false);
    setHappened(false);
    for (const event of events) {
      await recording.record(event).catch(() => undefined);
    }
  };
  const unconfirmed = useTaps().some((tap) => tap.runId === run.id && tap.kept && !tap.refused);
  return (
    <Card
      label={run.cannerName}
      tone={
        run.lost
          ? "brick"
          : view.face.copper && run.askedSince == null
            ? "copper"
            : run.verdict === "own-judgement" || run.askedSince != null
              ? "mustard"
              : "plain"
      }
      // Wet hands: nothing at the stove is smaller than a thumb.
      className="flex flex-col gap-3 [&_.btn]:min-h-14"
    >
      <div>
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <h2 className="min-w-26 flex-1 text-xl font-bold">{run.cannerName}</h2>
          {nearest && <Tag tone="copper">Next</Tag>}
          <Watch run={run} onEvent={say} />
          {run.simulated && <Tag tone="ink">{`Practice device, ${run.pace}×`}</Tag>}
          {unconfirmed && <Tag tone="mustard">Not written down yet</Tag>}
          <Tag tone={view.face.copper ? "copper" : run.lost ? "brick" : "ink"}>{stageLabel(run.stage)}</Tag>
        </div>
        <p className="text-soft">
          {run.title} · {countJars(run.jars)}
        </p>
        <SinceThePlan run={run} />
        <SecondTry run={run} now={now} />
      </div>
      <PagePractices run={run} />
      {/* High up: nobody should have to look for whether a microphone or a camera is on. */}
      <ListenStrip run={run} onEvent={say} />
      <LookStrip run={run} />
      <div className={`grid items-center gap-x-8 gap-y-3 ${alone ? columns(view) : ""}`}>
        <div className="min-w-0">
          <div className="flex flex-wrap items-center gap-x-2 sm:gap-x-6">
            <Clock face={view.face} now={now} alone={alone} />
            {view.mark && !alone && (
              <div className="max-sm:hidden">
                <Mark run={run} needle={simulation?.needlePsi} />
              </div>
            )}
          </div>
          <div className="mt-2 flex items-center gap-x-3">
            {/* What changes here is said by a screen reader too, and nothing else of the card is. */}
            <p aria-live="polite" className="min-w-0 flex-1 text-xl leading-snug">
              {view.now}
            </p>
            {/* On a phone beside the words: beside the clock it would push the buttons down. */}
            {view.mark && (
              <div className="shrink-0 sm:hidden">
                <Mark run={run} needle={simulation?.needlePsi} />
              </div>
            )}
          </div>
          {view.next && <p className="mt-1 text-soft">{view.next}</p>}
          {/* On a phone the buttons come first: nobody should have to look for them. */}
          <div className="mt-2 hidden items-center gap-x-6 sm:flex">
            {alone && view.mark && <Mark run={run} needle={simulation?.needlePsi} wordy />}
            <Outlook run={run} now={now} />
          </div>
          <div className="mt-2 hidden sm:block">
            <WaterGauge run={run} now={now} />
          </div>
        </div>
        <div className={`min-w-0 ${alone ? "lg:order-last lg:col-span-2" : ""}`}>
          {away ? (
            <Panel onClose={() => setAway(false)} back={firstStep}>
              <Away run={run} onEvent={say} onClose={() => setAway(false)} />
            </Panel>
          ) : happened ? (
            <Panel onClose={() => setHappened(false)} back={firstStep}>
              <Happened run={run} onEvent={say} onClose={() => setHappened(false)} />
            </Panel>
          ) : (
            <div ref={steps} className={alone ? "step-keys" : "step-keys in-focus"}>
              <Steps
                view={view}
                run={run}
                now={now}
                alone={alone}
                onEvent={say}
                onAgain={(event) => void say(event).then(() => again.mutate({}))}
              />
            </div>
          )}
          <div className="mt-3 flex flex-col gap-2 sm:hidden">
            <Outlook run={run} now={now} />
            <WaterGauge run={run} now={now} />
          </div>
        </div>
        <div className="min-w-0">
          <Picture view={view} run={run} now={now} alone={alone} simulation={simulation} onEvent={say} />
        </div>
      </div>
      {hearing && mayListen && !listens && <ListenPanel run={run} onClose={() => setHearing(false)} />}
      {seeing && mayLook && !looks && <LookPanel run={run} onClose={() => setSeeing(false)} />}
      {run.dues.some((due) => due.what === "no-pressure" && now >= Date.parse(due.at)) && <NoPressure />}
      <ProblemNote error={recording.error ?? again.error} more={moreWords(recording.error)} />
      <div className="border-t border-line pt-1">
        <div className="flex flex-wrap items-center gap-x-4">
          {run.atTheStove && (view.burner || BEFORE_HOLD.has(run.stage)) && (
            <StandsOn run={run} onEvent={say} />
          )}
          {view.burner && <Burner run={run} onEvent={say} />}
          {!away && !happened && (view.away || run.stage === "opened") && (
            <span className="ml-auto flex flex-wrap">
              {mayListen && !listens && !hearing && (
                <Button size="small" look="quiet" icon={<Ear size={18} />} onClick={() => setHearing(true)}>
                  Listen
                </Button>
              )}
              {mayLook && !looks && !seeing && (
                <Button size="small" look="quiet" icon={<Camera size={18} />} onClick={() => setSeeing(true)}>
                  Look
                </Button>
              )}
              <Button size="small" look="quiet" onClick={() => setHappened(true)}>
                Something happened
              </Button>
              {view.away && (
                <Button size="small" look="quiet" onClick={() => setAway(true)}>
                  I was away
                </Button>
              )}
            </span>
          )}
        </div>
        {view.away && <Calm run={run} />}
        <Record run={run} onEvent={say} />
      </div>
    </Card>
  );
}

/** Jars that go in for the second time have a day from when the first try ended. */
function SecondTry({ run, now }: { readonly run: Run; readonly now: number }) {
  const until = run.againUntil == null ? undefined : Date.parse(run.againUntil);
  if (until === undefined || (run.stage !== "checks" && run.stage !== "loading")) {
    return null;
  }
  return (
    <p className="mt-2 rounded-field bg-mustard-wash px-3 py-2 font-semibold">
      {until > now
        ? `Second try: new lids, rims looked at, the full ${run.minutes} minutes. The lid has to be on by ${formatDateTime(run.againUntil ?? "")}, ${formatSpan(until - now)} from now.`
        : "Second try: more than 24 hours have passed. These jars may not be processed again; give this run up."}
    </p>
  );
}

/** Altitude, gauge and weight are taken when the lid is locked: what has changed since the plan was sent is said. */
function SinceThePlan({ run }: { readonly run: Run }) {
  if (run.sentTargetPsi == null || !run.atTheStove) {
    return null;
  }
  return (
    <p role="status" className="mt-2 rounded-field bg-mustard-wash px-3 py-2 font-semibold">
      Altitude or gauge has changed since the plan was sent: {run.targetPsi} now, was {run.sentTargetPsi}.
    </p>
  );
}

/** The checks need more room than the words beside them. */
function columns(view: StageView): string {
  return view.picture === "checks"
    ? "lg:grid-cols-[19rem_minmax(0,1fr)]"
    : "lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]";
}

/** How long still, or what the other device did first. */
function moreWords(error: unknown): string | undefined {
  const wait = waitOf(error);
  if (wait !== undefined) {
    return `Still ${formatClock(wait)}.`;
  }
  const first = firstOf(error);
  return first
    ? `${eventLabel(first.what)} at ${formatTime(first.at)}${first.by ? `, by ${first.by}` : ""}.`
    : undefined;
}

interface PictureProps {
  readonly view: StageView;
  readonly run: Run;
  readonly now: number;
  readonly alone: boolean;
  readonly simulation: Simulation | undefined;
  readonly onEvent: (event: EventRequest) => Promise<void>;
}

function Picture({ view, run, now, alone, simulation, onEvent }: PictureProps) {
  switch (view.picture) {
    case "trace":
      return <Trace run={run} now={now} height={alone ? 330 : 190} />;
    case "zero":
      return <ZeroSigns run={run} now={now} height={alone ? 200 : 150} />;
    case "steam":
      return <SteamPictures steady={run.stage === "venting"} seen={simulation?.plume} />;
    case "checks":
      return <Checks run={run} onEvent={onEvent} />;
    case "load":
      return run.stage === "loading" ? (
        <LoadingStage run={run} onEvent={onEvent} />
      ) : (
        <LoadPicture jars={run.jars} className="mx-auto h-52" />
      );
  }
}
