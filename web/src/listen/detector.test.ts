import { describe, expect, test } from "vitest";
import { metal, noise, RATE, rocking, silence, steam } from "@/test/sounds";
import { Detector } from "./detector";
import { calibrated, listen, tried } from "./detector.table";
import { gather, learn } from "./learn";

/** A few of the clips that `npm run ears` tries by the hundred. */
describe.each([
  ["rocks", true],
  ["jiggles", false],
] as const)("a weight that %s", (_name, rocks) => {
  test.each(["hood", "tap", "radio"] as const)("is heard beside a %s that is as loud", (kind) => {
    const made = tried(3, rocks, kind, 0);
    expect(made && made.found / made.knocks).toBeGreaterThanOrEqual(0.95);
    expect(made?.wrong).toBeLessThanOrEqual(1);
  });

  test("is not heard in talk where there is none", () => {
    const made = tried(3, rocks, "talk", 6, false);
    expect(made?.knocks).toBe(0);
    expect(made?.wrong).toBeLessThanOrEqual(1);
  });
});

test("a minute of silence after it is found, and a hood that drowns it is no silence", () => {
  const weight = calibrated(5, true);
  expect(weight).toBeDefined();
  const clip = rocking(9, metal(5), 40, 0, 20);
  const spans = weight ? listen(weight, clip.sound) : [];
  expect(spans.slice(1, 4).every(({ knocks }) => knocks.length > 8)).toBe(true);
  expect(spans.slice(4, 8).every(({ knocks, drowned }) => knocks.length === 0 && !drowned)).toBe(true);
  const hood = noise("hood", 2, 40);
  const loud = clip.sound.map((value, index) => value + (index > 20 * RATE ? 3 * (hood[index] ?? 0) : 0));
  expect((weight ? listen(weight, loud) : []).slice(5, 8).every(({ drowned }) => drowned)).toBe(true);
});

test("steam is told from a quiet kitchen, before any weight was learned", () => {
  const detector = new Detector(RATE, undefined);
  const quiet = noise("hood", 4, 10).map((value) => value * 0.003);
  detector.feed(quiet);
  expect(detector.take().plume).toBe(false);
  detector.feed(steam(4, 5).map((value) => value * 0.1));
  expect(detector.take()).toMatchObject({ plume: true, knocks: [] });
  detector.feed(noise("talk", 4, 5).map((value) => value * 0.1));
  expect(detector.take().plume).toBe(false);
});

test("nothing is learned where nothing stands out", () => {
  expect(learn(gather(RATE, [silence(20)]), [], 0.1)).toBeUndefined();
  expect(learn(gather(RATE, [noise("hood", 1, 20)]), [], 0.1)).toBeUndefined();
});
