import { useState } from "react";
import { NumberField } from "@/kit";
import type { Kitchen } from "@/kitchen";
import type { Dish } from "./body";

const UNITS = [
  { value: "qt", text: "quarts", metric: false },
  { value: "cup", text: "cups", metric: false },
  { value: "L", text: "litres", metric: true },
  { value: "servings", text: "servings", metric: undefined },
];

const KEPT = { min: 0, max: 200 };

interface Props {
  readonly dish: Dish;
  readonly kitchen: Kitchen;
  readonly wrong: string | undefined;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** What leaves the pot for dinner before a jar is filled. */
export function KeepBack({ dish, kitchen, wrong, change }: Props) {
  const [usual, setUsual] = useState(kitchen.units === "metric" ? "L" : "qt");
  const kept = dish.keepBack;
  const metric = kitchen.units === "metric";
  const unit = kept?.unit ?? usual;
  // What was kept back in the other measures stays as it was said.
  const units = UNITS.filter((each) => each.value === unit || each.metric !== !metric);
  const set = (value: number, nextUnit: string) =>
    change((now) => ({ ...now, keepBack: { value, unit: nextUnit } }));
  return (
    <NumberField
      label="Keep back for dinner"
      value={kept?.value}
      bounds={KEPT}
      error={wrong}
      hint={kept ? undefined : "It leaves the pot before the jars."}
      placeholder="none"
      className="w-20"
      onChange={(value) => set(value, unit)}
      onEmpty={() => change(({ keepBack: _, ...rest }) => rest)}
      beside={
        <select
          aria-label="Keep back in"
          className="select min-h-11 flex-1"
          value={unit}
          onChange={(event) => {
            setUsual(event.target.value);
            if (kept?.value != null) {
              set(kept.value, event.target.value);
            }
          }}
        >
          {units.map((each) => (
            <option key={each.value} value={each.value}>
              {each.text}
            </option>
          ))}
        </select>
      }
    />
  );
}
