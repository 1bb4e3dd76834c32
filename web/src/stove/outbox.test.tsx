import { waitFor } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import { FakeEventSource } from "@/test/eventSource";
import { at, run as runOf, seen } from "@/test/runs";
import { held, ok, problem, server } from "@/test/server";
import type { Run } from "./live";

const EVENTS = "POST /api/runs/1/events";
const holding = (part: Partial<Run> = {}) => runOf({ stage: "holding", clockEndsAt: at(90), ...part });

/** The program anew, as a page that was just loaded: what it remembers is on the device only. */
async function load(known: readonly Run[] = [holding()]) {
  vi.resetModules();
  const live = await import("./live");
  const outbox = await import("./outbox");
  const { renderHook } = await import("@testing-library/react");
  renderHook(() => live.useLive());
  const line = FakeEventSource.last();
  const open = () => line.say("runs", { runs: known });
  return { ...outbox, live: live.live, line, open };
}

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
});

test("a tap is sent at once, with a key, who tapped, and how much this page knew", async () => {
  server.on(EVENTS, ok(holding({ known: 0, events: [seen(1, 12.5)] })));
  const { record, rememberCook, live, open } = await load([holding({ events: [seen(0, 12.5)] })]);
  open();
  rememberCook("Ada");
  await record(live().runs?.[0] as Run, { type: "reading", psi: 12.5 });
  const [sent] = server.sent(EVENTS) as { key: string; by: string; expected: number; happenedAt?: string }[];
  expect(sent).toMatchObject({ type: "reading", psi: 12.5, by: "Ada", expected: 1 });
  expect(sent?.key).toMatch(/^tap-[0-9a-f]{30}$/);
  expect(sent?.happenedAt).toBeUndefined();
  expect(live().outbox).toEqual([]);
});

test("what the server refuses is told at once and not kept", async () => {
  server.on(EVENTS, problem(409, "someone-was-first", "The phone wrote down first.", { first: "reading" }));
  const { record, live, open, firstOf } = await load();
  open();
  const refused = await record(holding(), { type: "heat-off" }).catch((error: unknown) => error);
  expect(firstOf(refused)).toEqual({ what: "reading", at: "", by: "" });
  expect(live().outbox).toEqual([]);
});

test("a tap that finds nobody is kept on the device with its time, and sent when the line is open again", async () => {
  server.unplug(EVENTS);
  const { record, live, open, line } = await load();
  open();
  await record(holding(), { type: "reading", psi: 12.5 });
  expect(live().outbox).toHaveLength(1);
  const kept = JSON.parse(localStorage.getItem("mobrel.kept-taps") ?? "[]");
  expect(kept).toMatchObject([{ runId: 1, event: { type: "reading", psi: 12.5 } }]);
  line.onerror?.();
  expect(live().online).toBe(false);
  server.on(EVENTS, ok(holding({ events: [seen(0, 12.5)] })));
  await vi.advanceTimersByTimeAsync(1_600);
  FakeEventSource.last().say("runs", { runs: [holding()] });
  await waitFor(() => expect(live().outbox).toEqual([]));
  const sent = server.sent(EVENTS) as { key: string; happenedAt?: string }[];
  expect(sent.at(-1)?.happenedAt).toBe(kept[0].happenedAt);
  // The same key each time: whatever got through before its answer was lost is written once.
  expect(new Set(sent.map(({ key }) => key)).size).toBe(1);
  expect(JSON.parse(localStorage.getItem("mobrel.kept-taps") ?? "[]")).toEqual([]);
});

test("a tap behind one that waits does not overtake it", async () => {
  server.unplug(EVENTS);
  const { record, live, open } = await load();
  open();
  await record(holding(), { type: "reading", psi: 12.5 });
  const before = server.sent(EVENTS).length;
  await record(holding(), { type: "heat-off" });
  expect(server.sent(EVENTS)).toHaveLength(before);
  expect(live().outbox.map(({ event }) => event.type)).toEqual(["reading", "heat-off"]);
});

test("a tap of another canner goes its own way", async () => {
  server.unplug(EVENTS);
  server.on("POST /api/runs/2/events", ok(holding({ id: 2 })));
  const { record, live, open } = await load([holding(), holding({ id: 2 })]);
  open();
  await record(holding(), { type: "reading", psi: 12.5 });
  await record(holding({ id: 2 }), { type: "reading", psi: 12.5 });
  expect(server.sent("POST /api/runs/2/events")).toHaveLength(1);
  expect(live().outbox.map(({ runId }) => runId)).toEqual([1]);
});

test("an answer that does not come within five seconds counts as none", async () => {
  const waiting = held();
  server.on(EVENTS, waiting.handler);
  const { record, live, open } = await load();
  open();
  const tapped = record(holding(), { type: "reading", psi: 12.5 });
  await vi.advanceTimersByTimeAsync(5_100);
  await tapped;
  expect(live().outbox).toHaveLength(1);
  waiting.answer(ok(holding()));
});

test("what was kept and is refused afterwards stays on the screen until somebody has read it", async () => {
  localStorage.setItem(
    "mobrel.kept-taps",
    JSON.stringify([
      { runId: 1, key: "tap-1", happenedAt: at(3), event: { type: "heat-off" } },
      { runId: 1, key: "tap-2", happenedAt: at(4), event: { type: "reading", psi: 12.5 } },
    ]),
  );
  server.on(EVENTS, ({ body }) =>
    (body as { type: string }).type === "heat-off"
      ? problem(409, "not-now", "The hold is not over.")
      : ok(holding()),
  );
  const { live, open, forget } = await load();
  open();
  await waitFor(() => expect(live().outbox).toHaveLength(1));
  const [refused] = live().outbox;
  expect(refused).toMatchObject({ key: "tap-1", refused: "The hold is not over." });
  forget(refused as NonNullable<typeof refused>);
  expect(live().outbox).toEqual([]);
});

test("a server that is not itself is asked again, and nothing is lost meanwhile", async () => {
  localStorage.setItem(
    "mobrel.kept-taps",
    JSON.stringify([{ runId: 1, key: "tap-1", happenedAt: at(3), event: { type: "heat-off" } }]),
  );
  server.on(EVENTS, problem(503, "database", "The database is away."));
  const { live, open } = await load();
  open();
  await waitFor(() => expect(server.sent(EVENTS)).toHaveLength(1));
  expect(live().outbox).toHaveLength(1);
  server.on(EVENTS, ok(holding()));
  await vi.advanceTimersByTimeAsync(2_100);
  await waitFor(() => expect(live().outbox).toEqual([]));
});

test("a line on which nothing is heard for seven seconds is dead, and is opened anew from where this page stands", async () => {
  const { live, line } = await load();
  line.say("runs", { runs: [holding()] }, "1:7");
  expect(live().online).toBe(true);
  await vi.advanceTimersByTimeAsync(9_000);
  expect(line.closed).toBe(true);
  expect(live().online).toBe(false);
  await vi.advanceTimersByTimeAsync(1_600);
  expect(FakeEventSource.last()).not.toBe(line);
  expect(FakeEventSource.last().url).toContain("seen=1%3A7");
});

test("a run that needs nobody any more leaves the stove", async () => {
  const { live, open, line } = await load();
  open();
  line.say("run", holding({ closed: true }));
  expect(live().runs).toEqual([]);
});

test("a refusal says how long still", async () => {
  server.on(EVENTS, problem(409, "not-over", "Not yet.", { waitMillis: 90_000 }));
  const { record, open, waitOf } = await load();
  open();
  const refused = await record(holding(), { type: "lid-off" }).catch((error: unknown) => error);
  expect(waitOf(refused)).toBe(90_000);
  expect(waitOf(new Error("other"))).toBeUndefined();
});
