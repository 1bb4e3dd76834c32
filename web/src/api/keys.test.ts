import { readdirSync, readFileSync } from "node:fs";
import { expect, test } from "vitest";
import { isAffected, keys } from "./keys";

const sources = readdirSync("src", { recursive: true, encoding: "utf8" }).filter(
  (file) => /\.tsx?$/.test(file) && !file.includes(".test."),
);

test("every question is kept under a key of the one place: a key written twice refreshes nothing one day", () => {
  const written = sources.filter((file) =>
    /queryKey: \[|setQueryData\(\[/.test(readFileSync(`src/${file}`, "utf8")),
  );
  expect(written).toEqual([]);
  expect(sources.length).toBeGreaterThan(100);
});

test.each([
  ["kitchen", keys.plan(3), true],
  ["kitchen", keys.recipe(3), true],
  ["recipes", keys.recipeBook("", false), true],
  ["recipes", keys.recipeVersions(3), true],
  ["recipes", keys.plan(3), true],
  ["recipes", keys.cupboard, false],
  ["cupboard", keys.plan(3), true],
  ["batches", keys.run(4), true],
  ["batches", keys.cupboard, true],
  ["runs", keys.batch(4), true],
  ["runs", keys.shelfPages("", ""), true],
  ["shelf", keys.needs, true],
  ["reading", keys.preview("{}"), true],
  ["nothing-known-here", keys.plan(3), false],
] as const)("a change of %s asks again for %j: %s", (concept, key, again) => {
  expect(isAffected(key, concept)).toBe(again);
});
