import { glassPath, outline } from "./shape";

interface Props {
  readonly size: string;
  readonly mouth: string;
  /** What is in it, as it looks. */
  readonly colour: { readonly solids: string; readonly broth: string };
  readonly height?: number;
  readonly empty?: boolean;
}

const TALLEST = 178;

/** A jar as it stands on a shelf: to scale with its neighbours, coloured by what is in it. */
export function ShelfJar({ size, mouth, colour, height = 96, empty = false }: Props) {
  const shape = outline(size, mouth);
  const scale = height / TALLEST;
  const [width, tall] = [shape.body + 6, shape.height + 10];
  const level = 10 + 25.4;
  return (
    <svg
      width={width * scale}
      height={tall * scale}
      viewBox={`${-width / 2} 0 ${width} ${tall}`}
      aria-hidden="true"
    >
      {!empty && (
        <>
          <clipPath id={`body-${size}-${mouth}`}>
            <path d={glassPath(shape, 0, tall - 1)} />
          </clipPath>
          <g clipPath={`url(#body-${size}-${mouth})`}>
            <rect x={-width} y={level} width={width * 2} height={tall} fill={colour.broth} opacity="0.6" />
            <rect
              x={-width}
              y={level + (tall - level) / 2}
              width={width * 2}
              height={tall}
              fill={colour.solids}
              opacity="0.9"
            />
          </g>
        </>
      )}
      <path
        d={glassPath(shape, 0, tall - 1)}
        fill="none"
        className={empty ? "stroke-bar" : "stroke-glass"}
        strokeWidth="3.5"
        strokeDasharray={empty ? "6 6" : undefined}
      />
      {!empty && <rect x={-shape.lid / 2} y={0} width={shape.lid} height={12} rx="3" className="fill-bar" />}
    </svg>
  );
}
