/** Pictures of dials, made by seed: several faces, seen from several sides, in good light and bad. */
import { dice } from "./sounds";

export interface Grey {
  readonly width: number;
  readonly height: number;
  /** Brightness, 0 to 255, row by row. */
  readonly grey: Float32Array;
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** What a dial is, and where it is looked at from. */
export interface DialScene {
  readonly most: number;
  readonly zeroAngle: number;
  readonly perPsi: number;
  readonly majors: number;
  /** Plane of the dial to picture. */
  readonly view: readonly number[];
  readonly radius: number;
  readonly face: number;
  readonly ink: number;
  readonly needle: number;
  readonly tip: number;
  readonly tail: number;
  readonly wide: number;
  readonly innerScale: boolean;
  readonly light: Spot;
  readonly backdrop: readonly Spot[];
}

export type Trouble =
  | "clear"
  | "dim"
  | "glare"
  | "steam"
  | "fog"
  | "hand"
  | "moved"
  | "turned"
  | "slipped"
  | "gone";
export const TROUBLES: readonly Trouble[] = [
  "clear",
  "clear",
  "dim",
  "glare",
  "steam",
  "fog",
  "hand",
  "moved",
  "turned",
  "slipped",
  "gone",
];

export const WIDTH = 400;
export const HEIGHT = 320;

const between = (roll: () => number, least: number, most: number) => least + roll() * (most - least);

function times(a: readonly number[], b: readonly number[]): number[] {
  const out: number[] = [];
  for (let row = 0; row < 3; row++) {
    for (let column = 0; column < 3; column++) {
      out.push([0, 1, 2].reduce((sum, k) => sum + (a[row * 3 + k] ?? 0) * (b[k * 3 + column] ?? 0), 0));
    }
  }
  return out;
}

function inverse(m: readonly number[]): number[] {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0, i = 0] = m;
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ].map((value) => value / det);
}

function through(m: readonly number[], u: number, v: number): Spot {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0, i = 0] = m;
  const w = g * u + h * v + i;
  return { x: (a * u + b * v + c) / w, y: (d * u + e * v + f) / w };
}

/** The camera before a dial of radius 1: leaned to two sides by radians, so many radii away. */
function camera(lean: number, turn: number, roll: number, away: number, radius: number): number[] {
  const [cl, sl, ct, st, cr, sr] = [
    Math.cos(lean),
    Math.sin(lean),
    Math.cos(turn),
    Math.sin(turn),
    Math.cos(roll),
    Math.sin(roll),
  ];
  const turned = times([1, 0, 0, 0, cl, -sl, 0, sl, cl], [ct, 0, st, 0, 1, 0, -st, 0, ct]);
  const rolled = times(turned, [cr, -sr, 0, sr, cr, 0, 0, 0, 1]);
  const focal = radius * away;
  return times(
    [focal, 0, WIDTH / 2, 0, focal, HEIGHT / 2, 0, 0, 1],
    [
      rolled[0] ?? 0,
      rolled[1] ?? 0,
      0,
      rolled[3] ?? 0,
      rolled[4] ?? 0,
      0,
      rolled[6] ?? 0,
      rolled[7] ?? 0,
      away,
    ],
  );
}

export function dialScene(seed: number): DialScene {
  const roll = dice(seed);
  const most = [15, 20, 25, 30][Math.floor(roll() * 4)] ?? 15;
  const sweep = between(roll, 190, 300);
  const dark = roll() < 0.2;
  const radius = between(roll, 85, 130);
  return {
    most,
    zeroAngle: ((90 + (360 - sweep) / 2 + between(roll, -12, 12)) * Math.PI) / 180,
    perPsi: (sweep * Math.PI) / 180 / most,
    majors: 5,
    view: camera(
      between(roll, -0.6, 0.6),
      between(roll, -0.6, 0.6),
      between(roll, -0.15, 0.15),
      between(roll, 5, 12),
      radius,
    ),
    radius,
    face: dark ? between(roll, 20, 45) : between(roll, 205, 245),
    ink: dark ? between(roll, 190, 235) : between(roll, 15, 60),
    needle: dark ? between(roll, 200, 245) : between(roll, 10, 85),
    tip: between(roll, 0.72, 0.86),
    tail: between(roll, 0.05, 0.28),
    wide: between(roll, 0.022, 0.045),
    innerScale: roll() < 0.4,
    light: { x: between(roll, -0.35, 0.35), y: between(roll, -0.35, 0.35) },
    backdrop: Array.from({ length: 6 }, () => ({ x: between(roll, -3, 3), y: between(roll, -3, 3) })),
  };
}

const SEGMENTS = ["012345", "12", "01346", "01236", "1256", "02356", "023456", "012", "0123456", "012356"];

/** Whether a stroke of a digit, a unit high and half as wide around its middle, is here. */
function isInk(digit: number, x: number, y: number): boolean {
  const on = SEGMENTS[digit] ?? "";
  const [w, h, thick] = [0.25, 0.5, 0.09];
  const near = (value: number, line: number) => Math.abs(value - line) < thick;
  const across = Math.abs(x) < w + thick;
  const upper = y <= 0 && y > -h - thick;
  const lower = y >= 0 && y < h + thick;
  return (
    (on.includes("0") && across && near(y, -h)) ||
    (on.includes("1") && upper && near(x, w)) ||
    (on.includes("2") && lower && near(x, w)) ||
    (on.includes("3") && across && near(y, h)) ||
    (on.includes("4") && lower && near(x, -w)) ||
    (on.includes("5") && upper && near(x, -w)) ||
    (on.includes("6") && across && near(y, 0))
  );
}

function faceAt(dial: DialScene, u: number, v: number, needleAngle: number | undefined): number {
  const far = Math.hypot(u, v);
  const angle = Math.atan2(v, u);
  if (far > 1.14) {
    const near = dial.backdrop.reduce(
      (sum, spot) => sum + Math.exp(-((u - spot.x) ** 2 + (v - spot.y) ** 2) * 1.2),
      0,
    );
    return 70 + 90 * Math.min(1.4, near) + (Math.abs(u - 1.6) < 0.05 || v > 1.7 ? -50 : 0);
  }
  if (far > 1) {
    return 130 + 90 * Math.cos(angle * 2 + dial.light.x * 6);
  }
  if (needleAngle !== undefined) {
    const along = u * Math.cos(needleAngle) + v * Math.sin(needleAngle);
    const beside = Math.abs(-u * Math.sin(needleAngle) + v * Math.cos(needleAngle));
    const wide = dial.wide * (along > 0 ? 1 - (0.6 * along) / dial.tip : 1);
    if (far < 0.09 || (along > -dial.tail && along < dial.tip && beside < wide)) {
      return dial.needle;
    }
  }
  // Marks: one each psi, longer ones with numbers.
  const turned = (angle - dial.zeroAngle + 4 * Math.PI) % (2 * Math.PI);
  const psi = turned / dial.perPsi;
  const nearest = Math.round(psi);
  if (nearest <= dial.most && far > 0.84 && far < 0.96) {
    const off = Math.abs(psi - nearest) * dial.perPsi * far;
    if (nearest % dial.majors === 0 ? off < 0.016 : far > 0.9 && off < 0.008) {
      return dial.ink;
    }
  }
  const numbered = Math.round(psi / dial.majors) * dial.majors;
  if (far > 0.58 && far < 0.84 && numbered <= dial.most) {
    const at = dial.zeroAngle + numbered * dial.perPsi;
    const [x, y] = [u - 0.71 * Math.cos(at), v - 0.71 * Math.sin(at)];
    const digits = String(numbered).split("").map(Number);
    for (const [place, digit] of digits.entries()) {
      if (isInk(digit, (x - (place - (digits.length - 1) / 2) * 0.12) / 0.13, y / 0.13)) {
        return dial.ink;
      }
    }
  }
  if (dial.innerScale && Math.abs(far - 0.5) < 0.008 && psi <= dial.most) {
    return (dial.ink + dial.face) / 2;
  }
  if (Math.abs(v - 0.42) < 0.05 && Math.abs(u) < 0.16 && Math.sin(u * 60) > 0.3) {
    return dial.ink;
  }
  return dial.face;
}

/** Where a finger taps that means this mark, or the middle; a hundredth or two beside it. */
export function tap(dial: DialScene, psi: number | "middle", roll: () => number): Spot {
  const angle = psi === "middle" ? 0 : dial.zeroAngle + psi * dial.perPsi;
  const far = psi === "middle" ? 0 : 0.9;
  const spot = through(dial.view, far * Math.cos(angle), far * Math.sin(angle));
  const off = dial.radius * 0.015;
  return { x: spot.x + between(roll, -off, off), y: spot.y + between(roll, -off, off) };
}

/** The dial with its needle at a pressure, as a camera sees it. */
export function dialPicture(dial: DialScene, psi: number, trouble: Trouble, seed: number): Grey {
  const roll = dice(seed);
  const shift = dial.radius * between(roll, 0.12, 0.4);
  const way = roll() * 2 * Math.PI;
  const view =
    trouble === "moved"
      ? times([1, 0, shift * Math.cos(way), 0, 1, shift * Math.sin(way), 0, 0, 1], dial.view)
      : trouble === "turned"
        ? times(dial.view, rotation(between(roll, 0.08, 0.3) * (roll() < 0.5 ? -1 : 1)))
        : trouble === "slipped"
          ? times(dial.view, rotation(dial.perPsi * (roll() < 0.5 ? -1 : 1)))
          : dial.view;
  const back = inverse(view);
  const middle = through(view, 0, 0);
  const needleAngle = trouble === "gone" ? undefined : dial.zeroAngle + psi * dial.perPsi;
  const glare = {
    x: middle.x + between(roll, -0.7, 0.7) * dial.radius,
    y: middle.y + between(roll, -0.7, 0.7) * dial.radius,
  };
  const fog =
    trouble === "fog" ? between(roll, 0.9, 0.99) : trouble === "steam" ? between(roll, 0.2, 0.6) : 0;
  const hand = { x: middle.x + between(roll, -0.5, 0.5) * dial.radius, y: middle.y };
  const dimmed = trouble === "dim" ? between(roll, 0.18, 0.4) : between(roll, 0.75, 1);
  const grain = trouble === "dim" ? between(roll, 3, 6) : between(roll, 1.5, 4);
  const sharp = new Float32Array(WIDTH * HEIGHT);
  for (let y = 0; y < HEIGHT; y++) {
    for (let x = 0; x < WIDTH; x++) {
      let sum = 0;
      for (let sub = 0; sub < 4; sub++) {
        const spot = through(back, x + (sub % 2) * 0.5 - 0.25, y + (sub >> 1) * 0.5 - 0.25);
        sum += faceAt(dial, spot.x, spot.y, needleAngle);
      }
      const [px, py] = [(x - middle.x) / dial.radius, (y - middle.y) / dial.radius];
      let value = (sum / 4) * (0.85 + dial.light.x * px * 0.4 + dial.light.y * py * 0.4);
      if (trouble === "glare") {
        value += 190 * Math.exp(-((x - glare.x) ** 2 + (y - glare.y) ** 2) / (dial.radius * 0.22) ** 2);
      }
      if (trouble === "hand" && Math.abs(x - hand.x) < dial.radius * 0.55 && y > hand.y - dial.radius * 0.7) {
        value = 150 + 20 * Math.sin(x / 9);
      }
      if (fog > 0) {
        const here = Math.min(0.99, fog * (0.85 + 0.3 * Math.sin(px * 3 + way) * Math.cos(py * 2.5)));
        value = value * (1 - here) + 225 * here;
      }
      sharp[y * WIDTH + x] = value * dimmed;
    }
  }
  const grey = blurred(sharp);
  for (let index = 0; index < grey.length; index++) {
    const normal = roll() + roll() + roll() + roll() - 2;
    grey[index] = Math.min(255, Math.max(0, Math.round((grey[index] ?? 0) + normal * grain * 1.7)));
  }
  return { width: WIDTH, height: HEIGHT, grey };
}

function rotation(by: number): number[] {
  return [Math.cos(by), -Math.sin(by), 0, Math.sin(by), Math.cos(by), 0, 0, 0, 1];
}

/** A lens is never quite sharp. */
function blurred(sharp: Float32Array): Float32Array {
  const out = new Float32Array(sharp.length);
  for (let y = 0; y < HEIGHT; y++) {
    for (let x = 0; x < WIDTH; x++) {
      let [sum, weight] = [0, 0];
      for (let dy = -1; dy <= 1; dy++) {
        for (let dx = -1; dx <= 1; dx++) {
          const value = sharp[(y + dy) * WIDTH + x + dx];
          if (value !== undefined && x + dx >= 0 && x + dx < WIDTH) {
            const w = dx === 0 && dy === 0 ? 4 : dx === 0 || dy === 0 ? 2 : 1;
            sum += value * w;
            weight += w;
          }
        }
      }
      out[y * WIDTH + x] = sum / weight;
    }
  }
  return out;
}
