import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import { keys } from "@/api/keys";
import { FakeEventSource } from "@/test/eventSource";
import { at, run as runOf, seen } from "@/test/runs";
import { type Answer, held, ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import type { Run } from "./live";
import { RunCard } from "./RunCard";
import { useRuns } from "./useRuns";

const EVENTS = "POST /api/runs/1/events";

beforeEach(() => {
  vi.setSystemTime(at(0));
  server.on("GET /api/kitchen", ok({ units: "us", canners: [] }));
  server.on("GET /api/simulation", ok({ offered: false }));
  server.on("GET /api/runs/1/room", ok({ groups: [], waiting: [] }));
  server.on("GET /api/batches/1", ok({ departures: [] }));
});

/** The card as the stove shows it: of the run as it was told last, with what waits on this device. */
function Stove() {
  const run = useRuns().data?.[0];
  return run ? <RunCard run={run} alone /> : null;
}

async function stove(told: Partial<Run>) {
  const shown = await show(<Stove />);
  const line = FakeEventSource.last();
  act(() => line.say("runs", { runs: [runOf(told)] }));
  await screen.findByRole("heading", { name: "Big canner" });
  return { ...shown, tell: (next: Partial<Run>) => act(() => line.say("run", runOf(next))) };
}

const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;
const sent = () => server.sent(EVENTS) as { type: string; jar?: number; psi?: number; expected?: number }[];
const events = (count: number) => Array.from({ length: count }, (_, minute) => seen(minute, 12.5));

test("jars tapped quickly one after the other are all counted, in their order", async () => {
  await stove({ stage: "loading" });
  const answers = [held(), held(), held()];
  let asked = 0;
  server.on(EVENTS, (request) => (answers[asked++] as ReturnType<typeof held>).handler(request));
  for (const jar of [1, 2, 3]) {
    fireEvent.click(button(`Jar ${jar}, quart`));
  }
  const after = (count: number): Answer =>
    ok(
      runOf({
        stage: "loading",
        loaded: Array.from({ length: count }, (_, jar) => jar + 1),
        events: events(count),
      }),
    );
  for (const [index, answer] of answers.entries()) {
    await waitFor(() => expect(sent()).toHaveLength(index + 1));
    answer.answer(after(index + 1));
  }
  expect(await screen.findByText("3 of 7 in")).toBeTruthy();
  expect(sent().map(({ type, jar }) => `${type} ${jar}`)).toEqual(["jar-in 1", "jar-in 2", "jar-in 3"]);
  // Each says what was known when it was sent: none is refused because of the one before it.
  expect(sent().map(({ expected }) => expected)).toEqual([0, 1, 2]);
});

test("the same jar touched twice goes in once", async () => {
  await stove({ stage: "loading" });
  const waiting = held();
  server.on(EVENTS, waiting.handler);
  fireEvent.click(button("Jar 4, quart"));
  fireEvent.click(button("Jar 4, quart"));
  waiting.answer(ok(runOf({ stage: "loading", loaded: [4], events: events(1) })));
  await screen.findByText("1 of 7 in");
  expect(sent()).toHaveLength(1);
});

test("a jar that comes back out is tapped again", async () => {
  const { user } = await stove({ stage: "loading", loaded: [1, 2] });
  expect(button("Jar 2, quart").getAttribute("aria-pressed")).toBe("true");
  server.on(EVENTS, ok(runOf({ stage: "loading", loaded: [1], events: events(1) })));
  await user.click(button("Jar 2, quart"));
  await screen.findByText("1 of 7 in");
  expect(sent()).toMatchObject([{ type: "jar-back", jar: 2 }]);
});

test("the kettle is counted for the jars that are still to come", async () => {
  await stove({ stage: "loading", loaded: [1, 2, 3, 4, 5], brothMl: Array.from({ length: 7 }, () => 480) });
  expect(screen.getByText(/Kettle: the other 2 take/).textContent).toBe(
    "Kettle: the other 2 take 1 qt of broth. Have 1.4 qt boiling.",
  );
});

test("all jars as they were filled go in with one tap", async () => {
  const { user } = await stove({ stage: "loading" });
  server.on(EVENTS, ok(runOf({ stage: "heating", lidLockedAt: at(0), events: events(1) })));
  await user.click(button("All 7 are in, lid locked"));
  await waitFor(() => expect(sent()).toMatchObject([{ type: "lid-locked" }]));
});

test("a jar that is not in is asked for, and the lid goes on with the answer", async () => {
  const { user } = await stove({ stage: "loading", loaded: [1, 2, 3, 4, 5, 7] });
  await user.click(button("Jars in, lid locked"));
  expect(screen.getByText("Jar 6 is not in. Where did it go?")).toBeTruthy();
  await user.click(button("Back"));
  expect(sent()).toEqual([]);
  await user.click(button("Jars in, lid locked"));
  server.on(EVENTS, ok(runOf({ stage: "heating", lidLockedAt: at(0), events: events(1) })));
  await user.click(button(/^Refrigerator/));
  await waitFor(() =>
    expect(sent()).toMatchObject([
      { type: "jar-left", jar: 6, place: "refrigerator" },
      { type: "lid-locked" },
    ]),
  );
});

test("a zero that comes too soon is asked about, in its time it is believed", async () => {
  const { user, tell } = await stove({ stage: "cooling", heatOffAt: at(-5), zeroDoubtedUntil: at(10) });
  await user.click(button("Pressure is zero"));
  expect(screen.queryByRole("button", { name: "No, it cooled by itself" })).toBeNull();
  await user.click(button("No hiss when nudged"));
  server.on(EVENTS, ok(runOf({ stage: "depressurised", events: events(1) })));
  await user.click(button("Yes, it was helped"));
  await waitFor(() =>
    expect(sent()).toMatchObject([{ type: "pressure-zero", signs: ["no-hiss"], cooled: true }]),
  );
  vi.setSystemTime(at(20));
  tell({ stage: "cooling", heatOffAt: at(-5), now: at(20), zeroDoubtedUntil: at(10), events: events(2) });
  await user.click(await screen.findByRole("button", { name: "Pressure is zero" }));
  await waitFor(() => expect(sent()).toHaveLength(2));
});

test("what stands open gives way to Heat off when the time is over", async () => {
  const outlook = { heatOffAt: at(12), leastToHeatOffMillis: 0, zeroAt: at(52), lidOffAt: at(62) };
  const { user, tell } = await stove({ stage: "holding", gauge: "weighted", clockEndsAt: at(10) });
  await user.click(button("It stopped"));
  expect(button("Yes: it stopped")).toBeTruthy();
  vi.setSystemTime(at(12));
  tell({
    stage: "holding",
    gauge: "weighted",
    clockEndsAt: at(10),
    now: at(12),
    holdComplete: true,
    outlook,
  });
  expect(await screen.findByRole("button", { name: "Heat off" })).toBeTruthy();
  expect(screen.getByRole("timer").textContent).toMatch(/^\+2:0\d$/);
  expect(screen.getAllByText("was over").length).toBeGreaterThan(0);
});

test("a knocked weight costs the hold unless a dial says that it held", async () => {
  const { user } = await stove({ stage: "holding", clockEndsAt: at(90) });
  await user.click(button("Something happened"));
  await user.click(button("The weight hissed or was knocked"));
  server.on(EVENTS, ok(runOf({ stage: "rising", events: events(1) })));
  await user.click(button("No, or there is none"));
  await waitFor(() => expect(sent()).toMatchObject([{ type: "weight-knocked" }]));
});

test("what is to be done is said to a screen reader, and the focus stays with the next step", async () => {
  const { user, tell } = await stove({ stage: "heating" });
  const now = screen.getByText("High heat. Wait for a steady plume of steam; a wisp is not enough.");
  expect(now.getAttribute("aria-live")).toBe("polite");
  server.on(EVENTS, ok(runOf({ stage: "venting", clockEndsAt: at(10), events: events(1) })));
  button("Steady steam").focus();
  await user.keyboard("{Enter}");
  tell({ stage: "venting", clockEndsAt: at(10), turn: 1, events: events(1) });
  await waitFor(() => expect(document.activeElement).toBe(button("The steam stopped")));
});

test("the weight cannot go on before the vent is over", async () => {
  const { tell } = await stove({ stage: "venting", clockEndsAt: at(10) });
  expect(button(/^Weight on at /).disabled).toBe(true);
  vi.setSystemTime(at(10));
  tell({ stage: "venting", clockEndsAt: at(10), now: at(10) });
  await waitFor(() => expect(button("Weight on").disabled).toBe(false));
});

test("'It dropped' begins half a psi under the mark and says what a loss costs", async () => {
  const { user } = await stove({ stage: "holding", clockEndsAt: at(90), lastReading: seen(0, 12.5) });
  await user.click(button("It dropped"));
  expect(screen.getByText("Below 12.5: the full 90 minutes start again when it is back.")).toBeTruthy();
  await user.click(button("One less: The dial reads"));
  server.on(
    EVENTS,
    ok(runOf({ stage: "rising", lost: { code: "pressure-lost", at: at(0), psi: 11.5 }, events: events(1) })),
  );
  await user.click(button("Write down 11.5"));
  expect(await screen.findByText(/Pressure fell to 11.5/)).toBeTruthy();
  expect(sent()).toMatchObject([{ type: "reading", psi: 11.5 }]);
});

test("any other reading begins at the last one, and one on the mark costs nothing", async () => {
  const { user } = await stove({ stage: "holding", clockEndsAt: at(90), lastReading: seen(0, 14.6) });
  await user.click(button("Other reading"));
  expect(button("Write down 14.5")).toBeTruthy();
  expect(screen.queryByText(/start again when it is back/)).toBeNull();
  await user.click(button("Back"));
  expect(button("12.5 · still on the mark")).toBeTruthy();
});

test("what was open at one stage is closed at the next", async () => {
  const { user, tell } = await stove({ stage: "holding", clockEndsAt: at(90) });
  await user.click(button("It dropped"));
  tell({ stage: "rising", lost: { code: "pressure-lost", at: at(1), psi: 12 }, events: events(2) });
  await waitFor(() => expect(screen.queryByRole("button", { name: /^Write down/ })).toBeNull());
  expect(button("12.5 · on the mark")).toBeTruthy();
});

test("a weight that stopped is asked about before the time starts again", async () => {
  const { user } = await stove({ stage: "holding", gauge: "weighted", targetPsi: 10, clockEndsAt: at(90) });
  await user.click(button("It stopped"));
  expect(screen.getByText(/the full 90 minutes start again when it moves properly/)).toBeTruthy();
  expect(sent()).toEqual([]);
});

test("what the server refuses says how long still, and the buttons are there again", async () => {
  const { user } = await stove({ stage: "cooling", heatOffAt: at(-20) });
  server.on(EVENTS, problem(409, "not-over", "The canner cannot be at zero yet.", { waitMillis: 600_000 }));
  await user.click(button("Pressure is zero"));
  expect((await screen.findByRole("alert")).textContent).toBe(
    "The canner cannot be at zero yet. Still 10:00.",
  );
  expect(button("Pressure is zero").disabled).toBe(false);
});

test("what the other device did first is told with its name", async () => {
  const { user } = await stove({ stage: "holding", clockEndsAt: at(90), holdComplete: true });
  server.on(
    EVENTS,
    problem(409, "someone-was-first", "The run has gone on meanwhile.", {
      first: "heat-off",
      firstAt: at(0),
      firstBy: "Ines",
    }),
  );
  await user.click(button("Heat off"));
  expect((await screen.findByRole("alert")).textContent).toMatch(/Heat off at \d\d:\d\d, by Ines\./);
});

test("a tap without a server is shown as not written down, and the clock goes on", async () => {
  const { user, queries } = await stove({ stage: "venting", clockEndsAt: at(-1) });
  queries.setQueryData(keys.shelf, {});
  server.unplug(EVENTS);
  await user.click(button("Weight on"));
  const card = screen.getByRole("region", { name: "Big canner" });
  expect(await within(card).findByText("Not written down yet")).toBeTruthy();
  expect(within(card).getByText(/Coming up to 12.5 on this dial/)).toBeTruthy();
  expect(queries.getQueryState(keys.shelf)?.isInvalidated).toBe(false);
  // It is sent again as soon as the server is there, and what else shows it asks again only then.
  server.on(EVENTS, ok(runOf({ stage: "rising", weightOnAt: at(0), events: events(1) })));
  await waitFor(() => expect(within(card).queryByText("Not written down yet")).toBeNull());
  expect(queries.getQueryState(keys.shelf)?.isInvalidated).toBe(true);
});

test("what this kitchen wants to look at is ticked before the lid can be locked", async () => {
  const { tell } = await stove({
    stage: "loading",
    care: ["lid-even", "clamps"],
    checks: [{ check: "lid-even", waived: false }],
  });
  server.on(EVENTS, ok(runOf({ stage: "loading", care: ["lid-even", "clamps"], events: events(1) })));
  fireEvent.click(button("All 7 are in, lid locked"));
  expect(await screen.findByText("One look before the lid is locked.")).toBeTruthy();
  expect(screen.queryByText("Lid even")).toBeNull();
  expect(server.sent(EVENTS)).toEqual([]);
  fireEvent.click(button(/^Clamps in opposite pairs/));
  await waitFor(() => expect(server.sent(EVENTS)).toMatchObject([{ type: "check", check: "clamps" }]));
  tell({
    stage: "loading",
    care: ["lid-even", "clamps"],
    checks: [
      { check: "lid-even", waived: false },
      { check: "clamps", waived: false },
    ],
    events: events(1),
  });
  server.on(EVENTS, ok(runOf({ stage: "heating", lidLockedAt: at(0), events: events(2) })));
  fireEvent.click(button("All 7 are in, lid locked"));
  await waitFor(() => expect(sent().at(-1)).toMatchObject({ type: "lid-locked" }));
  await screen.findByText("Heating");
});

test("one more jar than planned goes in with its kind, and one left for this load where the time is enough", async () => {
  const MORE = "POST /api/runs/1/jars";
  const waiting = {
    runId: 4,
    jar: 3,
    title: "Beef stew",
    size: "quart",
    mouth: "regular",
    minutes: 90,
    since: at(-30),
  };
  server.on("GET /api/runs/1/room", ok({ groups: [0, 1], waiting: [waiting] }));
  const jars = [
    { size: "quart", mouth: "regular", count: 4 },
    { size: "pint", mouth: "regular", count: 3 },
  ];
  await stove({ stage: "loading", jars, jarTotal: 7, jarTitles: ["Bean soup", "Bean soup"] });
  server.on(MORE, ok(runOf({ stage: "loading", jars, jarTotal: 8, events: events(1) })));
  await screen.findByText("1 quart of Beef stew");
  fireEvent.click(button("Put it in here"));
  await waitFor(() => expect(server.sent(MORE)).toMatchObject([{ jars: 7, fromRun: 4, fromJar: 3 }]));
  await screen.findByText("8 to go in");
  fireEvent.click(button("One more jar"));
  fireEvent.click(button("pint"));
  await waitFor(() => expect(server.sent(MORE).at(-1)).toMatchObject({ jars: 8, group: 1 }));
});

test("a canner that stands elsewhere is said so, and a setting of another place is not offered as the same", async () => {
  const { tell } = await stove({
    stage: "rising",
    burner: { setting: "4", at: at(-1440), ofThisRun: false },
  });
  expect(screen.getByText(/^Burner at 4 held it on/)).toBeTruthy();
  expect(button("The same today")).toBeTruthy();
  server.on(EVENTS, ok(runOf({ stage: "rising" })));
  fireEvent.click(button("It stands elsewhere"));
  fireEvent.change(screen.getByLabelText("Which burner"), { target: { value: " Porch " } });
  fireEvent.click(button("Camp stove"));
  await waitFor(() =>
    expect(server.sent(EVENTS)).toMatchObject([{ type: "stands-on", note: "Porch", place: "camp-stove" }]),
  );
  tell({
    stage: "rising",
    events: events(1),
    standsOn: { burner: "Porch", source: "camp-stove" },
    burner: { setting: "4", at: at(-1440), ofThisRun: false, elsewhere: { burner: "" } },
  });
  expect(await screen.findByText("Stands on: Porch, camp stove.")).toBeTruthy();
  expect(screen.getByText(/^Never held here\. At its usual place it was 4/)).toBeTruthy();
  expect(screen.queryByRole("button", { name: "The same today" })).toBeNull();
});

test("of a long record the latest entries are shown, and the earlier ones on request", async () => {
  const told = Array.from({ length: 45 }, (_, minute) => seen(minute, 12 + minute / 2));
  const { user } = await stove({ stage: "done", events: told });
  await user.click(screen.getByText(/^Notes, the record/));
  expect(await screen.findAllByText(/on the dial$/)).toHaveLength(40);
  await user.click(button("Show 5 earlier"));
  expect(screen.getAllByText(/on the dial$/)).toHaveLength(45);
});

test("the keys 1 to 9 press the buttons of the stage; typed, held down or turned off they do nothing", async () => {
  const { user } = await stove({ stage: "holding", clockEndsAt: at(41), events: events(3) });
  const labels = () =>
    within(button("Other reading").parentElement as HTMLElement)
      .getAllByRole("button")
      .map((each) => each.textContent);
  const other = labels().indexOf("Other reading") + 1;
  expect(button("Other reading").getAttribute("aria-keyshortcuts")).toBe(String(other));
  localStorage.setItem("mobrel.single-keys", "off");
  await user.keyboard(String(other));
  expect(screen.queryByLabelText("The dial reads")).toBeNull();
  localStorage.removeItem("mobrel.single-keys");
  fireEvent.keyDown(document.body, { key: String(other), repeat: true });
  expect(screen.queryByLabelText("The dial reads")).toBeNull();
  await user.keyboard(String(other));
  const field = screen.getByLabelText("The dial reads");
  await user.tripleClick(field);
  await user.keyboard("11");
  expect((field as HTMLInputElement).value).toBe("11");
  expect(server.sent(EVENTS)).toEqual([]);
});

test("a key that bounces presses its button once", async () => {
  await stove({ stage: "holding", clockEndsAt: at(41), events: events(3) });
  server.on(EVENTS, ok(runOf({ stage: "holding", clockEndsAt: at(41), events: events(4) })));
  const pressed = vi.fn();
  screen.getByRole("region", { name: /Big canner/ }).addEventListener("click", pressed);
  fireEvent.keyDown(document.body, { key: "1" });
  fireEvent.keyDown(document.body, { key: "1" });
  expect(pressed).toHaveBeenCalledTimes(1);
  await waitFor(() => expect(sent()).toHaveLength(1));
});

test("what the page does otherwise is said at its stage, and at no other", async () => {
  const rim = { said: "Fill them level with the rim.", here: "With the headspace of the card" };
  server.on("GET /api/batches/1", ok({ departures: [{ ...rim, stages: ["checks", "loading"] }] }));
  const { tell } = await stove({ stage: "loading" });
  const otherwise = await screen.findByRole("list", { name: "Not as your page says" });
  expect(otherwise.textContent).toBe(
    "Your page: “Fill them level with the rim.”Here: With the headspace of the card.",
  );
  tell({ stage: "heating" });
  await waitFor(() => expect(screen.queryByRole("list", { name: "Not as your page says" })).toBeNull());
});
