import { expect, test, vi } from "vitest";
import { ok, server } from "@/test/server";
import { Painter, type Parts } from "./picture";
import { Scene, type Setup, type Sight } from "./scene";

const NS = "http://www.w3.org/2000/svg";
const SETUP: Setup = {
  gauge: "weighted",
  psi: 10,
  altitudeFt: 0,
  large: false,
  quarts: 7,
  pints: 0,
  waterMl: 2840,
  hot: true,
  errorPsi: 0,
};
const SIGHT: Sight = {
  atMillis: 0,
  burner: 40,
  weightOn: true,
  lidOff: false,
  needlePsi: 10,
  psi: 10,
  plume: "none",
  jiggles: 4,
  steamMg: 300,
  waterMl: 2500,
  steamC: 115,
  coolerC: 0,
  slowest: { chunky: 110 },
  spilt: 20,
  plugOpen: false,
  dry: false,
};

function parts(): Parts {
  const group = () => document.createElementNS(NS, "g");
  const steam = group();
  for (let puff = 0; puff < 3; puff++) {
    steam.append(document.createElementNS(NS, "circle"));
  }
  return {
    needle: group(),
    weight: group(),
    steam,
    flame: group(),
    water: document.createElementNS(NS, "rect"),
    jars: group(),
    drips: group(),
  };
}

/** What is drawn at two moments a second apart. */
function drawn(still: boolean) {
  vi.stubGlobal("requestAnimationFrame", () => 0);
  server.on("POST /api/practice/scenes", ok({ canners: [] }));
  const scene = new Scene([{ setup: SETUP, snapshot: "0", sight: SIGHT }]);
  scene.playing = true;
  const shown = parts();
  const painter = new Painter(shown, still, undefined);
  const look = () =>
    JSON.stringify(
      [...(shown.steam?.children ?? []), shown.flame].map((part) =>
        (part as Element | null)?.getAttribute("transform"),
      ),
    );
  painter.paint(scene, 0, 1_000);
  const first = look();
  painter.paint(scene, 0, 1_333);
  return { shown, moves: look() !== first };
}

test("steam and flame move, and stand still for those who want it so", () => {
  expect(drawn(false).moves).toBe(true);
  expect(drawn(true).moves).toBe(false);
});

test("the picture shows what the canner is: needle, water, and jars that were drawn empty", () => {
  const { shown } = drawn(true);
  expect(shown.needle?.getAttribute("transform")).toBe("rotate(0.00)");
  expect(Number(shown.water?.getAttribute("height"))).toBeCloseTo(42.5, 0);
  expect(shown.jars?.style.getPropertyValue("--full")).toBe("0.800");
  expect(shown.drips?.style.opacity).toBe("1");
});
