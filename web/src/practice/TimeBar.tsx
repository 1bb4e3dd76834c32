import { Pause, Play, RotateCcw, SkipForward, Volume2 } from "lucide-react";
import { useEffect, useId, useRef, useState } from "react";
import { Button, Choice, ProblemNote } from "@/kit";
import type { Noise } from "./noise";
import type { Scene } from "./scene";
import { sinceLit } from "./words";

const PACES = [1, 10, 30, 60, 120] as const;

interface Props {
  readonly scene: Scene;
  readonly noise: Noise | undefined;
  /** Without going back: a drill or a rehearsal is done once. */
  readonly once?: boolean;
}

/** Time: how fast it goes, standing still, a little on, and back to anything that happened. */
export function TimeBar({ scene, noise, once = false }: Props) {
  const happenings = scene.happenings();
  const row = useRef<HTMLDivElement>(null);
  const known = happenings.length;
  useEffect(() => {
    // What happened last is in view; the rest is to its left.
    if (row.current && known > 0) {
      row.current.scrollLeft = row.current.scrollWidth;
    }
  }, [known]);
  const seconds = scene.pace >= 30 ? 60 : 10;
  return (
    <section aria-label="Time" className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <Button
          look="main"
          className="min-h-14 min-w-32"
          icon={scene.playing ? <Pause size={20} /> : <Play size={20} />}
          onClick={() => scene.play(!scene.playing)}
        >
          {scene.playing ? "Pause" : "Play"}
        </Button>
        <span
          role="timer"
          aria-label="Since the burner was lit"
          className="digits min-w-20 text-2xl font-bold"
        >
          {sinceLit(scene.at)}
        </span>
        <Choice
          label="Time goes"
          value={scene.pace}
          options={PACES.map((pace) => ({ value: pace, text: `${pace}×` }))}
          onChange={(pace) => scene.setPace(pace)}
        />
        <Button size="small" icon={<SkipForward size={18} />} onClick={() => scene.step(seconds * 1_000)}>
          {seconds === 60 ? "A minute on" : "10 seconds on"}
        </Button>
        {noise && <Volume noise={noise} />}
      </div>
      <ProblemNote error={scene.problem} retry={() => scene.goOn()} />
      {!once && (
        <div className="flex items-center gap-2 overflow-x-auto pb-1" ref={row}>
          <Button
            size="small"
            className="shrink-0"
            icon={<RotateCcw size={18} />}
            onClick={() => scene.rewind(0)}
          >
            From the beginning
          </Button>
          {happenings.map((one) => (
            <button
              key={`${one.canner}/${one.at}/${one.text}`}
              type="button"
              className="min-h-11 shrink-0 rounded-field border border-line bg-paper px-3 text-[0.92rem] hover:bg-steam"
              aria-label={`Back to ${sinceLit(one.at)}, ${one.text}`}
              onClick={() => scene.rewind(one.at)}
            >
              <span className="digits font-bold">{sinceLit(one.at)}</span> {one.text}
            </button>
          ))}
        </div>
      )}
    </section>
  );
}

function Volume({ noise }: { readonly noise: Noise }) {
  const id = useId();
  const [loud, setLoud] = useState(0);
  useEffect(() => () => noise.stop(), [noise]);
  return (
    <span className="flex items-center gap-2">
      <Volume2 size={20} aria-hidden="true" className="text-soft" />
      <label htmlFor={id} className="font-semibold">
        Sound
      </label>
      <input
        id={id}
        type="range"
        min={0}
        max={10}
        value={loud}
        className="range range-primary w-28"
        onChange={(event) => {
          const value = Number(event.target.value);
          setLoud(value);
          noise.setVolume(value / 10);
        }}
      />
    </span>
  );
}
