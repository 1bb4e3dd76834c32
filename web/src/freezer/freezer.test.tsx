import { screen, waitFor } from "@testing-library/react";
import { expect, test } from "vitest";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { FreezeButton } from "./FreezeButton";
import { FreezerBoard } from "./FreezerBoard";

const box = (part: object = {}) => ({
  id: 3,
  title: "Leek chowder",
  boxes: 3,
  left: 3,
  each: "4 cups",
  roomIn: 1,
  frozenOn: "2026-11-01",
  bestBy: "2027-02-01",
  note: "",
  ...part,
});

test("a box is taken out by a tap, and put back", async () => {
  let left = 3;
  const freezer = () => ({ today: "2026-11-29", boxes: [box({ left })] });
  server.on("GET /api/freezer", () => ok(freezer()));
  server.on("POST /api/freezer/3/taken", () => {
    left = 2;
    return ok({ taken: 8, freezer: freezer() });
  });
  server.on("DELETE /api/freezer/taken/8", () => {
    left = 3;
    return ok(freezer());
  });
  const { user } = await show(<FreezerBoard metric={false} />);
  await user.click(await screen.findByRole("button", { name: "Take one out: Leek chowder" }));
  await waitFor(() => expect(screen.getByText("2 boxes")).toBeTruthy());
  await user.click(screen.getByRole("button", { name: "Undo" }));
  await waitFor(() => expect(screen.getByText("3 boxes")).toBeTruthy());
  expect(screen.getByText(/best by 1 February 2027/).className).not.toContain("brick");
});

test("what is past its day is marked, and what another device took is said", async () => {
  server.on("GET /api/freezer", ok({ today: "2027-02-03", boxes: [box({ left: 1, note: "add cream" })] }));
  server.on(
    "POST /api/freezer/3/taken",
    problem(409, "not-that-many", "Leek chowder: 0 boxes are left in the freezer."),
  );
  const { user } = await show(<FreezerBoard metric />);
  expect((await screen.findByText(/best by 1 February 2027/)).className).toContain("brick");
  await user.click(screen.getByRole("button", { name: "Take one out: Leek chowder" }));
  expect(await screen.findByText("Leek chowder: 0 boxes are left in the freezer.")).toBeTruthy();
});

test.each([
  [false, "Cups in each", 473.18],
  [true, "Litres in each", 500],
])("boxes are counted in (metric: %s)", async (metric, label, volumeMl) => {
  server.on("GET /api/freezer", ok({ today: "2026-11-29", boxes: [] }));
  server.on("POST /api/freezer", ok({ today: "2026-11-29", boxes: [box({ title: "Broth", left: 2 })] }));
  const { user } = await show(<FreezerBoard metric={metric} />);
  await user.click(await screen.findByText("Put something in"));
  await user.type(screen.getByLabelText("What is in the boxes"), "Broth");
  await user.click(screen.getByRole("button", { name: "One more: Boxes" }));
  expect(screen.getByLabelText(label)).toBeTruthy();
  await user.click(screen.getByRole("button", { name: "Into the freezer" }));
  expect(await screen.findByText("Broth")).toBeTruthy();
  expect(server.sent("POST /api/freezer")[0]).toEqual({ title: "Broth", boxes: 2, volumeMl: 2 * volumeMl });
});

test("what fills no jar is frozen from where it is seen", async () => {
  server.on("POST /api/freezer", ok({ today: "2026-11-29", boxes: [] }));
  const { user } = await show(<FreezeButton title="Stew" recipeId={4} volumeMl={700} />);
  await user.dblClick(screen.getByRole("button", { name: "Freeze it" }));
  expect(await screen.findByText("It stands in the freezer, on the shelf's page.")).toBeTruthy();
  expect(server.sent("POST /api/freezer")).toEqual([{ title: "Stew", recipeId: 4, volumeMl: 700 }]);
});
