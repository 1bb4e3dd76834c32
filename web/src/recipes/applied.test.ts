import { expect, test } from "vitest";
import { applied, type OnPage, withAnswer, withLine, withoutAnswer } from "./applied";
import { EMPTY_DRAFT } from "./useDraft";

const page: OnPage = {
  draft: {
    ...EMPTY_DRAFT,
    lines: ["2 lb carrots", "3 lb beef in 2-inch cubes"],
    pack: "raw",
    solidsShare: 0.9,
  },
  size: "quart",
};

test("a line is rewritten where it stands, and only that line", () => {
  const mended = applied([{ part: "line", to: "3 lb beef in 1-inch cubes" }], { line: 1 }, page);
  expect(mended.draft.lines).toEqual(["2 lb carrots", "3 lb beef in 1-inch cubes"]);
  expect({ ...mended.draft, lines: page.draft.lines }).toEqual(page.draft);
});

test("a line without a new text is left out", () => {
  expect(applied([{ part: "line" }], { line: 0 }, page).draft.lines).toEqual(["3 lb beef in 2-inch cubes"]);
  expect(withLine(["a", "b"], 1, null)).toEqual(["a"]);
  expect(withLine(["a", "b"], 5, "c")).toEqual(["a", "b"]);
});

test("a remedy of two edits changes both, one after the other", () => {
  const mended = applied(
    [
      { part: "pack", to: "hot" },
      { part: "solids-share", to: "0.5" },
    ],
    {},
    page,
  );
  expect(mended.draft.pack).toBe("hot");
  expect(mended.draft.solidsShare).toBe(0.5);
  expect(mended.draft.lines).toBe(page.draft.lines);
});

test("a step's remedy changes that step, or takes it out", () => {
  const cooked = { ...page, draft: { ...page.draft, method: ["Boil.", "Blend until smooth."] } };
  const later = { part: "step", to: "When you open the jar: blend until smooth." };
  expect(applied([later], { step: 1 }, cooked).draft.method).toEqual(["Boil.", later.to]);
  expect(applied([{ part: "step" }], { step: 1 }, cooked).draft.method).toEqual(["Boil."]);
  expect(applied([later], {}, cooked)).toEqual(cooked);
});

test("smaller jars change what is looked at and nothing of the recipe", () => {
  const mended = applied([{ part: "jar-size", to: "pint" }], {}, page);
  expect(mended).toEqual({ draft: page.draft, size: "pint" });
});

test("an edit of a line that is not named, or of a part nobody knows, changes nothing", () => {
  expect(applied([{ part: "line", to: "x" }], {}, page)).toEqual(page);
  expect(applied([{ part: "altitude", to: "0" }], { line: 0 }, page)).toEqual(page);
});

test("an answer takes the place of an earlier one to the same question, and of no other", () => {
  const bones = { line: "4 lb oxtail", code: "bones", words: "oxtail", choice: "strained" };
  const size = { line: "4 lb oxtail", code: "piece-size", words: "chunks", choice: "larger" };
  const other = { ...bones, line: "2 lb oxtail" };
  const picked = { ...bones, choice: "meat-picked" };
  expect(withAnswer([bones, size, other], picked)).toEqual([size, other, picked]);
  expect(withoutAnswer([bones, size, other], picked)).toEqual([size, other]);
  expect(withAnswer([], size)).toEqual([size]);
});
