import { expect, test } from "vitest";
import { longestFirst } from "./order";
import type { Ruling } from "./useRulingPreview";

function ruling(lines: readonly { role: string; quart?: number; pint?: number }[]): Ruling {
  return {
    lines: lines.map(({ role, quart, pint }) => ({
      text: role,
      role,
      minutesBySize: quart === undefined && pint === undefined ? undefined : { quart, pint },
    })),
  } as unknown as Ruling;
}

test("the longest time stands first, ties keep the order of the recipe, headings sink", () => {
  const lines = [
    { role: "not-ingredient" },
    { role: "timed", quart: 30, pint: 25 },
    { role: "liquid" },
    { role: "timed", quart: 90, pint: 75 },
    { role: "timed", quart: 90, pint: 70 },
  ];
  expect(longestFirst(ruling(lines), "quart", 5)).toEqual([3, 4, 1, 2, 0]);
  expect(longestFirst(ruling(lines), "pint", 5)).toEqual([3, 4, 1, 2, 0]);
});

test("what stops the recipe stands above everything", () => {
  const lines = [{ role: "timed", quart: 90 }, { role: "stopped" }, { role: "unknown" }];
  expect(longestFirst(ruling(lines), "quart", 3)).toEqual([1, 2, 0]);
});

test("lines the ruling has not seen yet keep their place at the end", () => {
  expect(longestFirst(undefined, "quart", 3)).toEqual([0, 1, 2]);
  expect(longestFirst(ruling([{ role: "timed", quart: 90 }]), "quart", 2)).toEqual([0, 1]);
});
