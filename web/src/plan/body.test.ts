import { describe, expect, test } from "vitest";
import {
  addDish,
  applyRemedy,
  countJar,
  type Dish,
  freeKey,
  onDish,
  type PlanBody,
  removeDish,
  setDay,
  setTimeOf,
  tick,
  withMouth,
} from "./body";

const DISH: Dish = {
  key: "a",
  recipeId: 3,
  mode: "jars",
  jars: [
    { size: "quart", mouth: "regular", count: 7 },
    { size: "pint", mouth: "regular", count: 2 },
  ],
  hands: [],
  oneLoad: false,
  ownJars: [],
  variants: [],
  filled: [{ size: "quart", mouth: "regular", count: 1 }],
};
const BODY: PlanBody = { dishes: [DISH], ticked: [] };

function jars(dish: Dish | undefined): string[] {
  return (dish?.jars ?? []).map((jar) => `${jar.count} ${jar.mouth} ${jar.size}`);
}

describe("jars of a dish", () => {
  test.each([
    ["quart", "regular", 3, ["3 regular quart", "2 regular pint"]],
    ["pint-and-a-half", "wide", 1, ["7 regular quart", "1 wide pint-and-a-half", "2 regular pint"]],
    ["half-pint", "regular", 4, ["7 regular quart", "2 regular pint", "4 regular half-pint"]],
  ])("%s, %s: %i", (size, mouth, count, expected) =>
    expect(jars(countJar(size, mouth, count)(DISH))).toEqual(expected),
  );

  test("the mouth of all changes, but of sizes made with one only; what was filled begins anew", () => {
    const odd = countJar("twelve-ounce", "regular", 1)(DISH);
    const wide = withMouth("wide")(odd);
    expect(jars(wide)).toEqual(["7 wide quart", "2 wide pint", "1 regular twelve-ounce"]);
    expect(wide.filled).toEqual([]);
  });

  test("kinds that become one are added up", () => {
    const both = countJar("quart", "wide", 2)(DISH);
    expect(jars(withMouth("regular")(both))).toEqual(["9 regular quart", "2 regular pint"]);
  });
});

describe("dishes of a plan", () => {
  test("each gets a key nobody has, also after one has gone", () => {
    const two = addDish(5)(BODY);
    expect(two.dishes.map((dish) => dish.key)).toEqual(["a", "b"]);
    const one = removeDish("a")(two);
    expect(freeKey(one)).toBe("a");
    expect(addDish(9)(one).dishes.map((dish) => [dish.key, dish.recipeId])).toEqual([
      ["b", 5],
      ["a", 9],
    ]);
  });

  test("an edit touches its dish alone", () => {
    const two = addDish(5)(BODY);
    const edited = onDish("b", countJar("quart", "regular", 1))(two);
    expect(edited.dishes[0]).toBe(two.dishes[0]);
    expect(jars(edited.dishes[1])).toEqual(["1 regular quart", "0 regular pint"]);
  });

  test("what is ticked is ticked once, and unticked again", () => {
    const once = tick("salt", true)(tick("salt", true)(BODY));
    expect(once.ticked).toEqual(["salt"]);
    expect(tick("salt", false)(once).ticked).toEqual([]);
  });
});

test("a time that is typed while a tap on the aim is under way keeps the aim", () => {
  const done = setDay({ aim: "done", at: "2026-11-28T18:00:00Z" });
  const later = setTimeOf(0, "2026-11-28T19:00:00Z");
  expect(later(done(BODY)).day).toEqual({ aim: "done", at: "2026-11-28T19:00:00Z", quickSoak: false });
  expect(setTimeOf(0, "2026-11-28T09:00:00Z")(BODY).day?.aim).toBe("start");
});

test("a remedy changes what it says and leaves the rest", () => {
  const pints = applyRemedy({
    code: "pints-only",
    text: "",
    quickSoak: false,
    canners: [],
    jars: [{ dish: "a", jars: [{ size: "pint", mouth: "regular", count: 14 }] }],
    later: [],
  })({ ...BODY, dishes: [DISH, { ...DISH, key: "b" }] });
  expect(pints.dishes[0]?.jars.filter((jar) => jar.count > 0)).toEqual([
    { size: "pint", mouth: "regular", count: 14 },
  ]);
  expect(pints.dishes[1]).toEqual({ ...DISH, key: "b" });
  const start = applyRemedy({
    code: "start-at",
    text: "",
    start: "2026-11-28T08:00:00Z",
    quickSoak: false,
    canners: [3, 4],
    jars: [],
    later: [],
  })(BODY);
  expect(start.day?.at).toBe("2026-11-28T08:00:00Z");
  expect(start.canners).toEqual([3, 4]);
  expect(start.dishes).toEqual(BODY.dishes);
  const days = applyRemedy({
    code: "more-days",
    text: "",
    quickSoak: false,
    canners: [],
    jars: [],
    later: [{ jars: [{ dish: "a", jars: [{ size: "quart", mouth: "regular", count: 3 }] }] }],
  })(BODY);
  expect(days.later).toEqual([{ jars: [{ dish: "a", size: "quart", mouth: "regular", count: 3 }] }]);
  expect(setTimeOf(1, "2026-11-29T09:00:00Z")(days).later?.[0]?.day).toEqual({
    aim: "start",
    at: "2026-11-29T09:00:00Z",
    quickSoak: false,
  });
});
