import type { Schemas } from "@/api/client";

export type PlanBody = Schemas["PlanBody"];
export type Dish = Schemas["Dish"];
export type Hand = Schemas["Hand"];
export type WantedJars = Schemas["WantedJars"];
export type OwnJars = Schemas["OwnJars"];
export type TakesOn = Schemas["TakesOn"];

/** What a tap does to a plan. It is applied again to whatever the server has by then, so that two devices never undo each other. */
export interface PlanEdit {
  (body: PlanBody): PlanBody;
  /** The same in data, where a device may keep it and send it days later. */
  readonly keeps?: KeptChange;
}

/** Ticks: they say how something is, not by how much it changes, and may arrive late or twice. */
export type KeptChange =
  | { readonly kind: "tick"; readonly item: string; readonly ticked: boolean }
  | {
      readonly kind: "filled";
      readonly dish: string;
      readonly size: string;
      readonly mouth: string;
      readonly count: number;
    };

export function ofKept(change: KeptChange): PlanEdit {
  return Object.assign(
    change.kind === "tick"
      ? (body: PlanBody) => withTick(body, change.item, change.ticked)
      : onDish(change.dish, (dish) => ({
          ...dish,
          filled: counted(dish.filled, change.size, change.mouth, change.count),
        })),
    { keeps: change },
  );
}

/** Changes one dish. */
export function onDish(key: string, change: (dish: Dish) => Dish): PlanEdit {
  return (body) => ({
    ...body,
    dishes: body.dishes.map((dish) => (dish.key === key ? change(dish) : dish)),
  });
}

/** So many jars of a kind; a kind that was not there is added in the order of size. */
export function countJar(size: string, mouth: string, count: number): (dish: Dish) => Dish {
  return (dish) => ({ ...dish, jars: counted(dish.jars, size, mouth, count) });
}

export function counted(
  jars: readonly WantedJars[],
  size: string,
  mouth: string,
  count: number,
): WantedJars[] {
  const known = jars.some((jar) => jar.size === size && jar.mouth === mouth);
  const next = known
    ? jars.map((jar) => (jar.size === size && jar.mouth === mouth ? { ...jar, count } : jar))
    : [...jars, { size, mouth, count }];
  return [...next].sort((one, other) => place(one.size) - place(other.size));
}

const LARGEST_FIRST = ["quart", "pint-and-a-half", "pint", "twelve-ounce", "half-pint"];

function place(size: string): number {
  return LARGEST_FIRST.indexOf(size);
}

/** All jars with the other mouth, where there are such jars. */
export function withMouth(mouth: "regular" | "wide"): (dish: Dish) => Dish {
  return (dish) => ({
    ...dish,
    jars: dish.jars
      .map((jar) => (onlyMouth(jar.size) ? jar : { ...jar, mouth }))
      .reduce<WantedJars[]>((all, jar) => counted(all, jar.size, jar.mouth, sum(all, jar)), []),
    filled: [],
  });
}

function sum(all: readonly WantedJars[], jar: WantedJars): number {
  const before = all.find((each) => each.size === jar.size && each.mouth === jar.mouth);
  return (before?.count ?? 0) + jar.count;
}

/** Sizes that are made with one mouth only. */
export function onlyMouth(size: string): string | undefined {
  return size === "pint-and-a-half" ? "wide" : size === "twelve-ounce" ? "regular" : undefined;
}

/** The first key that no dish of the plan has. */
export function freeKey(body: PlanBody): string {
  const taken = new Set(body.dishes.map((dish) => dish.key));
  let number = 0;
  while (taken.has(letters(number))) {
    number++;
  }
  return letters(number);
}

function letters(number: number): string {
  return number < 26 ? String.fromCharCode(97 + number) : `d${number}`;
}

/** A recipe joins the plan, for one canner load's worth of the usual jars. */
export function addDish(recipeId: number): PlanEdit {
  return (body) => ({
    ...body,
    dishes: [
      ...body.dishes,
      {
        key: freeKey(body),
        recipeId,
        mode: "jars",
        jars: (body.dishes[0]?.jars ?? []).map((jar) => ({ ...jar, count: jar.size === "quart" ? 7 : 0 })),
        hands: [],
        oneLoad: false,
        ownJars: [],
        variants: [],
        filled: [],
      },
    ],
  });
}

export function removeDish(key: string): PlanEdit {
  return (body) => ({ ...body, dishes: body.dishes.filter((dish) => dish.key !== key) });
}

export function tick(item: string, ticked: boolean): PlanEdit {
  return ofKept({ kind: "tick", item, ticked });
}

function withTick(body: PlanBody, item: string, ticked: boolean): PlanBody {
  return {
    ...body,
    ticked: ticked ? [...new Set([...body.ticked, item])] : body.ticked.filter((each) => each !== item),
  };
}

/** So many jars of a kind are filled by now. */
export function fill(dish: string, size: string, mouth: string, count: number): PlanEdit {
  return ofKept({ kind: "filled", dish, size, mouth, count });
}

export type DaySettings = Schemas["DaySettings"];

/** When the day is to be; the quick soak stays as it was unless it is said. */
export function setDay(settings: Partial<DaySettings>): PlanEdit {
  return (body) => ({ ...body, day: { aim: "start", quickSoak: false, ...body.day, ...settings } });
}

/** Which canners are used; all of those named, at most three. */
export function withCanners(canners: readonly number[]): PlanEdit {
  return ({ canner: _, ...body }) => ({ ...body, canners: [...canners].slice(0, 3) });
}

/** So many more of a kind in a dish that is counted by jars. */
export function addJars(dish: string, size: string, mouth: string, more: number): PlanEdit {
  return onDish(dish, (now) => {
    const before = now.jars.find((jar) => jar.size === size && jar.mouth === mouth)?.count ?? 0;
    return { ...now, jars: counted(now.jars, size, mouth, before + more) };
  });
}

/** A change of a day that was tried out on the server and fits. */
export function applyRemedy(remedy: Schemas["DayRemedy"], index = 0): PlanEdit {
  return (body) => {
    const canned = remedy.canners.length > 0 ? withCanners(remedy.canners)(body) : body;
    const timed = remedy.start == null ? canned : setDayOf(index, { aim: "start", at: remedy.start })(canned);
    const soaked = remedy.quickSoak ? setDayOf(index, { quickSoak: true })(timed) : timed;
    const counted = remedy.jars.reduce(
      (now, { dish, jars }) => onDish(dish, (its) => withOnly(its, jars))(now),
      soaked,
    );
    return remedy.later.length === 0
      ? counted
      : {
          ...counted,
          later: remedy.later.map((day) => ({
            jars: day.jars.flatMap(({ dish, jars }) => jars.map((jar) => ({ dish, ...jar }))),
          })),
        };
  };
}

/** These jars and no others; kinds that are not among them stay in view at zero. */
function withOnly(dish: Dish, jars: readonly WantedJars[]): Dish {
  const none = dish.jars.map((jar) => ({ ...jar, count: 0 }));
  return {
    ...dish,
    jars: jars.reduce<WantedJars[]>((all, jar) => counted(all, jar.size, jar.mouth, jar.count), none),
  };
}

/** How long a work takes the cook; undefined for as long as usual. */
export function workTakes(code: string, minutes: number | undefined): (dish: Dish) => Dish {
  return (dish) => {
    const others = (dish.work ?? []).filter((work) => work.code !== code);
    const { prepMinutes: _, ...now } = dish;
    const rest = code === "prep" ? now : dish;
    return { ...rest, work: minutes === undefined ? others : [...others, { code, minutes }] };
  };
}

type Moved = Schemas["MovedJars"];

/** Jars that are canned on another day than they are now; the first day is 0 and has what no other takes. */
export function moveJars(from: number, to: number, jars: readonly Moved[]): PlanEdit {
  return (body) => {
    const later = [...(body.later ?? [])];
    while (later.length < to) {
      later.push({ jars: [] });
    }
    return {
      ...body,
      later: later
        .map((day, index) =>
          index + 1 === from
            ? { ...day, jars: without(day.jars, jars) }
            : index + 1 === to
              ? { ...day, jars: withMore(day.jars, jars) }
              : day,
        )
        .filter((day) => day.jars.length > 0),
    };
  };
}

function isSame(one: Moved, other: Moved): boolean {
  return one.dish === other.dish && one.size === other.size && one.mouth === other.mouth;
}

function withMore(day: readonly Moved[], jars: readonly Moved[]): Moved[] {
  const more = day.map((each) => ({ ...each }));
  for (const jar of jars) {
    const same = more.find((each) => isSame(each, jar));
    if (same) {
      same.count += jar.count;
    } else {
      more.push({ ...jar });
    }
  }
  return more;
}

function without(day: readonly Moved[], jars: readonly Moved[]): Moved[] {
  return day
    .map((each) => ({
      ...each,
      count: jars
        .filter((jar) => isSame(jar, each))
        .reduce((count, jar) => Math.max(0, count - jar.count), each.count),
    }))
    .filter((each) => each.count > 0);
}

/** When a day is to be, the first or a later one. */
export function setDayOf(index: number, settings: Partial<DaySettings>): PlanEdit {
  return index === 0
    ? setDay(settings)
    : (body) => ({
        ...body,
        later: (body.later ?? []).map((day, at) =>
          at + 1 === index
            ? { ...day, day: { aim: "start", quickSoak: false, ...day.day, ...settings } }
            : day,
        ),
      });
}

/** Another time for whatever the aim of a day is by then. */
export function setTimeOf(index: number, at: string): PlanEdit {
  return (body) =>
    setDayOf(index, {
      aim: (index === 0 ? body.day : body.later?.[index - 1]?.day)?.aim ?? "start",
      at,
    })(body);
}
