import type { ReactNode } from "react";
import { countJars, formatDateTime, formatSpan, formatTime } from "@/quantity";
import type { Day, DishResponse, Plan } from "./usePlan";

interface Props {
  readonly plan: Plan;
  /** Which recipe the open part is about, where there are several. */
  readonly chosen: string | undefined;
  readonly choose: (key: string) => void;
  readonly children?: ReactNode;
}

/** The answer in short: jars, what is over, how sure that is, what lacks, how many loads and when they are done. */
export function PlanSummary({ plan, chosen, choose, children }: Props) {
  const several = plan.dishes.length > 1;
  return (
    <section
      aria-label="What it makes"
      aria-live="polite"
      className="flex flex-col gap-1 rounded-box border border-line bg-paper px-4 py-3"
    >
      {plan.dishes.map((dish) =>
        several ? (
          <button
            key={dish.key}
            type="button"
            aria-pressed={dish.key === chosen}
            className={`-mx-2 min-h-11 cursor-pointer rounded-field border-2 px-2 py-1 text-left ${dish.key === chosen ? "border-primary" : "border-line"}`}
            onClick={() => choose(dish.key)}
          >
            <span className="block text-[0.9rem] leading-tight text-soft">{dish.title}</span>
            <OfDish dish={dish} />
          </button>
        ) : (
          <OfDish key={dish.key} dish={dish} large />
        ),
      )}
      <When plan={plan} />
      {children}
    </section>
  );
}

function OfDish({ dish, large = false }: { readonly dish: DishResponse; readonly large?: boolean }) {
  const { summary, forecast } = dish;
  const head = large ? "text-[1.35rem] leading-tight font-bold" : "font-bold";
  if (!summary) {
    return <span className={`block ${head}`}>{countJars(dish.jars) || "Say how much first"}</span>;
  }
  const sure = [summary.left, summary.band].filter(Boolean).join(", ");
  return (
    <>
      <span className={`block ${head}`}>
        {summary.jars}
        {forecast?.keptBack != null && `, and ${forecast.keptBack} for dinner`}
      </span>
      <span className="block leading-snug text-soft first-letter:uppercase">{sure}</span>
      {summary.liquid != null && <span className="block leading-snug">{summary.liquid}</span>}
      {forecast?.limitedByName != null && forecast.rests.length > 0 && (
        <span className="block leading-snug">
          <strong>{forecast.limitedByName}</strong> runs out first;{" "}
          {forecast.rests.map((rest) => `${rest.rest} of ${rest.name}`).join(", ")} stays
        </span>
      )}
    </>
  );
}

/** '3 loads in Big canner · jars out at 16:40'; over several days, the last of them. */
function When({ plan }: Pick<Props, "plan">) {
  const all = [plan.loads, ...plan.later.map((later) => later.loads)].flatMap((loads) => loads.loads);
  if (all.length === 0) {
    return null;
  }
  const canners = [...new Set(all.map((load) => load.cannerName))].join(" and ");
  const last = plan.later.at(-1)?.day;
  const end = last
    ? `${plan.later.length + 1} days, jars out ${formatDateTime(last.end)}`
    : plan.day
      ? endWords(plan.day)
      : "";
  return (
    <p className="font-semibold">
      {plan.dishes.length > 1 && `${countJars(plan.jars)} · `}
      {all.length === 1 ? "One load" : `${all.length} loads`}
      <span className="max-md:hidden"> in {canners}</span>
      {end !== "" && ` · ${end}`}
    </p>
  );
}

/** When it is over, once somebody said when it is to be; until then how long it takes. */
function endWords(day: Day): string {
  return day.wished
    ? `jars out at ${formatTime(day.end)}`
    : formatSpan(Date.parse(day.end) - Date.parse(day.start));
}
