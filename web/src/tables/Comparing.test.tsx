import { screen, waitFor } from "@testing-library/react";
import { expect, test } from "vitest";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { TablesPage } from "./TablesPage";

const row = (id: string, food: string, part: object = {}) => ({
  id,
  food,
  form: "sliced",
  pack: "hot",
  pint: 25,
  quart: 30,
  headspaceIn: 1,
  source: `Guide 4, ${food}`,
  note: "",
  ...part,
});
const ADA = { agrees: true, edition: "2015", by: "Ada", on: "2026-03-07", note: "" };

const tables = (carrots: object = {}, beets: object = {}) => ({
  version: "guide-2015.1",
  edition: "2015 revision",
  foods: [],
  stopped: [],
  processes: [row("carrots-hot", "carrots", carrots), row("beets-hot", "beets", beets)],
  pressures: [
    { id: "pressure-dial-2000", gauge: "dial", aboveFt: 0, upToFt: 2000, psi: 11, source: "Guide 1" },
  ],
  jarSizes: [{ id: "jar-size-half-pint", size: "half-pint", timedAs: "pint" }],
});

async function page(known = tables()) {
  server.on("GET /api/tables", ok(known));
  const shown = await show(<TablesPage />);
  await shown.user.click(await screen.findByLabelText("Tested processes"));
  return shown;
}

const COMPARE = "POST /api/tables/rows/carrots-hot/comparison";

test("a row is compared once the copy and the cook are named, and says by whom it was", async () => {
  const { user } = await page();
  expect(screen.getByText("0 of 4 rows compared with a printed copy")).toBeTruthy();
  expect(screen.queryByRole("button", { name: /^Agrees/ })).toBeNull();
  await user.type(screen.getByLabelText("Which copy, and its year"), "2015 revision");
  await user.type(screen.getByLabelText("Compared by"), "Ada");
  server.on(COMPARE, ok(tables({ comparison: ADA })));
  await user.click(screen.getByRole("button", { name: "Agrees: carrots, sliced, packed hot" }));
  await waitFor(() =>
    expect(server.sent(COMPARE)).toEqual([{ agrees: true, edition: "2015 revision", by: "Ada" }]),
  );
  expect(await screen.findByText("1 of 4 rows compared with a printed copy")).toBeTruthy();
  expect(screen.getByText(/^Compared, .*, Ada$/)).toBeTruthy();
});

test("a row that differs is not used, is the one that lots are looked for by, and can be taken back", async () => {
  const { user } = await page(tables({}, { comparison: { ...ADA, agrees: false } }));
  expect(screen.getByText("1 of 4 rows compared with a printed copy, 1 of them differs")).toBeTruthy();
  expect(screen.getByText(/^Differs: not used/)).toBeTruthy();
  expect((screen.getByLabelText("The row") as HTMLSelectElement).value).toBe("beets-hot");
  const take = "DELETE /api/tables/rows/beets-hot/comparison";
  server.on(take, ok(tables()));
  await user.click(screen.getByRole("button", { name: "Take back: beets, sliced, packed hot" }));
  await waitFor(() => expect(server.sent(take)).toHaveLength(1));
});

test.each([
  ["carrots-hot", { size: "quart", minutes: 90 }],
  ["pressure-dial-2000", { psi: 12 }],
  ["jar-size-half-pint", {}],
])("lots that rest on %s are asked for with what such a row says", async (id, said) => {
  const { user } = await page();
  server.on("POST /api/trace/rows", ok({ held: false, lots: [] }));
  await user.selectOptions(screen.getByLabelText("The row"), id);
  await user.click(screen.getByRole("button", { name: "Which lots?" }));
  await waitFor(() =>
    expect(server.sent("POST /api/trace/rows")).toEqual([{ row: id, hold: false, ...said }]),
  );
});

test("what cannot be kept is said", async () => {
  localStorage.setItem("mobrel.printed-copy", "2015");
  localStorage.setItem("mobrel.cook", "Ada");
  const { user } = await page();
  server.on(COMPARE, problem(503, "database", "The database does not answer."));
  await user.click(screen.getByRole("button", { name: "Agrees: carrots, sliced, packed hot" }));
  expect((await screen.findByRole("alert")).textContent).toContain("The database does not answer.");
});
