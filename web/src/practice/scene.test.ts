import { beforeEach, expect, test, vi } from "vitest";
import { type Asked, ok, problem, server } from "@/test/server";
import { Scene, type Setup, type Sight } from "./scene";

const SCENES = "POST /api/practice/scenes";
const SETUP: Setup = {
  gauge: "dial",
  psi: 11,
  altitudeFt: 0,
  large: false,
  quarts: 7,
  pints: 0,
  waterMl: 2840,
  hot: true,
  errorPsi: 0,
};

interface Request {
  readonly canners: {
    readonly snapshot?: string;
    readonly acts: { readonly atMillis: number; readonly value: number }[];
  }[];
  readonly forMillis: number;
  readonly everyMillis: number;
}

function sight(atMillis: number): Sight {
  return {
    atMillis,
    burner: 100,
    weightOn: false,
    lidOff: false,
    needlePsi: atMillis / 60_000,
    psi: atMillis / 60_000,
    plume: "none",
    jiggles: 0,
    steamMg: 0,
    waterMl: 2800,
    steamC: 80,
    coolerC: 0,
    slowest: { chunky: 70 },
    spilt: 0,
    plugOpen: false,
    dry: false,
  };
}

/** A canner whose pressure rises by a psi a minute, and whose snapshot says when it is. */
function rising(asked: Asked) {
  const request = asked.body as Request;
  const from = Number(request.canners[0]?.snapshot ?? 0);
  const sights: Sight[] = [];
  for (let at = from + request.everyMillis; at <= from + request.forMillis; at += request.everyMillis) {
    sights.push(sight(at));
  }
  return ok({
    canners: request.canners.map(() => ({
      sights: request.forMillis === 0 ? [sight(0)] : sights,
      snapshot: String(from + request.forMillis),
      rehearsal: [],
    })),
  });
}

beforeEach(() => server.on(SCENES, rising));

const asked = () => server.asked.map((one) => one.body as Request);

/** Frames by hand: sixteen milliseconds each. */
function frames(scene: Scene) {
  let now = 0;
  const waiting: FrameRequestCallback[] = [];
  vi.stubGlobal("requestAnimationFrame", (frame: FrameRequestCallback) => waiting.push(frame));
  vi.stubGlobal("cancelAnimationFrame", () => undefined);
  scene.start();
  return async (count: number) => {
    for (let frame = 0; frame < count; frame++) {
      now += 16;
      waiting.shift()?.(now);
      if (frame % 20 === 0) {
        await new Promise((done) => setTimeout(done, 0));
      }
    }
    await new Promise((done) => setTimeout(done, 5));
  };
}

test("time goes at its pace and never past what the server has said", async () => {
  const scene = new Scene([{ setup: SETUP }]);
  const play = frames(scene);
  await play(2);
  scene.setPace(60);
  scene.play(true);
  await play(130);
  // Two seconds and a little at sixty times.
  expect(scene.at).toBeGreaterThan(100_000);
  expect(scene.at).toBeLessThan(130_000);
  expect(scene.sight(0)?.psi).toBeCloseTo(scene.at / 60_000, 1);
  server.unplug(SCENES);
  await play(2_000);
  const stood = scene.at;
  await play(100);
  expect(scene.at).toBe(stood);
  expect(scene.problem).toBeTruthy();
});

test("a knob that is turned makes what was to come be asked for anew, and time never steps back", async () => {
  const scene = new Scene([{ setup: SETUP }]);
  const play = frames(scene);
  scene.setPace(120);
  scene.play(true);
  await play(100);
  const before = scene.at;
  scene.act(0, "burner", 40);
  const turned = scene.canners[0]?.acts[0];
  expect(turned?.atMillis).toBeGreaterThanOrEqual(before);
  expect((turned?.atMillis ?? 0) % 250).toBe(0);
  for (let look = 0; look < 40; look++) {
    const at = scene.at;
    await play(2);
    expect(scene.at).toBeGreaterThanOrEqual(at);
  }
  const last = asked().at(-1);
  const withAct = asked().filter((request) => request.canners[0]?.acts.some((act) => act.value === 40));
  expect(withAct.length).toBeGreaterThan(0);
  // It goes on from a checkpoint at or before the turn, and the answer reaches past the moment that is played.
  expect(Number(withAct[0]?.canners[0]?.snapshot ?? 0)).toBeLessThanOrEqual(turned?.atMillis ?? 0);
  expect(last?.forMillis).toBeGreaterThan(0);
  expect(scene.knob(0, "burner")).toBe(40);
});

test("going back forgets what was done since, and slowing down asks for nothing that is in hand", async () => {
  const scene = new Scene([{ setup: SETUP }]);
  const play = frames(scene);
  scene.act(0, "burner", 100);
  scene.setPace(120);
  scene.play(true);
  await play(100);
  scene.act(0, "weight", 1);
  await play(400);
  expect(scene.happenings().map((one) => one.text)).toEqual(
    expect.arrayContaining(["Burner to 100", "Weight on", "At 11 psi"]),
  );
  const weight = scene.happenings().find((one) => one.text === "Weight on");
  scene.rewind(weight?.at ?? 0);
  expect(scene.knob(0, "weight")).toBeUndefined();
  expect(scene.knob(0, "burner")).toBe(100);
  expect(scene.playing).toBe(false);
  await play(5);
  scene.setPace(1);
  await play(5);
  expect(asked().every((request) => request.forMillis >= 0)).toBe(true);
});

test("what comes of an act is played to its end and then stands", async () => {
  const scene = new Scene([{ setup: SETUP, snapshot: "600000", sight: sight(600_000) }]);
  const play = frames(scene);
  scene.replay([{ atMillis: 0, what: "weight", value: 1 }], 240_000, 8);
  await play(700);
  expect(scene.at).toBe(840_000);
  expect(scene.playing).toBe(false);
  expect(asked()[0]?.canners[0]?.snapshot).toBe("600000");
});

test("after a server that was away it goes on to where it was to stop", async () => {
  server.on(SCENES, problem(503, "away", "Not now."));
  const scene = new Scene([{ setup: SETUP, snapshot: "600000", sight: sight(600_000) }]);
  const play = frames(scene);
  scene.replay([{ atMillis: 0, what: "weight", value: 1 }], 240_000, 8);
  await play(100);
  expect(scene.problem).toBeTruthy();
  expect(scene.at).toBe(600_000);
  server.on(SCENES, rising);
  scene.goOn();
  await play(700);
  expect(scene.problem).toBeUndefined();
  expect(scene.at).toBe(840_000);
  expect(scene.knob(0, "weight")).toBe(1);
});
