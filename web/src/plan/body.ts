import type { Schemas } from "@/api/client";

export type PlanBody = Schemas["PlanBody"];
export type Dish = Schemas["Dish"];
export type Hand = Schemas["Hand"];
export type WantedJars = Schemas["WantedJars"];
export type OwnJars = Schemas["OwnJars"];
export type TakesOn = Schemas["TakesOn"];

/** What a tap does to a plan. It is applied again to whatever the server has by then, so that two devices never undo each other. */
export type PlanEdit = (body: PlanBody) => PlanBody;

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
  return (body) => ({
    ...body,
    ticked: ticked ? [...new Set([...body.ticked, item])] : body.ticked.filter((each) => each !== item),
  });
}

export type DaySettings = Schemas["DaySettings"];

/** When the day is to be; the quick soak stays as it was unless it is said. */
export function setDay(settings: Partial<DaySettings>): PlanEdit {
  return (body) => ({ ...body, day: { aim: "start", quickSoak: false, ...body.day, ...settings } });
}

/** Another time for whatever the aim is by then: a tap on the aim may still be on its way. */
export function setDayTime(at: string): PlanEdit {
  return (body) => setDay({ aim: body.day?.aim ?? "start", at })(body);
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

/** A change that was tried out on the server and fits. */
export function applyRemedy(remedy: Schemas["DayRemedy"]): PlanEdit {
  return (body) => {
    const canned = remedy.canners.length > 0 ? withCanners(remedy.canners)(body) : body;
    const timed = remedy.start == null ? canned : setDay({ aim: "start", at: remedy.start })(canned);
    const soaked = remedy.quickSoak ? setDay({ quickSoak: true })(timed) : timed;
    return remedy.jars.reduce(
      (now, { dish, jars }) => onDish(dish, (its) => withOnly(its, jars))(now),
      soaked,
    );
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
