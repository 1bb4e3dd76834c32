import { render, screen } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import { PageBoundary } from "./PageBoundary";
import { PartBoundary } from "./PartBoundary";

function Broken(): never {
  throw new Error("no such thing");
}

test("a page that fails leaves what is around it, says what to do, and is gone with the next address", () => {
  vi.spyOn(console, "error").mockImplementation(() => {});
  const at = (address: string, page: React.ReactNode) => (
    <>
      <p>Load 1: 12 minutes</p>
      <PageBoundary at={address}>{page}</PageBoundary>
    </>
  );
  const { rerender } = render(at("/shelf/1", <Broken />));
  expect(screen.getByRole("heading", { name: "This page cannot be shown" })).toBeTruthy();
  expect(screen.getByRole("link", { name: "To the stove" }).getAttribute("href")).toBe("/stove");
  expect(screen.getByText("Load 1: 12 minutes")).toBeTruthy();
  rerender(at("/shelf", <h1>Shelf</h1>));
  expect(screen.getByRole("heading", { name: "Shelf" })).toBeTruthy();
});

test("what lies over a page and fails goes away by itself, and the alarm beside it stays", () => {
  vi.spyOn(console, "error").mockImplementation(() => {});
  const onFailed = vi.fn();
  render(
    <>
      <p>Load 1: 12 minutes</p>
      <PartBoundary onFailed={onFailed}>
        <Broken />
      </PartBoundary>
    </>,
  );
  expect(screen.getByText("Load 1: 12 minutes")).toBeTruthy();
  expect(onFailed).toHaveBeenCalledOnce();
});
