import { expect, test } from "vitest";
import { readNumber } from "./readNumber";

const FEET = { min: -1_500, max: 20_000, whole: true };
const GRAMS = { min: 1, max: 5_000 };
const CUPS = { min: 0, max: 16 };
const COMMA = { decimal: "," } as const;
const POINT = { decimal: "." } as const;

test.each([
  // Plain, and with what people put between thousands.
  ["3150", FEET, 3150],
  [" 3150 ", FEET, 3150],
  ["3 150", FEET, 3150],
  ["3’150", FEET, 3150],
  ["3'150", FEET, 3150],
  ["3 150", FEET, 3150],
  ["3 150", FEET, 3150],
  ["12 500", FEET, 12_500],
  ["-20", FEET, -20],
  ["−20", FEET, -20],
  ["0", FEET, 0],
  ["007", FEET, 7],
  // Marks that can only be one thing.
  ["1.5", CUPS, 1.5],
  ["1,5", CUPS, 1.5],
  ["1.25", CUPS, 1.25],
  ["1,25", CUPS, 1.25],
  [".5", CUPS, 0.5],
  [",5", CUPS, 0.5],
  ["0.125", CUPS, 0.125],
  ["0,125", CUPS, 0.125],
  ["1,234.5", GRAMS, 1234.5],
  ["1.234,5", GRAMS, 1234.5],
  ["1 234,5", GRAMS, 1234.5],
  ["1 234.5", GRAMS, 1234.5],
  ["1234.5", GRAMS, 1234.5],
  ["1234,5", GRAMS, 1234.5],
  ["1.5000", CUPS, 1.5],
  // One of two readings cannot be meant.
  ["1.500", CUPS, 1.5],
  ["1,500", CUPS, 1.5],
  ["15.250", CUPS, 15.25],
  ["3.150", FEET, 3150],
  // Fractions.
  ["1/2", CUPS, 0.5],
  ["1 1/2", CUPS, 1.5],
  ["1  1/4", CUPS, 1.25],
  ["3 / 4", CUPS, 0.75],
  ["1⁄2", CUPS, 0.5],
  ["½", CUPS, 0.5],
  ["1½", CUPS, 1.5],
  ["2 ¾", CUPS, 2.75],
  ["1⅛", CUPS, 1.125],
])("%j is a number", (typed, bounds, value) => {
  for (const marks of [POINT, COMMA]) {
    expect(readNumber(typed, bounds, marks)).toEqual({ kind: "number", value });
  }
});

test.each([
  ["1,200", POINT, { kind: "number", value: 1200 }],
  ["1.200", POINT, { kind: "ask", values: [1200, 1.2] }],
  ["1.200", COMMA, { kind: "number", value: 1200 }],
  ["1,200", COMMA, { kind: "ask", values: [1200, 1.2] }],
  ["946.353", POINT, { kind: "number", value: 946.353 }],
  ["2.500", POINT, { kind: "ask", values: [2500, 2.5] }],
] as const)("%j with the decimals of %j", (typed, marks, answer) => {
  expect(readNumber(typed, GRAMS, marks)).toEqual(answer);
});

test.each([
  ["abc", CUPS, "A number from 0 to 16, please"],
  ["1e1", CUPS, "A number from 0 to 16, please"],
  ["--5", CUPS, "A number from 0 to 16, please"],
  ["1,2,3", CUPS, "A number from 0 to 16, please"],
  ["1.2.3", CUPS, "A number from 0 to 16, please"],
  ["1/0", CUPS, "A number from 0 to 16, please"],
  ["1 2", CUPS, "A number from 0 to 16, please"],
  ["3 15", CUPS, "A number from 0 to 16, please"],
  ["5 cups", CUPS, "A number from 0 to 16, please"],
  ["1,23,456", FEET, "A number from -1500 to 20000, please"],
  [".", CUPS, "A number from 0 to 16, please"],
  ["٣", CUPS, "A number from 0 to 16, please"],
  ["17", CUPS, "16 at most"],
  ["-1", CUPS, "0 or more"],
  ["-½", CUPS, "0 or more"],
  ["1,000,000", CUPS, "16 at most"],
  ["3.5", FEET, "A whole number, please"],
  ["1/2", FEET, "A whole number, please"],
  ["90000", FEET, "20000 at most"],
])("%j is not taken, and why", (typed, bounds, why) => {
  expect(readNumber(typed, bounds)).toEqual({ kind: "wrong", why });
});

test("nothing typed is nothing", () => {
  expect(readNumber("  ", CUPS)).toEqual({ kind: "empty" });
});
