import { act, screen, within } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import type { Run } from "@/stove";
import { FakeEventSource } from "@/test/eventSource";
import { canner, type Kitchen, kitchen } from "@/test/kitchens";
import { at, run } from "@/test/runs";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { TodayPage } from "./TodayPage";

const SHELF = { today: "2026-03-07", lots: [], places: [], jars: 0, next: undefined };

const SHUT = { open: false, canChoose: false, places: [], certificates: [], fingerprint: "", qr: [] };

beforeEach(() => {
  vi.setSystemTime(at(0));
  server.on("GET /api/shelf", ok(SHELF));
  server.on("GET /api/shelf/holds", ok([]));
  server.on("GET /api/shelf/needs", ok({ dishes: [], kits: [] }));
  server.on("GET /api/outside", ok([]));
  server.on("GET /api/plans", ok([]));
  server.on("GET /api/backup/automatic", ok({ kept: 0, old: false }));
  server.on(
    "GET /api/practice",
    ok({
      drills: [
        { code: "one", title: "Almost zero", minutes: 2, atTheKnobs: false, tries: 0, inARow: 0, due: false },
      ],
      next: "one",
      rehearsals: [],
    }),
  );
});

async function today(runs: readonly Run[] = [], known: Kitchen = kitchen()) {
  server.on("GET /api/kitchen", ok(known));
  const shown = await show(<TodayPage />);
  await screen.findByRole("heading", { name: "Today" });
  act(() => FakeEventSource.last().say("runs", { runs }));
  await screen.findByText("Saturday 7 March");
  return shown;
}

const card = (name: string) => within(screen.getByRole("region", { name }));

/** The first here: what was heard of runs stays heard. */
test("what is not known yet is not called free", async () => {
  server.on("GET /api/kitchen", ok(kitchen()));
  await show(<TodayPage />);
  expect(await card("On the stove").findByText("One moment …")).toBeTruthy();
  expect(card("On the stove").queryByText(/The canner is free/)).toBeNull();
  act(() => FakeEventSource.last().say("runs", { runs: [] }));
  expect(await card("On the stove").findByText("Nothing. The canner is free.")).toBeTruthy();
});

test("a free canner and no jars to check are said, not left empty", async () => {
  await today();
  expect(card("On the stove").getByText("Nothing. The canner is free.")).toBeTruthy();
  expect(card("Seal checks").getByText("No jars are waiting for theirs.")).toBeTruthy();
  expect(screen.queryByRole("region", { name: "Also waiting" })).toBeNull();
});

test("what is on the stove stands there with its clock, what rests with its check", async () => {
  await today([
    run({ id: 1, stage: "holding", clockEndsAt: at(41) }),
    run({ id: 2, stage: "resting", atTheStove: false, title: "Broth", checkFrom: at(-5), checkBy: at(700) }),
    run({ id: 3, stage: "resting", atTheStove: false, title: "Stew", checkFrom: at(300) }),
  ]);
  expect(card("On the stove").getByText(/^4[01]:\d\d$/)).toBeTruthy();
  const checks = card("Seal checks");
  expect(checks.getByRole("link", { name: "Check the seals" }).getAttribute("href")).toBe("/seals/2");
  expect(checks.getByRole("link", { name: "Resting" }).getAttribute("href")).toBe("/seals/3");
});

test("while a canner cools there is a drill to pass the time, and while one holds there is none", async () => {
  await today([run({ id: 1, stage: "holding", clockEndsAt: at(41) })]);
  expect(screen.queryByRole("region", { name: "Meanwhile" })).toBeNull();
  await today([run({ id: 1, stage: "cooling", simulated: true })]);
  expect(await screen.findByRole("region", { name: "Meanwhile" })).toBeTruthy();
  expect(card("Meanwhile").getByText("Almost zero")).toBeTruthy();
  expect(card("On the stove").getByText("Practice device")).toBeTruthy();
});

test("a backup that is old is told, with when it was made or why it failed", async () => {
  server.on("GET /api/backup/automatic", ok({ folder: "/b", newest: at(-9_000), kept: 3, old: true }));
  await today();
  expect(await screen.findByText("The last backup is old")).toBeTruthy();
  server.on(
    "GET /api/backup/automatic",
    ok({ folder: "/b", kept: 0, old: true, problem: "The disk is full" }),
  );
  await today();
  expect(await screen.findByText("There is no backup")).toBeTruthy();
  expect(screen.getByText("The disk is full")).toBeTruthy();
});

test("jars that did not seal are a decision with a limit", async () => {
  await today([
    run({ id: 2, stage: "resting", atTheStove: false, checkFrom: at(-5), unsettled: [3], decideBy: at(600) }),
  ]);
  expect(screen.getByText(/1 not sealed: decide by/)).toBeTruthy();
  expect(screen.getByRole("link", { name: "Decide" })).toBeTruthy();
});

test("a kitchen that knows nothing is asked four things in a row, and no more afterwards", async () => {
  localStorage.clear();
  server.on("GET /api/access", ok({ state: "here", role: "cook", people: [] }));
  server.on("GET /api/kitchen/cupboard", ok({ version: 1, jars: [], lids: [{ mouth: "regular" }] }));
  server.on("GET /api/access/home", ok({ ...SHUT, canChoose: true }));
  const { user } = await today([], kitchen({ altitudeFt: undefined, altitudeM: undefined, canners: [] }));
  const welcome = card("Welcome");
  expect(welcome.getByLabelText("Altitude in feet")).toBeTruthy();
  expect(welcome.queryByLabelText("What you call it")).toBeNull();
  server.on("PATCH /api/kitchen", ok(kitchen({ canners: [] })));
  server.on("GET /api/kitchen", ok(kitchen({ canners: [] })));
  await user.type(welcome.getByLabelText("Altitude in feet"), "3150{Enter}");
  expect(await welcome.findByText(/^3,150 ft/)).toBeTruthy();

  server.on("POST /api/kitchen/canners", ok(kitchen()));
  server.on("GET /api/kitchen", ok(kitchen()));
  await user.type(welcome.getByLabelText("What you call it"), "Big canner");
  await user.click(welcome.getByRole("button", { name: "Add this canner" }));
  expect(await welcome.findByRole("button", { name: "Count New lids, regular" })).toBeTruthy();
  await user.click(welcome.getByRole("button", { name: "Next" }));

  server.on("PUT /api/access/home", ok({ ...SHUT, canChoose: true, trouble: "Port 8443 is in use." }));
  await user.click(await welcome.findByRole("button", { name: "Turn it on" }));
  expect(await welcome.findByText("Port 8443 is in use.")).toBeTruthy();
  expect(server.sent("PUT /api/access/home")).toEqual([{ open: true }]);
  await user.click(welcome.getByRole("button", { name: "Done" }));
  expect(screen.queryByRole("region", { name: "Welcome" })).toBeNull();
});

const look = (ruling: object) =>
  ok({ ruling: { questions: [], findings: [], lines: [], minutesBySize: {}, ...ruling }, variants: [] });

test("an empty kitchen answers the first line that is typed, with the most careful pressure until it knows better", async () => {
  server.on("GET /api/access", ok({ state: "here", role: "cook", people: [] }));
  server.on(
    "GET /api/tables",
    ok({
      pressures: [
        { id: "dial-2000", gauge: "dial", psi: 11, upToFt: 2000 },
        { id: "dial-8000", gauge: "dial", psi: 14, upToFt: 8000 },
        { id: "weighted-8000", gauge: "weighted", psi: 15, upToFt: 8000 },
      ],
    }),
  );
  server.on(
    "POST /api/recipes/draft",
    look({
      verdict: "covered",
      minutes: 90,
      minutesBySize: { quart: 90, pint: 75 },
      headline: "Beans set the time: 90 min.",
    }),
  );
  const { user, at } = await today([], kitchen({ altitudeFt: undefined, altitudeM: undefined, canners: [] }));
  const welcome = card("Welcome");
  await user.type(welcome.getByLabelText("What are you canning?"), "2 lb dried beans, soaked");
  expect(await welcome.findByText("Beans set the time: 90 min.")).toBeTruthy();
  expect(welcome.getByText("75").closest("span")?.textContent).toBe("75 min in pints");
  expect(welcome.getByText(/At 8,000 ft until you say otherwise/).textContent).toBe(
    "At 8,000 ft until you say otherwise: 14 psi on a dial, or the 15 lb weight.",
  );

  server.on(
    "POST /api/recipes/draft",
    look({
      verdict: "stop",
      headline: "Flour stops this.",
      findings: [{ code: "thickener", severity: "stop", text: "Thicken it when you open the jar." }],
    }),
  );
  await user.type(welcome.getByLabelText("What are you canning?"), "{Enter}1 cup flour");
  expect(await welcome.findByText("Thicken it when you open the jar.")).toBeTruthy();
  expect(welcome.queryByText(/until you say otherwise/)).toBeNull();
  // A reload finds what was typed.
  expect(sessionStorage.getItem("mobrel.first-lines")).toBe("2 lb dried beans, soaked\n1 cup flour");
  server.on("POST /api/formats/recipes", problem(500, "internal", "away"));
  await user.click(welcome.getByRole("button", { name: "See why, and what would do" }));
  await vi.waitFor(() => expect(at()).toBe("/recipes/new"));
  expect(JSON.parse(localStorage.getItem("mobrel.draft.new") ?? "{}").lines).toEqual([
    "2 lb dried beans, soaked",
    "1 cup flour",
  ]);
});

test("a kitchen that was set up elsewhere is asked nothing", async () => {
  localStorage.clear();
  await today();
  expect(screen.queryByRole("region", { name: "Welcome" })).toBeNull();
});

test("what else waits: holds once a lot, care of canners, and dishes that run low", async () => {
  server.on(
    "GET /api/shelf/holds",
    ok([
      { id: 1, lot: "A" },
      { id: 2, lot: "A" },
      { id: 3, lot: "B" },
    ]),
  );
  server.on(
    "GET /api/shelf/needs",
    ok({
      kits: [],
      dishes: [
        { recipeId: 8, title: "Bean soup", jars: 2, target: 14, loads: 2, perLoad: 7, size: "quart" },
        { recipeId: 9, title: "Broth", jars: 9, target: 9, loads: 0, perLoad: 7, size: "quart" },
      ],
    }),
  );
  await today([], kitchen({ canners: [canner({ due: ["The dial was tested over a year ago."] })] }));
  const waiting = within(await screen.findByRole("region", { name: "Also waiting" }));
  expect((await waiting.findAllByRole("listitem")).map((row) => row.textContent)).toEqual([
    "2 lots are on holdNobody is to use them until somebody has looked into itLook into it",
    "Big cannerThe dial was tested over a year ago.To the kitchen",
    "Bean soup runs low2 of 14 wanted; 2 loads of 7 quarts would doTo the shelf",
  ]);
});

test("the oldest lots are to be opened first, and none that is on hold", async () => {
  const lot = (code: string, title: string, holds: readonly object[] = []) => ({
    code,
    title,
    variant: "",
    size: "quart",
    mouth: "regular",
    jars: 4,
    holds,
    places: [],
  });
  server.on(
    "GET /api/shelf",
    ok({ ...SHELF, lots: [lot("25-1001-A", "Chili"), lot("25-1101-A", "Held", [{ id: 1 }])] }),
  );
  await today();
  const first = card("Open first");
  expect(first.getByText("Chili")).toBeTruthy();
  expect(first.queryByText("Held")).toBeNull();
  expect(first.getByRole("link", { name: "4 jars to choose from" })).toBeTruthy();
});

test("a shelf that cannot be had is a problem with a way to try again, and the stove is still told", async () => {
  server.on("GET /api/shelf", problem(503, "database", "The kitchen's database cannot be reached."));
  server.on("GET /api/kitchen", ok(kitchen()));
  const { user } = await show(<TodayPage />);
  const alert = await screen.findByRole("alert");
  expect(alert.textContent).toContain("database cannot be reached");
  act(() => FakeEventSource.last().say("runs", { runs: [run({ stage: "cooling" })] }));
  expect(card("On the stove").getByText("Bean soup")).toBeTruthy();
  server.on("GET /api/shelf", ok(SHELF));
  await user.click(within(alert).getByRole("button", { name: "Try again" }));
  expect(await screen.findByText("Saturday 7 March")).toBeTruthy();
});
