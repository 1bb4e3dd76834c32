import "fake-indexeddb/auto";
import { QueryClient } from "@tanstack/react-query";
import { IDBFactory } from "fake-indexeddb";
import { beforeEach, expect, test, vi } from "vitest";

const SHELF = ["shelf", "first"];
const DAY_MS = 24 * 60 * 60_000;

// A device of its own for each test: pages of the test before still have something to put away.
beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

/** The queries of a page that was just opened on this device, and what it is told of the line. */
async function page() {
  vi.resetModules();
  const { keepQueries } = await import("./keptQueries");
  const { setReach } = await import("./reach");
  const edition = await import("./edition");
  const queries = new QueryClient();
  keepQueries(queries);
  await edition.recallKitchen();
  return { queries, setReach, ...edition };
}

const later = (act: () => void) => vi.waitFor(act, { timeout: 10_000 });
const written = async () => {
  const { kept } = await import("./kept");
  await later(async () => expect(await kept("answers")).toBeDefined());
};

test("what a page was answered is shown by a later one where nobody can be asked, of when it was, and not before", async () => {
  const then = Date.now() - 3 * DAY_MS;
  const first = await page();
  first.queries.setQueryData(SHELF, { jars: 51 }, { updatedAt: then });
  first.queries.setQueryData(["preview", "many words"], { minutes: 90 });
  first.queries.setQueryData(["shelf", "old"], { jars: 3 }, { updatedAt: then - 90 * DAY_MS });
  await written();

  const second = await page();
  second.setReach(true);
  second.queries.setQueryData(["kitchen"], { altitudeFt: 900 });
  expect(second.queries.getQueryData(SHELF)).toBeUndefined();
  second.setReach(false);
  await later(() => expect(second.queries.getQueryData(SHELF)).toEqual({ jars: 51 }));
  expect(second.queries.getQueryState(SHELF)?.dataUpdatedAt).toBe(then);
  expect(second.queries.getQueryData(["preview", "many words"])).toBeUndefined();
  expect(second.queries.getQueryData(["shelf", "old"])).toBeUndefined();

  await later(async () => {
    const third = await page();
    third.setReach(false);
    await later(() => expect(third.queries.getQueryData(SHELF)).toEqual({ jars: 51 }));
    expect(third.queries.getQueryData(["kitchen"]), "beside what was kept before").toEqual({
      altitudeFt: 900,
    });
  });
});

test("an answer that was under way when the line broke does not take back what was kept", async () => {
  const before = await page();
  before.queries.setQueryData(SHELF, { jars: 51 });
  await written();
  const { queries, setReach } = await page();
  void queries.prefetchQuery({ queryKey: SHELF, queryFn: () => new Promise(() => undefined) });
  setReach(false);
  await later(() => expect(queries.getQueryData(SHELF)).toEqual({ jars: 51 }));
  await queries.cancelQueries({ queryKey: SHELF });
  expect(queries.getQueryData(SHELF)).toEqual({ jars: 51 });
});

test.each(["another kitchen", "removed"])("%s: nothing stays on this device", async (why) => {
  const first = await page();
  await first.hearKitchen("one");
  first.queries.setQueryData(SHELF, { jars: 51 });
  await written();
  const second = await page();
  expect(second.kitchenNow()).toBe("one");
  await (why === "removed" ? second.leaveKitchen() : second.hearKitchen("two"));
  // Nor does what this page is answered afterwards bring it back.
  second.queries.setQueryData(["kitchen"], { altitudeFt: 900 });
  await written();
  const third = await page();
  expect(third.kitchenNow()).toBe(why === "removed" ? undefined : "two");
  third.setReach(false);
  await later(() => expect(third.queries.getQueryData(["kitchen"])).toEqual({ altitudeFt: 900 }));
  expect(third.queries.getQueryData(SHELF)).toBeUndefined();
});
