import { memo, useState } from "react";
import { wrongAt } from "@/api/problem";
import { Button, Card, Choice, Disclosure, Field } from "@/kit";
import { formatDateTime, formatTime } from "@/quantity";
import { applyRemedy, type DaySettings, type PlanEdit, setDay, setDayTime } from "./body";
import { DayRibbon } from "./DayRibbon";
import { CalendarLink } from "./LoadsCard";
import type { Day, Plan } from "./usePlan";

interface Props {
  readonly plan: Plan;
  /** What the cook set, with the taps the server has not seen yet. */
  readonly settings: DaySettings | undefined;
  readonly error: unknown;
  readonly edit: (edit: PlanEdit) => void;
}

/** When what is done: the ribbon of the day, and what to change when it does not fit. */
export const DayCard = memo(function DayCard({ plan, settings, error, edit }: Props) {
  const { day } = plan;
  if (!day) {
    return null;
  }
  return (
    <Card label="The day" tone={day.fits ? "plain" : "brick"} className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="min-w-64 flex-1">
          <h2 className="text-lg font-bold">{day.wished ? "The day" : "The day, if it were tomorrow"}</h2>
          <p>{day.lead}</p>
          {day.facts.length > 0 && <p className="text-soft">{day.facts.join(" ")}</p>}
        </div>
        <When
          day={day}
          aim={settings?.aim ?? day.aim}
          error={wrongAt(error, "day.at")}
          fixed={plan.atStove}
          edit={edit}
        />
      </div>
      {!day.fits && <DoesNotFit day={day} edit={edit} />}
      <DayRibbon
        plan={plan}
        day={day}
        {...(plan.atStove
          ? {}
          : { move: (start: Date) => edit(setDay({ aim: "start", at: start.toISOString() })) })}
      />
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1">
        <QuickSoak day={day} edit={edit} />
        <CalendarLink plan={plan.id} />
      </div>
      <Disclosure title="Hour by hour">
        <HourByHour plan={plan} day={day} />
      </Disclosure>
    </Card>
  );
});

interface WhenProps {
  readonly day: Day;
  readonly aim: string;
  readonly error: string | undefined;
  readonly fixed: boolean;
  readonly edit: (edit: PlanEdit) => void;
}

/** Either when it begins or when it is over. */
function When({ day, aim, error, fixed, edit }: WhenProps) {
  const [typing, setTyping] = useState<string | undefined>();
  const done = aim === "done";
  const at = done ? day.end : day.start;
  const set = (local: string) => {
    setTyping(local);
    const chosen = new Date(local);
    if (!Number.isNaN(chosen.getTime())) {
      edit(setDayTime(chosen.toISOString()));
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
        onChange={(next) => edit(setDay({ aim: next, at: next === "done" ? day.end : day.start }))}
      />
      <Field label="Day and time" error={error}>
        {(id) => (
          <input
            id={id}
            type="datetime-local"
            step={300}
            className="input digits min-h-11 font-bold"
            value={typing ?? localTime(day.wished && day.aim === aim ? day.at : at)}
            onChange={(event) => set(event.target.value)}
            onBlur={() => setTyping(undefined)}
          />
        )}
      </Field>
    </fieldset>
  );
}

/** As an input wants it, by this device's clock. */
function localTime(instant: string): string {
  const at = new Date(instant);
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

function DoesNotFit({ day, edit }: { readonly day: Day; readonly edit: (edit: PlanEdit) => void }) {
  return (
    <div role="alert" className="flex flex-col gap-2 rounded-field bg-brick-wash px-4 py-3">
      <p className="font-bold">This day does not fit.</p>
      {day.misfits.map((misfit) => (
        <p key={misfit.code}>{misfit.text}</p>
      ))}
      {day.remedies.length > 0 ? (
        <div className="flex flex-wrap gap-2">
          {day.remedies.map((remedy) => (
            <Button key={remedy.code} size="small" onClick={() => edit(applyRemedy(remedy))}>
              {remedy.text}
            </Button>
          ))}
        </div>
      ) : (
        <p>Nothing tried here would make it fit: spread it over two days, or can fewer jars.</p>
      )}
    </div>
  );
}

function QuickSoak({ day, edit }: { readonly day: Day; readonly edit: (edit: PlanEdit) => void }) {
  if (!day.canSoakQuickly) {
    return <span />;
  }
  return (
    <label className="flex min-h-11 cursor-pointer items-center gap-2">
      <input
        type="checkbox"
        className="checkbox checkbox-sm checkbox-primary"
        checked={day.quickSoak}
        onChange={() => edit(setDay({ quickSoak: !day.quickSoak }))}
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
          className="grid grid-cols-[8.5rem_minmax(0,1fr)] items-baseline gap-x-3 border-b border-line py-1.5 last:border-0 sm:grid-cols-[13rem_minmax(0,1fr)_12rem]"
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
  const load = plan.loads.loads.find((each) => each.number === task.load);
  return load
    ? `load ${load.number}, ${load.cannerName}`
    : plan.dishes.length > 1
      ? (plan.dishes.find((dish) => dish.key === task.dish)?.title ?? "")
      : "";
}
