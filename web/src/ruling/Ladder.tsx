import { type ReactNode, useId, useMemo } from "react";
import { FindingNote } from "./FindingNote";
import type { Finding, LineResponse, Remedy, Ruling } from "./useRulingPreview";

interface Props {
  readonly ruling: Ruling | undefined;
  readonly size: "quart" | "pint";
  /** The order to show the lines in. */
  readonly order: readonly number[];
  readonly children: (index: number, answer: LineResponse | undefined) => ReactNode;
  /** What stands under a line in its full width, such as its correction. */
  readonly below: (index: number, answer: LineResponse | undefined) => ReactNode;
  readonly onRemedy: (remedy: Remedy, finding: Finding) => void;
}

/** The longest bar there can be in a soup, and a little room for its number. */
const FULL_SCALE = 118;

/** What sort of line it is when it has no time of its own. */
const ROLES: Record<string, string> = {
  seasoning: "seasoning, adds no time",
  root: "no row in the guide",
  liquid: "liquid, adds no time",
  flavouring: "free to change",
  stopped: "not into the jar",
  unknown: "not in the tables",
  serving: "added at serving",
  step: "",
  "not-ingredient": "",
};

/**
 * The time ladder: words left, bar right, one row a line. The line that sets the time is copper and says so; the soup table's floor
 * is a dashed line through all rows.
 */
export function Ladder({ ruling, size, order, children, below, onRemedy }: Props) {
  const floor = useMemo(() => floorOf(ruling, size), [ruling, size]);
  return (
    <ol className="relative" aria-label="Ingredients, the longest time first">
      {order.map((index) => {
        const answer = ruling?.lines[index];
        const findings = ruling?.findings.filter((finding) => finding.line === index) ?? [];
        const open = ruling?.questions.some((question) => question.line === index) ?? false;
        return (
          <li key={index} className="overflow-hidden border-b border-line px-5 py-0.5">
            <div className="grid grid-cols-1 items-center gap-x-4 md:grid-cols-[minmax(0,1fr)_minmax(0,17.5rem)]">
              {children(index, answer)}
              <Rung
                answer={answer}
                size={size}
                floor={floor}
                setsTime={ruling?.pacesetters?.includes(index) ?? false}
                open={open}
              />
            </div>
            <div className="relative">{below(index, answer)}</div>
            {findings.map((finding) => (
              <div key={finding.code} className="relative pb-1.5">
                <FindingNote finding={finding} onRemedy={onRemedy} />
              </div>
            ))}
          </li>
        );
      })}
      {!ruling && order.length > 1 && (
        <li aria-hidden="true" className="py-1.5 text-[0.85rem]">
          &nbsp;
        </li>
      )}
      {floor && (
        <li className="grid grid-cols-1 px-5 md:grid-cols-[minmax(0,1fr)_minmax(0,17.5rem)] md:gap-x-4">
          <span className="hidden md:block" />
          <span
            className="py-1.5 text-right text-[0.85rem] text-soft md:whitespace-nowrap"
            style={{ paddingRight: `${Math.max(0, 86 - (floor.minutes / FULL_SCALE) * 100)}%` }}
          >
            {floor.name}: never under {floor.minutes}
          </span>
        </li>
      )}
    </ol>
  );
}

interface RungProps {
  readonly answer: LineResponse | undefined;
  readonly size: "quart" | "pint";
  readonly floor: Floor | undefined;
  readonly setsTime: boolean;
  /** Whether something of the line is still to be answered. */
  readonly open: boolean;
}

function Rung({ answer, size, floor, setsTime, open }: RungProps) {
  const hatch = useId();
  const minutes = answer?.minutesBySize?.[size];
  const width = minutes == null ? 0 : (minutes / FULL_SCALE) * 100;
  const words =
    open && minutes == null
      ? "to be answered first"
      : answer && (answer.role === "timed" ? `no tested time in ${size}s alone` : (ROLES[answer.role] ?? ""));
  const said =
    minutes == null
      ? (words ?? "")
      : `${minutes} min${open ? ", not settled yet" : ""}${setsTime ? ", sets the time" : ""}`;
  return (
    <div className="relative h-9" title={answer?.source ?? undefined}>
      <svg
        className="absolute inset-0 h-full w-full overflow-hidden md:overflow-visible"
        role="img"
        aria-label={said}
        aria-hidden={said === ""}
      >
        {minutes != null && open && (
          <pattern
            id={hatch}
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect className="fill-bar" width="2.5" height="7" />
          </pattern>
        )}
        {minutes != null && (
          <rect
            className={open ? "stroke-bar" : setsTime ? "fill-copper" : "fill-bar"}
            {...(open && { fill: `url(#${hatch})`, strokeWidth: 2 })}
            x="0"
            y="7"
            height="22"
            width={`${width}%`}
            rx="5"
          />
        )}
        {floor && (
          <line
            className="stroke-soft"
            strokeDasharray="4 4"
            strokeWidth="2"
            x1={`${(floor.minutes / FULL_SCALE) * 100}%`}
            x2={`${(floor.minutes / FULL_SCALE) * 100}%`}
            y1="-200"
            y2="400"
          />
        )}
      </svg>
      {minutes == null ? (
        <span className="relative flex h-full items-center">
          <span className="bg-paper pr-2 text-[0.9rem] text-soft">{words}</span>
        </span>
      ) : (
        <span
          aria-hidden="true"
          className={`absolute inset-y-0 flex items-center pl-2 font-bold ${setsTime ? "text-copper" : ""}`}
          style={{ left: `${width}%` }}
        >
          {minutes}
          {open && "?"}
        </span>
      )}
    </div>
  );
}

interface Floor {
  readonly name: string;
  readonly minutes: number;
}

/** The table row that a mixture never goes under, as the ruling names it among what it considered. */
function floorOf(ruling: Ruling | undefined, size: "quart" | "pint"): Floor | undefined {
  const rows = (ruling?.considered ?? []).filter((row) => row.kind === "floor");
  const highest = rows.reduce<Floor | undefined>((best, row) => {
    const minutes = row.minutesBySize[size];
    return minutes != null && (!best || minutes > best.minutes) ? { name: nameOf(row.what), minutes } : best;
  }, undefined);
  return highest;
}

function nameOf(row: string): string {
  switch (row) {
    case "soup":
      return "soup table";
    case "soup with seafood":
      return "soup table, seafood";
    default:
      return row;
  }
}
