import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { beforeEach, expect, test, vi } from "vitest";
import { hearKitchen, leaveKitchen } from "@/api/edition";
import { Problem } from "@/api/problem";
import { at, run as runOf } from "@/test/runs";
import type { EventRequest } from "./live";
import { Outbox, type OutboxParts } from "./outbox";
import { deviceStore } from "./tapStore";
import { firstOf, waitOf } from "./useOutbox";

const RUN = runOf({ stage: "holding", clockEndsAt: at(90) });
const READING = { type: "reading", psi: 12.5 };

const away = () => Promise.reject(new TypeError("Failed to fetch"));
const refusal = (status: number, code: string, detail: string, facts = {}) =>
  new Problem(status, code, detail, facts);

/** A server that answers what a test says, and what it was sent in the order it came. */
function fakeServer() {
  const sent: { runId: number; event: EventRequest; kitchen?: string | undefined }[] = [];
  const parts = {
    sent,
    answer: (): Promise<void> => Promise.resolve(),
    send: (runId: number, event: EventRequest, kitchen?: string) => {
      sent.push({ runId, event, kitchen });
      return parts.answer();
    },
    types: () => sent.map(({ event }) => (event.jar == null ? event.type : `${event.type} ${event.jar}`)),
  };
  return parts;
}

let server = fakeServer();
let known = 3;

/** An outbox as a page has it that was just loaded: what it remembers is on the device. */
function page(more: Partial<OutboxParts> = {}) {
  const mine = server;
  return new Outbox({
    store: deviceStore(),
    send: (runId, event, signal, kitchen) =>
      mine.send(runId, event, kitchen).then(() => signal.throwIfAborted()),
    known: () => known,
    now: () => Date.now(),
    ...more,
  });
}

beforeEach(() => {
  // Timers only: the database of the device has ticks of its own.
  vi.useFakeTimers({ shouldAdvanceTime: true, toFake: ["setTimeout", "clearTimeout", "Date"] });
  globalThis.indexedDB = new IDBFactory();
  server = fakeServer();
  known = 3;
});

const settled = (outbox: Outbox) => vi.waitFor(() => expect(outbox.list()).toEqual([]), 10_000);
const waiting = (outbox: Outbox, types: readonly string[]) =>
  vi.waitFor(
    () =>
      expect(
        outbox
          .list()
          .filter((tap) => tap.kept)
          .map(({ event }) => event.type),
      ).toEqual(types),
    10_000,
  );

test("a tap is sent at once, with a key and with what this page knew", async () => {
  const outbox = page();
  await outbox.tap(RUN, { ...READING, by: "Ada" });
  expect(server.sent).toMatchObject([{ runId: 1, event: { ...READING, by: "Ada", expected: 3 } }]);
  expect(server.sent[0]?.event.key).toMatch(/^tap-[0-9a-f]{30}$/);
  expect(server.sent[0]?.event.happenedAt).toBeUndefined();
  await settled(outbox);
});

test("a tap goes to the kitchen it was tapped in, whichever is there by the time it is sent", async () => {
  await hearKitchen("the-first");
  server.answer = away;
  const outbox = page();
  await outbox.tap(RUN, READING);
  await waiting(outbox, ["reading"]);
  await hearKitchen("the-second");
  server.answer = () => Promise.reject(refusal(409, "another-kitchen", "A backup was restored since."));
  outbox.sendAll();
  await vi.waitFor(() => expect(outbox.list()[0]?.refused).toBe("A backup was restored since."), 10_000);
  expect(new Set(server.sent.map(({ kitchen }) => kitchen))).toEqual(new Set(["the-first"]));
  await leaveKitchen();
});

test("what the server refuses is told to whoever tapped, and not kept", async () => {
  server.answer = () =>
    Promise.reject(
      refusal(409, "someone-was-first", "The phone was first.", {
        first: "reading",
        firstAt: "",
        firstBy: "",
      }),
    );
  const outbox = page();
  const refused = await outbox.tap(RUN, { type: "heat-off" }).catch((error: unknown) => error);
  expect(firstOf(refused)).toEqual({ what: "reading", at: "", by: "" });
  await settled(outbox);
});

test("thirty seconds of a server that is not itself delay a tap and the one behind it, and lose none", async () => {
  server.answer = () => Promise.reject(refusal(503, "database", "The database is away."));
  const outbox = page();
  await outbox.tap(RUN, READING);
  await outbox.tap(RUN, { type: "heat-off" });
  await waiting(outbox, ["reading", "heat-off"]);
  const first = outbox.list()[0]?.happenedAt;
  await vi.advanceTimersByTimeAsync(30_000);
  const tries = server.sent.length;
  expect(tries).toBeGreaterThan(4);
  expect(tries, "less often as time goes by").toBeLessThan(12);
  expect(new Set(server.types()), "none overtakes").toEqual(new Set(["reading"]));
  server.answer = () => Promise.resolve();
  await vi.advanceTimersByTimeAsync(8_100);
  await settled(outbox);
  expect(server.types().slice(-2)).toEqual(["reading", "heat-off"]);
  expect(server.sent.at(-2)?.event.happenedAt).toBe(first);
  expect(new Set(server.sent.slice(0, -1).map(({ event }) => event.key)).size, "one key each time").toBe(1);
});

test("an answer that does not come within five seconds is given up, and asked for again under the same key", async () => {
  let given: AbortSignal | undefined;
  const outbox = page({
    send: (runId, event, signal) => {
      given ??= signal;
      return server.send(runId, event);
    },
  });
  server.answer = () => new Promise(() => undefined);
  const tapped = outbox.tap(RUN, READING);
  await vi.waitFor(() => expect(server.sent).toHaveLength(1));
  await vi.advanceTimersByTimeAsync(5_100);
  await tapped;
  expect(given?.aborted).toBe(true);
  server.answer = () => Promise.resolve();
  await vi.advanceTimersByTimeAsync(600);
  await settled(outbox);
  expect(server.sent[0]?.event.key).toBe(server.sent[1]?.event.key);
});

test("eight jars tapped as fast as a finger can go out in their order, each once, and each knows of the one before", async () => {
  server.answer = () => {
    known += 1;
    return Promise.resolve();
  };
  const outbox = page();
  const jars = [1, 2, 3, 4, 5, 6, 7, 8];
  await Promise.all(jars.map((jar) => outbox.tap(RUN, { type: "jar-in", jar })));
  expect(server.types()).toEqual(jars.map((jar) => `jar-in ${jar}`));
  expect(server.sent.map(({ event }) => event.expected)).toEqual([3, 4, 5, 6, 7, 8, 9, 10]);
});

test("a finger that bounces is one tap; the same look some minutes later is another", async () => {
  server.answer = away;
  const outbox = page();
  await Promise.all([1, 2, 2].map((jar) => outbox.tap(RUN, { type: "jar-in", jar })));
  await outbox.tap(RUN, { type: "jar-in", jar: 1 });
  await outbox.tap(RUN, READING);
  await outbox.tap(RUN, READING);
  await vi.advanceTimersByTimeAsync(300_000);
  await outbox.tap(RUN, READING);
  await waiting(outbox, ["jar-in", "jar-in", "reading", "reading"]);
});

test("a jar that goes in, out and in again while the server is away is three taps, as is steam that stopped", async () => {
  server.answer = away;
  const outbox = page();
  for (const type of ["jar-in", "jar-back", "jar-in"]) {
    await outbox.tap(RUN, { type, jar: 1 });
  }
  for (const type of ["steam-steady", "steam-stopped", "steam-steady"]) {
    await outbox.tap(RUN, { type });
  }
  await waiting(outbox, ["jar-in", "jar-back", "jar-in", "steam-steady", "steam-stopped", "steam-steady"]);
});

test("a tap of another canner goes its own way", async () => {
  const outbox = page({
    send: (runId, event) => (runId === 1 ? away() : server.send(runId, event)),
  });
  await outbox.tap(RUN, READING);
  await outbox.tap({ ...RUN, id: 2 }, READING);
  expect(server.sent.map(({ runId }) => runId)).toEqual([2]);
  await waiting(outbox, ["reading"]);
});

test("a page that is closed leaves its taps on the device, and the next one sends them", async () => {
  server.answer = away;
  const closed = page();
  await closed.tap(RUN, READING);
  await closed.tap(RUN, { type: "heat-off" });
  server = fakeServer();
  const next = page();
  await next.load();
  await settled(next);
  expect(server.types()).toEqual(["reading", "heat-off"]);
  expect(await deviceStore().all()).toEqual([]);
});

test("a page that is reloaded before its database has written leaves its taps to the next one", async () => {
  const right = globalThis.indexedDB;
  const never = Object.assign(new Promise(() => undefined), { addEventListener: () => undefined });
  globalThis.indexedDB = { open: () => never } as unknown as IDBFactory;
  const broken = page();
  void broken.tap(RUN, { type: "jar-in", jar: 1 });
  void broken.tap(RUN, { type: "jar-in", jar: 2 });
  expect(server.sent).toEqual([]);
  // It is gone, and does nothing more.
  vi.clearAllTimers();
  globalThis.indexedDB = right;
  const next = page();
  await next.load();
  await settled(next);
  expect(server.types()).toEqual(["jar-in 1", "jar-in 2"]);
  expect(Object.keys(localStorage)).toEqual([]);
});

test("two pages of one device show the same taps, and both send under the same key", async () => {
  server.answer = away;
  const one = page();
  const other = page();
  const ends = [one.listen(), other.listen()];
  await one.tap(RUN, READING);
  await waiting(other, ["reading"]);
  server.answer = () => Promise.resolve();
  one.sendAll();
  other.sendAll();
  await settled(one);
  await settled(other);
  expect(new Set(server.sent.map(({ event }) => event.key)).size).toBe(1);
  for (const end of ends) {
    end();
  }
});

test("what a page leaves behind when it is closed is sent by the other page of the device, without a touch", async () => {
  server.answer = away;
  const closed = page({ alone: () => new Promise(() => undefined) });
  const other = page();
  const end = other.listen();
  void closed.tap(RUN, READING);
  await waiting(other, ["reading"]);
  expect(server.sent).toEqual([]);
  server.answer = () => Promise.resolve();
  await vi.advanceTimersByTimeAsync(6_100);
  await settled(other);
  expect(server.types()).toEqual(["reading"]);
  end();
});

test("what was read of the device while a tap got through does not bring it back", async () => {
  const store = deviceStore();
  let readAt: () => void = () => undefined;
  const read = new Promise<void>((resolve) => {
    readAt = resolve;
  });
  let changed: () => void = () => undefined;
  const outbox = page({
    store: {
      ...store,
      all: async () => {
        const taps = await store.all();
        await read;
        return taps;
      },
      onChange: (hear) => {
        changed = hear;
        return () => undefined;
      },
    },
  });
  outbox.listen();
  let answer: () => void = () => undefined;
  server.answer = () =>
    new Promise((resolve) => {
      answer = resolve;
    });
  const tapped = outbox.tap(RUN, READING);
  await vi.waitFor(() => expect(server.sent).toHaveLength(1));
  changed();
  await vi.waitFor(async () => expect(await store.all()).toHaveLength(1));
  answer();
  await tapped;
  readAt();
  await vi.advanceTimersByTimeAsync(100);
  expect(outbox.list()).toEqual([]);
});

test("a device whose database does not answer holds no tap back for longer than a second", async () => {
  const outbox = page({ store: { ...deviceStore(), put: () => new Promise(() => undefined) } });
  const tapped = outbox.tap(RUN, READING);
  await vi.advanceTimersByTimeAsync(1_100);
  await tapped;
  expect(server.types()).toEqual(["reading"]);
});

test("what was kept and is refused afterwards stays until somebody has read it, also on a reloaded page", async () => {
  server.answer = away;
  const first = page();
  await first.tap(RUN, { type: "heat-off" });
  server.answer = () => Promise.reject(refusal(409, "not-now", "The hold is not over."));
  first.sendAll();
  await vi.waitFor(() => expect(first.list()).toMatchObject([{ refused: "The hold is not over." }]), 10_000);
  await vi.waitFor(async () =>
    expect(await deviceStore().all()).toMatchObject([{ refused: "The hold is not over." }]),
  );
  const reloaded = page();
  await reloaded.load();
  const [refused] = reloaded.list();
  reloaded.forget(refused as NonNullable<typeof refused>);
  await settled(reloaded);
  await vi.waitFor(async () => expect(await deviceStore().all()).toEqual([]));
});

test("taps that the program before this one kept are taken over", async () => {
  localStorage.setItem(
    "mobrel.kept-taps",
    JSON.stringify([
      { runId: 1, key: "tap-old", happenedAt: at(3), event: { type: "heat-off", key: "tap-old" } },
    ]),
  );
  const outbox = page();
  await outbox.load();
  await settled(outbox);
  expect(server.sent).toMatchObject([
    { runId: 1, event: { type: "heat-off", key: "tap-old", happenedAt: at(3) } },
  ]);
  expect(localStorage.getItem("mobrel.kept-taps")).toBeNull();
});

test("a device that keeps nothing still sends", async () => {
  const broken = () => Promise.reject(new Error("no room"));
  const outbox = page({
    store: { all: broken, put: broken, remove: broken, onChange: () => () => undefined },
  });
  await outbox.load();
  await outbox.tap(RUN, READING);
  expect(server.types()).toEqual(["reading"]);
});

test("a tap that gets through at once is never shown as waiting; a slow one is", async () => {
  let answer: () => void = () => undefined;
  server.answer = () =>
    new Promise((resolve) => {
      answer = resolve;
    });
  const outbox = page();
  const tapped = outbox.tap(RUN, READING);
  await vi.waitFor(() => expect(server.sent).toHaveLength(1));
  expect(outbox.list()).toMatchObject([{ kept: false }]);
  await vi.advanceTimersByTimeAsync(500);
  expect(outbox.list()).toMatchObject([{ kept: true }]);
  answer();
  await tapped;
  await settled(outbox);
});

test("a refusal says how long still", () => {
  expect(waitOf(refusal(409, "not-over", "Not yet.", { waitMillis: 90_000 }))).toBe(90_000);
  expect(waitOf(new Error("other"))).toBeUndefined();
});
