import { screen, waitFor, within } from "@testing-library/react";
import { expect, test } from "vitest";
import { canner, type Kitchen, kitchen } from "@/test/kitchens";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { KitchenPage } from "./KitchenPage";

const PUT = "PUT /api/kitchen";
const CUPBOARD = {
  lids: [{ mouth: "regular", fresh: 24 }, { mouth: "wide" }],
  jars: [
    { size: "quart", mouth: "regular", empty: 12, tableMl: 902 },
    { size: "pint", mouth: "wide", tableMl: 438, waterMl: 441 },
  ],
};

async function page(known: Kitchen = kitchen()) {
  server.on("GET /api/kitchen", ok(known));
  server.on("GET /api/kitchen/cupboard", ok(CUPBOARD));
  server.on("GET /api/kitchen/devices", ok([]));
  const shown = await show(<KitchenPage />);
  await screen.findByRole("region", { name: "This kitchen" });
  await screen.findByRole("region", { name: "Jars and lids" });
  return shown;
}

const field = (name: string | RegExp) => screen.getByLabelText(name) as HTMLInputElement;
const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;

test.each([
  ["7200", 7200],
  ["7,200", 7200],
  ["7.200", 7200],
])(
  "an altitude typed as %s is %d ft, and nothing else of the kitchen is changed",
  async (typed, altitudeFt) => {
    const { user } = await page();
    expect(field("Altitude in feet").value).toBe("3150");
    expect(screen.queryByRole("button", { name: "Save" })).toBeNull();
    await user.clear(field("Altitude in feet"));
    await user.type(field("Altitude in feet"), typed);
    server.on(PUT, ok(kitchen({ altitudeFt, altitudeM: 2194.56 })));
    await user.click(button("Save"));
    await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ altitudeFt, units: "us" }]));
    await waitFor(() => expect(screen.queryByRole("button", { name: "Save" })).toBeNull());
  },
);

test.each(["3.15", "3,15", "high", "3150 ft"])(
  "an altitude typed as %j is asked about: a wrong one would set too low a pressure",
  async (typed) => {
    const { user } = await page();
    await user.clear(field("Altitude in feet"));
    await user.type(field("Altitude in feet"), typed);
    expect(screen.getByText("A whole number of feet, please")).toBeTruthy();
    expect(button("Save").disabled).toBe(true);
    await user.keyboard("{Enter}");
    expect(server.sent(PUT)).toEqual([]);
  },
);

test("an altitude that cannot be is refused by the server, and stays as it was typed", async () => {
  const { user } = await page();
  await user.clear(field("Altitude in feet"));
  await user.type(field("Altitude in feet"), "90000");
  server.on(
    PUT,
    problem(400, "invalid", "altitudeFt: between -1,600 and 29,500 ft", { field: "altitudeFt" }),
  );
  await user.click(button("Save"));
  expect(await screen.findByText(/between -1,600 and 29,500 ft/)).toBeTruthy();
  expect(field("Altitude in feet").value).toBe("90000");
});

test("in a metric kitchen the altitude is metres, and is sent as metres", async () => {
  const { user } = await page(kitchen({ units: "metric" }));
  expect(field("Altitude in metres").value).toBe("960");
  await user.clear(field("Altitude in metres"));
  await user.type(field("Altitude in metres"), "1.200");
  server.on(PUT, ok(kitchen({ units: "metric", altitudeM: 1200, altitudeFt: 3937 })));
  await user.click(button("Save"));
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ altitudeM: 1200 }]));
});

test("another setting leaves the altitude where it is", async () => {
  const { user } = await page();
  server.on(PUT, ok(kitchen({ people: 5 })));
  await user.click(button("One more: People at the table"));
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ people: 5, altitudeFt: 3150 }]));
});

test("a serving is cups here and millilitres there, and always sent as millilitres", async () => {
  const { user } = await page();
  server.on(PUT, ok(kitchen()));
  expect(field("A serving, cups").value).toBe("1.5");
  await user.click(button("One more: A serving, cups"));
  await waitFor(() => expect(server.sent(PUT)).toHaveLength(1));
  expect((server.sent(PUT)[0] as { servingMl: number }).servingMl).toBeCloseTo(414, 0);
});

test("a kitchen without an altitude says what comes first", async () => {
  await page(kitchen({ altitudeFt: undefined, altitudeM: undefined, canners: [] }));
  expect(screen.getByText("Two things first: how high you live, and what you can in")).toBeTruthy();
  expect(screen.getByRole("region", { name: "A new canner" })).toBeTruthy();
});

test("a new canner with a weight is sent with all that was said of it", async () => {
  const { user } = await page(kitchen({ canners: [] }));
  const form = within(screen.getByRole("region", { name: "A new canner" }));
  expect((form.getByRole("button", { name: "Add this canner" }) as HTMLButtonElement).disabled).toBe(true);
  await user.type(form.getByLabelText("What you call it"), "Small pot");
  await user.click(form.getByLabelText("Weight and dial"));
  await user.click(form.getByLabelText("Rings"));
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
    expect(server.sent("PUT /api/kitchen/cupboard/lids")).toEqual([{ mouth: "wide", fresh: 0 }]),
  );
  await waitFor(() =>
    expect(server.sent("PUT /api/kitchen/cupboard/jars")).toEqual([
      { size: "quart", mouth: "regular", empty: 11 },
    ]),
  );
});

test("a jar's own measure is grams of water in either notation; nothing goes back to the average", async () => {
  const { user } = await page();
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
    { size: "pint", mouth: "wide", waterMl: 440.5 },
    { size: "pint", mouth: "wide" },
  ]);
});

test("a measure that is no number is said to be none and not sent", async () => {
  const { user } = await page();
  await user.click(screen.getByText("Measure your own jars with water"));
  await user.clear(field("Pints, wide"));
  await user.type(field("Pints, wide"), "full");
  await user.tab();
  expect(screen.getByText("A number, please")).toBeTruthy();
  expect(server.sent("PUT /api/kitchen/cupboard/water")).toEqual([]);
});

test("a backup says what it would do before it does it", async () => {
  const restored = {
    done: false,
    inFile: { recipes: 8, lots: 12 },
    coming: { recipes: 2, lots: 1 },
    leaving: {},
    relabelled: { "26-1123-A": "26-1123-B" },
  };
  const { user } = await page();
  server.on("POST /api/backup", ok(restored));
  await user.upload(field("Take one in"), new File(["{}"], "kitchen.json", { type: "application/json" }));
  const backup = within(screen.getByRole("region", { name: "Backup" }));
  expect((await backup.findByRole("status")).textContent).toBe(
    "What is here stays. 2 recipes, 1 lot come in besides; the rest is here already. Codes that are taken get another letter: " +
      "26-1123-A becomes 26-1123-B. Write it on the lids.",
  );
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
