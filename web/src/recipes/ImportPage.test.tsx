import { screen, waitFor } from "@testing-library/react";
import { expect, test } from "vitest";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { ImportPage } from "./ImportPage";

const READ = "POST /api/formats/recipes";
const SAVE = "POST /api/recipes";

const recipe = (title: string, lines: readonly string[] = ["2 lb carrots", "3 qt stock"]) => ({
  title,
  lines,
  method: ["Simmer."],
  pack: "hot",
  solidsShare: 0.5,
  tags: [],
  variants: [],
  parts: [],
});

async function read(answer: object) {
  const shown = await show(<ImportPage />);
  server.on(READ, ok(answer));
  await shown.user.type(await screen.findByLabelText("Or paste it here"), "a page");
  await shown.user.click(screen.getByRole("button", { name: "Read it" }));
  await screen.findByRole("region", { name: "What was read" });
  return shown;
}

test("nothing is saved before somebody has looked, and then what was chosen", async () => {
  const { user, at } = await read({ recipes: [recipe("Soup"), recipe("Stew")], problems: [], parts: [] });
  expect(server.sent(SAVE)).toEqual([]);
  expect(screen.getAllByText("2 ingredients, 1 step: 2 lb carrots · 3 qt stock")).toHaveLength(2);
  await user.click(screen.getByLabelText("Take Stew"));
  server.on(SAVE, ok({ ...recipe("Soup"), id: 12, version: 1 }));
  await user.click(screen.getByRole("button", { name: "Put it into the book" }));
  await waitFor(() => expect(at()).toBe("/recipes/12"));
  expect(server.sent(SAVE)).toMatchObject([{ title: "Soup", lines: ["2 lb carrots", "3 qt stock"] }]);
});

test("a recipe without a name needs one first", async () => {
  const { user } = await read({ recipes: [recipe("")], problems: [], parts: [] });
  const put = screen.getByRole("button", { name: "Put it into the book" }) as HTMLButtonElement;
  expect(put.disabled).toBe(true);
  await user.type(screen.getByLabelText("Name of the recipe"), "Found soup");
  expect(put.disabled).toBe(false);
});

test("one that is in is not put in again when a later one fails", async () => {
  const { user } = await read({ recipes: [recipe("Soup"), recipe("Stew")], problems: [], parts: [] });
  server.on(SAVE, ({ body }) =>
    (body as { title: string }).title === "Soup"
      ? ok({ ...recipe("Soup"), id: 12, version: 1 })
      : problem(400, "invalid", "A line is too long."),
  );
  await user.click(screen.getByRole("button", { name: "Put 2 into the book" }));
  expect((await screen.findByRole("alert")).textContent).toContain("A line is too long.");
  await user.click(screen.getByRole("button", { name: "Put it into the book" }));
  await waitFor(() => expect(server.sent(SAVE)).toHaveLength(3));
  expect((server.sent(SAVE) as { title: string }[]).map(({ title }) => title)).toEqual([
    "Soup",
    "Stew",
    "Stew",
  ]);
});

test("what was not read is told beside what was", async () => {
  await read({ recipes: [recipe("Soup")], problems: ["One of two recipes has no ingredients."], parts: [] });
  expect(screen.getByRole("alert").textContent).toBe("One of two recipes has no ingredients.");
  expect(screen.getByLabelText("Take Soup")).toBeTruthy();
});

test("a file is read like pasted text, and a server that refuses it says why", async () => {
  const { user } = await show(<ImportPage />);
  server.on(READ, problem(400, "unreadable", "That is no recipe and no page with one."));
  await user.upload(
    await screen.findByLabelText("Choose files"),
    new File(["<html>"], "page.html", { type: "text/html" }),
  );
  expect((await screen.findByRole("alert")).textContent).toContain("no recipe and no page");
  expect(server.sent(READ)).toEqual([{ text: "<html>" }]);
});
