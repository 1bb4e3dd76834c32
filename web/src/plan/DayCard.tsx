import { memo, useState } from "react";
import { wrongAt } from "@/api/problem";
import { Button, Card, Choice, Disclosure, Field } from "@/kit";
import { forInput, formatDateTime, formatTime, fromInput } from "@/quantity";
import { applyRemedy, type DaySettings, type PlanEdit, setDayOf, setTimeOf } from "./body";
import { DayRibbon } from "./DayRibbon";
import { CalendarLink } from "./LoadsCard";
import type { Day, Plan } from "./usePlan";

interface Props {
  readonly plan: Plan;
  /** Which day: 0 for the first. */
  readonly index: number;
  /** What the cook set, with the taps the server has not seen yet. */
  readonly settings: DaySettings | undefined;
  readonly error: unknown;
  readonly edit: (edit: PlanEdit) => void;
}

/** When what is done: the ribbon of the day, and what to change when it does not fit. */
export const DayCard = memo(function DayCard({ plan, index, settings, error, edit }: Props) {
  const day = index === 0 ? plan.day : plan.later[index - 1]?.day;
  if (!day) {
    return null;
  }
  return (
    <Card
      label={index === 0 ? "The day" : `Day ${index + 1}`}
      tone={day.fits ? "plain" : "brick"}
      className="flex flex-col gap-3"
    >
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="min-w-[min(16rem,100%)] flex-1">
          <h2 className="text-lg font-bold">{titleOf(plan, day, index)}</h2>
          <p>{day.lead}</p>
          {day.facts.length > 0 && <p className="text-soft">{day.facts.join(" ")}</p>}
        </div>
        <When
          day={day}
          aim={settings?.aim ?? day.aim}
          error={wrongAt(error, index === 0 ? "day.at" : `later[${index - 1}].day.at`)}
          fixed={plan.atStove}
          set={(part) => edit(setDayOf(index, part))}
          setTime={(at) => edit(setTimeOf(index, at))}
        />
      </div>
      {!day.fits && <DoesNotFit day={day} index={index} edit={edit} />}
      <DayRibbon
        plan={plan}
        day={day}
        {...(plan.atStove
          ? {}
          : { move: (start: Date) => edit(setDayOf(index, { aim: "start", at: start.toISOString() })) })}
      />
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1">
        <QuickSoak day={day} set={(quickSoak) => edit(setDayOf(index, { quickSoak }))} />
        {index === 0 && <CalendarLink plan={plan.id} />}
      </div>
      <Disclosure title="Hour by hour">
        <HourByHour plan={plan} day={day} />
      </Disclosure>
    </Card>
  );
});

function titleOf(plan: Plan, day: Day, index: number): string {
  const name = plan.later.length > 0 ? `Day ${index + 1}` : "The day";
  return day.wished ? name : `${name}, if it were ${index === 0 ? "tomorrow" : "the day after"}`;
}

interface WhenProps {
  readonly day: Day;
  readonly aim: string;
  readonly error: string | undefined;
  readonly fixed: boolean;
  readonly set: (settings: Partial<DaySettings>) => void;
  readonly setTime: (at: string) => void;
}

/** Either when it begins or when it is over. */
function When({ day, aim, error, fixed, set, setTime }: WhenProps) {
  const [typing, setTyping] = useState<string | undefined>();
  const done = aim === "done";
  const at = done ? day.end : day.start;
  const type = (local: string) => {
    setTyping(local);
    const chosen = fromInput(local);
    if (chosen !== undefined) {
      setTime(chosen);
    }
  };
  return (
    <fieldset disabled={fixed} className="flex flex-wrap items-end gap-3">
      <Choice
        label="Aim of the day"
        hideLabel
        value={done ? "done" : "start"}
        options={[
          { value: "start", text: "Begin at" },
          { value: "done", text: "Done by" },
        ]}
        onChange={(next) => set({ aim: next, at: next === "done" ? day.end : day.start })}
      />
      <Field label="Day and time" error={error}>
        {(id) => (
          <input
            id={id}
            type="datetime-local"
            step={300}
            className="input digits min-h-11 font-bold"
            value={typing ?? forInput(day.wished && day.aim === aim ? day.at : at)}
            onChange={(event) => type(event.target.value)}
            onBlur={() => setTyping(undefined)}
          />
        )}
      </Field>
    </fieldset>
  );
}

function DoesNotFit({ day, index, edit }: Pick<Props, "index" | "edit"> & { readonly day: Day }) {
  return (
    <div role="alert" className="flex flex-col gap-2 rounded-field bg-brick-wash px-4 py-3">
      <p className="font-bold">This day does not fit.</p>
      {day.misfits.map((misfit) => (
        <p key={misfit.code}>{misfit.text}</p>
      ))}
      {day.remedies.length > 0 ? (
        <div className="flex flex-wrap gap-2">
          {day.remedies.map((remedy) => (
            <Button key={remedy.code} size="small" onClick={() => edit(applyRemedy(remedy, index))}>
              {remedy.text}
            </Button>
          ))}
        </div>
      ) : (
        <p>Nothing tried here would make it fit: move loads to another day, or can fewer jars.</p>
      )}
    </div>
  );
}

function QuickSoak({ day, set }: { readonly day: Day; readonly set: (quickSoak: boolean) => void }) {
  if (!day.canSoakQuickly) {
    return <span />;
  }
  return (
    <label className="flex min-h-11 cursor-pointer items-center gap-2">
      <input
        type="checkbox"
        className="checkbox checkbox-sm checkbox-primary"
        checked={day.quickSoak}
        onChange={() => set(!day.quickSoak)}
      />
      Soak the beans the quick way: boil 2 min, rest 1 h
    </label>
  );
}

const ATTENTION: Record<string, string> = {
  hands: "both hands",
  kitchen: "stay in the kitchen",
  free: "by itself",
};

function HourByHour({ plan, day }: { readonly plan: Plan; readonly day: Day }) {
  return (
    <ol>
      {day.tasks.map((task) => (
        <li
          key={task.id}
          className="grid grid-cols-[minmax(0,8.5rem)_minmax(0,1fr)] items-baseline gap-x-3 border-b border-line py-1.5 last:border-0 sm:grid-cols-[13rem_minmax(0,1fr)_12rem]"
        >
          <span className="digits">
            {Date.parse(task.start) < Date.parse(day.start)
              ? formatDateTime(task.start)
              : formatTime(task.start)}{" "}
            to {formatTime(task.end)}
          </span>
          <span>
            <strong>{task.title}</strong> <span className="text-soft">{whose(task, plan)}</span>
          </span>
          <span className="text-soft max-sm:col-start-2">
            {ATTENTION[task.attention]}
            {task.band != null && `, ${task.band}`}
          </span>
        </li>
      ))}
    </ol>
  );
}

function whose(task: Day["tasks"][number], plan: Plan): string {
  const load = [plan.loads, ...plan.later.map((later) => later.loads)]
    .flatMap((loads) => loads.loads)
    .find((each) => each.number === task.load);
  return load
    ? `load ${load.number}, ${load.cannerName}`
    : plan.dishes.length > 1
      ? (plan.dishes.find((dish) => dish.key === task.dish)?.title ?? "")
      : "";
}
