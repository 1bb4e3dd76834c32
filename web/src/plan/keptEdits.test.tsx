import "fake-indexeddb/auto";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, renderHook, waitFor } from "@testing-library/react";
import { IDBFactory } from "fake-indexeddb";
import { beforeEach, expect, test, vi } from "vitest";
import { ok, problem, server } from "@/test/server";

const GET = "GET /api/plans/5";
const PUT = "PUT /api/plans/5";

const plan = (revision: number, ticked: readonly string[] = []) => ({ id: 5, revision, body: { ticked } });
const sent = () => server.sent(PUT).map((body) => (body as { body: { ticked: string[] } }).body.ticked);

/** A page that was just opened on this device, with the plan in hand. */
async function page() {
  vi.resetModules();
  const { usePlan } = await import("./usePlan");
  const { tick } = await import("./body");
  const kept = await import("./keptEdits");
  const { setReach } = await import("@/api/reach");
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const wrapper = ({ children }: { readonly children: React.ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  );
  const open = async () => {
    const shown = renderHook(() => usePlan(5), { wrapper });
    await waitFor(() => expect(shown.result.current.plan).toBeDefined());
    return shown;
  };
  return { open, tick, wrapper, setReach, ...kept };
}

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
  server.on(GET, ok(plan(1)));
});

async function tickInAShop(item = "onions") {
  const { open, tick, keptEditsOf } = await page();
  const shown = await open();
  server.unplug(PUT);
  act(() => shown.result.current.edit(tick(item, true)));
  await waitFor(async () => expect(await keptEditsOf(5)).toHaveLength(1));
  await waitFor(() => expect(shown.result.current.error).toBeDefined());
  shown.unmount();
}

test("a tick that reached nobody is in hand again on the reloaded page, and gone from the device once it is saved", async () => {
  await tickInAShop();
  server.on(PUT, ({ body }) => ok({ id: 5, revision: 2, body: (body as { body: object }).body }));
  const { open, keptEditsOf } = await page();
  const shown = await open();
  await waitFor(() => expect(shown.result.current.plan?.body.ticked).toEqual(["onions"]));
  await waitFor(async () => expect(await keptEditsOf(5)).toEqual([]));
  expect(shown.result.current.behind).toBe(false);
});

test("it goes out from whatever page is open as soon as the server is back, on what another device left", async () => {
  await tickInAShop();
  server.on(GET, ok(plan(4, ["kale"])));
  const { useSendKeptEdits, useWaitingTicks, wrapper, setReach } = await page();
  setReach(false);
  const elsewhere = renderHook(
    () => {
      useSendKeptEdits();
      return useWaitingTicks();
    },
    { wrapper },
  );
  await waitFor(() => expect(elsewhere.result.current).toBe(1));
  const before = server.sent(PUT).length;
  server.on(PUT, ({ body }) => ok({ id: 5, revision: 5, body: (body as { body: object }).body }));
  setReach(true);
  await waitFor(() => expect(elsewhere.result.current).toBe(0));
  expect(sent().slice(before).at(-1)).toEqual(["kale", "onions"]);
});

test("of a plan that is no more it is let go", async () => {
  await tickInAShop();
  server.on(GET, problem(404, "not-found", "There is no plan 5."));
  const { sendKeptEdits, keptEditsOf } = await page();
  await sendKeptEdits(new QueryClient());
  expect(await keptEditsOf(5)).toEqual([]);
});
