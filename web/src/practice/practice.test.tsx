import { screen, within } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import type { Schemas } from "@/api/client";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { BeginPart } from "./BeginPart";
import { DrillPage } from "./DrillPage";
import { Knob } from "./Knob";
import { LinesPart } from "./LinesPart";
import { practicePart } from "./parts";
import { RecordPart } from "./RecordPart";
import { missWords, seen, sinceLit } from "./words";

const CANNER: Schemas["PracticeCannerBody"] = {
  gauge: "dial",
  psi: 11,
  altitudeFt: 0,
  large: false,
  quarts: 0,
  pints: 0,
  waterMl: 2840,
  hot: true,
  errorPsi: 0,
};

const drill = (code: string, more: Partial<Schemas["DrillEntry"]> = {}): Schemas["DrillEntry"] => ({
  code,
  title: `Drill ${code}`,
  minutes: 2,
  atTheKnobs: false,
  tries: 0,
  inARow: 0,
  due: false,
  ...more,
});

function practice(more: Partial<Schemas["PracticeResponse"]> = {}) {
  server.on(
    "GET /api/practice",
    ok({
      drills: [drill("one"), drill("two")],
      next: "one",
      rehearsals: [],
      ...more,
    }),
  );
}

const moment: Schemas["DrillResponse"] = {
  code: "one",
  title: "Drill one",
  seed: 7,
  moment: "The lid gives.",
  ask: "What now?",
  picture: "unsealed",
  lines: [],
  steps: [],
  choices: [
    { code: "band", text: "Screw it tight" },
    { code: "choose", text: "New lid, full time" },
  ],
  atTheKnobs: false,
};

beforeEach(() => {
  practice();
  server.on("GET /api/practice/drills/one", ok(moment));
  server.on("GET /api/simulation", ok({ offered: false }));
});

test("a kitchen that never rehearsed begins with water, one that did with a drill", async () => {
  practice({ rehearsals: [{ cannerId: 1, name: "Big canner", canner: CANNER, held: false }] });
  await show(<BeginPart />);
  expect(await screen.findByRole("link", { name: "Rehearse it" })).toBeTruthy();
  practice({ rehearsals: [{ cannerId: 1, name: "Big canner", canner: CANNER, held: true }] });
  await show(<BeginPart />);
  expect((await screen.findByRole("link", { name: "Begin" })).getAttribute("href")).toBe(
    "/practice/drills/one",
  );
  practice({ drills: [drill("one", { tries: 2, inARow: 0, due: true })] });
  await show(<BeginPart />);
  expect(await screen.findByText(/You missed it/)).toBeTruthy();
});

test("a drill is missed with its reason, what would be right, and the rule", async () => {
  server.on(
    "POST /api/practice/drills/one/tries",
    ok({
      over: true,
      passed: false,
      misses: "pressed",
      text: "It only looks sealed.",
      right: "New lid, full time",
      rule: { text: "Within 24 hours.", source: "Guide 1" },
      plays: [],
      playsForMillis: 0,
      dueAt: new Date(Date.now() + 600_000).toISOString(),
    }),
  );
  const { user } = await show(<DrillPage code="one" />);
  await user.click(await screen.findByRole("button", { name: "Screw it tight" }));
  const outcome = within(await screen.findByRole("region", { name: "What comes of it" }));
  expect(outcome.getByText("Not that")).toBeTruthy();
  expect(outcome.getByText("It only looks sealed.")).toBeTruthy();
  expect(outcome.getByText("New lid, full time")).toBeTruthy();
  expect(outcome.getByText("Within 24 hours.")).toBeTruthy();
  expect(outcome.getByText(/in ten minutes/)).toBeTruthy();
  expect(server.asked.at(-1)?.path).toContain("/api/practice");
  expect(screen.queryByRole("button", { name: "Screw it tight" })).toBeNull();
});

test("a server that is away says so and loses no choice", async () => {
  server.on("POST /api/practice/drills/one/tries", problem(503, "away", "Not now."));
  const { user } = await show(<DrillPage code="one" />);
  await user.click(await screen.findByRole("button", { name: "Screw it tight" }));
  expect(await screen.findByText("Not now.")).toBeTruthy();
  expect(screen.getByRole("button", { name: "Screw it tight" })).toBeTruthy();
});

test("of ten lines some are marked out and one sets the time; the rulings answer line by line", async () => {
  const lines = Array.from({ length: 10 }, (_, line) => `line ${line}`);
  server.on("GET /api/practice/lines", ok({ seed: 3, lines }));
  server.on("POST /api/practice/lines/tries", (request) => {
    expect(request.body).toEqual({ seed: 3, setsTime: 2, stops: [4] });
    return ok({
      passed: false,
      headline: "Line 5 sets the time: 90 min in quarts.",
      lines: lines.map((text, line) => ({
        text,
        setsTime: line === 5,
        ...(line === 4 || line === 8 ? { stops: "Starch" } : {}),
        ...(line === 5 ? { minutes: 90 } : {}),
      })),
    });
  });
  const { user } = await show(<LinesPart />);
  const send = await screen.findByRole("button", { name: "Choose what sets the time" });
  expect(send).toHaveProperty("disabled", true);
  await user.click(screen.getByRole("button", { name: "Sets the time: line 4" }));
  // What may not go in cannot set the time.
  await user.click(screen.getByRole("button", { name: "Not in the jar: line 4" }));
  expect(screen.getByRole("button", { name: "Choose what sets the time" })).toHaveProperty("disabled", true);
  await user.click(screen.getByRole("button", { name: "Sets the time: line 2" }));
  await user.click(screen.getByRole("button", { name: "What do the rulings say?" }));
  expect(await screen.findByText("Not quite.")).toBeTruthy();
  expect(screen.getByText("Sets the time: 90 minutes")).toBeTruthy();
  expect(screen.getByText("Not in the jar: Starch (missed)")).toBeTruthy();
  expect(screen.getByText("no time of its own (does not set it)")).toBeTruthy();
});

test("a knob is turned by keys and buttons, never beyond its stops", async () => {
  const turned = vi.fn();
  const { user } = await show(<Knob value={95} onChange={turned} />);
  screen.getByRole("slider", { name: "Burner" }).focus();
  await user.keyboard("{PageUp}{ArrowDown}{Home}");
  await user.click(screen.getByRole("button", { name: "More heat: Burner" }));
  expect(turned.mock.calls.map(([value]) => value)).toEqual([100, 90, 0, 100]);
});

test("the record says what was missed, and an empty one where to begin", async () => {
  server.on("GET /api/practice/record", ok({ tries: [], drills: 31, drillsKnown: 0, missed: [] }));
  await show(<RecordPart />);
  expect(await screen.findByText("Nothing tried yet")).toBeTruthy();
  server.on(
    "GET /api/practice/record",
    ok({
      tries: [
        {
          at: "2026-03-07T10:00:00Z",
          kind: "drill",
          exercise: "one",
          title: "Drill one",
          passed: false,
          misses: ["air-left"],
        },
        {
          at: "2026-03-06T10:00:00Z",
          kind: "rehearsal",
          exercise: "Big canner",
          title: "Rehearsal with water, Big canner",
          passed: true,
          misses: [],
          heldSeconds: 600,
          furthestPsi: 0.7,
        },
      ],
      drills: 31,
      drillsKnown: 4,
      missed: [{ code: "air-left", times: 3 }],
    }),
  );
  await show(<RecordPart />);
  expect(await screen.findByText(/within 0.7 psi/)).toBeTruthy();
  expect(screen.getByText("held")).toBeTruthy();
  expect(within(screen.getByRole("region", { name: "Missed most" })).getByText("3")).toBeTruthy();
});

test("what is seen of a canner is said in a sentence", () => {
  const sight: Schemas["SightResponse"] = {
    atMillis: 0,
    burner: 100,
    weightOn: true,
    lidOff: false,
    needlePsi: 11.2,
    psi: 11,
    plume: "none",
    jiggles: 18,
    steamMg: 500,
    waterMl: 2500,
    steamC: 116,
    coolerC: 0,
    slowest: {},
    spilt: 12.2,
    plugOpen: false,
    dry: false,
  };
  expect(seen({ ...CANNER, gauge: "weighted" }, sight)).toBe(
    "The weight rattles without a break. 2.6 qt of water. The jars have lost 12 % of their liquid.",
  );
  expect(seen(CANNER, { ...sight, spilt: 0 })).toBe(
    "The dial shows 11.2. The weight is on. 2.6 qt of water.",
  );
  expect(seen(CANNER, { ...sight, lidOff: true })).toBe("The lid is off.");
  expect(sinceLit(3_725_000)).toBe("1:02:05");
  expect(missWords("no-such-thing")).toBe("no such thing");
  expect(practicePart("nonsense")).toBe("begin");
});
