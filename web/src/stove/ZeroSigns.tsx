import type { Run } from "./live";
import { Trace } from "./Trace";

interface Props {
  readonly run: Run;
  readonly now: number;
  readonly height: number;
}

/** Waiting for zero: the trace on its way down where a gauge sends it, and the three signs that it is there. */
export function ZeroSigns({ run, now, height }: Props) {
  return (
    <div className="flex flex-col gap-3">
      <ol className="grid grid-cols-3 gap-3 text-center">
        <li>
          <svg viewBox="0 0 60 48" className="mx-auto h-14" aria-hidden="true">
            <path d="M8 40 A24 24 0 1 1 52 40" fill="none" className="stroke-glass" strokeWidth="4" />
            <path d="M30 34 L12 40" className="stroke-ink" strokeWidth="4" strokeLinecap="round" />
          </svg>
          {run.gauge === "dial" ? "the dial at zero" : "the lock pin down, or the dial beside at zero"}
        </li>
        <li>
          <svg viewBox="0 0 60 48" className="mx-auto h-14" aria-hidden="true">
            <rect x="20" y="12" width="20" height="18" rx="4" className="fill-bar" />
            <path d="M30 30 V44 M14 44 H46" className="stroke-ink" strokeWidth="4" strokeLinecap="round" />
            <path d="M46 16 l8 -4 M46 22 h9" className="stroke-glass" strokeWidth="3" strokeLinecap="round" />
          </svg>
          a nudge of the weight, and no steam
        </li>
        <li>
          <svg viewBox="0 0 60 48" className="mx-auto h-14" aria-hidden="true">
            <path d="M8 34 Q30 10 52 34 Z" className="fill-steam stroke-glass" strokeWidth="3" />
            <path d="M6 38 H54" className="stroke-ink" strokeWidth="4" strokeLinecap="round" />
          </svg>
          the rim no longer too hot to come near
        </li>
      </ol>
      <Trace run={run} now={now} height={height} />
    </div>
  );
}
