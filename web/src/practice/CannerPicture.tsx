import { useEffect, useId, useRef } from "react";
import type { Noise } from "./noise";
import { DIAL_MOST, dialAngle, FLOOR, Painter, type Parts } from "./picture";
import type { Scene, Setup } from "./scene";
import { seen } from "./words";

interface Props {
  readonly scene: Scene;
  readonly index: number;
  readonly noise?: Noise | undefined;
}

/** A canner on its burner, with its front cut open: drawn from the simulation, frame by frame. */
export function CannerPicture({ scene, index, noise }: Props) {
  const parts = useRef<Parts>({
    needle: null,
    weight: null,
    steam: null,
    flame: null,
    water: null,
    jars: null,
    drips: null,
  });
  const clip = useId();
  const setup = scene.canners[index]?.setup;
  useEffect(() => {
    const still = matchMedia("(prefers-reduced-motion: reduce)").matches;
    const painter = new Painter(parts.current, still, noise);
    return scene.paint(() => painter.paint(scene, index, performance.now()));
  }, [scene, index, noise]);
  if (!setup) {
    return null;
  }
  const sight = scene.sight(index);
  const open = sight?.lidOff === true || scene.knob(index, "lid") === 1;
  const hold = (name: keyof Parts) => (node: SVGElement | null) => {
    (parts.current as Record<keyof Parts, SVGElement | null>)[name] = node;
  };
  return (
    <svg
      viewBox="30 0 340 402"
      className="mx-auto block h-auto max-h-[36vh] lg:max-h-[43vh] w-full max-w-[25rem]"
      role="img"
      aria-label={sight ? seen(setup, sight) : "A canner on its burner"}
    >
      <defs>
        <clipPath id={clip}>
          <rect x="86" y="206" width="228" height="146" rx="14" />
        </clipPath>
      </defs>
      <Burner hold={hold("flame")} />
      <path
        d="M62 176 H338 V352 Q338 372 316 372 H84 Q62 372 62 352 Z"
        className="fill-steam stroke-glass"
        strokeWidth="3.500"
      />
      <path
        d="M62 214 H40 Q34 214 34 222 T40 230 H62 M338 214 H360 Q366 214 366 222 T360 230 H338"
        className="fill-none stroke-glass"
        strokeWidth="4"
      />
      <g clipPath={`url(#${clip})`}>
        <rect x="86" y="206" width="228" height="146" className="fill-paper" />
        <rect ref={hold("water")} x="86" width="228" y={FLOOR} height="0" className="fill-primary/25" />
        <Jars setup={setup} hold={hold("jars")} dripsHold={hold("drips")} />
      </g>
      <rect
        x="86"
        y="206"
        width="228"
        height="146"
        rx="14"
        className="fill-none stroke-line"
        strokeWidth="2.500"
      />
      <g transform={open ? "translate(26 -34) rotate(-13 300 160)" : ""}>
        <path
          d="M54 178 Q58 152 96 150 H304 Q342 152 346 178 Z"
          className="fill-paper stroke-glass"
          strokeWidth="3.500"
        />
        <path d="M44 166 H72 M328 166 H356" className="stroke-glass" strokeWidth="7" strokeLinecap="round" />
        <rect
          x="133"
          y="128"
          width="14"
          height="22"
          className="fill-steam stroke-glass"
          strokeWidth="2.500"
        />
        <circle cx="186" cy="146" r="6" className="fill-bar" />
        {setup.gauge === "dial" ? <Dial setup={setup} hold={hold("needle")} /> : <Plain />}
        <g transform="translate(140 126)">
          <g ref={hold("steam")}>
            {Array.from({ length: 9 }, (_, puff) => (
              <circle key={puff} r="9" className="fill-bar" style={{ opacity: 0 }} />
            ))}
          </g>
        </g>
        <g transform="translate(140 122)">
          <g ref={hold("weight")} transform="translate(-92 76) rotate(-8)">
            <Weight setup={setup} />
          </g>
        </g>
      </g>
    </svg>
  );
}

function Burner({ hold }: { readonly hold: (node: SVGElement | null) => void }) {
  return (
    <g>
      <path d="M48 394 H352" className="stroke-glass" strokeWidth="5" strokeLinecap="round" />
      <path d="M92 394 V376 M308 394 V376 M200 394 V376" className="stroke-glass" strokeWidth="4" />
      <g transform="translate(0 392)">
        <g ref={hold} transform="scale(1 0)">
          {[112, 138, 164, 190, 216, 242, 268, 290].map((x) => (
            <path
              key={x}
              d={`M${x - 9} 0 Q${x - 8} -9 ${x} -18 Q${x + 8} -9 ${x + 9} 0 Z`}
              className="fill-copper"
            />
          ))}
        </g>
      </g>
    </g>
  );
}

/** The dial, with the mark that is aimed at. */
function Dial({ setup, hold }: { readonly setup: Setup; readonly hold: (node: SVGElement | null) => void }) {
  const at = (psi: number, radius: number) => {
    const angle = ((dialAngle(psi) - 90) * Math.PI) / 180;
    return [Math.cos(angle) * radius, Math.sin(angle) * radius] as const;
  };
  const [mx, my] = at(setup.psi, 50);
  const [ix, iy] = at(setup.psi, 37);
  return (
    <g transform="translate(262 92)">
      <path d="M-6 56 H6 V46 H-6 Z" className="fill-steam stroke-glass" strokeWidth="2.500" />
      <circle r="51" className="fill-paper stroke-glass" strokeWidth="3.500" />
      <line x1={ix} y1={iy} x2={mx} y2={my} className="stroke-copper" strokeWidth="7" />
      {Array.from({ length: DIAL_MOST + 1 }, (_, psi) => {
        const long = psi % 5 === 0;
        const [x1, y1] = at(psi, 48);
        const [x2, y2] = at(psi, long ? 40 : 44);
        const [tx, ty] = at(psi, 30);
        return (
          <g key={psi}>
            <line x1={x1} y1={y1} x2={x2} y2={y2} className="stroke-glass" strokeWidth={long ? 2 : 1} />
            {long && (
              <text x={tx} y={ty + 4.5} textAnchor="middle" className="fill-ink text-[13px] font-bold">
                {psi}
              </text>
            )}
          </g>
        );
      })}
      <g ref={hold} transform={`rotate(${dialAngle(0)})`}>
        <path d="M-2.200 10 L0 -43 L2.200 10 Z" className="fill-brick" />
      </g>
      <circle r="5" className="fill-glass" />
      <text y="40" textAnchor="middle" className="fill-soft text-[11px]">
        psi
      </text>
    </g>
  );
}

/** A weighted canner has no dial to trust: only its cover lock. */
function Plain() {
  return (
    <g>
      <rect
        x="252"
        y="140"
        width="20"
        height="10"
        rx="3"
        className="fill-steam stroke-glass"
        strokeWidth="2.500"
      />
      <circle cx="262" cy="138" r="5" className="fill-brick" />
    </g>
  );
}

function Weight({ setup }: { readonly setup: Setup }) {
  return (
    <g>
      <path d="M-20 2 L-16 -26 H16 L20 2 Z" className="fill-glass" />
      <rect x="-9" y="-33" width="18" height="8" rx="3" className="fill-glass" />
      <text y="-7" textAnchor="middle" className="fill-paper text-[15px] font-bold">
        {setup.gauge === "weighted" ? setup.psi : ""}
      </text>
    </g>
  );
}

interface JarsProps {
  readonly setup: Setup;
  readonly hold: (node: SVGElement | null) => void;
  readonly dripsHold: (node: SVGElement | null) => void;
}

/** Those that can be seen from the front; the middle of each takes the colour of its slowest point. */
function Jars({ setup, hold, dripsHold }: JarsProps) {
  const quarts = setup.quarts > 0;
  const count = Math.min(quarts ? 4 : 5, setup.quarts + setup.pints);
  const height = quarts ? 108 : 72;
  const width = quarts ? 48 : 40;
  const gap = (228 - count * width) / (count + 1);
  return (
    <g ref={hold} style={{ ["--full" as string]: 1, ["--heat" as string]: "30%" }}>
      <path d="M92 346 H308" className="stroke-bar" strokeWidth="3" strokeDasharray="10 5" />
      {Array.from({ length: count }, (_, jar) => {
        const x = 86 + gap + jar * (width + gap);
        const top = 344 - height;
        return (
          <g key={jar}>
            <rect x={x} y={top + 8} width={width} height={height - 8} rx="7" className="fill-paper/60" />
            <rect
              x={x + 2}
              y={top + 18}
              width={width - 4}
              height={height - 20}
              rx="5"
              className="fill-broth"
              style={{
                transformBox: "fill-box",
                transformOrigin: "bottom",
                transform: "scaleY(var(--full))",
              }}
            />
            <ellipse
              cx={x + width / 2}
              cy={top + height * 0.58}
              rx={width * 0.27}
              ry={height * 0.2}
              style={{ fill: "color-mix(in oklab, var(--color-copper) var(--heat), var(--color-bar))" }}
            />
            <rect
              x={x}
              y={top + 8}
              width={width}
              height={height - 8}
              rx="7"
              className="fill-none stroke-glass"
              strokeWidth="2"
            />
            <rect x={x + 3} y={top} width={width - 6} height="9" rx="2" className="fill-glass" />
          </g>
        );
      })}
      <g ref={dripsHold} style={{ opacity: 0 }} className="fill-mustard">
        {[104, 150, 206, 258, 296].map((x) => (
          <path key={x} d={`M${x} 330 q-5 8 0 10 q5 -2 0 -10 Z`} />
        ))}
      </g>
    </g>
  );
}
