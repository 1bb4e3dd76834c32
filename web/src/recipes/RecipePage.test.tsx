import { screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, test } from "vitest";
import { kitchen } from "@/test/kitchens";
import { type Answer, ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { RecipePage } from "./RecipePage";

const DRAFT = "POST /api/recipes/draft";
const READ = "POST /api/formats/recipes";
const read = (kind: string, text: string) => ({ recipes: [], parts: [{ kind, text }], troubles: [] });
const PUT = "PUT /api/recipes/8";

const RECIPE = {
  id: 8,
  version: 2,
  title: "Bean soup",
  lines: ["2 lb dried beans, soaked", "3 cups carrots"],
  pack: "hot",
  solidsShare: 0.5,
  method: [],
  tags: [],
  variants: [],
  settled: [],
  answers: [],
  notes: [],
  savedAt: "2026-11-01T10:00:00Z",
  archived: false,
};

interface Asked {
  readonly lines: readonly string[];
  readonly answers: readonly { readonly words: string; readonly choice: string }[];
  readonly method: readonly string[];
}

const line = (text: string, part: object = {}) => ({
  text,
  rest: text,
  role: "timed",
  states: [],
  spans: [],
  answers: [],
  minutesBySize: { quart: 30, pint: 25 },
  ...part,
});

/** A ruling as the server would make one of these lines: flour stops, butter beans are asked about, beans set the time. */
function ruled({ lines, answers }: Asked) {
  const flour = lines.findIndex((each) => each.includes("flour"));
  const butter = lines.findIndex((each) => each.includes("butter beans"));
  const open = butter >= 0 && !answers.some(({ words }) => words === "butter beans");
  const beans = lines.findIndex((each) => each.includes("beans"));
  return {
    ruling: {
      verdict: flour >= 0 ? "stop" : open ? "ask" : "covered",
      headline: flour >= 0 ? "Flour stops this." : open ? "One question first." : "Beans set the time.",
      lines: lines.map((text, index) =>
        line(text, index === beans ? { minutesBySize: { quart: 90, pint: 75 } } : {}),
      ),
      findings:
        flour < 0
          ? []
          : [
              {
                code: "thickener",
                severity: "stop",
                line: flour,
                text: "Flour thickens the jar.",
                remedies: [
                  {
                    text: "Leave it out",
                    edits: [{ part: "line" }],
                    gives: { verdict: "covered", minutes: 90, headline: "" },
                  },
                ],
              },
            ],
      questions: open
        ? [
            {
              code: "which-food",
              line: butter,
              words: "butter beans",
              text: "Dried butter beans, or fresh?",
              choices: [
                { code: "dried", text: "Dried", edits: [], verdict: "covered", minutes: 90 },
                { code: "fresh", text: "Fresh", edits: [], verdict: "stop" },
              ],
            },
          ]
        : [],
      pacesetters: beans < 0 ? [] : [beans],
      considered: [],
      changes: [],
      withouts: [],
    },
    steps: [],
    remarks: [],
    openingNotes: [],
    variants: [],
    questions: [],
  };
}

beforeEach(() => {
  server.on("GET /api/kitchen", ok(kitchen()));
  server.on("GET /api/recipes/8", ok(RECIPE));
  server.on("GET /api/recipes/8/versions", ok([]));
  server.on(DRAFT, ({ body }) => ok(ruled(body as Asked)));
});

async function page(id: number | "new" = 8) {
  const shown = await show(<RecipePage id={id === "new" ? undefined : id} />);
  await screen.findByLabelText("Name of the recipe");
  return shown;
}

const lines = () =>
  screen.queryAllByLabelText("Ingredient line").map((field) => (field as HTMLTextAreaElement).value);
const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;
const said = () => screen.getByRole("region", { name: "Ruling" }).textContent;

test("the ruling follows every line that is typed", async () => {
  const { user } = await page();
  await waitFor(() => expect(said()).toContain("Beans set the time."));
  server.on(READ, ok(read("ingredient", "2 tbsp flour")));
  await user.type(screen.getByLabelText("Add a line, or paste a whole recipe"), "2 tbsp flour{Enter}");
  await waitFor(() => expect(said()).toContain("Flour stops this."));
  expect(lines()).toContain("2 tbsp flour");
  expect(screen.getByText(/changed since/)).toBeTruthy();
});

test("a remedy mends the recipe by one tap, and undo takes it back", async () => {
  server.on("GET /api/recipes/8", ok({ ...RECIPE, lines: [...RECIPE.lines, "2 tbsp flour"] }));
  const { user } = await page();
  await user.click(await screen.findByRole("button", { name: /^Leave it out/ }));
  await waitFor(() => expect(said()).toContain("Beans set the time."));
  expect(lines()).toEqual(RECIPE.lines);
  await user.click(button("Undo"));
  await waitFor(() => expect(said()).toContain("Flour stops this."));
});

test("a remedy for a line that has changed meanwhile is not carried out on another one", async () => {
  server.on("GET /api/recipes/8", ok({ ...RECIPE, lines: ["2 tbsp flour", "3 cups carrots"] }));
  const { user } = await page();
  const leaveOut = await screen.findByRole("button", { name: /^Leave it out/ });
  // The server is slow: what stands there still is the answer to the page as it was.
  server.on(DRAFT, () => new Promise(() => undefined));
  await user.click(button("Remove: 2 tbsp flour"));
  await user.click(leaveOut);
  expect(lines()).toEqual(["3 cups carrots"]);
});

test("a question is answered by a tap, and the answer belongs to the words of its line", async () => {
  server.on("GET /api/recipes/8", ok({ ...RECIPE, lines: ["1 lb butter beans"] }));
  const { user } = await page();
  const strip = within(await screen.findByRole("region", { name: "Before this is covered" }));
  await user.click(strip.getByRole("button", { name: /^Dried/ }));
  await waitFor(() => expect(said()).toContain("Beans set the time."));
  expect((server.sent(DRAFT).at(-1) as Asked).answers).toEqual([
    { line: "1 lb butter beans", code: "which-food", words: "butter beans", choice: "dried" },
  ]);
});

test("a save sends what is on the page, on top of the version it was made from", async () => {
  const { user } = await page();
  await user.type(screen.getByLabelText("Name of the recipe"), ", hers");
  server.on(PUT, ok({ ...RECIPE, version: 3, title: "Bean soup, hers" }));
  await user.click(button("Save"));
  expect(await screen.findByText("Saved as version 3.")).toBeTruthy();
  expect(server.sent(PUT)).toMatchObject([
    { title: "Bean soup, hers", basedOn: 2, lines: RECIPE.lines, pack: "hot" },
  ]);
  await waitFor(() => expect(screen.getByText(/^Version 3/)).toBeTruthy());
  expect(screen.queryByText(/changed since/)).toBeNull();
});

test("a line that is still being read when somebody saves is saved with the rest", async () => {
  const { user } = await page();
  await screen.findAllByText("Beans set the time.", { exact: false });
  let answer: (told: Answer) => void = () => undefined;
  // The server is slow to read the line; the tap on Save does not wait.
  server.on(
    READ,
    () =>
      new Promise<Answer>((done) => {
        answer = done;
      }),
  );
  await user.type(screen.getByLabelText("Add a line, or paste a whole recipe"), "3 lb beef chuck{Enter}");
  await user.type(screen.getByLabelText("Name of the recipe"), ", hers");
  server.on(PUT, ok({ ...RECIPE, version: 3 }));
  await user.dblClick(button("Save"));
  expect(server.sent(PUT)).toEqual([]);
  answer(ok(read("ingredient", "3 lb beef chuck")));
  await screen.findByText("Saved as version 3.");
  // Once, though it was tapped twice.
  expect(server.sent(PUT)).toMatchObject([{ lines: [...RECIPE.lines, "3 lb beef chuck"] }]);
});

test("a line that is typed while it is saved is not lost, and goes on from the version that was saved", async () => {
  const { user } = await page();
  await user.type(screen.getByLabelText("Name of the recipe"), ", hers");
  let answer: (told: Answer) => void = () => undefined;
  server.on(
    PUT,
    () =>
      new Promise<Answer>((done) => {
        answer = done;
      }),
  );
  server.on(READ, ok(read("ingredient", "3 lb beef chuck")));
  await user.click(button("Save"));
  await user.type(screen.getByLabelText("Add a line, or paste a whole recipe"), "3 lb beef chuck{Enter}");
  await waitFor(() => expect(lines()).toContain("3 lb beef chuck"));
  answer(ok({ ...RECIPE, version: 3, title: "Bean soup, hers" }));
  await screen.findByText("Saved as version 3.");
  expect(lines()).toContain("3 lb beef chuck");
  server.on(PUT, ok({ ...RECIPE, version: 4 }));
  await user.click(button("Save"));
  await screen.findByText("Saved as version 4.");
  expect(server.sent(PUT).at(-1)).toMatchObject({ basedOn: 3, lines: [...RECIPE.lines, "3 lb beef chuck"] });
});

test("who saves second is told, keeps what was typed, and can keep it as a recipe of its own", async () => {
  const { user, at } = await page();
  await user.type(screen.getByLabelText("Name of the recipe"), ", his");
  server.on(PUT, problem(409, "someone-was-first", "Version 3 of this recipe was saved meanwhile."));
  await user.click(button("Save"));
  expect((await screen.findByRole("alert")).textContent).toContain("saved meanwhile");
  expect((screen.getByLabelText("Name of the recipe") as HTMLTextAreaElement).value).toBe("Bean soup, his");
  server.on("POST /api/recipes", ok({ ...RECIPE, id: 9, version: 1, title: "Bean soup, his" }));
  await user.click(button("Save mine as a new recipe"));
  await waitFor(() => expect(at()).toBe("/recipes/9"));
  expect((server.sent("POST /api/recipes")[0] as { basedOn?: number }).basedOn).toBeUndefined();
});

test("a new recipe is not saved before it has a name and a line", async () => {
  const { user } = await page("new");
  expect(button("Save").disabled).toBe(true);
  await user.type(screen.getByLabelText("Name of the recipe"), "Broth");
  expect(button("Save").disabled).toBe(true);
  server.on(READ, ok(read("ingredient", "4 qt stock")));
  await user.type(screen.getByLabelText("Add a line, or paste a whole recipe"), "4 qt stock{Enter}");
  await waitFor(() => expect(lines()).toEqual(["4 qt stock"]));
  expect(button("Save").disabled).toBe(false);
});

test("a server that is away takes no line from the cook", async () => {
  const { user } = await page("new");
  server.unplug(READ);
  await user.type(screen.getByLabelText("Add a line, or paste a whole recipe"), "4 qt stock{Enter}");
  await waitFor(() => expect(lines()).toEqual(["4 qt stock"]));
});

test("a typed step goes to the method, not among the ingredients", async () => {
  const { user } = await page();
  server.on(READ, ok(read("step", "Simmer 30 min.")));
  await user.type(screen.getByLabelText("Add a line, or paste a whole recipe"), "Simmer 30 min.{Enter}");
  await waitFor(() => expect((server.sent(DRAFT).at(-1) as Asked).method).toEqual(["Simmer 30 min."]));
  expect(lines()).toEqual(RECIPE.lines);
});

test("while nothing was answered the page says so, and not that the answer comes with the first line", async () => {
  server.on(DRAFT, () => new Promise<Answer>(() => {}));
  await show(<RecipePage id={8} />);
  const ruling = within(await screen.findByRole("region", { name: "Ruling" }));
  expect(ruling.getByText("One moment …")).toBeTruthy();
  expect(ruling.queryByText(/As soon as there is one line/)).toBeNull();
});

test("of an empty line nothing is asked, and no answer is waited for", async () => {
  server.on("GET /api/recipes/8", ok({ ...RECIPE, lines: [" "] }));
  await show(<RecipePage id={8} />);
  const ruling = within(await screen.findByRole("region", { name: "Ruling" }));
  expect(ruling.getByText(/As soon as there is one line/)).toBeTruthy();
});

test("a recipe that is not there says so", async () => {
  server.on("GET /api/recipes/8", problem(404, "not-found", "There is no recipe 8."));
  await show(<RecipePage id={8} />);
  expect((await screen.findByRole("alert")).textContent).toContain("There is no recipe 8.");
});
