import { screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, test } from "vitest";
import { kitchen } from "@/test/kitchens";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { OutsidePage } from "./OutsidePage";

const POST = "POST /api/outside";

const answer = (part: object = {}) => ({
  covered: undefined,
  headline: "",
  lines: ["2 lb dried beans", "3 qt stock"],
  questions: [],
  shortfalls: [],
  leftMillis: 20 * 3_600_000,
  decideBy: "2026-11-29T09:00:00Z",
  minutesNeeded: 90,
  ...part,
});

const question = (part: object = {}) => ({
  code: "vented",
  words: "",
  text: "Did it vent ten minutes?",
  choices: [
    { code: "yes", text: "Yes" },
    { code: "no", text: "No, or not sure" },
  ],
  ...part,
});

beforeEach(() => {
  server.on("GET /api/kitchen", ok(kitchen()));
});

async function asked(told: object) {
  const shown = await show(<OutsidePage />);
  await shown.user.type(
    await screen.findByLabelText("What was in the jars"),
    "2 lb dried beans{Enter}3 qt stock",
  );
  server.on(POST, ok(told));
  await shown.user.click(screen.getByRole("button", { name: "Is that covered?" }));
  await screen.findByRole("region", { name: "Answer" });
  return shown;
}

const card = () => within(screen.getByRole("region", { name: "Answer" }));
const last = () => server.sent(POST).at(-1) as Record<string, unknown>;

test("what was done is sent as it was said, and nothing is taken for done that nobody said", async () => {
  await asked(answer({ covered: true, headline: "Beans set the time." }));
  expect(last()).toMatchObject({
    lines: ["2 lb dried beans", "3 qt stock"],
    jar: { size: "pint", count: 7 },
    minutes: 60,
    psi: 10,
    gauge: "dial",
    keep: false,
    answers: [],
  });
  expect(last()).not.toHaveProperty("vented");
  expect(last()).not.toHaveProperty("unbroken");
  expect(card().getByRole("heading", { name: "Covered" })).toBeTruthy();
});

test("an answer belongs to the figures it was given for: another one is asked about anew", async () => {
  const { user } = await asked(answer({ covered: true, headline: "Beans set the time." }));
  expect(card().getByRole("heading", { name: "Covered" })).toBeTruthy();
  await user.click(screen.getByRole("button", { name: "One less: Minutes" }));
  expect(screen.queryByRole("heading", { name: "Covered" })).toBeNull();
});

test("one question at a time, and until all are answered the jars are kept cold", async () => {
  const { user } = await asked(answer({ questions: [question(), question({ code: "unbroken" })] }));
  expect(card().getByText(/2 questions left.*keep the jars cold/)).toBeTruthy();
  expect(card().getByText("20 h left")).toBeTruthy();
  server.on(POST, ok(answer({ questions: [question({ code: "unbroken", text: "Without a break?" })] })));
  await user.click(card().getByRole("button", { name: "Yes" }));
  await waitFor(() => expect(card().getByRole("heading", { name: "Without a break?" })).toBeTruthy());
  expect(last()).toMatchObject({ vented: true });
  server.on(POST, ok(answer({ covered: false, shortfalls: [{ code: "break", text: "The hold broke." }] })));
  await user.click(card().getByRole("button", { name: "No, or not sure" }));
  await waitFor(() => expect(card().getByRole("heading", { name: "Not covered" })).toBeTruthy());
  expect(last()).toMatchObject({ vented: true, unbroken: false });
});

test("a question of a line is answered by the words of its line, one of a step by the words it quotes", async () => {
  const of = (part: object) =>
    answer({ questions: [question({ code: "soak", text: "How long?", ...part })] });
  const { user } = await asked(of({ line: 0, words: "dried beans" }));
  server.on(POST, ok(of({ words: "Soak 4 hours." })));
  await user.click(card().getByRole("button", { name: "Yes" }));
  await waitFor(() => expect(server.sent(POST)).toHaveLength(2));
  await user.click(card().getByRole("button", { name: "Yes" }));
  await waitFor(() => expect(server.sent(POST)).toHaveLength(3));
  expect(last()["answers"]).toEqual([
    { line: "2 lb dried beans", code: "soak", words: "dried beans", choice: "yes" },
    { line: "Soak 4 hours.", code: "soak", words: "Soak 4 hours.", choice: "yes" },
  ]);
});

test("what falls short is told with what can still be done, and is written down to be kept cold", async () => {
  const { user } = await asked(
    answer({ covered: false, shortfalls: [{ code: "time", text: "30 min short in pints." }] }),
  );
  expect(card().getByText("30 min short in pints.")).toBeTruthy();
  expect(card().getByText(/to process again with new lids for the full 90 minutes/)).toBeTruthy();
  server.on(POST, ok(answer({ id: 4, covered: false })));
  await user.click(card().getByRole("button", { name: "Write it down, to be kept cold" }));
  expect(await card().findByText(/It gets no shelf label/)).toBeTruthy();
  expect(last()).toMatchObject({ keep: true });
});

test("after a day nothing can be done any more, and it says what then", async () => {
  await asked(answer({ covered: false, leftMillis: -1 }));
  expect(card().getByText("The 24 hours are over.")).toBeTruthy();
  expect(card().getByText(/do not taste them/)).toBeTruthy();
});

test("another dish begins with no answers of the one before", async () => {
  const { user } = await asked(answer({ questions: [question()] }));
  server.on(POST, ok(answer({ covered: true })));
  await user.click(card().getByRole("button", { name: "Yes" }));
  await user.type(screen.getByLabelText("What was in the jars"), ", more");
  expect(screen.queryByRole("region", { name: "Answer" })).toBeNull();
  await user.click(screen.getByRole("button", { name: "Is that covered?" }));
  await waitFor(() => expect(server.sent(POST)).toHaveLength(3));
  expect(last()).not.toHaveProperty("vented");
});

test("what cannot be read is refused where it was typed, and stays", async () => {
  const { user } = await show(<OutsidePage />);
  await user.type(await screen.findByLabelText("What was in the jars"), "???");
  server.on(POST, problem(400, "invalid", "", { field: "lines", reason: "nothing that could be canned" }));
  await user.click(screen.getByRole("button", { name: "Is that covered?" }));
  expect(await screen.findByText("nothing that could be canned")).toBeTruthy();
  expect((screen.getByLabelText("What was in the jars") as HTMLTextAreaElement).value).toBe("???");
});

test("without an altitude it says that the pressure depends on it", async () => {
  server.on("GET /api/kitchen", ok(kitchen({ altitudeFt: undefined })));
  await show(<OutsidePage />);
  expect(await screen.findByText(/Say in Kitchen how high you live/)).toBeTruthy();
});
