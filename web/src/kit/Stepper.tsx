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

/** A number changed by two large buttons, or typed. */
export function Stepper({ label, value, onChange, min = 0, max = 99, step = 1, format = String }: Props) {
  const id = useId();
  // While it is typed, the text stands as it is: "0." is on its way to "0.5".
  const [typing, setTyping] = useState<string | undefined>();
  const to = (next: number) => onChange(Math.round(Math.min(max, Math.max(min, next)) * 100) / 100);
  return (
    <div className="flex items-center justify-between gap-2">
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
          className="digits w-12 bg-transparent text-center text-xl font-bold"
          inputMode="decimal"
          value={typing ?? format(value)}
          onChange={(event) => {
            setTyping(event.target.value);
            const typed = Number(event.target.value.replace(",", "."));
            if (event.target.value.trim() !== "" && Number.isFinite(typed)) {
              to(typed);
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
    </div>
  );
}
