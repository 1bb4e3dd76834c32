import { screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test, vi } from "vitest";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { LotPage } from "./LotPage";
import { ageOf, holdLabel, lineLabel, lotName } from "./labels";
import { Needs } from "./Needs";
import { OpeningCard } from "./OpeningCard";
import { Stocktake } from "./Stocktake";
import type { Hold, LedgerLine, Lot, LotLedger } from "./useShelf";

const CODE = "26-1123-A";
const MOVEMENTS = `POST /api/shelf/${CODE}/movements`;

const lot = (part: Partial<Lot> = {}): Lot => ({
  code: CODE,
  runId: 1,
  batchId: 4,
  recipeId: 8,
  title: "Bean soup",
  variant: "",
  size: "quart",
  mouth: "regular",
  verdict: "covered",
  cannedOn: "2026-11-23",
  bestBy: "2027-11-23",
  finish: "",
  shelved: 7,
  jars: 6,
  places: [
    { place: "Cellar", jars: 4 },
    { place: "Kitchen", jars: 2 },
  ],
  missing: [],
  holds: [],
  ...part,
});

const line = (part: Partial<LedgerLine> = {}): LedgerLine => ({
  id: 11,
  kind: "eaten",
  jars: 1,
  from: "Cellar",
  by: "",
  note: "",
  at: "2026-11-25T18:00:00Z",
  undoable: true,
  undone: false,
  ...part,
});

const hold = (part: Partial<Hold> = {}): Hold => ({
  id: 3,
  lot: CODE,
  cause: "test:2",
  reason: "hold-unsupported",
  text: "",
  heldAt: "2026-11-26T10:00:00Z",
  ...part,
});

const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;

async function page(part: Partial<LotLedger> = {}) {
  const told: LotLedger = { lot: lot(), ledger: [], wentInto: [], holds: [], ...part };
  server.on(`GET /api/shelf/${CODE}`, ok(told));
  const shown = await show(<LotPage code={CODE} />);
  await screen.findByRole("region", { name: "Its jars" });
  return shown;
}

test("jars are taken from where they stand, never more than are there", async () => {
  const { user } = await page();
  expect(screen.getByRole("heading", { name: "6 of 7 quarts left" })).toBeTruthy();
  await user.click(button("Kitchen · 2"));
  await user.click(button("One more: How many"));
  expect(button("One more: How many").disabled).toBe(true);
  server.on(MOVEMENTS, ok({ id: 12 }));
  await user.click(button("Given away"));
  await waitFor(() => expect(server.sent(MOVEMENTS)).toEqual([{ kind: "given", jars: 2, place: "Kitchen" }]));
});

test("jars are moved to a place in the household's own words", async () => {
  const { user } = await page();
  expect(button("Move").disabled).toBe(true);
  await user.type(screen.getByLabelText("Move them to"), "  Attic ");
  server.on(MOVEMENTS, ok({ id: 12 }));
  await user.click(button("Move"));
  await waitFor(() =>
    expect(server.sent(MOVEMENTS)).toEqual([{ kind: "moved", jars: 1, place: "Cellar", to: "Attic" }]),
  );
});

test("a movement that cannot be is refused with its reason", async () => {
  const { user } = await page();
  server.on(MOVEMENTS, problem(409, "not-there", "There are only 0 jars in the Cellar."));
  await user.click(button("Eaten"));
  expect((await screen.findByRole("alert")).textContent).toContain("only 0 jars");
});

test("a line of the ledger is taken back, not rubbed out", async () => {
  const { user } = await page({
    ledger: [line(), line({ id: 10, kind: "shelved", jars: 7, to: "Cellar", undoable: false })],
  });
  server.on(MOVEMENTS, ok({ id: 13 }));
  await user.click(button("Take back: 1 quart eaten, from Cellar"));
  await waitFor(() => expect(server.sent(MOVEMENTS)).toEqual([{ kind: "undone", undoes: 11 }]));
  expect(screen.getAllByRole("button", { name: /^Take back/ })).toHaveLength(1);
});

test("a lot on hold says why, and is released only by somebody with a reason", async () => {
  const { user } = await page({ holds: [hold()] });
  const card = within(screen.getByRole("region", { name: "On hold" }));
  expect(card.getByText(/does not support the full time at pressure/)).toBeTruthy();
  expect(card.getByRole("link", { name: "Every lot that gauge test touches" })).toBeTruthy();
  await user.click(card.getByRole("button", { name: "Release it, with a reason" }));
  const release = card.getByRole("button", { name: "Release it" }) as HTMLButtonElement;
  expect(release.disabled).toBe(true);
  await user.type(card.getByLabelText("Who says so"), "Ada");
  expect(release.disabled).toBe(true);
  await user.type(card.getByLabelText("Why it may be used after all"), "the test was misread");
  server.on("POST /api/shelf/holds/3/release", ok({}));
  await user.click(release);
  await waitFor(() =>
    expect(server.sent("POST /api/shelf/holds/3/release")).toEqual([
      { by: "Ada", why: "the test was misread" },
    ]),
  );
});

test("a hold that was released is told with who released it and why", async () => {
  await page({
    holds: [hold({ releasedAt: "2026-11-27T10:00:00Z", releasedBy: "Ada", releasedWhy: "misread" })],
  });
  expect(screen.queryByRole("region", { name: "On hold" })).toBeNull();
  expect(screen.getByText(/Ada: “misread”/)).toBeTruthy();
});

test("what is done at opening is put together from usual words", async () => {
  const { user } = await page({ lot: lot({ finish: "Salt it" }) });
  server.on(`PUT /api/shelf/${CODE}/finish`, ok({}));
  await user.click(button("Thicken"));
  await waitFor(() =>
    expect(server.sent(`PUT /api/shelf/${CODE}/finish`)).toEqual([{ finish: "Salt it; thicken" }]),
  );
});

test("a lot without jars is a record and nothing to take from", async () => {
  await page({ lot: lot({ jars: 0, places: [] }) });
  expect(screen.getByRole("heading", { name: "No jar is left" })).toBeTruthy();
  expect(screen.queryByRole("button", { name: "Eaten" })).toBeNull();
});

test("a lot that is not there says so", async () => {
  server.on(`GET /api/shelf/${CODE}`, problem(404, "not-found", "There is no lot 26-1123-A."));
  await show(<LotPage code={CODE} />);
  expect((await screen.findByRole("alert")).textContent).toContain("There is no lot");
});

test("a stocktake writes down what differs, and where nothing does, nothing", async () => {
  const onDone = vi.fn();
  const lots = [lot(), lot({ code: "26-1101-B", title: "Broth", places: [{ place: "Cellar", jars: 3 }] })];
  const { user } = await show(<Stocktake lots={lots} places={["Cellar", "Kitchen"]} onDone={onDone} />);
  await user.click(await screen.findByRole("button", { name: "All as it should be" }));
  expect(onDone).toHaveBeenCalledTimes(1);
  await user.click(button(/^One less: Broth, 26-1101-B/));
  server.on(
    "POST /api/shelf/stocktake",
    ok({ differences: [{ lot: "26-1101-B", was: 3, counted: 2, change: -1 }] }),
  );
  await user.click(button("Write down 1 that differ"));
  expect(await screen.findByText("Counted. 1 written down.")).toBeTruthy();
  expect(server.sent("POST /api/shelf/stocktake")).toEqual([
    { place: "Cellar", counted: [{ lot: "26-1101-B", jars: 2 }] },
  ]);
});

test("another place is counted for itself", async () => {
  const { user } = await show(
    <Stocktake lots={[lot()]} places={["Cellar", "Kitchen"]} onDone={() => undefined} />,
  );
  await user.click(await screen.findByRole("button", { name: /^One less: Bean soup/ }));
  await user.click(screen.getByLabelText("Kitchen"));
  expect((screen.getByLabelText(/^Bean soup/) as HTMLInputElement).value).toBe("2");
  expect(button("All as it should be")).toBeTruthy();
});

test.each([
  [undefined, "at least 10 minutes, more above 1,000 ft"],
  [14, "14 minutes"],
])(
  "a jar is boiled before anybody tastes it, and a kitchen of unknown altitude is not at the sea",
  async (boilMin, minutes) => {
    await show(
      <OpeningCard
        lot="26-1123-A"
        boilMin={boilMin}
        finish=""
        onGood={vi.fn()}
        onSpoiled={vi.fn()}
        onClose={vi.fn()}
      />,
    );
    expect(screen.getByText(minutes)).toBeTruthy();
  },
);

test("a jar that is not good is spoiled by one tap, and what to do with a good one is said first", async () => {
  const onSpoiled = vi.fn();
  await show(
    <OpeningCard
      lot="26-1123-A"
      boilMin={10}
      finish="Salt it"
      onGood={vi.fn()}
      onSpoiled={onSpoiled}
      onClose={vi.fn()}
    />,
  );
  expect(screen.getByText("Salt it")).toBeTruthy();
  await userEvent.click(button("Something is wrong with it"));
  expect(onSpoiled).toHaveBeenCalled();
});

test.each([
  ["2026-11-23", "today"],
  ["2026-11-22", "yesterday"],
  ["2026-11-18", "5 days ago"],
  ["2026-09-25", "59 days ago"],
  ["2026-03-23", "8 months ago"],
])("canned on %s is %s", (cannedOn, age) => {
  expect(ageOf(cannedOn, "2026-11-23")).toBe(age);
});

test.each([
  ["shelved", "2 quarts came to Cellar"],
  ["eaten", "2 quarts eaten, from Kitchen"],
  ["given", "2 quarts given away, from Kitchen"],
  ["spoiled", "2 quarts found spoiled, from Kitchen"],
  ["used", "2 quarts went into another batch, from Kitchen"],
  ["moved", "2 quarts moved from Kitchen to Cellar"],
  ["missing", "2 quarts not there when counted, Kitchen"],
  ["found", "2 quarts found when counted, Cellar"],
  ["put-back", "2 quarts came back to Cellar"],
])("a line of kind %s: %s", (kind, words) => {
  expect(lineLabel(line({ kind, jars: 2, from: "Kitchen", to: "Cellar" }), lot())).toBe(words);
});

test("a variant belongs to the name, and a hold without words of its own gets them from its reason", () => {
  expect(lotName({ title: "Bean soup", variant: "with rosemary" })).toBe("Bean soup, with rosemary");
  expect(holdLabel(hold({ text: "The dial read 0.75 psi high." }))).toBe("The dial read 0.75 psi high.");
  expect(holdLabel(hold({ reason: "forced-cooling" }))).toContain("cooled by force");
});

test("a kit that is removed comes back by one tap, until it is closed or something else changes", async () => {
  const goods = [{ name: "Noodles", perKit: 1, have: 3 }];
  const kit = { id: 5, name: "Noodle soup", recipeId: 8, jars: 1, goods, complete: 3, shortOf: [] };
  const dish = { recipeId: 8, title: "Bean soup", wanted: 0, standing: 6, loads: 0 };
  server.on("GET /api/shelf/needs", ok({ dishes: [dish], kits: [kit], version: 1 }));
  const { user } = await show(<Needs />);
  server.on("DELETE /api/shelf/kits/5", ok({ dishes: [dish], kits: [], version: 2 }));
  server.on("POST /api/shelf/kits", ok({ dishes: [dish], kits: [kit], version: 3 }));
  await user.click(await screen.findByRole("button", { name: "Remove this kit" }));
  expect(await screen.findByText("The kit Noodle soup is removed.")).toBeTruthy();
  await user.click(screen.getByRole("button", { name: "Undo" }));
  await waitFor(() =>
    expect(server.sent("POST /api/shelf/kits")).toEqual([
      { name: "Noodle soup", recipeId: 8, jars: 1, goods },
    ]),
  );
  expect(screen.queryByText("The kit Noodle soup is removed.")).toBeNull();
  // Another change takes the way back away, and the cross does.
  await user.click(screen.getByRole("button", { name: "Remove this kit" }));
  await screen.findByText("The kit Noodle soup is removed.");
  await user.click(screen.getByRole("button", { name: "Close" }));
  expect(screen.queryByText("The kit Noodle soup is removed.")).toBeNull();
  await user.click(screen.getByRole("button", { name: "Remove this kit" }));
  await screen.findByText("The kit Noodle soup is removed.");
  await user.click(screen.getByRole("button", { name: "One more: Noodles" }));
  await waitFor(() => expect(screen.queryByText("The kit Noodle soup is removed.")).toBeNull());
});
