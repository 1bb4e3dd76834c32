import { Card, ProblemNote } from "@/kit";
import { CARE_POINTS } from "./carePoints";
import { type Kitchen, useSettings } from "./useKitchen";

/** Habits that help, each switched on by those who want to be reminded: then the lid waits for it. */
export function CareCard({ kitchen }: { readonly kitchen: Kitchen }) {
  const { save, error } = useSettings();
  return (
    <Card label="Care points" className="flex flex-col gap-3">
      <div>
        <h2 className="text-xl font-bold">Care points</h2>
        <p className="text-soft">
          Asked for at the stove, beside the six checks of every run. The lid waits until each is ticked or
          waived.
        </p>
      </div>
      <ProblemNote error={error} />
      <div className="grid gap-x-10 gap-y-1 md:grid-cols-2">
        {CARE_POINTS.map(({ code, text, detail }) => (
          <label key={code} className="flex min-h-14 cursor-pointer items-center gap-3">
            <input
              type="checkbox"
              className="toggle toggle-primary shrink-0"
              checked={kitchen.care.includes(code)}
              onChange={(event) => save({ care: { [code]: event.target.checked } })}
            />
            <span>
              <strong className="block leading-tight">{text}</strong>
              <span className="text-[0.9rem] text-soft">{detail}</span>
            </span>
          </label>
        ))}
      </div>
    </Card>
  );
}
