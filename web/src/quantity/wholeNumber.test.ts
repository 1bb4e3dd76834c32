import { expect, test } from "vitest";
import { wholeNumber } from "./wholeNumber";

test.each([
  ["3150", 3150],
  [" 3150 ", 3150],
  ["3,150", 3150],
  ["3.150", 3150],
  ["3 150", 3150],
  ["3’150", 3150],
  ["12,500", 12_500],
  ["0", 0],
  ["-20", -20],
  ["−1.200", -1200],
])("%j is %d", (typed, value) => {
  expect(wholeNumber(typed)).toBe(value);
});

test.each(["", "3.15", "3,15", "1,2", "1.2345", "12,50", "3150 ft", "1e3", "--5", "3,1500", "1234.567"])(
  "%j is taken for nothing",
  (typed) => {
    expect(wholeNumber(typed)).toBeUndefined();
  },
);
