import { Choice, ProblemNote } from "@/kit";
import { type Kitchen, useSettings } from "./useKitchen";

/** US or metric, on every page. */
export function Measures({ kitchen }: { readonly kitchen: Kitchen }) {
  const { save, error } = useSettings();
  return (
    <div>
      <Choice
        label="Measures"
        value={kitchen.units === "metric" ? "metric" : "us"}
        options={[
          { value: "us", text: "US" },
          { value: "metric", text: "Metric" },
        ]}
        onChange={(units) => save({ units })}
      />
      <ProblemNote error={error} />
    </div>
  );
}
