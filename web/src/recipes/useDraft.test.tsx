import { act, renderHook } from "@testing-library/react";
import { expect, test } from "vitest";
import { type Draft, EMPTY_DRAFT, keepDraft, useDraft } from "./useDraft";

const SAVED: Draft = { ...EMPTY_DRAFT, title: "Bean soup", lines: ["2 lb dried beans"], basedOn: 3 };

const open = (id: number | undefined, saved?: Draft) => renderHook(() => useDraft(id, saved));

test("what is saved stands until something is changed, and then the change does", () => {
  const { result } = open(8, SAVED);
  expect(result.current.draft).toEqual(SAVED);
  expect(result.current.dirty).toBe(false);
  act(() => result.current.change({ title: "Bean soup, hers" }));
  expect(result.current.draft.title).toBe("Bean soup, hers");
  expect(result.current.draft.lines).toEqual(SAVED.lines);
  expect(result.current.dirty).toBe(true);
});

test("a change that comes to what is saved is no change", () => {
  const { result } = open(8, SAVED);
  act(() => result.current.change({ title: "other" }));
  act(() => result.current.change({ title: "Bean soup" }));
  expect(result.current.dirty).toBe(false);
});

test("undo goes back change by change, and stops at what was saved", () => {
  const { result } = open(8, SAVED);
  act(() => result.current.change({ lines: ["a"] }));
  act(() => result.current.change({ lines: ["a", "b"] }));
  act(() => result.current.undo());
  expect(result.current.draft.lines).toEqual(["a"]);
  act(() => result.current.undo());
  expect(result.current.draft.lines).toEqual(SAVED.lines);
  act(() => result.current.undo());
  expect(result.current.draft.lines).toEqual(SAVED.lines);
});

test("undo remembers fifty changes and not more", () => {
  const { result } = open(8, SAVED);
  for (let change = 1; change <= 60; change++) {
    act(() => result.current.change({ title: String(change) }));
  }
  for (let change = 1; change <= 60; change++) {
    act(() => result.current.undo());
  }
  expect(result.current.draft.title).toBe("10");
});

test("a reload finds what was typed, recipe by recipe", () => {
  const first = open(8, SAVED);
  act(() => first.result.current.change({ title: "half typed" }));
  first.unmount();
  expect(open(8, SAVED).result.current.draft.title).toBe("half typed");
  expect(open(9, SAVED).result.current.draft.title).toBe("Bean soup");
});

test("what is forgotten is gone from the device too", () => {
  const first = open(8, SAVED);
  act(() => first.result.current.change({ title: "half typed" }));
  act(() => first.result.current.forget());
  expect(first.result.current.draft).toEqual(SAVED);
  expect(first.result.current.dirty).toBe(false);
  act(() => first.result.current.undo());
  expect(first.result.current.draft).toEqual(SAVED);
  first.unmount();
  expect(open(8, SAVED).result.current.draft).toEqual(SAVED);
});

test("a draft of an older program lacks nothing", () => {
  localStorage.setItem("mobrel.draft.8", JSON.stringify({ title: "old", lines: ["1 onion"] }));
  expect(open(8, SAVED).result.current.draft).toEqual({ ...EMPTY_DRAFT, title: "old", lines: ["1 onion"] });
});

test("what cannot be read on the device counts as nothing", () => {
  localStorage.setItem("mobrel.draft.8", "{half");
  expect(open(8, SAVED).result.current.draft).toEqual(SAVED);
});

test("a new recipe begins empty, and what an earlier visit left waits beside it", () => {
  keepDraft(undefined, { ...EMPTY_DRAFT, title: "left", lines: ["1 leek"] });
  sessionStorage.clear();
  const { result } = open(undefined);
  expect(result.current.draft).toEqual(EMPTY_DRAFT);
  expect(result.current.waiting.draft?.title).toBe("left");
  act(() => result.current.waiting.take());
  expect(result.current.draft.lines).toEqual(["1 leek"]);
  expect(result.current.waiting.draft).toBeUndefined();
});

test("what waits can be dropped and does not come again", () => {
  keepDraft(undefined, { ...EMPTY_DRAFT, title: "left", lines: ["1 leek"] });
  sessionStorage.clear();
  const first = open(undefined);
  act(() => first.result.current.waiting.drop());
  first.unmount();
  expect(open(undefined).result.current.waiting.draft).toBeUndefined();
});

test("a new recipe that is reloaded in its window goes on where it was", () => {
  const first = open(undefined);
  act(() => first.result.current.change({ title: "new", lines: ["1 leek"] }));
  // A reload does not take the page down in an orderly way: what it noted for its window stays.
  expect(open(undefined).result.current.draft.title).toBe("new");
});
