import { screen, waitFor, within } from "@testing-library/react";
import type userEvent from "@testing-library/user-event";
import { expect, test } from "vitest";
import { canner, type Kitchen, kitchen } from "@/test/kitchens";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { KitchenPage } from "./KitchenPage";

const PATCH = "PATCH /api/kitchen";
const CUPBOARD = {
  version: 9,
  lids: [{ mouth: "regular", fresh: 24 }, { mouth: "wide" }],
  jars: [
    { size: "quart", mouth: "regular", empty: 12, tableMl: 902 },
    { size: "pint", mouth: "wide", tableMl: 438, waterMl: 441 },
  ],
};

let machine = ok([]);

async function page(known: Kitchen = kitchen()) {
  server.on("GET /api/kitchen", ok(known));
  server.on("GET /api/kitchen/cupboard", ok(CUPBOARD));
  server.on("GET /api/kitchen/devices", ok([]));
  server.on("GET /api/health/machine", () => machine);
  server.on("GET /api/access", ok({ state: "here", role: "cook", people: [] }));
  server.on(
    "GET /api/access/home",
    ok({ open: false, places: [], certificates: [], fingerprint: "", qr: [] }),
  );
  server.on("GET /api/access/people", ok([]));
  const shown = await show(<KitchenPage />);
  await screen.findByRole("region", { name: "This kitchen" });
  await screen.findByRole("region", { name: "Jars and lids" });
  return shown;
}

const field = (name: string | RegExp) => screen.getByLabelText(name) as HTMLInputElement;
const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;

const altitude = async (
  user: { clear: typeof userEvent.clear; type: typeof userEvent.type },
  typed: string,
) => {
  const shown = screen.getByLabelText(/Altitude in/);
  await user.clear(shown);
  await user.type(shown, typed);
};

test.each(["7200", "7,200", "7 200"])(
  "an altitude typed as %s is taken when the field is left, says what it sets, and can be undone",
  async (typed) => {
    const { user } = await page();
    expect(field("Altitude in feet").value).toBe("3150");
    server.on(PATCH, ok(kitchen({ version: 8, altitudeFt: 7200, altitudeM: 2194.56 })));
    server.on("POST /api/trace/altitude", ok({ held: false, lots: [] }));
    await altitude(user, typed);
    // A finger that rests is not done: "315" on the way to 3,150 ft would be ten pounds.
    await new Promise((rested) => setTimeout(rested, 1_500));
    expect(server.sent(PATCH)).toEqual([]);
    await user.tab();
    await waitFor(() => expect(server.sent(PATCH)).toEqual([{ basedOn: 7, altitudeFt: 7200 }]));
    server.on("GET /api/kitchen", ok(kitchen({ version: 8, altitudeFt: 7200 })));
    expect(await screen.findByText(/^The altitude is 7,200 ft now/)).toBeTruthy();
    await user.click(button("Undo"));
    await waitFor(() => expect(server.sent(PATCH)[1]).toEqual({ basedOn: 8, altitudeFt: 3150 }));
  },
);

test.each([
  ["us", "3.150", "3.150 can be read in two ways. Which is it?", "3,150 ft", { altitudeFt: 3150 }],
  ["metric", "1.200", "1.200 can be read in two ways. Which is it?", "1,200 m", { altitudeM: 1200 }],
  ["metric", "1,200", "1,200 can be read in two ways. Which is it?", "1,200 m", { altitudeM: 1200 }],
  ["us", "-5", /really only -5 ft above the sea\? Too low a number/, "Yes, -5 ft", { altitudeFt: -5 }],
  ["us", "9,500", /really 9,500 ft above the sea\?$/, "Yes, 9,500 ft", { altitudeFt: 9500 }],
  ["us", "80 ft", /really only 80 ft/, "Yes, 80 ft", { altitudeFt: 80 }],
  ["us", "99", /really only 99 ft/, "Yes, 99 ft", { altitudeFt: 99 }],
  ["metric", "29", /really only 29 m/, "Yes, 29 m", { altitudeM: 29 }],
  [
    "us",
    "31500",
    "Is your kitchen really 31,500 ft above the sea?",
    "Yes, 31,500 ft",
    { altitudeFt: 31_500 },
  ],
])("in a %s kitchen %j is asked about before it is kept", async (units, typed, question, yes, sent) => {
  const { user } = await page(kitchen({ units, altitudeFt: 2000, altitudeM: 609.6 }));
  server.on(PATCH, ok(kitchen({ units })));
  server.on("POST /api/trace/altitude", ok({ held: false, lots: [] }));
  await altitude(user, typed);
  await user.keyboard("{Enter}");
  await user.tab();
  expect(screen.getByText(question)).toBeTruthy();
  expect(server.sent(PATCH)).toEqual([]);
  await user.click(button(yes));
  await waitFor(() => expect(server.sent(PATCH)).toEqual([{ basedOn: 7, ...sent }]));
});

test.each(["3.15", "3,15", "high", "960 m", "3150 ft 2"])(
  "an altitude typed as %j is not taken for a number: a wrong one would set too low a pressure",
  async (typed) => {
    const { user } = await page();
    await altitude(user, typed);
    expect(screen.getByText("A whole number of feet, please")).toBeTruthy();
    await user.keyboard("{Enter}");
    await user.tab();
    expect(server.sent(PATCH)).toEqual([]);
  },
);

test("an altitude that cannot be is refused by the server, and stays as it was typed", async () => {
  const { user } = await page();
  const wrong = "between -1,600 and 29,500 ft";
  server.on(PATCH, problem(400, "bad-field", `altitudeFt: ${wrong}`, { field: "altitudeFt", reason: wrong }));
  await altitude(user, "90000{Enter}");
  await user.click(button("Yes, 90,000 ft"));
  expect(await screen.findByText(wrong)).toBeTruthy();
  expect(field("Altitude in feet").value).toBe("90000");
});

test("what another device changed meanwhile is said, and what it made of it is shown", async () => {
  const { user } = await page();
  server.on("GET /api/kitchen", ok(kitchen({ version: 8, people: 6 })));
  server.on(
    PATCH,
    problem(409, "changed-elsewhere", "The people at the table were changed to 6 on another device."),
  );
  await user.click(button("One more: People at the table"));
  expect(await screen.findByText(/were changed to 6 on another device/)).toBeTruthy();
  await waitFor(() => expect(field("People at the table").value).toBe("6"));
});

test("another setting is sent alone: the altitude stays what any device made of it", async () => {
  const { user } = await page();
  server.on(PATCH, ok(kitchen({ people: 5 })));
  await user.click(button("One more: People at the table"));
  await waitFor(() => expect(server.sent(PATCH)).toEqual([{ basedOn: 7, people: 5 }]));
});

test("of a canner only what was changed in its form is sent", async () => {
  const { user } = await page();
  await user.click(button(/Change/));
  server.on("PATCH /api/kitchen/canners/1", ok(kitchen()));
  await user.type(field("What you call it"), " one");
  await user.click(button("Save"));
  await waitFor(() =>
    expect(server.sent("PATCH /api/kitchen/canners/1")).toMatchObject([
      { basedOn: 7, changed: ["name"], canner: { name: "Big canner one" } },
    ]),
  );
});

test("a serving is cups here and millilitres there, and always sent as millilitres", async () => {
  const { user } = await page();
  server.on(PATCH, ok(kitchen()));
  expect(field("A serving, cups").value).toBe("1.5");
  await user.click(button("One more: A serving, cups"));
  await waitFor(() => expect(server.sent(PATCH)).toHaveLength(1));
  expect((server.sent(PATCH)[0] as { servingMl: number }).servingMl).toBeCloseTo(414, 0);
});

test("the first altitude under 1,000 ft is asked about once: a digit that was lost there is dearest", async () => {
  const { user } = await page(kitchen({ altitudeFt: undefined, altitudeM: undefined }));
  server.on(PATCH, ok(kitchen({ altitudeFt: 315 })));
  await user.type(screen.getByLabelText("Altitude in feet"), "315{Enter}");
  expect(screen.getByText("315 ft: then the lowest pressure counts. Is that the whole number?")).toBeTruthy();
  expect(server.sent(PATCH)).toEqual([]);
  await user.click(button("Yes, 315 ft"));
  await waitFor(() => expect(server.sent(PATCH)).toEqual([{ basedOn: 7, altitudeFt: 315 }]));
});

test("jars that were made below a corrected altitude are named, and held only if it was wrong", async () => {
  const { user } = await page();
  const low = { code: "26-1123-A", title: "Bean soup", size: "quart", jars: 3, holds: [] };
  server.on(PATCH, ok(kitchen({ version: 8, altitudeFt: 7200, altitudeM: 2194.56 })));
  server.on("POST /api/trace/altitude", ok({ held: false, lots: [{ lot: low, hadPsi: 12, neededPsi: 14 }] }));
  await altitude(user, "7200{Enter}");
  const made = within(await screen.findByRole("region", { name: "Jars made at a lower pressure" }));
  expect(made.getByRole("listitem").textContent).toBe("26-1123-A Bean soup, 3 quarts: 12, needs 14");
  await user.click(made.getByRole("button", { name: "It was wrong: put them on hold" }));
  await waitFor(() =>
    expect(server.sent("POST /api/trace/altitude")).toEqual([{ hold: false }, { hold: true }]),
  );
});

test("a kitchen without an altitude says what comes first", async () => {
  await page(kitchen({ altitudeFt: undefined, altitudeM: undefined, canners: [] }));
  expect(screen.getByText("Two things first: how high you live, and what you can in")).toBeTruthy();
  expect(screen.getByRole("region", { name: "A new canner" })).toBeTruthy();
});

test.each([
  ["One piece, no number", /^Go by the dial. Once it is added/],
  ["I do not know", /^Go by the dial until you know/],
])("a weight of which is said '%s' only closes the vent: the dial rules", async (look, words) => {
  const { user } = await page(kitchen({ canners: [] }));
  const form = within(screen.getByRole("region", { name: "A new canner" }));
  await user.type(form.getByLabelText("What you call it"), "Old pot");
  await user.click(form.getByLabelText("Weight and dial"));
  await user.click(form.getByLabelText(look));
  expect(form.getByText(words)).toBeTruthy();
  server.on("POST /api/kitchen/canners", ok(kitchen()));
  await user.click(form.getByRole("button", { name: "Add this canner" }));
  await waitFor(() => expect(server.sent("POST /api/kitchen/canners")[0]).toMatchObject({ gauge: "dial" }));
  expect(server.sent("POST /api/kitchen/canners")[0]).not.toHaveProperty("weight");
});

test("a new canner with a weight is sent with all that was said of it", async () => {
  const { user } = await page(kitchen({ canners: [] }));
  const form = within(screen.getByRole("region", { name: "A new canner" }));
  expect((form.getByRole("button", { name: "Add this canner" }) as HTMLButtonElement).disabled).toBe(true);
  await user.type(form.getByLabelText("What you call it"), "Small pot");
  await user.click(form.getByLabelText("Weight and dial"));
  const add = form.getByRole("button", { name: "Add this canner" }) as HTMLButtonElement;
  expect(add.disabled, "which of the two rules is not known yet").toBe(true);
  await user.click(form.getByLabelText("Rings that come off"));
  await user.click(form.getByLabelText("jiggles"));
  await user.click(form.getByRole("button", { name: "One less: Quarts in a layer" }));
  server.on("POST /api/kitchen/canners", ok(kitchen()));
  await user.click(form.getByRole("button", { name: "Add this canner" }));
  await waitFor(() =>
    expect(server.sent("POST /api/kitchen/canners")).toMatchObject([
      {
        name: "Small pot",
        gauge: "weighted",
        quarts: 6,
        pints: 8,
        weight: { shows: "rings", sound: "jiggles", jigglesLeast: 1, jigglesMost: 4, dialBeside: true },
        startWaterMl: 2839,
      },
    ]),
  );
});

test("a canner that is refused keeps what was typed", async () => {
  const { user } = await page(kitchen({ canners: [] }));
  await user.type(field("What you call it"), "Tiny");
  server.on("POST /api/kitchen/canners", problem(422, "unprocessable", "It cannot hold four quart jars."));
  await user.click(button("Add this canner"));
  expect((await screen.findByRole("alert")).textContent).toContain("cannot hold four quart jars");
  expect(field("What you call it").value).toBe("Tiny");
});

test.each([
  [0, undefined, "The dial is not tested yet."],
  [0.5, undefined, "The dial is said to read 0.5 psi high, and is not tested yet."],
  [0, "2026-01-05", "It reads true, tested 5 January 2026."],
])("a dial %s off, tested %s, says: %s", async (gaugeErrorPsi, testedOn, words) => {
  const known = kitchen();
  await page({
    ...known,
    canners: known.canners.map((canner) => ({ ...canner, gaugeErrorPsi, testedOn })),
  });
  expect(
    screen.getByText((_, element) => element?.tagName === "P" && !!element.textContent?.includes(words)),
  ).toBeTruthy();
});

test("a dial that reads high says what to read; its test takes numbers in either notation", async () => {
  const { user } = await page();
  server.on("GET /api/kitchen/canners/1/care", ok({ tests: [], inspections: [], parts: [] }));
  await user.click(screen.getByText("Gauge tests"));
  await user.type(await screen.findByLabelText("This dial read (psi)"), "10,75");
  await user.type(field("Tested by"), "Ada");
  expect(screen.getByText("0.75 psi high")).toBeTruthy();
  server.on("POST /api/kitchen/canners/1/tests", ok(kitchen()));
  await user.click(button("Write down"));
  await waitFor(() =>
    expect(server.sent("POST /api/kitchen/canners/1/tests")).toMatchObject([
      { readPsi: 10.75, masterPsi: 10, by: "Ada" },
    ]),
  );
});

test("a jar that was never counted is counted from nothing, and others by steps", async () => {
  const { user } = await page();
  server.on("PUT /api/kitchen/cupboard/lids", ok(CUPBOARD));
  server.on("PUT /api/kitchen/cupboard/jars", ok(CUPBOARD));
  await user.click(button("Count New lids, wide"));
  await user.click(button("One less: Quarts, regular"));
  await waitFor(() =>
    expect(server.sent("PUT /api/kitchen/cupboard/lids")).toEqual([{ basedOn: 9, mouth: "wide", fresh: 0 }]),
  );
  await waitFor(() =>
    expect(server.sent("PUT /api/kitchen/cupboard/jars")).toEqual([
      { basedOn: 9, size: "quart", mouth: "regular", empty: 11 },
    ]),
  );
});

test("a jar's own measure is grams of water in either notation; nothing goes back to the average", async () => {
  const { user } = await page(kitchen({ units: "metric" }));
  await user.click(screen.getByText("Measure your own jars with water"));
  const own = field("Pints, wide");
  expect(own.value).toBe("441");
  server.on("PUT /api/kitchen/cupboard/water", ok(CUPBOARD));
  await user.clear(own);
  await user.type(own, "440,5");
  await user.tab();
  await waitFor(() => expect(server.sent("PUT /api/kitchen/cupboard/water")).toHaveLength(1));
  await user.clear(own);
  await user.tab();
  await waitFor(() => expect(server.sent("PUT /api/kitchen/cupboard/water")).toHaveLength(2));
  expect(server.sent("PUT /api/kitchen/cupboard/water")).toEqual([
    { basedOn: 9, size: "pint", mouth: "wide", waterMl: 440.5 },
    { basedOn: 9, size: "pint", mouth: "wide" },
  ]);
});

test("a measure in a kitchen with US measures is fluid ounces, and is kept in millilitres", async () => {
  const { user } = await page();
  await user.click(screen.getByText("Measure your own jars with water"));
  expect(field("Pints, wide").value).toBe("14.9");
  server.on("PUT /api/kitchen/cupboard/water", ok(CUPBOARD));
  await user.clear(field("Pints, wide"));
  await user.type(field("Pints, wide"), "15 1/2{Enter}");
  await waitFor(() => expect(server.sent("PUT /api/kitchen/cupboard/water")).toHaveLength(1));
  expect(server.sent("PUT /api/kitchen/cupboard/water")[0]).toMatchObject({ waterMl: 458.4 });
});

test("a measure that is no number is said to be none and not sent", async () => {
  const { user } = await page(kitchen({ units: "metric" }));
  await user.click(screen.getByText("Measure your own jars with water"));
  await user.clear(field("Pints, wide"));
  await user.type(field("Pints, wide"), "full");
  await user.tab();
  expect(screen.getByText("A number from 50 to 3000, please")).toBeTruthy();
  expect(server.sent("PUT /api/kitchen/cupboard/water")).toEqual([]);
});

test("a backup says what it would do before it does it", async () => {
  const restored = {
    done: false,
    inFile: { recipes: 8, lots: 12 },
    coming: { recipes: 2, lots: 1 },
    leaving: {},
    relabelled: { "26-1123-A": "26-1123-B" },
    faults: ["lot 26-1123-A: By its ledger 2 more jars left Shelf than stood there."],
  };
  const { user } = await page();
  server.on("POST /api/backup", ok(restored));
  await user.upload(
    field("Restore a backup"),
    new File(["{}"], "kitchen.json", { type: "application/json" }),
  );
  const backup = within(screen.getByRole("region", { name: "Backup" }));
  expect((await backup.findByRole("status")).textContent).toBe(
    "What is here stays. 2 recipes, 1 lot come in besides; the rest is here already. Codes that are taken get another letter: " +
      "26-1123-A becomes 26-1123-B. Write it on the lids.",
  );
  expect(backup.getByText(/more jars left Shelf/)).toBeTruthy();
  server.on("POST /api/backup", ok({ ...restored, leaving: { recipes: 8 }, relabelled: {} }));
  await user.click(backup.getByLabelText("In its place"));
  expect(await backup.findByText(/^8 recipes that are here now would be gone/)).toBeTruthy();
  server.on("POST /api/backup", problem(400, "damaged", "Line 7 names a recipe that is not in the file."));
  await user.click(backup.getByRole("button", { name: "Replace this kitchen" }));
  expect((await backup.findByRole("alert")).textContent).toContain("Line 7 names a recipe");
});

test("two canners stand there, each with the pressure it needs", async () => {
  await page(
    kitchen({
      canners: [
        canner(),
        canner({ id: 2, name: "Small canner", gauge: "weighted", pressurePsi: 15, readingPsi: 15 }),
      ],
    }),
  );
  expect(screen.getByRole("heading", { name: "Big canner" })).toBeTruthy();
  expect(screen.getByRole("heading", { name: "Small canner" })).toBeTruthy();
});

test("care points are switched one by one, and say only which was meant", async () => {
  const { user } = await page(kitchen({ care: ["clamps"] }));
  expect(
    (screen.getByRole("checkbox", { name: /^Clamps in opposite pairs/ }) as HTMLInputElement).checked,
  ).toBe(true);
  server.on(PATCH, ok(kitchen({ version: 8, care: ["rim-nicks", "clamps"] })));
  server.on("GET /api/kitchen", ok(kitchen({ version: 8, care: ["rim-nicks", "clamps"] })));
  await user.click(screen.getByRole("checkbox", { name: /^Jar rims felt/ }));
  await waitFor(() => expect(server.sent(PATCH)).toEqual([{ basedOn: 7, care: { "rim-nicks": true } }]));
  await user.click(screen.getByRole("checkbox", { name: /^Clamps in opposite pairs/ }));
  await waitFor(() => expect(server.sent(PATCH)[1]).toEqual({ basedOn: 8, care: { clamps: false } }));
});

test("what is wrong with the machine stands there with what to do; what is well on a tap; and it is looked at again", async () => {
  machine = ok([
    { check: "disk", state: "wrong", words: "40 MB free where the kitchen is", remedy: "make room" },
    { check: "zone", state: "unknown", words: "not said", remedy: "set MOBREL_ZONE" },
    { check: "database", state: "ok", words: "runs", remedy: null },
  ]);
  const { user } = await page(kitchen());
  const card = within(await screen.findByRole("region", { name: "This machine" }));
  expect((await card.findByText("40 MB free where the kitchen is")).closest("li")?.textContent).toContain(
    "To do: make room",
  );
  expect(card.queryByText("Nothing wrong was found.")).toBeNull();
  expect(card.getByText("What was looked at (2)")).toBeTruthy();
  machine = ok([{ check: "database", state: "ok", words: "runs", remedy: null }]);
  await user.click(card.getByRole("button", { name: "Look again" }));
  expect(await card.findByText("Nothing wrong was found.")).toBeTruthy();
});

test("where nobody looks at the machine there is nothing to be seen of it", async () => {
  machine = problem(409, "no-doctor", "Nobody looks at the machine here.");
  await page(kitchen());
  await screen.findByRole("region", { name: "Home network" });
  expect(screen.queryByText("Nobody looks at the machine here.")).toBeNull();
});
