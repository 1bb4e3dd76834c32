import { useState } from "react";
import { Button } from "@/kit";
import type { EventRequest, Run } from "./live";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
  readonly onClose: () => void;
}

/** After so long without a tap the counting begins anew. */
const FORGET_MS = 120_000;

/** Tap every jiggle: how many a minute that is, against this canner's own range. */
export function JiggleTap({ run, onEvent, onClose }: Props) {
  const [taps, setTaps] = useState<readonly number[]>([]);
  const rate = perMinute(taps);
  const range = run.jiggles;
  const verdict =
    rate === undefined || !range
      ? ""
      : rate < range.least
        ? "too few: a little more heat"
        : rate > range.most
          ? "too many: turn it down a little"
          : "just right";
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-stretch gap-3">
        <button
          type="button"
          className="btn btn-primary h-32 min-h-32! flex-1 text-3xl font-bold"
          onClick={() => {
            const now = performance.now();
            setTaps((before) => [...before.filter((tap) => now - tap < FORGET_MS), now]);
          }}
        >
          Tap each jiggle
        </button>
        <p className="flex min-w-40 flex-1 flex-col justify-center" role="status">
          <strong className="digits text-5xl">{rate === undefined ? "…" : rate}</strong>
          <span className="text-soft">
            {rate === undefined ? "two taps, and the rate is here" : `a minute, ${verdict}`}
            {range && ` (this canner: ${range.least} to ${range.most})`}
          </span>
        </p>
      </div>
      <div className="flex gap-3">
        <Button
          size="stove"
          look="main"
          className="flex-1"
          disabled={rate === undefined}
          onClick={() => rate !== undefined && onEvent({ type: "reading", jiggles: rate })}
        >
          {rate === undefined ? "Write it down" : `Write down ${rate} a minute`}
        </Button>
        <Button size="stove" onClick={onClose}>
          Back
        </Button>
      </div>
    </div>
  );
}

/** The rate that taps make, in milliseconds of one clock; undefined before there are two. */
export function perMinute(taps: readonly number[]): number | undefined {
  const [first, last] = [taps[0], taps.at(-1)];
  return first === undefined || last === undefined || last === first
    ? undefined
    : Math.round(((taps.length - 1) * 60_000) / (last - first));
}
