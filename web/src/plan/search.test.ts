import { expect, test } from "vitest";
import { jarsOf, planSearch } from "./search";

test("an address without jars is the common load of seven quarts", () => {
  expect(jarsOf(planSearch({})).map((jar) => jar.count)).toEqual([7, 0, 0]);
});

test("what was asked for is kept, and none at all stays none", () => {
  expect(jarsOf(planSearch({ quarts: "6", pints: 2 })).map((jar) => jar.count)).toEqual([6, 2, 0]);
  expect(jarsOf(planSearch({ quarts: 0 })).map((jar) => jar.count)).toEqual([0, 0, 0]);
});

test.each([["-1"], ["1.5"], ["many"], ["61"], ["1e9"], [null]])(
  "nonsense in the address is dropped: %s",
  (quarts) => {
    const search = planSearch({ quarts, mouth: "narrow", canner: "x" });
    expect([search.mouth, search.canner]).toEqual([undefined, undefined]);
    expect(search.quarts === undefined || search.quarts === 0).toBe(true);
  },
);
