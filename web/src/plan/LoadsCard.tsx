import { CalendarArrowUp, Download } from "lucide-react";
import { memo } from "react";
import { dishLook, LoadPicture } from "@/jars";
import { Button, Card, Choice, Disclosure } from "@/kit";
import type { Kitchen } from "@/kitchen";
import { countJars, jarWord } from "@/quantity";
import { addJars, moveJars, type PlanEdit, withCanners } from "./body";
import { type LoadPictureData, type Plan, useCompany } from "./usePlan";

interface Props {
  readonly plan: Plan;
  /** Which day: 0 for the first. */
  readonly day: number;
  /** The canners the cook chose, with the taps the server has not seen yet. */
  readonly chosen: readonly number[] | undefined;
  readonly kitchen: Kitchen;
  readonly edit: (edit: PlanEdit) => void;
}

/** A plan has no more days than this. */
const MOST_DAYS = 4;

/** Which jars go into which canner together: each load from above, layer by layer. */
export const LoadsCard = memo(function LoadsCard({ plan, day, chosen, kitchen, edit }: Props) {
  const loads = day === 0 ? plan.loads : plan.later[day - 1]?.loads;
  if (!loads) {
    return null;
  }
  if (loads.trouble != null) {
    return (
      <Card label="Loads" tone="brick" className="flex flex-col gap-3">
        <p className="font-semibold">{loads.trouble}</p>
        <CannerChoice plan={plan} chosen={chosen} kitchen={kitchen} edit={edit} />
      </Card>
    );
  }
  if (loads.loads.length === 0) {
    return null;
  }
  return (
    <Card label={day === 0 ? "Loads" : `Loads of day ${day + 1}`} className="flex flex-col gap-4">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <div className="min-w-[min(16rem,100%)] flex-1">
          <h2 className="text-lg font-bold">{loads.loads.length === 1 ? "The load" : "The loads"}</h2>
          <p className={loads.proven ? "text-soft" : "font-semibold"}>{loads.words}</p>
        </div>
        {day === 0 && <CannerChoice plan={plan} chosen={chosen} kitchen={kitchen} edit={edit} />}
      </div>
      <Legend plan={plan} />
      <ol className="grid gap-x-4 gap-y-5 sm:grid-cols-2 xl:grid-cols-3">
        {loads.loads.map((load) => (
          <LoadView key={load.number} plan={plan} day={day} load={load} edit={edit} />
        ))}
      </ol>
      {day === 0 && loads.loads.length > 1 && (
        <Even even={plan.body.even ?? false} fixed={plan.atStove} edit={edit} />
      )}
      {loads.compared.length > 0 && (
        <ul className="text-soft">
          {loads.compared.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      )}
    </Card>
  );
});

/** Full loads and a rest, or like many jars in each. */
function Even({
  even,
  fixed,
  edit,
}: {
  readonly even: boolean;
  readonly fixed: boolean;
  readonly edit: Props["edit"];
}) {
  return (
    <fieldset disabled={fixed}>
      <Choice
        label="Loads"
        value={even ? "even" : "full"}
        options={[
          { value: "full", text: "Full" },
          { value: "even", text: "Even" },
        ]}
        onChange={(next) => edit((body) => ({ ...body, even: next === "even" }))}
      />
    </fieldset>
  );
}

/** Which canners are used; all of them unless the cook takes one out. */
function CannerChoice({ plan, chosen, kitchen, edit }: Omit<Props, "day">) {
  if (kitchen.canners.length < 2 || plan.atStove) {
    return null;
  }
  const wanted = chosen ?? plan.loads.canners.map((canner) => canner.id);
  const used = wanted.filter((id) =>
    kitchen.canners.some((canner) => canner.id === id && canner.trouble == null),
  );
  return (
    <fieldset className="flex flex-wrap gap-2">
      <legend className="sr-only">Canners in use</legend>
      {kitchen.canners.map((canner) => {
        const on = used.includes(canner.id);
        const out = canner.trouble != null;
        return (
          <label
            key={canner.id}
            className={`flex min-h-11 cursor-pointer items-center gap-2 rounded-field border px-3 font-semibold has-focus-visible:outline-3 has-focus-visible:outline-primary ${
              on ? "border-primary" : "border-line text-soft"
            } ${out ? "opacity-60" : ""}`}
          >
            <input
              type="checkbox"
              className="checkbox checkbox-sm checkbox-primary"
              checked={on}
              disabled={(on && used.length === 1) || out || (!on && used.length >= 3)}
              onChange={() =>
                edit(withCanners(on ? used.filter((id) => id !== canner.id) : [...used, canner.id]))
              }
            />
            {canner.name}
            {out && ", out of use"}
          </label>
        );
      })}
    </fieldset>
  );
}

/** Which drawing is which dish, where there are several. */
function Legend({ plan }: { readonly plan: Plan }) {
  if (plan.dishes.length < 2) {
    return null;
  }
  return (
    <ul className="flex flex-wrap gap-x-6 gap-y-1">
      {plan.dishes.map((dish, index) => (
        <li key={dish.key} className="flex items-center gap-2">
          <svg viewBox="-12 -12 24 24" className="h-6 w-6 shrink-0" aria-hidden="true">
            <circle r="9.5" className={dishLook(index).ring} strokeWidth="2.5" />
          </svg>
          {dish.title}
        </li>
      ))}
    </ul>
  );
}

interface LoadProps {
  readonly plan: Plan;
  readonly day: number;
  readonly load: LoadPictureData;
  readonly edit: (edit: PlanEdit) => void;
}

function LoadView({ plan, day, load, edit }: LoadProps) {
  const place = (key: string) => plan.dishes.findIndex((dish) => dish.key === key);
  const layers = load.layers.map((layer) => layer.jars.map((jar) => ({ ...jar, dish: place(jar.dish) })));
  const all = merged(load.layers.flatMap((layer) => layer.jars));
  const more = load.roomFor.filter(
    (room) => plan.body.dishes.find((dish) => dish.key === room.dish)?.mode === "jars",
  );
  return (
    <li aria-label={`Load ${load.number}`} className="flex flex-col gap-2">
      <div className="flex items-center gap-3">
        {layers.map((jars, index) => (
          <figure key={`${load.number}/${index === 0 ? "rack" : index}`} className="text-center">
            <LoadPicture
              jars={jars}
              label={layers.length > 1 ? layerWord(index, layers.length) : "In the canner"}
              className={layers.length > 1 ? "h-24 w-24" : "h-28 w-28"}
            />
            {layers.length > 1 && (
              <figcaption className="text-[0.85rem] text-soft">{layerWord(index, layers.length)}</figcaption>
            )}
          </figure>
        ))}
        <div className="min-w-0">
          <p className="text-[0.9rem] text-soft">Load {load.number}</p>
          <p className="leading-tight font-bold">{load.cannerName}</p>
          <p>{countJars(all)}</p>
          <p>
            <strong className="digits text-copper">{load.minutes}</strong>{" "}
            <span className="text-[0.9rem] text-soft">min</span>
          </p>
        </div>
      </div>
      {!plan.atStove && <Move plan={plan} day={day} load={load} edit={edit} />}
      {load.room != null && (
        <Disclosure lazy title="Room for more">
          <p className="text-soft">{load.room}</p>
          {more.length > 0 && !plan.atStove && (
            <div className="my-2 flex flex-wrap gap-2">
              {more.map((room) => (
                <Button
                  key={`${room.dish}/${room.size}/${room.mouth}`}
                  size="small"
                  className="text-left"
                  onClick={() => edit(addJars(room.dish, room.size, room.mouth, room.count))}
                >
                  {room.count} more {jarWord(room.size, room.count)}
                  {plan.dishes.length > 1 && `, ${room.title}`}
                </Button>
              ))}
            </div>
          )}
          <Company plan={plan} load={load.number} />
        </Disclosure>
      )}
    </li>
  );
}

/** A load goes to another day by a tap: its jars go, and both days are loaded anew. */
function Move({ plan, day, load, edit }: LoadProps) {
  const jars = load.layers
    .flatMap((layer) => layer.jars)
    .map(({ dish, size, mouth, count }) => ({ dish, size, mouth, count }));
  const days = plan.later.length + 1;
  // A day more than there are, unless this load is all there is of the last one.
  const loadsHere = day === 0 ? plan.loads.loads.length : (plan.later[day - 1]?.loads.loads.length ?? 0);
  const reach = Math.min(MOST_DAYS, loadsHere > 1 ? days + 1 : days);
  const others = Array.from({ length: reach }, (_, index) => index).filter((index) => index !== day);
  if (others.length === 0) {
    return null;
  }
  return (
    <div className="flex flex-wrap gap-x-2">
      {others.map((to) => (
        <Button
          key={to}
          look="quiet"
          size="small"
          className="px-2!"
          icon={<CalendarArrowUp size={18} />}
          onClick={() => edit(moveJars(day, to, jars))}
        >
          To day {to + 1}
        </Button>
      ))}
    </div>
  );
}

function layerWord(index: number, layers: number): string {
  return index === 0 ? "on the rack" : layers === 2 ? "above" : index === layers - 1 ? "on top" : "between";
}

function merged(jars: readonly { readonly size: string; readonly count: number }[]) {
  const sizes = [...new Set(jars.map((jar) => jar.size))];
  return sizes.map((size) => ({
    size,
    count: jars.filter((jar) => jar.size === size).reduce((sum, jar) => sum + jar.count, 0),
  }));
}

/** Other recipes that would go along: asked for only when somebody wants to know. */
function Company({ plan, load }: { readonly plan: Plan; readonly load: number }) {
  const company = useCompany(plan, load);
  if (!company.data || company.data.recipes.length === 0) {
    return company.data ? <p className="text-soft">No other recipe of yours would go along.</p> : null;
  }
  return (
    <>
      <p className="font-semibold">Of your other recipes:</p>
      <ul>
        {company.data.recipes.map((recipe) => (
          <li key={recipe.recipeId} className="py-0.5">
            {recipe.title}: {recipe.text}
          </li>
        ))}
      </ul>
    </>
  );
}

/** The day as a file that other calendars read. */
export function CalendarLink({ plan }: { readonly plan: number }) {
  return (
    <a
      href={`/api/plans/${plan}/day.ics`}
      download
      className="flex min-h-11 items-center gap-2 rounded-field px-3 font-bold text-primary hover:bg-steam"
    >
      <Download size={20} aria-hidden="true" /> Into a calendar
    </a>
  );
}
