import { useState } from "react";
import { Field } from "@/kit";
import type { Dish } from "./body";

interface Props {
  readonly dish: Dish;
  readonly metric: boolean;
  readonly wrong: (field: string) => string | undefined;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** How full of solids a jar is that was ladled from the pot as it is. */
const SOLIDS = [
  { value: "", text: "as the recipe has it" },
  { value: "0.25", text: "a quarter of the jar" },
  { value: "0.33", text: "a third" },
  { value: "0.5", text: "half" },
  { value: "0.67", text: "two thirds" },
  { value: "0.75", text: "three quarters" },
  { value: "1", text: "all of it" },
] as const;

const WEIGHED = /\b(lb|lbs|pounds?|oz|kg|g|grams?)\b/i;

/** A pot that stands cooked: how much is in it by its marks or on a scale, and how much of that is solid. */
export function PotAsItIs({ dish, metric, wrong, change }: Props) {
  const amount = dish.pot?.amount ?? "";
  const set = (part: Partial<NonNullable<Dish["pot"]>>) =>
    change((now) => {
      const next = { ...now.pot, amount: now.pot?.amount ?? "", ...part };
      const { pot: _, ...rest } = now;
      return next.amount.trim() === "" ? rest : { ...rest, pot: next };
    });
  return (
    <>
      <Typed
        label="In the pot"
        placeholder={metric ? "9 L or 10 kg" : "9 qt or 20 lb"}
        value={amount}
        error={wrong("pot.amount")}
        set={(typed) => set({ amount: typed })}
      />
      {WEIGHED.test(amount) && (
        <Typed
          label="The pot empty"
          placeholder={metric ? "2 kg" : "4 lb"}
          value={dish.pot?.empty ?? ""}
          error={wrong("pot.empty")}
          set={(typed) => set({ empty: typed })}
        />
      )}
      <Field label="Solids in a jar ladled from it" hint="Fill one, let it settle, and look.">
        {(id, described) => (
          <select
            id={id}
            aria-describedby={described}
            className="select min-h-11 w-full"
            value={dish.pot?.solids == null ? "" : String(dish.pot.solids)}
            disabled={amount === ""}
            onChange={(event) => {
              const share = event.target.value;
              change((now) => {
                if (!now.pot) {
                  return now;
                }
                const { solids: _, ...pot } = now.pot;
                return { ...now, pot: share === "" ? pot : { ...pot, solids: Number(share) } };
              });
            }}
          >
            {SOLIDS.map((each) => (
              <option key={each.value} value={each.value}>
                {each.text}
              </option>
            ))}
          </select>
        )}
      </Field>
    </>
  );
}

interface TypedProps {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly error: string | undefined;
  readonly set: (typed: string) => void;
}

/** Keeps what is typed as it is typed; the plan has what was last understood. */
function Typed({ label, placeholder, value, error, set }: TypedProps) {
  const [typing, setTyping] = useState<string | undefined>();
  return (
    <Field label={label} error={error}>
      {(id, described) => (
        <input
          id={id}
          aria-describedby={described}
          className="input min-h-11 w-full text-lg font-bold"
          placeholder={placeholder}
          maxLength={40}
          value={typing ?? value}
          onChange={(event) => {
            setTyping(event.target.value);
            set(event.target.value);
          }}
          onBlur={() => setTyping(undefined)}
        />
      )}
    </Field>
  );
}
