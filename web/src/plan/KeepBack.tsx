import { useState } from "react";
import { Field } from "@/kit";
import type { Kitchen } from "@/kitchen";
import type { Dish } from "./body";

const UNITS = [
  { value: "qt", text: "quarts" },
  { value: "cup", text: "cups" },
  { value: "L", text: "litres" },
  { value: "servings", text: "servings" },
];

interface Props {
  readonly dish: Dish;
  readonly kitchen: Kitchen;
  readonly wrong: string | undefined;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** What leaves the pot for dinner before a jar is filled. */
export function KeepBack({ dish, kitchen, wrong, change }: Props) {
  const [typing, setTyping] = useState<string | undefined>();
  const [usual, setUsual] = useState(kitchen.units === "metric" ? "L" : "qt");
  const kept = dish.keepBack;
  const unit = kept?.unit ?? usual;
  const set = (text: string, nextUnit: string) => {
    const value = Number(text.replace(",", "."));
    change((now) => {
      const { keepBack: _, ...rest } = now;
      return text.trim() === "" ? rest : { ...rest, keepBack: { value, unit: nextUnit } };
    });
  };
  const shown = typing ?? (kept?.value == null ? "" : String(kept.value));
  const noNumber = shown.trim() !== "" && !Number.isFinite(Number(shown.replace(",", ".")));
  return (
    <Field
      label="Keep back for dinner"
      error={noNumber ? "A number, please" : wrong}
      hint={kept ? undefined : "It leaves the pot before the jars."}
    >
      {(id, described) => (
        <div className="flex gap-2">
          <input
            id={id}
            aria-describedby={described}
            inputMode="decimal"
            placeholder="none"
            className="input digits min-h-11 w-20"
            value={shown}
            onChange={(event) => {
              setTyping(event.target.value);
              if (Number.isFinite(Number(event.target.value.replace(",", ".")))) {
                set(event.target.value, unit);
              }
            }}
            onBlur={() => setTyping(undefined)}
          />
          <select
            aria-label="Keep back in"
            className="select min-h-11 flex-1"
            value={unit}
            onChange={(event) => {
              setUsual(event.target.value);
              if (kept?.value != null) {
                set(String(kept.value), event.target.value);
              }
            }}
          >
            {UNITS.map((each) => (
              <option key={each.value} value={each.value}>
                {each.text}
              </option>
            ))}
          </select>
        </div>
      )}
    </Field>
  );
}
