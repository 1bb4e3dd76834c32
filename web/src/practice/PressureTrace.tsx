import type { Scene } from "./scene";

const [W, H, LEFT, RIGHT, TOP, FOOT] = [360, 152, 30, 8, 8, 22];
const MOST = 20;

/** The pressure since the burner was lit, and the mark. */
export function PressureTrace({ scene, index }: { readonly scene: Scene; readonly index: number }) {
  const canner = scene.canners[index];
  if (!canner) {
    return null;
  }
  const end = Math.max(20 * 60_000, scene.at * 1.05);
  const x = (at: number) => LEFT + (at / end) * (W - LEFT - RIGHT);
  const y = (psi: number) => TOP + (1 - psi / MOST) * (H - TOP - FOOT);
  const points = canner.trace
    .filter((sight) => sight.atMillis <= scene.at)
    .map((sight) => `${x(sight.atMillis).toFixed(1)},${y(Math.min(MOST, sight.psi)).toFixed(1)}`);
  const now = scene.sight(index);
  if (now) {
    points.push(`${x(scene.at).toFixed(1)},${y(Math.min(MOST, now.psi)).toFixed(1)}`);
  }
  const minutes = end / 60_000;
  const every = minutes > 120 ? 60 : minutes > 60 ? 30 : minutes > 30 ? 10 : 5;
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="h-auto w-full"
      role="img"
      aria-label={`The pressure since the burner was lit; it stands at ${(now?.psi ?? 0).toFixed(1)} psi, the mark is ${canner.setup.psi}`}
    >
      {[0, 5, 10, 15, 20].map((psi) => (
        <g key={psi}>
          <line x1={LEFT} x2={W - RIGHT} y1={y(psi)} y2={y(psi)} className="stroke-line" />
          <text x={LEFT - 6} y={y(psi) + 4} textAnchor="end" className="fill-soft text-[12px]">
            {psi}
          </text>
        </g>
      ))}
      {Array.from({ length: Math.floor(minutes / every) + 1 }, (_, tick) => tick * every).map((minute) => (
        <text
          key={minute}
          x={x(minute * 60_000)}
          y={H - 5}
          textAnchor={minute === 0 ? "start" : "middle"}
          className="fill-soft text-[12px]"
        >
          {minute === 0 ? "minutes" : minute}
        </text>
      ))}
      <line
        x1={LEFT}
        x2={W - RIGHT}
        y1={y(canner.setup.psi)}
        y2={y(canner.setup.psi)}
        className="stroke-copper"
        strokeWidth="2"
        strokeDasharray="6 4"
      />
      <polyline
        points={points.join(" ")}
        className="fill-none stroke-primary"
        strokeWidth="3"
        strokeLinejoin="round"
      />
    </svg>
  );
}
