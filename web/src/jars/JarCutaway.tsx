import { memo, useId } from "react";
import { formatInches, jarWord } from "@/quantity";
import { glassPath, outline } from "./shape";

export interface JarFill {
  readonly size: string;
  readonly mouth: string;
  readonly fillMl: number;
  readonly solidsMl: number;
  readonly solidsG: number;
  readonly solids: string;
  readonly broth: string;
}

interface Props {
  readonly jars: readonly JarFill[];
  readonly headspaceIn: number;
  /** A share of the jar, 0.5 for half. */
  readonly solidsShare: number;
}

const GAP = 84;
/** A quart: whatever jars are shown, a pint is drawn as a pint beside it. */
const TALLEST = 168;
const TOP = 26;
const PIECES = ["#8a3a22", "#c8742c", "#5d7a3a", "#d9a441", "#a6562a"];

/** Jars cut open, drawn to one scale from the computed volumes: pieces to their line, broth to the headspace. */
export function JarCutaway({ jars, headspaceIn, solidsShare }: Props) {
  const shapes = jars.map((jar) => outline(jar.size, jar.mouth));
  const width = shapes.reduce((sum, shape) => sum + shape.body + GAP, 24);
  const base = TOP + TALLEST;
  let x = 14;
  return (
    <svg
      viewBox={`0 0 ${width} ${base + 28}`}
      className="mx-auto block h-auto max-h-[18rem] w-full"
      role="img"
      aria-label={jars
        .map(
          (jar) =>
            `One ${jar.size}: ${jar.solids} of solids, ${jar.broth} of broth, ${formatInches(headspaceIn)} of headspace`,
        )
        .join(". ")}
    >
      {jars.map((jar, index) => {
        const shape = shapes[index] ?? outline(jar.size, jar.mouth);
        const middle = x + shape.body / 2;
        x += shape.body + GAP;
        return (
          <CutJar
            key={`${jar.size}/${jar.mouth}`}
            jar={jar}
            x={middle}
            base={base}
            headspaceIn={headspaceIn}
            solidsShare={solidsShare}
          />
        );
      })}
    </svg>
  );
}

interface JarProps {
  readonly jar: JarFill;
  readonly x: number;
  readonly base: number;
  readonly headspaceIn: number;
  readonly solidsShare: number;
}

function CutJar({ jar, x, base, headspaceIn, solidsShare }: JarProps) {
  const clip = useId();
  const shape = outline(jar.size, jar.mouth);
  const rim = base - shape.height;
  const level = rim + headspaceIn * 25.4;
  // The body is near enough a cylinder that its share of volume is its share of height below the level.
  const solidsTop = base - (base - level) * Math.min(1, solidsShare);
  const right = x + shape.body / 2;
  // In the middle of the broth, but never so low that it meets the words about the solids.
  const brothText = Math.min((level + solidsTop) / 2 + 4, solidsTop - 16);
  return (
    <g>
      <clipPath id={clip}>
        <path d={glassPath(shape, x, base)} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <rect
          x={x - shape.body}
          y={level}
          width={shape.body * 2}
          height={base - level}
          className="fill-broth"
        />
        <Pieces x={x} width={shape.body} top={solidsTop} bottom={base} />
      </g>
      <path d={glassPath(shape, x, base)} fill="none" className="stroke-glass" strokeWidth="2.2" />
      <rect x={x - shape.lid / 2} y={rim - 9} width={shape.lid} height={10} rx="2" className="fill-bar" />
      <g className="stroke-primary" strokeWidth="1.6" fill="none">
        <path
          d={`M ${right + 6} ${rim} h 9 M ${right + 10.5} ${rim} V ${level} M ${right + 6} ${level} h 9`}
        />
      </g>
      <text x={right + 19} y={rim + 10} className="fill-primary text-[13px] font-bold">
        {formatInches(headspaceIn)}
      </text>
      <text x={right + 19} y={rim + 22} className="fill-soft text-[11px]">
        headspace
      </text>
      <line
        x1={x - shape.body / 2}
        x2={right + 12}
        y1={solidsTop}
        y2={solidsTop}
        className="stroke-ink"
        strokeWidth="1.4"
        strokeDasharray="3 3"
      />
      <text x={right + 8} y={solidsTop + 14} className="fill-ink text-[13px] font-bold">
        {jar.solids}
      </text>
      <text x={right + 8} y={solidsTop + 26} className="fill-soft text-[11px]">
        of solids
      </text>
      <text x={right + 8} y={brothText} className="fill-ink text-[13px] font-bold">
        {jar.broth}
      </text>
      <text x={right + 8} y={brothText + 12} className="fill-soft text-[11px]">
        of broth
      </text>
      <text x={x} y={base + 20} textAnchor="middle" className="fill-ink text-[12px] font-bold">
        {jarWord(jar.size, 1)}, {jar.mouth}
      </text>
    </g>
  );
}

/** Bits of food, strewn the same way every time, so that the picture never flickers. */
const Pieces = memo(function Pieces({
  x,
  width,
  top,
  bottom,
}: {
  readonly x: number;
  readonly width: number;
  readonly top: number;
  readonly bottom: number;
}) {
  const step = 8.4;
  const bits = [];
  for (let row = 0, y = bottom - 5; y > top + 3; row++, y -= step * 0.86) {
    for (let column = 0; column * step < width + step; column++) {
      const seed = (row * 7 + column * 13 + row * column) % 11;
      bits.push(
        <circle
          key={`${row}/${column}`}
          cx={x - width / 2 + column * step + (row % 2) * (step / 2) + (seed - 5) * 0.25}
          cy={y + (seed % 3) - 1}
          r={3.1 + (seed % 4) * 0.35}
          fill={PIECES[(seed * 3 + row) % PIECES.length]}
        />,
      );
    }
  }
  return <g opacity="0.92">{bits}</g>;
});
