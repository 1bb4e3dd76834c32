import { useKitchen, WeightPicture } from "@/kitchen";
import type { Run } from "./live";

interface Props {
  readonly run: Run;
  /** What the dial of the simulated canner shows, where there is one. */
  readonly needle?: number | null | undefined;
  /** Whether there is room for words. */
  readonly wordy?: boolean;
}

const TOP_PSI = 20;

/** What to keep, as this canner shows it: the dial with its mark and the last reading, or the weight as it is set. */
export function Mark({ run, needle, wordy = false }: Props) {
  const kitchen = useKitchen();
  if (run.gauge === "dial") {
    // On the way up and down a needle below the mark is as it should be.
    const watched = run.stage === "holding" || run.lost != null;
    return <Dial mark={run.targetPsi} read={needle ?? run.lastReading?.psi} watched={watched} />;
  }
  const weight = kitchen.data?.canners.find((canner) => canner.id === run.cannerId)?.weight;
  return (
    <div className="flex items-center gap-3">
      <WeightPicture shows={weight?.shows ?? "holes"} pounds={run.targetPsi} />
      {wordy && run.jiggles && (
        <p className="max-w-32 text-soft">
          {run.jiggles.least} to {run.jiggles.most} jiggles a minute at the pressure
        </p>
      )}
    </div>
  );
}

function Dial({
  mark,
  read,
  watched,
}: {
  readonly mark: number;
  readonly read?: number | null | undefined;
  readonly watched: boolean;
}) {
  const at = (psi: number) => Math.PI * (0.75 + (1.5 * Math.min(psi, TOP_PSI)) / TOP_PSI);
  const point = (psi: number, radius: number) =>
    [60 + Math.cos(at(psi)) * radius, 60 + Math.sin(at(psi)) * radius] as const;
  const [fromX, fromY] = point(mark, 50);
  const [toX, toY] = point(TOP_PSI, 50);
  const low = watched && read != null && read < mark;
  const [needleX, needleY] = point(read ?? 0, 38);
  const wide = (1.5 * (TOP_PSI - mark)) / TOP_PSI > 1 ? 1 : 0;
  return (
    <svg
      viewBox="0 0 120 120"
      className="h-18 w-18 shrink-0 sm:h-28 sm:w-28"
      role="img"
      aria-label={`Keep ${mark} or more on this dial${read == null ? "" : `; it shows ${read}`}`}
    >
      <circle cx="60" cy="60" r="56" className="fill-steam stroke-glass" strokeWidth="3" />
      <path
        d={`M ${fromX} ${fromY} A 50 50 0 ${wide} 1 ${toX} ${toY}`}
        fill="none"
        strokeWidth="7"
        className="stroke-copper"
      />
      {[0, 5, 10, 15, 20].map((psi) => {
        const [x, y] = point(psi, 50);
        const [inX, inY] = point(psi, 43);
        return <line key={psi} x1={x} y1={y} x2={inX} y2={inY} className="stroke-ink" strokeWidth="2" />;
      })}
      {read != null && (
        <line
          x1="60"
          y1="60"
          x2={needleX}
          y2={needleY}
          strokeWidth="4"
          strokeLinecap="round"
          className={low ? "stroke-brick" : "stroke-ink"}
        />
      )}
      <circle cx="60" cy="60" r="5" className="fill-ink" />
      <text x="60" y="92" textAnchor="middle" className="fill-copper font-bold" fontSize="20">
        {mark}
      </text>
    </svg>
  );
}
