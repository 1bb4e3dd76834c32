import { screen, waitFor } from "@testing-library/react";
import { expect, test } from "vitest";
import { api } from "@/api/client";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { Troubles } from "./Troubles";

const FULL = {
  code: "disk-full",
  title: "The disk is full",
  detail: "12 MB left where the kitchen is stored. Steps are not stored until there is room again.",
  stops: true,
};

test("nothing is said where all is well", async () => {
  server.on("GET /api/health", ok({ troubles: [] }));
  await show(<Troubles />);
  await waitFor(() => expect(server.asked).toHaveLength(1));
  expect(screen.queryByRole("alert")).toBeNull();
  expect(document.body.textContent).toBe("");
});

test("what loses steps is an alert, what only may soon is not", async () => {
  const low = {
    ...FULL,
    code: "disk-low",
    title: "The disk is nearly full",
    detail: "212 MB left.",
    stops: false,
  };
  server.on("GET /api/health", ok({ troubles: [FULL, low] }));
  await show(<Troubles />);
  expect((await screen.findByRole("alert")).textContent).toBe(`The disk is full. ${FULL.detail}`);
  expect(screen.getByText("212 MB left.").closest("[role]")?.getAttribute("role")).toBe("status");
});

test("a step that the server could not do is reason to look what is wrong, at once", async () => {
  server.on("GET /api/health", ok({ troubles: [] }));
  server.on("GET /api/recipes", problem(507, "disk-full", "The disk is full: this step was not stored."));
  await show(<Troubles />);
  await waitFor(() => expect(server.asked).toHaveLength(1));
  server.on("GET /api/health", ok({ troubles: [FULL] }));
  await expect(api.GET("/api/recipes")).rejects.toThrow("not stored");
  expect((await screen.findByRole("alert")).textContent).toContain("12 MB left");
});
