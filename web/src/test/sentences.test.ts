import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import { gathered, LIST_FILE, list } from "../../scripts/sentences.mjs";

const said = [...gathered()].flatMap(([place, sentences]) => sentences.map((text) => ({ place, text })));

test("the list of sentences holds what can be said now", () => {
  expect(said.length).toBeGreaterThan(2_000);
  expect(readFileSync(LIST_FILE, "utf8")).toBe(list());
});

test.each([
  ["a name of a program's own", /\b[a-z]+[A-Z][a-z]+\b|\b[a-z]+_[a-z_]+\b|\w\[\d\]/],
  ["what nobody can promise", /\bsafe(ly)?\b/i],
  ["an interpreter's word", /\b(null|undefined|NaN|boolean|string)\b/],
  ["a word that the glossary has a better one for", /\b(Bring in|Take one in|Let in|Shut out|I hear it)\b/],
])("nothing that is shown holds %s", (_, wrong) => {
  expect(said.filter(({ text }) => wrong.test(text))).toEqual([]);
});
