import { formatDayTime, formatTime } from "@/quantity";
import type { PlanBody } from "./body";
import type { Plan } from "./usePlan";

/** The parts of a plan in the order a cook goes through the day; one of them is open. */
export const PARTS = [
  { id: "jars", title: "Jars" },
  { id: "amounts", title: "Amounts" },
  { id: "shopping", title: "To buy" },
  { id: "evening", title: "Evening before" },
  { id: "prep", title: "Prep" },
  { id: "filling", title: "Fill" },
  { id: "day", title: "Loads and day" },
  { id: "card", title: "Card" },
] as const;

export type PartId = (typeof PARTS)[number]["id"];

/** The part of an address; the jars where it names none. */
export function isPart(name: unknown): name is PartId {
  return PARTS.some((part) => part.id === name);
}

export function partOf(name: unknown): PartId {
  return isPart(name) ? name : "jars";
}

/** The part so many places on; none beyond either end. */
export function beside(part: PartId, places: number): (typeof PARTS)[number] | undefined {
  return PARTS[PARTS.findIndex((each) => each.id === part) + places];
}

/** What a part has to say without being opened. */
export function stateOf(part: PartId, plan: Plan, body: PlanBody): string {
  switch (part) {
    case "shopping":
      return toBuy(plan, body);
    case "evening":
      return evenings(plan)[0] ? formatDayTime(evenings(plan)[0]?.start ?? "") : "nothing";
    case "prep":
      return minutes(plan);
    case "filling":
      return filled(plan, body);
    case "day":
      return days(plan);
    case "card":
      return card(plan);
    default:
      return "";
  }
}

function toBuy(plan: Plan, body: PlanBody): string {
  const open = plan.shopping
    .flatMap((aisle) => aisle.items)
    .filter((item) => !item.inHouse && !body.ticked.includes(item.key)).length;
  return open === 0 ? "all there" : `${open} ${open === 1 ? "thing" : "things"}`;
}

/** What begins before its day and asks for a hand, the earliest first. */
export function evenings(plan: Plan) {
  return [plan.day, ...plan.later.map((later) => later.day)]
    .flatMap((day) =>
      day
        ? day.tasks.filter(
            (task) => Date.parse(task.start) < Date.parse(day.start) && task.attention !== "free",
          )
        : [],
    )
    .sort((one, other) => Date.parse(one.start) - Date.parse(other.start));
}

function minutes(plan: Plan): string {
  const board = plan.dishes
    .flatMap((dish) => dish.work)
    .filter((work) => work.code === "prep")
    .reduce((sum, work) => sum + work.minutes, 0);
  return board === 0 ? "" : `${board} min`;
}

function filled(plan: Plan, body: PlanBody): string {
  const all = plan.dishes.flatMap((dish) => dish.jars).reduce((sum, jar) => sum + jar.count, 0);
  const done = body.dishes.flatMap((dish) => dish.filled).reduce((sum, jar) => sum + jar.count, 0);
  return done === 0 || all === 0 ? "" : `${Math.min(done, all)} of ${all}`;
}

function days(plan: Plan): string {
  const all = [plan.day, ...plan.later.map((later) => later.day)].filter((day) => day != null);
  if (all.some((day) => !day.fits)) {
    return "does not fit";
  }
  const [first] = all;
  return all.length > 1
    ? `${all.length} days`
    : first
      ? `${formatTime(first.start)} to ${formatTime(first.end)}`
      : "";
}

const VERDICTS: Record<string, string> = {
  stop: "stopped",
  ask: "asks first",
  "own-judgement": "own judgement",
};

function card(plan: Plan): string {
  const verdict = plan.dishes.map((dish) => VERDICTS[dish.ruling?.verdict ?? ""]).find(Boolean);
  const loads = [...plan.loads.loads, ...plan.later.flatMap((later) => later.loads.loads)];
  const longest = Math.max(0, ...loads.map((load) => load.minutes));
  return verdict ?? (longest > 0 ? `${longest} min` : "");
}
