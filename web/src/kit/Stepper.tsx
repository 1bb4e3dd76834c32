import { Minus, Plus } from "lucide-react";
import { useId, useState } from "react";

interface Props {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
  readonly min?: number;
  readonly max?: number;
  readonly step?: number;
  readonly format?: (value: number) => string;
}

/** A number changed by two large buttons, or typed. What cannot be meant is said under it. */
export function Stepper({ label, value, onChange, min = 0, max = 99, step = 1, format = String }: Props) {
  const id = useId();
  // While it is typed, the text stands as it is: "0." is on its way to "0.5".
  const [typing, setTyping] = useState<string | undefined>();
  const to = (next: number) => onChange(Math.round(Math.min(max, Math.max(min, next)) * 100) / 100);
  const wrong = typing === undefined ? undefined : whyNot(typing, min, max, step);
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-2">
      <label htmlFor={id} className={`font-semibold ${label.length < 14 ? "whitespace-nowrap" : ""}`}>
        {label}
      </label>
      <div className="flex items-center rounded-field border border-line bg-paper">
        <button
          type="button"
          className="btn btn-ghost h-12 min-h-12 w-10 px-0 text-primary"
          aria-label={`One less: ${label}`}
          disabled={value <= min}
          onClick={() => to(value - step)}
        >
          <Minus size={20} />
        </button>
        <input
          id={id}
          aria-invalid={wrong !== undefined}
          aria-describedby={wrong === undefined ? undefined : `${id}-wrong`}
          className="digits w-12 bg-transparent text-center text-xl font-bold"
          inputMode="decimal"
          value={typing ?? format(value)}
          onChange={(event) => {
            setTyping(event.target.value);
            if (!whyNot(event.target.value, min, max, step)) {
              to(number(event.target.value));
            }
          }}
          onFocus={(event) => event.target.select()}
          onBlur={() => setTyping(undefined)}
        />
        <button
          type="button"
          className="btn btn-ghost h-12 min-h-12 w-10 px-0 text-primary"
          aria-label={`One more: ${label}`}
          disabled={value >= max}
          onClick={() => to(value + step)}
        >
          <Plus size={20} />
        </button>
      </div>
      {wrong && (
        <p id={`${id}-wrong`} role="alert" className="w-full text-[0.9rem] font-semibold text-brick">
          {wrong}
        </p>
      )}
    </div>
  );
}

function number(typed: string): number {
  return Number(typed.trim().replace(",", "."));
}

/** Why what was typed cannot be taken: then the number before it stands, and nothing is lost by leaving the field. */
function whyNot(typed: string, min: number, max: number, step: number): string | undefined {
  const value = number(typed);
  if (typed.trim() === "" || !Number.isFinite(value)) {
    return `A number from ${min} to ${max}, please`;
  }
  if (value < min || value > max) {
    return value < min ? `${min} or more` : `${max} at most`;
  }
  return step >= 1 && !Number.isInteger(value) ? "A whole number, please" : undefined;
}
