import { screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import type { Run } from "@/stove";
import { FakeEventSource } from "@/test/eventSource";
import { at, run as runOf } from "@/test/runs";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { PLAIN } from "./findings";
import { keepCheck, keptCheck } from "./kept";
import { SealsPage } from "./SealsPage";

const EVENTS = "POST /api/runs/1/events";
const resting = (part: Partial<Run> = {}) =>
  runOf({ stage: "resting", jars: [{ size: "pint", mouth: "wide", count: 3 }], jarTotal: 3, ...part });
const checked = (jar: number, sealed: boolean) => ({
  jar,
  size: "pint",
  sealed,
  loss: "none",
  level: "right",
});
const open = { checkFrom: at(-1) };

beforeEach(() => {
  localStorage.clear();
  vi.setSystemTime(at(0));
});

/** The page of a run as the server tells it. */
async function page(told: Run) {
  server.on("GET /api/runs/1", ok(told));
  const shown = await show(<SealsPage runId={1} />);
  await screen.findByRole("heading", { name: "Seal check" });
  await screen.findByRole("region", { name: /^(The jars of this load|Check the jars)$/ });
  FakeEventSource.last().say("runs", { runs: [told] });
  return shown;
}

const card = () => within(screen.getByRole("region", { name: "Check the jars" }));
const jars = () =>
  card()
    .getAllByRole("listitem")
    .map((item) => item.textContent?.replace(/^Jar /, "").replace(/, Broth.*$/, ""));
/** Until it is written down a check can be taken back; whoever leaves the page meant it. */
const leave = async (unmount: () => void) => {
  unmount();
  await waitFor(() => expect(server.sent(EVENTS).length).toBeGreaterThan(0));
};

test("before twelve hours are over nothing can be judged, and it says from when on", async () => {
  await page(resting({ checkFrom: at(200.5) }));
  expect(screen.getByRole("region", { name: "Resting" }).textContent).toContain("3 h 20 min from now");
  expect(screen.queryByRole("button", { name: "Sealed" })).toBeNull();
});

test("jars that are still in the canner say so", async () => {
  await page(resting({ stage: "cooling" }));
  expect(screen.getByRole("region", { name: "Resting" }).textContent).toBe(
    "These jars are still in the canner.",
  );
});

test("two taps for a good load: the bands off, all sealed", async () => {
  const { user, unmount } = await page(resting(open));
  expect(screen.queryByRole("button", { name: "All 3 sealed" })).toBeNull();
  await user.click(screen.getByRole("button", { name: "All 3 bands are off" }));
  server.on(EVENTS, ok(resting({ ...open, checked: [checked(1, true)] })));
  await user.click(screen.getByRole("button", { name: "All 3 sealed" }));
  expect(server.sent(EVENTS)).toEqual([]);
  expect(screen.getByRole("link", { name: "To the shelf" }).getAttribute("href")).toBe("/shelf");
  await leave(unmount);
  await waitFor(() =>
    expect(server.sent(EVENTS)).toMatchObject(
      [1, 2, 3].map((jar) => ({
        type: "jar-checked",
        jar,
        sealed: true,
        loss: "none",
        level: "right",
        bandOff: true,
      })),
    ),
  );
});

test("after its time to be taken back it is written down once, and nothing is offered meanwhile", async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  vi.setSystemTime(at(0));
  const { user } = await page(resting(open));
  await user.click(screen.getByRole("button", { name: "All 3 bands are off" }));
  server.on(EVENTS, ok(resting({ ...open, checked: [checked(1, true)] })));
  await user.click(screen.getByRole("button", { name: "All 3 sealed" }));
  await vi.advanceTimersByTimeAsync(6_100);
  expect(await screen.findByText("Writing it down …")).toBeTruthy();
  expect(screen.queryByRole("button", { name: /sealed$/ })).toBeNull();
  await waitFor(() => expect(server.sent(EVENTS)).toHaveLength(3));
  vi.useRealTimers();
});

test("a check is taken back before it is written down", async () => {
  const { user } = await page(resting(open));
  await user.click(screen.getByRole("button", { name: "All 3 bands are off" }));
  await user.click(screen.getByRole("button", { name: "All 3 sealed" }));
  await user.click(screen.getByRole("button", { name: "Undo" }));
  expect(screen.getByRole("button", { name: "All 3 sealed" })).toBeTruthy();
  expect(server.sent(EVENTS)).toEqual([]);
});

test("a page that is left by its address writes the check down at once", async () => {
  const { user } = await page(resting(open));
  await user.click(screen.getByRole("button", { name: "All 3 bands are off" }));
  await user.click(screen.getByRole("button", { name: "All 3 sealed" }));
  expect(server.sent(EVENTS)).toEqual([]);
  server.on(EVENTS, ok(resting({ ...open, checked: [checked(1, true)] })));
  window.dispatchEvent(new Event("pagehide"));
  await waitFor(() => expect(server.sent(EVENTS)).toHaveLength(3));
});

test("a device that went dark before the check was written down goes on with it", async () => {
  keepCheck(1, new Map([[2, { ...PLAIN, sealed: false }]]));
  const { unmount } = await page(resting(open));
  expect(card().getByText("All sealed but jar 2")).toBeTruthy();
  expect(card().getByRole("button", { name: "Undo" })).toBeTruthy();
  server.on(EVENTS, ok(resting({ ...open, checked: [checked(1, true)] })));
  await leave(unmount);
  await waitFor(() =>
    expect(server.sent(EVENTS)).toMatchObject(
      [true, false, true].map((sealed, at) => ({ jar: at + 1, sealed })),
    ),
  );
  expect(keptCheck(1)).toBeUndefined();
});

test("what was said long ago is shown again, and goes on only with a tap; and it is forgotten when taken back", async () => {
  keepCheck(1, new Map([[3, { ...PLAIN, leaked: true }]]));
  vi.setSystemTime(at(30));
  const { user } = await page(resting(open));
  await user.click(screen.getByRole("button", { name: "All 3 sealed" }));
  expect(keptCheck(1)?.findings.get(3)?.leaked).toBe(true);
  await user.click(screen.getByRole("button", { name: "Undo" }));
  expect(keptCheck(1)).toBeUndefined();
  expect(server.sent(EVENTS)).toEqual([]);
});

test("only the jars that are otherwise are tapped, and say what is", async () => {
  const { user } = await page(resting(open));
  await user.click(screen.getByRole("button", { name: "All 3 bands are off" }));
  await user.click(card().getByRole("button", { name: "Jar 2: pint" }));
  expect(screen.queryByText("Why does it stand low?")).toBeNull();
  await user.click(screen.getByLabelText("Not sealed"));
  await user.click(screen.getByLabelText("More than half"));
  await user.click(screen.getByLabelText("Siphoned"));
  await user.click(screen.getByLabelText("Yes, onto it or the jars below"));
  expect(jars().slice(0, 3)).toEqual([
    "1: pint",
    "2: not sealed, over half lost, siphoned, leaked",
    "3: pint",
  ]);
  await user.click(card().getByRole("button", { name: /^Jar 3/ }));
  // What was said of one jar is not said of the next.
  expect((screen.getByLabelText("None") as HTMLInputElement).checked).toBe(true);
  server.on(EVENTS, ok(resting({ ...open, checked: [checked(1, true)] })));
  await user.click(screen.getByRole("button", { name: "All sealed but jar 2" }));
  expect(server.sent(EVENTS)).toEqual([]);
  expect(screen.queryByRole("link", { name: "To the shelf" })).toBeNull();
  await user.click(screen.getByRole("button", { name: "What to do with it" }));
  await waitFor(() =>
    expect(server.sent(EVENTS)).toMatchObject([
      { jar: 1, sealed: true },
      {
        jar: 2,
        sealed: false,
        loss: "more-than-half",
        level: "siphoned",
        note: expect.stringContaining("came out"),
      },
      { jar: 3, sealed: true },
    ]),
  );
});

test("jars that were checked before, or were never in the canner, are not asked for", async () => {
  const { user } = await page(resting({ ...open, inCanner: [1, 3], checked: [checked(1, true)] }));
  expect(jars()).toEqual(["1: sealed", "3: pint"]);
  await user.click(screen.getByRole("button", { name: "The band is off" }));
  expect(screen.getByRole("button", { name: "It is sealed" })).toBeTruthy();
});

test("two flavours in one load go by letters and their legend", async () => {
  await page(
    resting({
      ...open,
      jars: [
        { size: "pint", mouth: "wide", count: 1 },
        { size: "pint", mouth: "wide", count: 1 },
      ],
      jarTotal: 2,
      jarTitles: ["Broth", "Broth, with rosemary"],
    }),
  );
  expect(jars().slice(0, 2)).toEqual(["1 A: pint", "2 B: pint"]);
  expect(card().getByText("Broth, with rosemary").textContent).toBe("B Broth, with rosemary");
});

test("one jar that did not seal is decided on with a countdown", async () => {
  const failed = resting({ ...open, checked: [checked(2, false)], unsettled: [2], decideBy: at(125) });
  const { user } = await page(failed);
  const card = screen.getByRole("region", { name: "Jars that did not seal" });
  expect(card.textContent).toMatch(/One jar did not seal\. Decide within 2:0[45]:\d\d/);
  expect(within(card).queryByRole("button", { name: "Jar 2" })).toBeNull();
  server.on(EVENTS, ok(resting({ ...open, checked: [checked(2, false)] })));
  await user.click(within(card).getByRole("button", { name: /^Frozen/ }));
  await waitFor(() =>
    expect(server.sent(EVENTS)).toMatchObject([{ type: "jar-settled", jar: 2, decision: "frozen" }]),
  );
});

test("of several only those that are chosen are decided on", async () => {
  const two = resting({
    ...open,
    checked: [checked(1, false), checked(3, false)],
    unsettled: [1, 3],
    decideBy: at(125),
  });
  const { user } = await page(two);
  const card = screen.getByRole("region", { name: "Jars that did not seal" });
  await user.click(within(card).getByRole("button", { name: "Jar 3" }));
  server.on(EVENTS, ok(two));
  await user.click(within(card).getByRole("button", { name: /^Refrigerated/ }));
  await waitFor(() => expect(server.sent(EVENTS)).toMatchObject([{ jar: 1, decision: "refrigerated" }]));
});

test("nothing is decided about no jar", async () => {
  const two = resting({
    ...open,
    checked: [checked(1, false), checked(3, false)],
    unsettled: [1, 3],
    decideBy: at(125),
  });
  const { user } = await page(two);
  const card = screen.getByRole("region", { name: "Jars that did not seal" });
  await user.click(within(card).getByRole("button", { name: "Jar 1" }));
  await user.click(within(card).getByRole("button", { name: "Jar 3" }));
  for (const name of [/^Process again/, /^Refrigerated/, /^Frozen/, /^Discarded/]) {
    expect((within(card).getByRole("button", { name }) as HTMLButtonElement).disabled).toBe(true);
  }
});

test("processing again takes one tap, just these jars, and goes to the stove", async () => {
  const failed = resting({ ...open, checked: [checked(2, false)], unsettled: [2], decideBy: at(125) });
  const { user, at: address } = await page(failed);
  server.on("POST /api/runs/1/again", ok(runOf({ id: 31, againOf: 1 })));
  await user.click(screen.getByRole("button", { name: /^Process again/ }));
  await waitFor(() => expect(address()).toBe("/stove"));
  expect(server.sent("POST /api/runs/1/again")).toEqual([{ jars: [2], by: "" }]);
});

test("after a day a jar cannot be processed again, and it says what to do with it", async () => {
  await page(resting({ ...open, checked: [checked(2, false)], unsettled: [2], decideBy: at(-1) }));
  const card = screen.getByRole("region", { name: "Jars that did not seal" });
  expect(card.textContent).toContain("The 24 hours are over.");
  expect(card.textContent).toContain("do not taste it");
  const again = within(card).getByRole("button", { name: /^Process again/ }) as HTMLButtonElement;
  expect(again.disabled).toBe(true);
  expect((within(card).getByRole("button", { name: "Discarded" }) as HTMLButtonElement).disabled).toBe(false);
});

test("a load that is done counts what sealed, and tells what became of the rest", async () => {
  await page(
    resting({
      ...open,
      stage: "done",
      checked: [checked(1, true), checked(2, false), checked(3, true)],
      fates: [{ jar: 2, decision: "discarded" }],
    }),
  );
  expect(screen.getByText("3 jars in, 2 sealed")).toBeTruthy();
  expect(screen.getByText("Jar 2: discarded")).toBeTruthy();
});

test("a run that is not there says so", async () => {
  FakeEventSource.last().say("runs", { runs: [] });
  server.on("GET /api/runs/1", problem(404, "not-found", "There is no run 1."));
  await show(<SealsPage runId={1} />);
  expect((await screen.findByRole("alert")).textContent).toContain("There is no run 1.");
});
