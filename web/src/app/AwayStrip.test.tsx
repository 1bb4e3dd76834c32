import { useQuery } from "@tanstack/react-query";
import { act, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, test } from "vitest";
import { setReach } from "@/api/reach";
import { ProblemNote } from "@/kit";
import { formatDateTime } from "@/quantity";
import { show } from "@/test/show";
import { AwayStrip } from "./AwayStrip";

const TWO_DAYS_AGO = Date.now() - 48 * 60 * 60_000;

function Page({ known }: { readonly known: boolean }) {
  const shelf = useQuery<object>({
    queryKey: ["shelf"],
    queryFn: () => new Promise(() => undefined),
    ...(known ? { initialData: {}, initialDataUpdatedAt: TWO_DAYS_AGO } : {}),
  });
  return <p>{shelf.data ? "51 jars" : "nothing"}</p>;
}

afterEach(() => act(() => setReach(true)));

test.each([
  [true, `This is as of ${formatDateTime(TWO_DAYS_AGO)}`],
  [false, "Not everything of this page was kept on this device"],
])("a page without a server says of when it is, or that it lacks something (%s)", async (known, text) => {
  await show(
    <>
      <AwayStrip />
      <Page known={known} />
    </>,
  );
  expect(screen.queryByRole("alert")).toBeNull();
  act(() => setReach(false));
  expect((await screen.findByRole("alert")).textContent).toContain("cannot be reached");
  await waitFor(() => expect(screen.getByRole("alert").textContent).toContain(text));
  act(() => setReach(true));
  expect(screen.queryByRole("alert")).toBeNull();
});

test("what could not be asked is not told twice; a step that was not done is", async () => {
  const { Unreachable } = await import("@/api/problem");
  await show(
    <>
      <ProblemNote error={new Unreachable(true, undefined)} />
      <ProblemNote error={new Unreachable(false, undefined)} />
    </>,
  );
  expect(screen.getAllByRole("alert")).toHaveLength(2);
  act(() => setReach(false));
  expect(screen.getAllByRole("alert")).toHaveLength(1);
});
