import { degrees } from "./degrees";
import type { Inside } from "./usePractice";

const [W, H, LEFT, RIGHT, TOP, FOOT] = [760, 262, 54, 128, 12, 34];
const [LEAST, MOST] = [60, 125];

const LINES = [
  { key: "broth", text: "Broth", className: "stroke-copper", dash: undefined },
  { key: "chunky", text: "Chunky soup", className: "stroke-mustard", dash: "10 4" },
  { key: "puree", text: "Puree", className: "stroke-brick", dash: "3 4" },
] as const;

/** Temperatures over the whole load, from the lit burner; the clock's start is marked. */
export function InsideChart({ inside, metric }: { readonly inside: Inside; readonly metric: boolean }) {
  const count = inside.minutes.length;
  const start = Math.max(0, inside.clockStarts);
  const x = (minute: number) => LEFT + (minute / (count - 1)) * (W - LEFT - RIGHT);
  const y = (celsius: number) =>
    TOP + (1 - (Math.max(LEAST, celsius) - LEAST) / (MOST - LEAST)) * (H - TOP - FOOT);
  const line = (of: (minute: Inside["minutes"][number]) => number | undefined) =>
    inside.minutes
      .map((minute, index) => `${x(index).toFixed(1)},${y(of(minute) ?? LEAST).toFixed(1)}`)
      .join(" ");
  const at = (minutes: number) => inside.minutes[Math.min(count - 1, start + minutes)];
  const last = at(60);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by keys
    <section aria-label="The chart" className="overflow-x-auto" tabIndex={0}>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="h-auto w-full min-w-[34rem]"
        role="img"
        aria-label={`Sixty minutes after the clock started the canner has ${degrees(last?.cannerC ?? 0, metric)}; the slowest point of a jar of broth ${degrees(last?.slowest["broth"] ?? 0, metric)}, of chunky soup ${degrees(last?.slowest["chunky"] ?? 0, metric)}, of puree ${degrees(last?.slowest["puree"] ?? 0, metric)}`}
      >
        {[60, 80, 100, 120].map((celsius) => (
          <g key={celsius}>
            <line x1={LEFT} x2={W - RIGHT} y1={y(celsius)} y2={y(celsius)} className="stroke-line" />
            <text x={LEFT - 8} y={y(celsius) + 5} textAnchor="end" className="fill-soft text-[14px]">
              {degrees(celsius, metric)}
            </text>
          </g>
        ))}
        <line
          x1={x(start)}
          x2={x(start)}
          y1={TOP}
          y2={H - FOOT}
          className="stroke-glass"
          strokeDasharray="4 4"
        />
        {[0, 25, 60, 90].map((minutes) => (
          <g key={minutes}>
            <line
              x1={x(start + minutes)}
              x2={x(start + minutes)}
              y1={H - FOOT}
              y2={H - FOOT + 6}
              className="stroke-glass"
            />
            <text
              x={x(start + minutes)}
              y={H - 8}
              textAnchor="middle"
              className="fill-ink text-[14px] font-bold"
            >
              {minutes === 0 ? "clock starts" : `${minutes} min`}
            </text>
          </g>
        ))}
        <polyline
          points={line((minute) => minute.cannerC)}
          className="fill-none stroke-primary"
          strokeWidth="4"
        />
        {LINES.map((each) => (
          <polyline
            key={each.key}
            points={line((minute) => minute.slowest[each.key])}
            className={`fill-none ${each.className}`}
            strokeWidth="3.500"
            strokeDasharray={each.dash}
          />
        ))}
        <Legend />
      </svg>
      <table className="mt-2 w-full max-w-2xl text-left">
        <caption className="sr-only">The slowest point of each jar, after the clock has started</caption>
        <thead className="text-soft">
          <tr>
            <th className="font-semibold">Slowest point</th>
            {[0, 25, 60, 90].map((minutes) => (
              <th key={minutes} className="text-right font-semibold">
                {minutes === 0 ? "at start" : `${minutes} min`}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {LINES.map((each) => (
            <tr key={each.key} className="border-t border-line">
              <th className="py-1 font-semibold">{each.text}</th>
              {[0, 25, 60, 90].map((minutes) => (
                <td key={minutes} className="digits text-right font-bold whitespace-nowrap md:text-lg">
                  {degrees(at(minutes)?.slowest[each.key] ?? 0, metric)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Legend() {
  const all = [{ key: "canner", text: "The canner", className: "stroke-primary", dash: undefined }, ...LINES];
  return (
    <g>
      {all.map((each, index) => (
        <g key={each.key} transform={`translate(${W - RIGHT + 12} ${TOP + 16 + index * 26})`}>
          <line x2="26" className={each.className} strokeWidth="4" strokeDasharray={each.dash} />
          <text x="32" y="5" className="fill-ink text-[14px] font-semibold">
            {each.text}
          </text>
        </g>
      ))}
    </g>
  );
}
