import { expect, test } from "vitest";
import { countJars, daysBetween, formatClock, formatSpan } from "./index";

test.each([
  [0, "0:00"],
  [1, "0:01"],
  [999, "0:01"],
  [59_001, "1:00"],
  [375_000, "6:15"],
  [3_599_001, "1:00:00"],
  [4_360_000, "1:12:40"],
  [-5_000, "0:00"],
])("%i ms shows as %s", (milliseconds, shown) => expect(formatClock(milliseconds)).toBe(shown));

test.each([
  [30_000, "less than a minute"],
  [420_000, "7 min"],
  [7_500_000, "2 h 5 min"],
  [43_200_000, "12 h"],
])("%i ms is said as %s", (milliseconds, said) => expect(formatSpan(milliseconds)).toBe(said));

test("jars are counted in words", () => {
  const jars = [
    { size: "quart", count: 6 },
    { size: "pint", count: 1 },
    { size: "half-pint", count: 0 },
  ];
  expect(countJars(jars)).toBe("6 quarts and 1 pint");
  expect(daysBetween("2026-10-11", "2026-11-23")).toBe(43);
});
