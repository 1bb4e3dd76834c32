import { Stepper } from "@/kit";
import type { Kitchen, Settings } from "./useKitchen";

interface Props {
  readonly kitchen: Kitchen;
  readonly settings: Settings;
}

const ML_PER_CUP = 236.59;

/** Who eats here, and how much: a plan says how many meals its jars are. */
export function Household({ kitchen, settings: { save } }: Props) {
  const metric = kitchen.units === "metric";
  return (
    <div className="flex flex-col gap-2">
      <Stepper
        label="People at the table"
        value={kitchen.people}
        min={1}
        max={50}
        onChange={(people) => save({ people })}
      />
      {metric ? (
        <Stepper
          label="A serving, ml"
          value={Math.round(kitchen.servingMl / 10) * 10}
          min={100}
          max={1000}
          step={50}
          onChange={(servingMl) => save({ servingMl })}
        />
      ) : (
        <Stepper
          label="A serving, cups"
          value={Math.round((kitchen.servingMl / ML_PER_CUP) * 4) / 4}
          min={0.5}
          max={4}
          step={0.25}
          onChange={(cups) => save({ servingMl: cups * ML_PER_CUP })}
        />
      )}
    </div>
  );
}

/** How long a jar is at its best: said on the label of every jar shelved from now on. */
export function BestMonths({ kitchen, settings: { save } }: Props) {
  return (
    <Stepper
      label="Best within, months"
      value={kitchen.bestMonths}
      min={1}
      max={18}
      onChange={(bestMonths) => save({ bestMonths })}
    />
  );
}
