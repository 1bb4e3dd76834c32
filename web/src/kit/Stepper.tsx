import { Minus, Plus } from "lucide-react";
import { useId, useRef } from "react";
import { useTyped } from "./useTyped";

interface Props {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
  readonly min?: number;
  readonly max?: number;
  readonly step?: number;
}

/** A number changed by two large buttons, or typed. What cannot be meant is said under it. */
export function Stepper({ label, value, onChange, min = 0, max = 99, step = 1 }: Props) {
  const id = useId();
  // Of two quick taps the second goes on from the first, whether or not it is on the screen yet.
  const latest = useRef(value);
  latest.current = value;
  const to = (next: number) => {
    latest.current = Math.round(Math.min(max, Math.max(min, next)) * 100) / 100;
    onChange(latest.current);
  };
  const { input, note, drop } = useTyped({ value, bounds: { min, max, whole: step >= 1 }, onChange: to });
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-2">
      <label htmlFor={id} className={`font-semibold ${label.length < 14 ? "whitespace-nowrap" : ""}`}>
        {label}
      </label>
      <div className="flex items-center rounded-field border border-line bg-paper">
        <button
          type="button"
          className="btn btn-ghost h-12 min-h-12 w-11 px-0 text-primary"
          aria-label={`One less: ${label}`}
          disabled={value <= min}
          onClick={() => {
            drop();
            to(latest.current - step);
          }}
        >
          <Minus size={20} />
        </button>
        <input
          {...input}
          id={id}
          className="digits h-12 w-12 bg-transparent text-center text-xl font-bold"
          onFocus={(event) => event.target.select()}
        />
        <button
          type="button"
          className="btn btn-ghost h-12 min-h-12 w-11 px-0 text-primary"
          aria-label={`One more: ${label}`}
          disabled={value >= max}
          onClick={() => {
            drop();
            to(latest.current + step);
          }}
        >
          <Plus size={20} />
        </button>
      </div>
      {note}
    </div>
  );
}
