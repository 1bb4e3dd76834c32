import "fake-indexeddb/auto";
import { expect, test, vi } from "vitest";
import { FakeEventSource } from "@/test/eventSource";
import { at, NOON, run, seen } from "@/test/runs";
import { alarms, loudest } from "./alarms";
import { perMinute } from "./JiggleTap";
import { beaten, hear, merged, type Run, runNow } from "./live";
import { projected } from "./project";
import { stageView } from "./stages";

const minutes = (count: number) => () => NOON + count * 60_000;
const texts = (runs: Parameters<typeof alarms>[0], minute: number) =>
  alarms(runs, minutes(minute)).map((alarm) => `${alarm.sound}: ${alarm.text}`);

test("what is told of a run goes on from what the page has, or replaces it", () => {
  const before = run({ events: [seen(0, 11), seen(1, 12)] });
  const told = run({ known: 2, events: [seen(2, 13)] });
  expect(merged(before, told).events.map((event) => event.psi)).toEqual([11, 12, 13]);
  const again = run({ known: 1, events: [seen(1, 14), seen(2, 15)] });
  expect(merged(before, again).events.map((event) => event.psi)).toEqual([11, 14, 15]);
  expect(merged(undefined, run({ events: [seen(0, 9)] })).events.length).toBe(1);
});

test("the server's word sets a clock right that drifted, and leaves a simulated run its own", () => {
  const real = run({ id: 71, now: at(0) });
  const simulated = run({ id: 72, now: at(60), simulated: true, ownClock: true, pace: 1 });
  hear(real);
  hear(simulated);
  beaten(NOON + 90_000);
  expect(runNow(real) - NOON).toBeCloseTo(90_000, -3);
  expect(runNow(simulated) - NOON).toBeCloseTo(3_600_000, -3);
});

test("an alarm sounds when it is due, and the heat comes before everything", () => {
  const holding = run({
    stage: "holding",
    dues: [
      { what: "look", at: at(10) },
      { what: "reading-missing", at: at(15) },
      { what: "heat-off", at: at(90) },
    ],
  });
  expect(texts([holding], 9)).toEqual([]);
  expect(texts([holding], 11)).toEqual(["look: Look at the gauge"]);
  expect(texts([holding], 16)).toEqual(["look: Nobody has looked for 15 minutes"]);
  const settling = run({ id: 2, stage: "settling", dues: [{ what: "lid-off", at: at(5) }] });
  const all = alarms([settling, holding], minutes(91));
  expect(loudest(all)?.text).toBe("Heat off now");
  expect(all.length).toBe(3);
  expect(texts([{ ...holding, gauge: "weighted" }], 11)).toEqual(["look: Listen to the weight"]);
});

test("a loss sounds as long as the mark is not reached again, and each loss anew", () => {
  const lost = (minute: number) =>
    run({ stage: "rising", lost: { code: "pressure-lost", at: at(minute), psi: 9.2 } });
  expect(texts([lost(3)], 4)).toEqual(["lost: Pressure fell to 9.2"]);
  const keys = [3, 20].map((minute) => alarms([lost(minute)], minutes(21))[0]?.key);
  expect(new Set(keys).size).toBe(2);
  expect(texts([run({ stage: "rising" })], 4)).toEqual([]);
});

test("taps that wait on the device let the clock go on, and only the plain course", () => {
  const tap = (type: string, minute: number, more = {}) => ({
    runId: 1,
    key: `${type}${minute}`,
    happenedAt: at(minute),
    order: minute,
    kept: true,
    event: { type, ...more },
  });
  const venting = run({ stage: "venting", clockEndsAt: at(10) });
  const rising = projected(venting, [tap("weight-on", 10)]);
  expect(rising.stage).toBe("rising");
  expect(rising.clockEndsAt).toBeUndefined();
  const low = tap("reading", 15, { psi: 12 });
  const onMark = tap("reading", 18, { psi: 12.5 });
  expect(projected(rising, [low]).stage).toBe("rising");
  const holding = projected(rising, [low, onMark]);
  expect([holding.stage, holding.clockEndsAt]).toEqual(["holding", at(108)]);
  expect(projected(holding, [tap("reading", 40, { psi: 11 })]).stage).toBe("rising");
  expect(projected(holding, [{ ...low, runId: 2 }])).toEqual(holding);
  expect(projected(holding, [{ ...low, refused: "no" }])).toEqual(holding);
  const weighted = run({ stage: "rising", gauge: "weighted", jiggles: { least: 2, most: 4 } });
  expect(projected(weighted, [tap("reading", 3, { jiggles: 1 })]).stage).toBe("rising");
  expect(projected(weighted, [tap("reading", 3, { jiggles: 2 })]).stage).toBe("holding");
});

test("what may end a vent or a hold stops the clock until the kitchen answers, and is a loss", () => {
  const tap = (type: string, minute: number, more = {}) => ({
    runId: 1,
    key: `${type}${minute}`,
    happenedAt: at(minute),
    order: minute,
    kept: true,
    event: { type, ...more },
  });
  const dues = [{ what: "heat-off", at: at(90) }];
  const holding = run({ stage: "holding", clockSince: at(0), clockEndsAt: at(90), dues });
  const kinds = ["interrupted", "boiled-dry", "weight-knocked", "canner-moved", "stop-early", "abandon"];
  for (const type of kinds) {
    const after = projected(holding, [tap(type, 30)]);
    expect(after.clockEndsAt, type).toBeUndefined();
    expect(texts([after], 91), type).toEqual(["lost: The clock stands and waits for the kitchen"]);
    expect(stageView(after, NOON + 91 * 60_000).now, type).toContain("waits for the kitchen");
    expect(stageView(after, NOON + 91 * 60_000).now, type).not.toContain("The time is over");
  }
  const doubted = run({ stage: "holding", doubtSince: at(10), clockSince: at(0), clockEndsAt: at(90) });
  expect(projected(doubted, [tap("held", 30)]).clockEndsAt).toBeUndefined();
  expect(projected(holding, [tap("canner-moved", 30, { psi: 12.5 })]).clockEndsAt).toBe(at(90));
  const venting = run({ stage: "venting", clockEndsAt: at(10) });
  expect(projected(venting, [tap("canner-moved", 5)]).clockEndsAt).toBeUndefined();
  // A low look names what was lost; at zero it vents again.
  const low = projected(holding, [tap("reading", 40, { psi: 11 })]);
  expect(texts([low], 41)).toEqual(["lost: Pressure fell to 11"]);
  expect(stageView(low, NOON + 41 * 60_000).now).toContain("the full 90 from when it is back");
  expect(projected(holding, [tap("reading", 40, { psi: 0 })]).stage).toBe("heating");
});

test("jiggles are a rate from the second tap on", () => {
  expect(perMinute([])).toBeUndefined();
  expect(perMinute([1_000])).toBeUndefined();
  expect(perMinute([0, 20_000, 40_000])).toBe(3);
});

/** The line as of a page that was just loaded; the database of the device has ticks of its own. */
async function load() {
  vi.useFakeTimers({ shouldAdvanceTime: true, toNotFake: ["setImmediate", "queueMicrotask"] });
  vi.resetModules();
  const live = await import("./live");
  const { renderHook } = await import("@testing-library/react");
  renderHook(() => live.useLive());
  return { ...live, line: FakeEventSource.last() };
}

test("a line on which nothing is heard for seven seconds is dead, and is opened anew from where this page stands", async () => {
  const { live, line } = await load();
  line.say("runs", { runs: [run({ stage: "holding", clockEndsAt: at(90) })] }, "1:7");
  expect(live().online).toBe(true);
  await vi.advanceTimersByTimeAsync(9_000);
  expect(line.closed).toBe(true);
  expect(live().online).toBe(true);
  await vi.advanceTimersByTimeAsync(3_000);
  expect(live().online).toBe(false);
  expect(FakeEventSource.last()).not.toBe(line);
  expect(FakeEventSource.last().url).toContain("seen=1%3A7");
});

const realTicks = async () => {
  for (let count = 0; count < 50; count++) {
    await new Promise((resolve) => setImmediate(resolve));
  }
};

test("a page that is opened without a server goes on from what an earlier one heard, by the clock of the device", async () => {
  const first = await load();
  first.line.say("runs", { runs: [run({ stage: "holding", clockEndsAt: at(90) })] });
  await vi.advanceTimersByTimeAsync(2_100);
  await realTicks();
  vi.setSystemTime(Date.now() + 40 * 60_000);
  const second = await load();
  await realTicks();
  expect(second.live().runs, "as long as somebody may answer").toBeUndefined();
  second.line.onerror?.();
  await vi.advanceTimersByTimeAsync(3_100);
  await realTicks();
  const recalled = second.live().runs?.[0];
  expect(recalled).toMatchObject({ id: 1, stage: "holding" });
  expect(second.runNow(recalled as Run) - NOON).toBeCloseTo(40 * 60_000 + 5_200, -3.5);
  expect(Date.now() - (second.live().heardAt ?? 0)).toBeGreaterThan(40 * 60_000);
  FakeEventSource.last().say("runs", { runs: [] });
  expect(second.live().runs, "and the server's word replaces it").toEqual([]);
});

test("a run that needs nobody any more leaves the stove", async () => {
  const { live, line } = await load();
  line.say("runs", { runs: [run({ stage: "holding", clockEndsAt: at(90) })] });
  line.say("run", run({ stage: "holding", closed: true }));
  expect(live().runs).toEqual([]);
});

test("what another page changed is told, what this page changed itself is not, and after a silent line everything may have", async () => {
  const { line, onChange } = await load();
  const { thisPage } = await import("@/api/client");
  const told: string[] = [];
  onChange((concept) => told.push(concept));
  line.say("runs", { runs: [] });
  line.say("change", { concept: "recipes", page: "other" });
  line.say("change", { concept: "kitchen", page: thisPage });
  expect(told).toEqual(["recipes"]);
  line.onerror?.();
  await vi.advanceTimersByTimeAsync(1_600);
  FakeEventSource.last().say("runs", { runs: [] });
  expect(told).toEqual(["recipes", "backup"]);
});

test("a word about what changed leaves the rest as it was, and takes away what is told to be gone", () => {
  const before = run({ stage: "rising", lost: { code: "pressure-lost", at: at(1) }, events: [seen(0, 11)] });
  const told = { id: 1, now: at(2), known: 1, stage: "holding", lost: null, events: [seen(1, 12.5)] };
  const after = merged(before, told as never);
  expect(after).toMatchObject({ title: "Bean soup", stage: "holding", minutes: 90 });
  expect(after.lost).toBeNull();
  expect(after.events.map((event) => event.psi)).toEqual([11, 12.5]);
});
