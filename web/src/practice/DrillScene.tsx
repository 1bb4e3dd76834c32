import { useEffect, useMemo, useRef } from "react";
import { Button, ProblemNote } from "@/kit";
import { CannerPicture } from "./CannerPicture";
import { Hands } from "./Hands";
import { Noise } from "./noise";
import type { Drill, useTryDrill } from "./usePractice";
import { useScene } from "./useScene";
import { seen, sinceLit } from "./words";

interface Props {
  readonly drill: Drill;
  readonly tried: ReturnType<typeof useTryDrill>;
}

/** What comes of an act is watched in about so many seconds. */
const WATCHED_SECONDS = 8;
/** A drill at the knobs goes on at this pace. */
const HANDS_PACE = 10;
const ASK_EVERY_MS = 10_000;

/** The canner of a drill: stands still until something is done, then plays what comes of it. */
export function DrillScene({ drill, tried }: Props) {
  const scene = useScene(
    drill.canner ? [{ setup: drill.canner, snapshot: drill.snapshot, sight: drill.sight }] : [],
    `${drill.code}/${drill.seed}`,
  );
  const noise = useMemo(() => new Noise(), []);
  const played = useRef(false);
  const outcome = tried.data?.over ? tried.data : undefined;
  useEffect(() => {
    if (outcome && !played.current && outcome.playsForMillis > 0) {
      played.current = true;
      scene.replay(outcome.plays, outcome.playsForMillis, WATCHED_SECONDS);
    }
  }, [outcome, scene]);
  const ending = useRef(0);
  const hands = drill.atTheKnobs && !outcome;
  useEffect(() => {
    if (!hands || !scene.playing || tried.isPending || scene.at - ending.current < ASK_EVERY_MS) {
      return;
    }
    ending.current = scene.at;
    tried.mutate({
      seed: drill.seed,
      acts: (scene.canners[0]?.acts ?? []).map((act) => ({ ...act, atMillis: act.atMillis - scene.begin })),
      lastedMillis: Math.floor(scene.at - scene.begin),
    });
  });
  useEffect(() => {
    if (drill.atTheKnobs && outcome) {
      scene.play(false);
    }
  }, [drill, outcome, scene]);
  const setup = scene.canners[0]?.setup;
  const sight = scene.sight(0);
  return (
    <section aria-label="Canner" className="flex flex-col gap-2">
      <CannerPicture scene={scene} index={0} noise={noise} />
      <p className="min-h-12 text-center font-semibold">{setup && sight && seen(setup, sight)}</p>
      {scene.at > scene.begin && (
        <p className="digits text-center text-soft" role="timer" aria-label="Since the moment">
          {sinceLit(scene.at - scene.begin)} later
        </p>
      )}
      <ProblemNote error={scene.problem} retry={() => scene.goOn()} />
      {hands && !scene.playing && scene.at === scene.begin && (
        <Button
          look="main"
          size="stove"
          onClick={() => {
            scene.setPace(HANDS_PACE);
            scene.play(true);
          }}
        >
          Let time go, ten times as fast
        </Button>
      )}
      {hands && <Hands scene={scene} index={0} />}
    </section>
  );
}
