import { countJars, jarWord } from "@/quantity";

interface Jar {
  readonly size: string;
  readonly count: number;
  /** Which of several dishes it holds, from 0: each is drawn in its own way. */
  readonly dish?: number;
}

interface Props {
  readonly jars: readonly Jar[];
  readonly className?: string;
  /** Said in place of the count, such as 'upper layer'. */
  readonly label?: string;
  /** Numbers of the jars, from 1, that stand in it already; the others are drawn as empty places. */
  readonly taken?: readonly number[];
  /** Whether dishes and variants are told apart by letters in place of the sizes. */
  readonly letters?: boolean;
  /** A jar was tapped, by its number from 1. */
  readonly onTap?: (jar: number) => void;
}

const RADIUS = 92;

/** One layer from above: every jar a ring on the rack, its size by a letter, its dish by how it is drawn. */
export function LoadPicture({ jars, className = "", label, taken, letters = false, onTap }: Props) {
  const each = jars.flatMap((jar) => Array.from({ length: jar.count }, () => jar));
  const { radius: seat, places } = seats(each.length);
  return (
    <svg
      viewBox="-100 -100 200 200"
      className={className}
      role={onTap ? "group" : "img"}
      aria-label={`${label ?? "In the canner"}: ${countJars(jars)}`}
    >
      <circle r={RADIUS + 5} className="fill-steam stroke-glass" strokeWidth="3" />
      {places.map(([x, y], index) => {
        const jar = each[index] ?? { size: "quart", count: 1 };
        const tall = jar.size === "quart" || jar.size === "pint-and-a-half";
        const look = dishLook(jar.dish ?? 0, tall);
        const away = taken !== undefined && !taken.includes(index + 1);
        const tap = onTap && {
          role: "button",
          tabIndex: 0,
          "aria-pressed": !away,
          "aria-label": `Jar ${index + 1}, ${jarWord(jar.size, 1)}`,
          onClick: () => onTap(index + 1),
          onKeyDown: (event: React.KeyboardEvent) => {
            if (event.key === "Enter" || event.key === " ") {
              event.preventDefault();
              onTap(index + 1);
            }
          },
          className: `cursor-pointer ${away ? "opacity-45" : ""}`,
        };
        return (
          <g key={`${x}/${y}`}>
            <g {...tap}>
              <circle
                cx={x}
                cy={y}
                r={tall ? seat : seat * 0.86}
                className={away ? "fill-steam stroke-glass" : look.ring}
                strokeWidth="3"
                strokeDasharray={away ? "5 5" : undefined}
              />
            </g>
            {/* Beside the button, not in it: what is read out is its name. */}
            <g className={`pointer-events-none ${away ? "opacity-45" : ""}`}>
              <text
                x={x}
                y={y}
                dy={taken ? "0.08em" : "0.36em"}
                textAnchor="middle"
                className={`font-bold ${away ? "fill-soft" : look.letter}`}
                fontSize={seat * (letter(jar.size).length > 1 ? 0.6 : 0.72)}
              >
                {letters ? String.fromCharCode(65 + (jar.dish ?? 0)) : letter(jar.size)}
              </text>
              {/* The number it keeps until it stands on the shelf. */}
              {taken && (
                <text
                  x={x}
                  y={y + seat * 0.62}
                  textAnchor="middle"
                  className={`font-semibold ${away ? "fill-soft" : look.letter}`}
                  fontSize={seat * 0.46}
                >
                  {index + 1}
                </text>
              )}
            </g>
          </g>
        );
      })}
    </svg>
  );
}

/** How the jars of a dish are drawn: open, filled, or broken rings, so that no colour has to be told apart. */
export function dishLook(dish: number, tall = true): { readonly ring: string; readonly letter: string } {
  switch (dish % 3) {
    case 1:
      return { ring: "fill-primary stroke-primary", letter: "fill-primary-content" };
    case 2:
      return { ring: "fill-paper stroke-ink [stroke-dasharray:5_4]", letter: "fill-ink" };
    default:
      return {
        ring: `fill-paper ${tall ? "stroke-primary" : "stroke-bar"}`,
        letter: tall ? "fill-primary" : "fill-soft",
      };
  }
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

/** How many stand in each ring, from the middle outwards. */
function rings(count: number): readonly number[] {
  if (count <= 6) {
    return [count];
  }
  if (count <= 9) {
    return [1, count - 1];
  }
  if (count <= 12) {
    return [3, count - 3];
  }
  return count <= 19 ? [1, 6, count - 7] : count <= 27 ? [3, 9, count - 12] : [1, 6, 12, count - 19];
}

/** The largest seat that lets so many stand in a ring against the wall at this radius. */
function seatIn(count: number, wall: number): number {
  const sine = Math.sin(Math.PI / count);
  return count === 1 ? wall : (wall * sine) / (1 + sine);
}

/** Places on the rack: rings around the middle, each jar as large as the tightest ring allows. */
function seats(count: number): {
  readonly radius: number;
  readonly places: readonly (readonly [number, number])[];
} {
  const inRings = rings(Math.max(1, count));
  const depth = inRings.length;
  let radius = Math.min(RADIUS / (2 * depth - (inRings[0] === 1 ? 1 : 0)), 34);
  inRings.forEach((inRing, ring) => {
    radius = Math.min(radius, seatIn(inRing, RADIUS - (depth - 1 - ring) * 2 * radius));
  });
  const places = inRings.flatMap((inRing, ring) => {
    const distance = inRing === 1 ? 0 : RADIUS - radius - (depth - 1 - ring) * 2 * radius;
    return Array.from({ length: inRing }, (_, seat) => {
      const angle = (seat / inRing) * 2 * Math.PI - Math.PI / 2;
      return [round(Math.cos(angle) * distance), round(Math.sin(angle) * distance)] as const;
    });
  });
  return { radius: radius * 0.96, places: places.slice(0, count) };
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
