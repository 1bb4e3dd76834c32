import { describe, expect, test } from "vitest";
import { dialPicture, dialScene, tap } from "@/test/dials";
import { dice } from "@/test/sounds";
import { readDial } from "./dial";
import { learned, tried } from "./dial.table";
import { learnDial } from "./learnDial";

/** A few of the pictures of `./mobrel bench eyes`: a light face, a dark one, one from far aside. */
describe.each([3, 22, 41])("a dial of seed %i", (seed) => {
  const { scene, dial, problem } = learned(seed);
  test.each(["clear", "dim", "glare", "steam"] as const)("is read when it is %s", (trouble) => {
    expect(problem).toBeUndefined();
    const { psi, read } = tried(scene, dial ?? expect.fail(problem), trouble, seed * 1_000);
    expect(Math.abs((read ?? -99) - psi)).toBeLessThanOrEqual(0.4);
  });

  test.each(["moved", "turned", "slipped", "gone"] as const)("has no number when it is %s", (trouble) => {
    const { unseen } = tried(scene, dial ?? expect.fail(problem), trouble, seed * 1_000 + 1);
    expect(unseen).toBe(trouble === "gone" ? "faint" : "moved");
  });

  test("has no wrong number behind a hand or in thick steam", () => {
    for (const trouble of ["hand", "fog"] as const) {
      const { psi, read } = tried(scene, dial ?? expect.fail(problem), trouble, seed * 1_000 + 2);
      expect(Math.abs((read ?? psi) - psi)).toBeLessThan(1);
    }
  });
});

test("taps that mean something else are not learned", () => {
  const scene = dialScene(3);
  const roll = dice(5);
  const picture = dialPicture(scene, 0, "clear", 1);
  const taps = {
    middle: tap(scene, "middle", roll),
    zero: tap(scene, 0, roll),
    mark: tap(scene, 10, roll),
    markPsi: 10,
  };
  expect(learnDial(picture, taps)).toHaveProperty("plane");
  expect(learnDial(picture, { ...taps, markPsi: 15 })).toEqual({ problem: "marks" });
  expect(learnDial(picture, { ...taps, middle: taps.zero, zero: taps.middle })).toHaveProperty("problem");
  expect(learnDial(picture, { ...taps, zero: taps.middle })).toEqual({ problem: "small" });
  expect(learnDial(dialPicture(scene, 0, "gone", 1), taps)).toEqual({ problem: "needle" });
});

test("a picture of another size is another place", () => {
  const { scene, dial } = learned(3);
  const { grey } = dialPicture(scene, 5, "clear", 8);
  expect(readDial({ width: 320, height: 400, grey }, dial ?? expect.fail())).toEqual({ unseen: "moved" });
});
