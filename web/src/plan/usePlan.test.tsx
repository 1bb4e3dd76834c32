import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, renderHook, waitFor } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import { held, ok, problem, server } from "@/test/server";
import type { PlanBody, PlanEdit } from "./body";
import { type Plan, usePlan } from "./usePlan";

const GET = "GET /api/plans/5";
const PUT = "PUT /api/plans/5";

const plan = (revision: number, title: string, away: readonly string[] = []) =>
  ({ id: 5, revision, body: { title, away } }) as unknown as Plan;

const titled =
  (title: string): PlanEdit =>
  (body) =>
    ({ ...body, title }) as unknown as PlanBody;
const adding =
  (item: string): PlanEdit =>
  (body) =>
    ({ ...body, away: [...(body as unknown as { away: string[] }).away, item] }) as unknown as PlanBody;

const away = (body: unknown) => (body as { away: string[] } | undefined)?.away;

async function open() {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const shown = renderHook(() => usePlan(5), {
    wrapper: ({ children }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>,
  });
  await waitFor(() => expect(shown.result.current.plan).toBeDefined());
  return shown.result;
}

test("an edit is seen at once and saved on top of what this page knew", async () => {
  server.on(GET, ok(plan(3, "before")));
  const saving = held();
  server.on(PUT, saving.handler);
  const result = await open();
  act(() => result.current.edit(titled("after")));
  expect(result.current.body).toMatchObject({ title: "after" });
  expect(result.current.behind).toBe(true);
  await waitFor(() => expect(server.sent(PUT)).toEqual([{ basedOn: 3, body: { title: "after", away: [] } }]));
  saving.answer(ok(plan(4, "after")));
  await waitFor(() => expect(result.current.behind).toBe(false));
  expect(result.current.plan?.revision).toBe(4);
});

test("edits made while one is under way go out together after it, none twice", async () => {
  server.on(GET, ok(plan(1, "", [])));
  const first = held();
  server.on(PUT, first.handler);
  const result = await open();
  act(() => result.current.edit(adding("a")));
  await waitFor(() => expect(server.sent(PUT)).toHaveLength(1));
  act(() => result.current.edit(adding("b")));
  act(() => result.current.edit(adding("c")));
  expect(away(result.current.body)).toEqual(["a", "b", "c"]);
  server.on(PUT, ({ body }) => ok(plan(3, "", away((body as { body: unknown }).body))));
  first.answer(ok(plan(2, "", ["a"])));
  await waitFor(() => expect(result.current.behind).toBe(false));
  expect(server.sent(PUT)).toEqual([
    { basedOn: 1, body: { title: "", away: ["a"] } },
    { basedOn: 2, body: { title: "", away: ["a", "b", "c"] } },
  ]);
  expect(away(result.current.body)).toEqual(["a", "b", "c"]);
});

test("where another device was first, the edit is made again on what that one left", async () => {
  server.on(GET, ok(plan(1, "", ["mine"])));
  const result = await open();
  server.on(GET, ok(plan(7, "", ["hers"])));
  server.on(PUT, ({ body }) =>
    (body as { basedOn: number }).basedOn === 7
      ? ok(plan(8, "", away((body as { body: unknown }).body)))
      : problem(409, "someone-was-first", "Another device changed this plan."),
  );
  act(() => result.current.edit(adding("new")));
  await waitFor(() => expect(result.current.behind).toBe(false));
  expect(server.sent(PUT)).toEqual([
    { basedOn: 1, body: { title: "", away: ["mine", "new"] } },
    { basedOn: 7, body: { title: "", away: ["hers", "new"] } },
  ]);
  expect(result.current.error).toBeUndefined();
  expect(result.current.plan?.revision).toBe(8);
});

test("an edit the server refuses stays in hand with its reason, until another one mends it", async () => {
  server.on(GET, ok(plan(1, "before")));
  server.on(PUT, problem(400, "invalid", "At most 200 jars."));
  const result = await open();
  act(() => result.current.edit(titled("too many")));
  await waitFor(() => expect((result.current.error as Error | undefined)?.message).toBe("At most 200 jars."));
  expect(result.current.body).toMatchObject({ title: "too many" });
  expect(server.sent(PUT)).toHaveLength(1);
  server.on(PUT, ok(plan(2, "fewer")));
  act(() => result.current.edit(titled("fewer")));
  await waitFor(() => expect(result.current.behind).toBe(false));
  expect(result.current.error).toBeUndefined();
});

test("an edit that reached nobody goes out again by itself", async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  server.on(GET, ok(plan(1, "before")));
  server.unplug(PUT);
  const result = await open();
  act(() => result.current.edit(titled("after")));
  await waitFor(() => expect(result.current.error).toBeDefined());
  expect(result.current.body).toMatchObject({ title: "after" });
  server.on(PUT, ok(plan(2, "after")));
  await act(() => vi.advanceTimersByTimeAsync(2_100));
  await waitFor(() => expect(result.current.behind).toBe(false));
  expect(result.current.plan?.revision).toBe(2);
});

test("a look that was under way while a tap was saved does not take the tap back", async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  server.on(GET, ok(plan(1, "before")));
  server.on(PUT, ok(plan(2, "after")));
  const result = await open();
  act(() => result.current.edit(titled("after")));
  await waitFor(() => expect(result.current.plan?.revision).toBe(2));
  // The next look is answered from before the save.
  await act(() => vi.advanceTimersByTimeAsync(60_100));
  await waitFor(() => expect(server.sent(GET).length).toBeGreaterThan(1));
  expect(result.current.plan?.revision).toBe(2);
  expect(result.current.body).toMatchObject({ title: "after" });
});

test("a plan that cannot be had says so, and is asked for again on a tap", async () => {
  server.on(GET, problem(404, "not-found", "There is no plan 5."));
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const { result } = renderHook(() => usePlan(5), {
    wrapper: ({ children }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>,
  });
  await waitFor(() =>
    expect((result.current.error as Error | undefined)?.message).toBe("There is no plan 5."),
  );
  server.on(GET, ok(plan(1, "there")));
  act(() => result.current.retry());
  await waitFor(() => expect(result.current.plan?.revision).toBe(1));
});
