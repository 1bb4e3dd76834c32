import { type PointerEvent, useRef } from "react";
import { buttonClasses } from "@/kit";

interface Props {
  readonly value: number;
  readonly onChange: (value: number) => void;
  readonly label?: string;
}

const SWEEP = 270;
const STEP = 5;
const KEYS: Readonly<Record<string, (value: number) => number>> = {
  ArrowUp: (value) => value + STEP,
  ArrowRight: (value) => value + STEP,
  ArrowDown: (value) => value - STEP,
  ArrowLeft: (value) => value - STEP,
  PageUp: (value) => value + 4 * STEP,
  PageDown: (value) => value - 4 * STEP,
  Home: () => 0,
  End: () => 100,
};

/** The knob of a burner: dragged round, turned by keys, or by the two buttons beside it. */
export function Knob({ value, onChange, label = "Burner" }: Props) {
  const knob = useRef<HTMLDivElement>(null);
  const to = (next: number) => {
    const rounded = Math.min(100, Math.max(0, Math.round(next)));
    if (rounded !== value) {
      onChange(rounded);
    }
  };
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    const box = knob.current?.getBoundingClientRect();
    if (!box || !event.currentTarget.hasPointerCapture(event.pointerId)) {
      return;
    }
    const x = event.clientX - box.left - box.width / 2;
    const y = event.clientY - box.top - box.height / 2;
    const angle = (Math.atan2(x, -y) * 180) / Math.PI;
    // Below the knob there is a gap between full and off: whoever drags through it stays at the nearer end.
    to(((Math.min(SWEEP / 2, Math.max(-SWEEP / 2, angle)) + SWEEP / 2) / SWEEP) * 100);
  };
  const angle = -SWEEP / 2 + (value / 100) * SWEEP;
  return (
    <div className="flex items-center gap-2">
      <button
        type="button"
        className={buttonClasses({}, "min-h-14 w-14 px-0! text-2xl!")}
        aria-label={`Less heat: ${label}`}
        disabled={value === 0}
        onClick={() => to(value - STEP)}
      >
        −
      </button>
      <div
        ref={knob}
        className="size-24 shrink-0 cursor-grab touch-none rounded-full select-none"
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={value}
        aria-valuetext={value === 0 ? "off" : `${value} percent`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          drag(event);
        }}
        onPointerMove={drag}
        onKeyDown={(event) => {
          const turn = KEYS[event.key];
          if (turn) {
            event.preventDefault();
            to(turn(value));
          }
        }}
      >
        <svg viewBox="-50 -50 100 100" className="size-full" aria-hidden="true">
          {Array.from({ length: 11 }, (_, tick) => (
            <line
              key={tick}
              y1="-47"
              y2={tick % 5 === 0 ? -39 : -42}
              transform={`rotate(${-SWEEP / 2 + (tick / 10) * SWEEP})`}
              className={tick * 10 <= value && value > 0 ? "stroke-copper" : "stroke-bar"}
              strokeWidth="4"
            />
          ))}
          <circle r="34" className="fill-steam stroke-glass" strokeWidth="3" />
          <g transform={`rotate(${angle})`}>
            <path d="M0 -31 V-22" className="stroke-copper" strokeWidth="6" strokeLinecap="round" />
          </g>
          <text
            y="9"
            textAnchor="middle"
            className="digits pointer-events-none fill-ink text-[19px] font-bold"
          >
            {value === 0 ? "off" : value}
          </text>
        </svg>
      </div>
      <button
        type="button"
        className={buttonClasses({}, "min-h-14 w-14 px-0! text-2xl!")}
        aria-label={`More heat: ${label}`}
        disabled={value === 100}
        onClick={() => to(value + STEP)}
      >
        +
      </button>
    </div>
  );
}
