import { screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, test } from "vitest";
import { Link, usePath } from "@/routing";
import { ok, server } from "@/test/server";
import { show } from "@/test/show";
import Palette from "./Palette";
import { useFocusOnArrival } from "./useFocusOnArrival";
import { useShortcuts } from "./useShortcuts";

const told: string[] = [];

function Page() {
  useFocusOnArrival(usePath());
  useShortcuts({ onSearch: () => told.push("search"), onList: () => told.push("list") });
  return (
    <main>
      <h1>Shelf</h1>
      <input aria-label="Words" />
      <Link to="/today">Today</Link>
    </main>
  );
}

beforeEach(() => {
  told.length = 0;
});

test.each([
  ["/", ["search"]],
  ["{Control>}k{/Control}", ["search"]],
  ["?", ["list"]],
  ["x", []],
])("the key %s", async (keys, does) => {
  const { user } = await show(<Page />);
  await user.keyboard(keys);
  expect(told).toEqual(does);
});

test("g and the letter of a place goes there, either alone does nothing, and nothing that is typed does", async () => {
  const { user, at } = await show(<Page />);
  await user.keyboard("s");
  await user.keyboard("gx");
  await user.type(screen.getByLabelText("Words"), "gs/?");
  expect(at()).toBe("/");
  expect(told).toEqual([]);
  (document.activeElement as HTMLElement).blur();
  await user.keyboard("gs");
  await waitFor(() => expect(at()).toBe("/stove"));
});

test("a few letters find places, recipes, lots and batches; Enter goes there and Escape goes back", async () => {
  // The recipes come last, and are the first of the list all the same.
  server.on("GET /api/recipes", async () => {
    await new Promise((later) => setTimeout(later, 60));
    return ok([{ id: 4, title: "Pork stock" }]);
  });
  server.on(
    "GET /api/shelf",
    ok({ lots: [{ code: "26-1104-A", title: "Pork soup", cannedOn: "2026-11-04" }] }),
  );
  server.on(
    "GET /api/batches",
    ok({ batches: [{ id: 9, title: "Pork and beans", madeAt: "2026-11-04T10:00:00Z" }] }),
  );
  const closed: string[] = [];
  const { user, at } = await show(<Palette onClose={() => closed.push("closed")} />);
  const dialog = within(screen.getByRole("dialog"));
  expect(dialog.getByRole("option", { name: /Stove/ })).toBeTruthy();
  await user.keyboard("pork");
  await dialog.findByRole("option", { name: /Pork soup/ });
  expect(dialog.getByRole("option", { name: /Pork and beans/ })).toBeTruthy();
  expect(dialog.queryByRole("option", { name: /Stove/ })).toBeNull();
  await waitFor(() =>
    expect(dialog.getByRole("option", { name: /Pork stock/ }).getAttribute("aria-selected")).toBe("true"),
  );
  await user.keyboard("{Enter}");
  expect(closed).toEqual(["closed"]);
  await waitFor(() => expect(at()).toBe("/recipes/4"));
});
