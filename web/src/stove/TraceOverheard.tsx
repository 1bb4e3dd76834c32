import type { RunEvent } from "./live";

interface Props {
  readonly events: readonly RunEvent[];
  readonly x: (at: number) => number;
  /** Only for a dial. */
  readonly y: (psi: number) => number;
  readonly top: number;
}

/** What devices heard and saw, faint and beside the curve: it is no reading. Their questions stand out. */
export function TraceOverheard({ events, x, y, top }: Props) {
  return events.map((event) => {
    const at = x(Date.parse(event.at));
    switch (event.type) {
      case "heard":
        return (
          <line
            key={event.number}
            x1={at}
            x2={at}
            y1={top + 8}
            y2={top + (event.heardPerMinute === 0 ? 10 : 14)}
            className="stroke-soft"
            strokeWidth="2"
          />
        );
      case "seen":
        return (
          <line
            key={event.number}
            x1={at}
            x2={at}
            y1={y(event.seenHighPsi ?? 0) - 1.5}
            y2={y(event.seenLowPsi ?? 0) + 1.5}
            className="stroke-soft"
            strokeWidth="3"
            opacity="0.55"
          />
        );
      case "not-heard":
      case "not-seen":
        return (
          <text
            key={event.number}
            x={at}
            y={top + 16}
            textAnchor="middle"
            className="fill-mustard text-[17px] font-bold"
          >
            ?
          </text>
        );
      default:
        return null;
    }
  });
}
