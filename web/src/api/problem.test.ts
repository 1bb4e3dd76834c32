import { expect, test } from "vitest";
import { Problem, wordsOf } from "./problem";

test("a problem's own words and facts are kept", async () => {
  const body = {
    type: "urn:mobrel:problem:vent-not-done",
    code: "vent-not-done",
    detail: "Not yet.",
    waitMillis: 150_000,
  };
  const problem = await Problem.of(new Response(JSON.stringify(body), { status: 409 }));
  expect([problem.status, problem.code, problem.facts["waitMillis"], wordsOf(problem)]).toEqual([
    409,
    "vent-not-done",
    150_000,
    "Not yet.",
  ]);
});

test("the field that is wrong is known by its name", async () => {
  const body = { type: "urn:mobrel:problem:bad-field", detail: "jars: at least one jar", field: "jars" };
  const problem = await Problem.of(new Response(JSON.stringify(body), { status: 400 }));
  expect([problem.field, problem.code]).toEqual(["jars", "bad-field"]);
});

test("an answer that is no problem document is still said in words", async () => {
  const problem = await Problem.of(new Response("<html>", { status: 502 }));
  expect([problem.status, problem.code]).toEqual([502, "unreadable"]);
  expect(wordsOf(new TypeError("Failed to fetch"))).toContain("cannot be reached");
});
