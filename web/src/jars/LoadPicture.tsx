import { countJars } from "@/quantity";

interface Props {
  readonly jars: readonly { readonly size: string; readonly count: number }[];
  readonly className?: string;
}

const RADIUS = 92;

/** One load from above: every jar a ring on the rack, its size by a letter. More than one layer's worth is drawn smaller. */
export function LoadPicture({ jars, className = "" }: Props) {
  const each = jars.flatMap((jar) => Array.from({ length: jar.count }, () => jar.size));
  const rings = seats(each.length);
  const seat = rings.radius;
  return (
    <svg
      viewBox="-100 -100 200 200"
      className={className}
      role="img"
      aria-label={`In the canner: ${countJars(jars)}`}
    >
      <circle r={RADIUS + 5} className="fill-steam stroke-glass" strokeWidth="3" />
      {rings.places.map(([x, y], index) => {
        const size = each[index] ?? "quart";
        const quart = size === "quart" || size === "pint-and-a-half";
        return (
          <g key={`${x}/${y}`}>
            <circle
              cx={x}
              cy={y}
              r={quart ? seat : seat * 0.86}
              className={`fill-paper ${quart ? "stroke-primary" : "stroke-bar"}`}
              strokeWidth="3"
            />
            <text
              x={x}
              y={y}
              dy="0.36em"
              textAnchor="middle"
              className={`font-bold ${quart ? "fill-primary" : "fill-soft"}`}
              fontSize={seat * 0.72}
            >
              {letter(size)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function letter(size: string): string {
  switch (size) {
    case "quart":
      return "Q";
    case "pint":
      return "P";
    case "half-pint":
      return "½";
    case "pint-and-a-half":
      return "1½";
    default:
      return "12";
  }
}

/** Places on the rack: one in the middle and rings around it, as few as the jars need. */
function seats(count: number): {
  readonly radius: number;
  readonly places: readonly (readonly [number, number])[];
} {
  const rings =
    count <= 1 ? [1] : count <= 7 ? [1, 6] : count <= 10 ? [3, 7] : count <= 19 ? [1, 6, 12] : [1, 6, 12, 18];
  const radius =
    rings.length === 1
      ? 34
      : rings.length === 2
        ? rings[0] === 3
          ? 24.5
          : 28.5
        : rings.length === 3
          ? 17.5
          : 12.5;
  const places: (readonly [number, number])[] = [];
  rings.forEach((inRing, ring) => {
    const distance =
      inRing === 1
        ? 0
        : rings[0] === 3 && ring === 0
          ? radius * 1.2
          : RADIUS - radius - (rings.length - 1 - ring) * radius * 2.06;
    for (let seat = 0; seat < inRing; seat++) {
      const angle = (seat / inRing) * 2 * Math.PI - Math.PI / 2;
      places.push([
        Math.round(Math.cos(angle) * distance * 10) / 10,
        Math.round(Math.sin(angle) * distance * 10) / 10,
      ]);
    }
  });
  // The outer places are filled first: that is how a cook loads, and the middle shows what is free.
  return { radius, places: places.reverse().slice(0, count) };
}
