import { screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, test } from "vitest";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { KitchenVocabulary } from "./KitchenVocabulary";
import { MayI } from "./MayI";

const answer = (name: string, verdict: string, part: object = {}) => ({
  name,
  verdict,
  text: `${name} has its own row.`,
  rows: [],
  instead: [],
  ...part,
});

const READING = {
  ownFoods: [{ id: 3, name: "sea kale" }],
  wordings: [{ words: "grandma's roots", meaning: "carrots, peeled" }],
  answers: [
    { code: "bones", words: "oxtail", wording: "", choice: "strained", text: "Strained out" },
    { code: "which", words: "butter beans", wording: "butter bean", choice: "dried", text: "Dried" },
  ],
};

beforeEach(() => {
  server.on("GET /api/reading", ok(READING));
});

test.each([
  ["yes", "Yes"],
  ["in-soup", "In a soup"],
  ["own-judgement", "Your own judgement"],
  ["ask", "It depends"],
  ["stop", "No"],
  ["something-new", "No"],
])("a verdict %s is told as %s: what is not known is never yes", async (verdict, told) => {
  server.on("GET /api/tables/answers", ok([answer("carrots", verdict)]));
  await show(<MayI words="carrots" />);
  expect(await screen.findByText(told)).toBeTruthy();
});

test("rows tell minutes by size, and that there is no tested time where there is none", async () => {
  const rows = [{ form: "sliced", pack: "hot", pint: 25, quart: undefined, source: "Guide 4, carrots" }];
  server.on("GET /api/tables/answers", ok([answer("carrots", "yes", { rows, instead: ["freeze them"] })]));
  await show(<MayI words="carrots" />);
  expect((await screen.findByText(/sliced, packed hot/)).textContent).toBe(
    "sliced, packed hot: 25 min in pints, no tested time in quarts. Guide 4, carrots",
  );
  expect(screen.getByText("freeze them.")).toBeTruthy();
});

test("nothing asked is nothing answered", async () => {
  const { container } = await show(<MayI words="  " />);
  expect(container.textContent).toBe("");
  expect(server.asked).toEqual([]);
});

test("a food of one's own is added by its name and can be taken away again", async () => {
  const { user } = await show(<KitchenVocabulary />);
  const foods = within(await screen.findByRole("region", { name: "Foods of your own" }));
  expect(await foods.findByText("sea kale")).toBeTruthy();
  server.on("POST /api/reading/own-foods", ok({ id: 4, name: "oca" }));
  await user.type(foods.getByLabelText("Its name"), "  oca ");
  await user.click(foods.getByRole("button", { name: "Add a food" }));
  await waitFor(() => expect(server.sent("POST /api/reading/own-foods")).toEqual([{ name: "oca" }]));
  server.on("DELETE /api/reading/own-foods/3", ok({}));
  await user.click(foods.getByRole("button", { name: "Remove" }));
  await waitFor(() => expect(server.sent("DELETE /api/reading/own-foods/3")).toHaveLength(1));
  await user.click(await screen.findByRole("button", { name: "Undo" }));
  await waitFor(() =>
    expect(server.sent("POST /api/reading/own-foods")).toMatchObject([{ name: "oca" }, { name: "sea kale" }]),
  );
});

test("a name that the tables know already is refused, and stays to be changed", async () => {
  const { user } = await show(<KitchenVocabulary />);
  server.on("POST /api/reading/own-foods", problem(422, "unprocessable", "The tables list carrots."));
  await user.type(await screen.findByLabelText("Its name"), "carrots{Enter}");
  expect((await screen.findByRole("alert")).textContent).toContain("The tables list carrots.");
  expect((screen.getByLabelText("Its name") as HTMLInputElement).value).toBe("carrots");
});

test("what was answered and taught is told with its wording, and each can be taken back", async () => {
  const { user } = await show(<KitchenVocabulary />);
  const remembered = await screen.findByRole("list", { name: "Answers remembered" });
  await waitFor(() =>
    expect(
      within(remembered)
        .getAllByRole("listitem")
        .map((row) => row.textContent),
    ).toEqual(["“oxtail”: Strained outAsk again", "“butter beans” in “butter bean”: DriedAsk again"]),
  );
  server.on("POST /api/reading/answers/forgotten", ok({}));
  await user.click(within(remembered).getAllByRole("button")[1] as HTMLElement);
  await waitFor(() =>
    expect(server.sent("POST /api/reading/answers/forgotten")).toEqual([
      { code: "which", words: "butter beans", line: "butter bean" },
    ]),
  );
  server.on("POST /api/reading/wordings/forgotten", ok({ food: "carrots", states: ["peeled"], pieceIn: 2 }));
  await user.click(screen.getByRole("button", { name: "Forget" }));
  await waitFor(() =>
    expect(server.sent("POST /api/reading/wordings/forgotten")).toEqual([{ line: "grandma's roots" }]),
  );
  server.on("POST /api/reading/wordings", ok({}));
  await user.click(await screen.findByRole("button", { name: "Undo" }));
  await waitFor(() =>
    expect(server.sent("POST /api/reading/wordings")).toEqual([
      { line: "grandma's roots", food: "carrots", states: ["peeled"], pieceIn: 2 },
    ]),
  );
});
