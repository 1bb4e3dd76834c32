import { expect, test } from "vitest";
import {
  daysBetween,
  formatAltitude,
  formatDate,
  formatDateTime,
  formatDayTime,
  formatTime,
  formatVolume,
} from "./format";
import { countJars, jarWord } from "./jars";
import { formatClock, formatSpan } from "./time";

test.each([
  [0, "us", "0 cups"],
  [118.3, "us", "0.5 cups"],
  [236.59, "us", "1 cup"],
  [946.2, "us", "4 cups"],
  [946.35, "us", "1 qt"],
  [3312, "us", "3.5 qt"],
  [984, "metric", "980 mL"],
  [996, "metric", "1000 mL"],
  [1000, "metric", "1 L"],
  [3312, "metric", "3.3 L"],
])("%d mL in %s measures are %s", (millilitres, units, words) => {
  expect(formatVolume(millilitres, units)).toBe(words);
});

test.each([
  [3150, 960.12, "us", "3,150 ft"],
  [3150, 960.12, "metric", "960 m"],
  [-20, -6.1, "us", "-20 ft"],
  [12_000, 3657.6, "metric", "3,658 m"],
])("%d ft, %d m, in %s measures are %s", (feet, metres, units, words) => {
  expect(formatAltitude(feet, metres, units)).toBe(words);
});

test.each([
  [-5_000, "0:00"],
  [0, "0:00"],
  [1, "0:01"],
  [999, "0:01"],
  [1_000, "0:01"],
  [59_001, "1:00"],
  [375_000, "6:15"],
  [3_599_999, "1:00:00"],
  [4_360_000, "1:12:40"],
  [86_400_000, "24:00:00"],
])("a clock at %d ms shows %s: a second that has begun counts", (milliseconds, shown) => {
  expect(formatClock(milliseconds)).toBe(shown);
});

test.each([
  [30_000, "less than a minute"],
  [-30_000, "less than a minute"],
  [60_000, "1 min"],
  [3_540_000, "59 min"],
  [3_600_000, "1 h"],
  [7_500_000, "2 h 5 min"],
  [-7_500_000, "2 h 5 min"],
])("%d ms are %s", (milliseconds, words) => {
  expect(formatSpan(milliseconds)).toBe(words);
});

test("a day is that day wherever the device is", () => {
  expect(formatDate("2026-10-11")).toBe("11 October 2026");
  expect(formatDate("2026-01-01")).toBe("1 January 2026");
});

test("an instant is a day and a time by the device's own clock", () => {
  const at = new Date(2026, 10, 23, 16, 42);
  expect(formatDateTime(at)).toBe("Mon 23 Nov, 16:42");
  expect(formatDayTime(at)).toBe("Mon 16:42");
  expect(formatTime(at)).toBe("16:42");
  expect(formatTime(new Date(2026, 10, 23, 0, 5))).toBe("00:05");
});

test.each([
  ["2026-11-23", "2026-11-23", 0],
  ["2026-11-23", "2026-11-24", 1],
  ["2026-03-28", "2026-03-30", 2],
  ["2028-02-28", "2028-03-01", 2],
  ["2026-12-31", "2026-01-01", -364],
])("from %s to %s are %d days, whatever the clocks do in between", (from, to, days) => {
  expect(daysBetween(from, to)).toBe(days);
});

test.each([
  ["quart", 1, "quart"],
  ["quart", 7, "quarts"],
  ["twelve-ounce", 1, "12 oz jar"],
  ["pint-and-a-half", 2, "24 oz jars"],
])("%s, %d of it: %s", (size, count, words) => {
  expect(jarWord(size, count)).toBe(words);
});

test("jars are counted kind by kind", () => {
  expect(countJars([{ size: "quart", count: 7 }])).toBe("7 quarts");
  expect(
    countJars([
      { size: "quart", count: 1 },
      { size: "pint", count: 2 },
    ]),
  ).toBe("1 quart and 2 pints");
});
