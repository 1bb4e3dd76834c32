interface Props {
  readonly rows: readonly string[];
  readonly label: string;
}

/** A code to be scanned, black on white in any light: cameras do not read it the other way round. */
export function Qr({ rows, label }: Props) {
  const size = rows.length;
  const path = rows
    .flatMap((row, y) => [...row].map((dot, x) => (dot === "1" ? `M${x} ${y}h1v1h-1z` : "")))
    .join("");
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${size} ${size}`}
      className="aspect-square w-44 rounded-field border border-line bg-white p-1"
      shapeRendering="crispEdges"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}
