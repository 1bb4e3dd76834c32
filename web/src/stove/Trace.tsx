import { useRef } from "react";
import { useWidth } from "@/kit";
import { formatTime } from "@/quantity";
import { readingLabel } from "./labels";
import type { Run, RunEvent } from "./live";
import { TraceOverheard } from "./TraceOverheard";

interface Props {
  readonly run: Run;
  readonly now: number;
  /** In CSS pixels. */
  readonly height?: number;
}

const [RIGHT, TOP, FOOT] = [10, 12, 26];
const WEIGHT_LEVEL: Record<string, number> = { still: -3, proper: 0.4, frantic: 3 };

/** The pressure trace: what was read when, the mark to keep, and every break in it. */
export function Trace({ run, now, height = 250 }: Props) {
  const frame = useRef<SVGSVGElement>(null);
  const W = useWidth(frame, 560);
  const H = Math.round(Math.min(height, W * 0.62));
  const byWeight = run.gauge === "weighted";
  const LEFT = byWeight ? 58 : 44;
  const target = run.targetPsi;
  const start = Date.parse(
    run.weightOnAt ?? run.events.find((event) => event.type === "weight-on")?.at ?? run.now,
  );
  const first = run.events.find((event) => event.type === "weight-on");
  const begin = first ? Date.parse(first.at) : start;
  const points = run.events
    .filter((event) => event.type === "reading" && Date.parse(event.at) >= begin)
    .map((event) => ({
      at: Date.parse(event.at),
      value: event.psi ?? target + (WEIGHT_LEVEL[weightOf(run, event)] ?? 0),
      low: event.psi != null && run.gauge === "dial" ? event.psi < target : weightOf(run, event) === "still",
      device: event.gauge != null,
    }))
    .sort((one, two) => one.at - two.at);
  const bottom = byWeight ? target - 5 : 0;
  const line = [{ at: begin, value: bottom, low: true }, ...points];
  const end = Math.max(
    now,
    Date.parse(run.clockEndsAt ?? run.heatOffAt ?? run.now),
    (line[0]?.at ?? start) + 600_000,
  );
  const from = line[0]?.at ?? start;
  const top = byWeight ? target + 5 : Math.max(15, target + 3, ...points.map((point) => point.value + 1));
  const x = (at: number) => LEFT + ((at - from) / (end - from)) * (W - LEFT - RIGHT);
  const y = (value: number) => TOP + (1 - (value - bottom) / (top - bottom)) * (H - TOP - FOOT);
  const firstMark = points.find((point) => !point.low)?.at ?? Number.POSITIVE_INFINITY;
  // On the way up it is below the mark as it should be; only afterwards that is a loss.
  // Once the heat is off, falling is what it should do.
  const off = run.heatOffAt ? Date.parse(run.heatOffAt) : Number.POSITIVE_INFINITY;
  const lostAt = (point: { readonly at: number; readonly low: boolean }) =>
    point.low && point.at > firstMark && point.at < off;
  const losses = run.deviations.filter(
    (deviation) => deviation.code === "pressure-lost" || deviation.code === "interrupted",
  );
  const lastLoss = losses.at(-1);
  const ticks: readonly (readonly [number, string])[] = byWeight
    ? [
        [target - 3, "still"],
        [target + 0.4, "proper"],
        [target + 3, "frantic"],
      ]
    : [0, 5, 10, 15].map((tick) => [tick, Math.abs(tick - target) < 1.2 ? "" : String(tick)] as const);
  const lossAt = new Set(losses.map((loss) => Date.parse(loss.at)));
  return (
    <svg
      ref={frame}
      height={H}
      // As it is measured; paper may be narrower than the screen.
      viewBox={`0 0 ${W} ${H}`}
      className="block w-full"
      role="img"
      aria-label={words(run, losses.length)}
    >
      {ticks.map(([tick, text]) => (
        <g key={tick}>
          <line x1={LEFT} x2={W - RIGHT} y1={y(tick)} y2={y(tick)} className="stroke-line" />
          <text x={LEFT - 9} y={y(tick)} dy="0.35em" textAnchor="end" className="fill-soft text-[13px]">
            {text}
          </text>
        </g>
      ))}
      <text x={x(from)} y={H - 6} className="fill-soft text-[13px]">
        {formatTime(from)}
      </text>
      <text x={x(end)} y={H - 6} textAnchor="end" className="fill-soft text-[13px]">
        {formatTime(end)}
      </text>
      <line
        x1={LEFT}
        x2={W - RIGHT}
        y1={y(target)}
        y2={y(target)}
        className="stroke-copper"
        strokeWidth="2.5"
        strokeDasharray="7 5"
      />
      {line.slice(1).map((point, index) => {
        const before = line[index];
        return (
          before && (
            <line
              key={`${point.at}/${index}`}
              x1={x(before.at)}
              y1={y(before.value)}
              x2={x(point.at)}
              y2={y(point.value)}
              strokeWidth="3.5"
              strokeLinecap="round"
              className={lostAt(point) || lostAt(before) ? "stroke-brick" : "stroke-primary"}
            />
          )
        );
      })}
      {run.gaps.map((gap) => (
        <g key={gap.from}>
          <line
            x1={x(Date.parse(gap.from))}
            x2={x(Date.parse(gap.until))}
            y1={H - FOOT - 3}
            y2={H - FOOT - 3}
            className="stroke-mustard"
            strokeWidth="6"
            strokeDasharray="3 3"
          />
          <text x={x(Date.parse(gap.from))} y={H - FOOT - 10} className="fill-mustard text-[13px] font-bold">
            no look
          </text>
        </g>
      ))}
      <TraceOverheard
        events={run.events.filter((event) => Date.parse(event.at) >= begin)}
        x={x}
        y={(value) => y(Math.min(top, Math.max(bottom, value)))}
        top={TOP}
      />
      {points.map((point, index) =>
        point.device && !lossAt.has(point.at) ? null : (
          <circle
            key={index}
            cx={x(point.at)}
            cy={y(point.value)}
            r="5"
            className={lostAt(point) ? "fill-brick" : "fill-primary"}
          />
        ),
      )}
      {!byWeight && (
        // On the axis, where no curve runs through it.
        <text
          x={LEFT - 9}
          y={y(target)}
          dy="0.35em"
          textAnchor="end"
          className="fill-copper text-[16px] font-bold"
        >
          {target}
        </text>
      )}
      {lastLoss && (
        <text
          x={Math.min(W - 150, Math.max(LEFT + 110, x(Date.parse(lastLoss.at))))}
          y={Math.min(H - FOOT - 6, y(lastLoss.psi ?? target - 3) + 26)}
          textAnchor="middle"
          className="fill-brick text-[14px] font-bold"
        >
          {lastLoss.code === "interrupted" ? "interrupted" : (lastLoss.psi ?? "still")} at{" "}
          {formatTime(lastLoss.at)}: started again{losses.length > 1 && `, ${losses.length} times in all`}
        </text>
      )}
      {now < end && (
        <line x1={x(now)} x2={x(now)} y1={TOP} y2={H - FOOT} className="stroke-soft" strokeDasharray="2 4" />
      )}
    </svg>
  );
}

/** What a look at the weight says, also where its jiggles were counted. */
function weightOf(run: Run, event: RunEvent): string {
  if (event.jiggles == null) {
    return event.weight ?? "";
  }
  const { least, most } = run.jiggles ?? { least: 1, most: 600 };
  return event.jiggles < Math.max(1, least) ? "still" : event.jiggles > most ? "frantic" : "proper";
}

function words(run: Run, losses: number): string {
  const last = run.lastReading;
  const lastly = last ? ` Last reading ${readingLabel(last)} at ${formatTime(last.at)}.` : " No reading yet.";
  return `Pressure trace, to be kept at ${run.targetPsi} or more.${lastly} Lost ${losses} times.`;
}
