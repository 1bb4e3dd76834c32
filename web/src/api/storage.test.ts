import { afterEach, expect, test, vi } from "vitest";
import { local } from "./storage";

afterEach(() => vi.restoreAllMocks());

test("a device whose storage is full keeps it as long as the page stands, and says that it is not kept", () => {
  vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  expect(local.setItem("mobrel.test", "dark")).toBe(false);
  expect(local.getItem("mobrel.test")).toBe("dark");
  expect(local.keys()).toContain("mobrel.test");
  local.removeItem("mobrel.test");
  expect(local.getItem("mobrel.test")).toBeNull();
});

test("a device that blocks its storage throws nothing", () => {
  vi.spyOn(globalThis, "localStorage", "get").mockImplementation(() => {
    throw new DOMException("blocked", "SecurityError");
  });
  expect(local.getItem("mobrel.other")).toBeNull();
  local.setItem("mobrel.other", "1");
  expect(local.getItem("mobrel.other")).toBe("1");
  local.removeItem("mobrel.other");
  expect(local.keys()).not.toContain("mobrel.other");
});
