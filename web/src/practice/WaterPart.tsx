import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Button, Card, Choice, LinkButton, ProblemNote, Spinner } from "@/kit";
import { formatClock, formatVolume } from "@/quantity";
import { CannerPicture } from "./CannerPicture";
import { Hands } from "./Hands";
import { Noise } from "./noise";
import { SLIPS, STEP_ORDER, STEPS } from "./rehearsalSteps";
import type { Scene } from "./scene";
import { TimeBar } from "./TimeBar";
import { type Practice, usePractice, useRehearsed } from "./usePractice";
import { useScene } from "./useScene";
import { seen } from "./words";

type Offer = Practice["rehearsals"][number];

/** The first evening with a canner of this kitchen. */
export function WaterPart() {
  const practice = usePractice();
  const [chosen, setChosen] = useState<number | undefined>();
  const [round, setRound] = useState(1);
  if (!practice.data) {
    return practice.isPending ? (
      <Spinner />
    ) : (
      <ProblemNote error={practice.error} retry={() => practice.refetch()} />
    );
  }
  const offers = practice.data.rehearsals;
  const offer = offers.find((each) => each.cannerId === chosen) ?? offers[0];
  if (!offer) {
    return (
      <Card label="No canner yet">
        <h2 className="text-xl font-bold">Which canner is it?</h2>
        <p className="my-2 text-lg">A rehearsal is done with your own canner, at your own altitude.</p>
        <LinkButton to="/kitchen" look="main">
          Set up the kitchen
        </LinkButton>
      </Card>
    );
  }
  return (
    <>
      {offers.length > 1 && (
        <Choice
          label="Canner"
          value={offer.cannerId}
          options={offers.map((each) => ({ value: each.cannerId, text: each.name }))}
          onChange={setChosen}
        />
      )}
      <Evening
        key={`${offer.cannerId}/${round}`}
        offer={offer}
        altitudeKnown={practice.data.altitudeFt !== undefined}
        again={() => setRound(round + 1)}
      />
    </>
  );
}

interface EveningProps {
  readonly offer: Offer;
  readonly altitudeKnown: boolean;
  readonly again: () => void;
}

function Evening({ offer, altitudeKnown, again }: EveningProps) {
  const seed = useMemo(() => Math.floor(Math.random() * 2 ** 31), []);
  const noise = useMemo(() => new Noise(), []);
  const [poured, setPoured] = useState(false);
  const rehearsed = useRehearsed();
  const { mutate } = rehearsed;
  const scene = useScene([{ setup: offer.canner }], `water/${offer.cannerId}/${seed}`, true);
  const step = scene.rehearsalAt(0)?.step ?? "heat";
  const over = step === "done";
  const send = useCallback(
    () =>
      mutate({
        name: offer.name,
        canner: offer.canner,
        acts: scene.canners[0]?.acts ?? [],
        lastedMillis: Math.ceil(scene.at / 1_000 + 2) * 1_000,
        seed,
      }),
    [mutate, offer, scene, seed],
  );
  const ended = useRef(false);
  useEffect(() => {
    if (over && !ended.current) {
      ended.current = true;
      scene.play(false);
      send();
    }
  }, [over, scene, send]);
  if (!poured) {
    return <Pour offer={offer} altitudeKnown={altitudeKnown} done={() => setPoured(true)} />;
  }
  const sight = scene.sight(0);
  return (
    <Card label="Rehearsal" className="flex flex-col gap-4">
      <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[1fr_24rem]">
        <section aria-label="Canner" className="flex min-w-0 flex-col gap-2">
          <CannerPicture scene={scene} index={0} noise={noise} />
          <p className="min-h-7 text-center font-semibold">
            {sight ? seen(offer.canner, sight) : "Everything is ready."}
          </p>
          <Hands scene={scene} index={0} locked={over} />
        </section>
        {over ? (
          <Ending rehearsed={rehearsed} send={send} again={again} />
        ) : (
          <Guide scene={scene} step={step} mark={`${offer.canner.psi} psi`} />
        )}
      </div>
      {!over && <TimeBar scene={scene} noise={noise} once />}
    </Card>
  );
}

function Pour({
  offer,
  altitudeKnown,
  done,
}: {
  readonly offer: Offer;
  readonly altitudeKnown: boolean;
  readonly done: () => void;
}) {
  return (
    <Card label="Before it begins" tone="rim" className="flex flex-col gap-3">
      <h2 className="text-2xl font-bold">Pour in the water, lock the lid</h2>
      <p className="max-w-3xl text-lg">
        {formatVolume(offer.canner.waterMl)} of water, the rack, no jars. {offer.name} has{" "}
        {offer.canner.gauge === "dial"
          ? `a dial: its needle is held at ${offer.canner.psi}`
          : `a weight of ${offer.canner.psi}: it has to keep moving`}
        {altitudeKnown
          ? `, as this kitchen's altitude asks.`
          : ". The kitchen's altitude is not set yet, so this rehearsal is at sea level."}
      </p>
      <p className="max-w-3xl text-lg">
        Nothing here can be spoilt. Make every mistake you are afraid of; you can begin again.
      </p>
      <div>
        <Button look="main" size="stove" onClick={done}>
          Water is in, lid is locked
        </Button>
      </div>
    </Card>
  );
}

function Guide({
  scene,
  step,
  mark,
}: {
  readonly scene: Scene;
  readonly step: string;
  readonly mark: string;
}) {
  const words = STEPS[step];
  const note = scene.rehearsalAt(0);
  const here = STEP_ORDER.indexOf(step);
  const left = note?.lastsSeconds == null ? undefined : Math.max(0, note.lastsSeconds - note.inStepSeconds);
  return (
    <section aria-label="Step" className="flex flex-col gap-3">
      <p className="digits font-bold text-soft">
        Step {here + 1} of {STEP_ORDER.length}
      </p>
      <h2 className="text-3xl leading-tight font-bold" aria-live="polite">
        {words?.title}
      </h2>
      {left !== undefined && (
        <p role="timer" aria-label="Left of this step" className="digits text-6xl font-bold text-copper">
          {formatClock(left * 1_000)}
        </p>
      )}
      <p className="text-xl">{words?.now}</p>
      {step === "hold" && <p className="text-lg font-semibold">The mark is {mark}.</p>}
      <p className="rounded-field bg-steam px-4 py-3">{words?.normal}</p>
      <Slips slips={note?.slips ?? {}} />
    </section>
  );
}

function Slips({ slips }: { readonly slips: Readonly<Record<string, number>> }) {
  const all = Object.entries(slips);
  if (all.length === 0) {
    return null;
  }
  return (
    <ul className="flex flex-col gap-1" aria-label="What went wrong">
      {all.map(([slip, times]) => (
        <li key={slip} className="border-l-4 border-mustard pl-3">
          {SLIPS[slip] ?? slip}
          {times > 1 && ` (${times} times)`}
        </li>
      ))}
    </ul>
  );
}

interface EndingProps {
  readonly rehearsed: ReturnType<typeof useRehearsed>;
  readonly send: () => void;
  readonly again: () => void;
}

function Ending({ rehearsed, send, again }: EndingProps) {
  const result = rehearsed.data;
  if (!result) {
    return rehearsed.isError ? <ProblemNote error={rehearsed.error} retry={send} /> : <Spinner />;
  }
  return (
    <section aria-label="How it went" className="flex flex-col gap-3">
      <h2 className="text-3xl leading-tight font-bold">
        {result.passed ? "You have held 10 minutes within a pound." : "Not yet."}
      </h2>
      <p className="text-xl">
        {result.passed
          ? `It was never more than ${result.furthestPsi.toFixed(1)} psi from the mark. With jars inside it is the same, only longer.`
          : "What went wrong is below. Begin again: it costs a little water."}
      </p>
      <Slips slips={result.slips} />
      <div className="flex flex-wrap gap-3">
        <Button look={result.passed ? "plain" : "main"} onClick={again}>
          Once more
        </Button>
        <LinkButton to="/practice" search={{ part: "drills" }} look={result.passed ? "main" : "plain"}>
          On to the drills
        </LinkButton>
      </div>
    </section>
  );
}
