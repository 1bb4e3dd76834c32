import { afterEach, expect, test, vi } from "vitest";
import { asMoved, fromParts, readLine, readPage } from "./page";
import { EMPTY_DRAFT } from "./useDraft";
import { readPasted } from "./useRecipes";

vi.mock("./useRecipes", () => ({ readPasted: vi.fn() }));
const read = vi.mocked(readPasted);
afterEach(() => read.mockReset());

const part = (kind: string, text: string) => ({ kind, text });
const draft = (parts: ReturnType<typeof part>[]) => ({
  title: "Soup",
  lines: parts.filter((one) => one.kind === "ingredient").map((one) => one.text),
  pack: "raw",
  solidsShare: 0.67,
  method: [],
  tags: [],
  variants: [],
  parts,
  setFrom: "steps",
});

test("every part of a page goes to its place, and nothing that was left out", () => {
  const parts = [
    part("title", "Soup"),
    part("yield", "Makes 7 quarts"),
    part("ingredient", "2 lb carrots"),
    part("group", "For the broth:"),
    part("ingredient", "2 qt stock"),
    part("other", "7 quart jars"),
    part("step", "Boil 5 minutes."),
    part("remark", "Good with bread."),
  ];
  expect(fromParts(parts, { ...EMPTY_DRAFT, lines: ["salt"] })).toEqual({
    title: "Soup",
    lines: ["salt", "2 lb carrots", "For the broth:", "2 qt stock"],
    method: ["Boil 5 minutes.", "Note: Makes 7 quarts", "Note: Good with bread."],
  });
  expect(fromParts(parts, { ...EMPTY_DRAFT, title: "Mine" }).title).toBe("Mine");
});

test("a line that is moved to be the name takes the place of the old one", () => {
  const moved = asMoved([part("title", "My blog"), part("ingredient", "Carrot soup")], 1, "title");
  expect(moved.map((one) => one.kind)).toEqual(["remark", "title"]);
});

test("a page with steps is looked at and sets the pack; plain ingredients are taken as they are", async () => {
  const steps = [part("ingredient", "2 lb beef"), part("step", "Pack raw.")];
  read.mockResolvedValue({ recipes: [draft(steps)], problems: [], parts: steps });
  expect(await readPage("page", EMPTY_DRAFT)).toEqual({
    kind: "look",
    parts: steps,
    part: { pack: "raw", solidsShare: 0.67 },
  });
  expect(await readPage("page", { ...EMPTY_DRAFT, lines: ["salt"] })).toMatchObject({ part: {} });
  const plain = [part("ingredient", "2 lb beef"), part("ingredient", "2 qt stock")];
  read.mockResolvedValue({ recipes: [draft(plain)], problems: [], parts: plain });
  expect(await readPage("page", EMPTY_DRAFT)).toEqual({ kind: "lines", lines: ["2 lb beef", "2 qt stock"] });
});

test("nothing is lost while the server is away", async () => {
  read.mockRejectedValue(new Error("away"));
  expect(await readPage("2 lb beef\n\n boil ", EMPTY_DRAFT)).toEqual({
    kind: "lines",
    lines: ["2 lb beef", "boil"],
  });
  expect((await readLine("boil"))(EMPTY_DRAFT)).toEqual({ lines: ["boil"] });
});

test("a typed line goes where it would go on a page", async () => {
  const only = (kind: string, text: string) =>
    read.mockResolvedValue({ recipes: [], problems: [], parts: [part(kind, text)] });
  only("step", "Boil 5 minutes.");
  expect((await readLine("1. Boil 5 minutes."))(EMPTY_DRAFT)).toEqual({ method: ["Boil 5 minutes."] });
  only("title", "Bean soup");
  expect((await readLine("Bean soup"))(EMPTY_DRAFT)).toEqual({ title: "Bean soup" });
  expect((await readLine("Bean soup"))({ ...EMPTY_DRAFT, lines: ["2 lb beans"] })).toEqual({
    lines: ["2 lb beans", "Bean soup"],
  });
});
