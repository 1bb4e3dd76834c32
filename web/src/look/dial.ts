import { inverse, type Plane, type Spot, through } from "./plane";

/** A picture without colours. */
export interface Grey {
  readonly width: number;
  readonly height: number;
  /** Brightness, 0 to 255, row by row. */
  readonly grey: ArrayLike<number>;
}

/** What was learned of a dial where it stands: nothing of the picture itself but how bright it is along the ring of its marks. */
export interface Dial {
  readonly width: number;
  readonly height: number;
  /** From the picture to the dial: its middle at the origin, its marks at a distance of 1. */
  readonly plane: Plane;
  /** Where its zero is, and how far one psi turns the needle; in radians. */
  readonly zero: number;
  readonly perPsi: number;
  /** The highest mark that fits between zero and its own other side. */
  readonly most: number;
  /** Whether the needle is darker than the face. */
  readonly dark: boolean;
  /** How much the needle stood out. */
  readonly contrast: number;
  /** How bright the ring of marks is all around, to notice that dial or camera moved. */
  readonly ring: readonly number[];
}

/** Why there is no number; in the order in which they are noticed. */
export type Unseen = "moved" | "faint" | "doubtful" | "off-scale";

export type Look = { readonly psi: number; readonly sure: number } | { readonly unseen: Unseen };

/** Directions looked at, half a degree apart. */
const TURNS = 720;
const TURN = (2 * Math.PI) / TURNS;

/** Between these distances a needle runs through, and neither hub, tail nor marks do all the way. */
const NEAR = 0.32;
const FAR = 0.8;
const STEPS = 20;

/** Half of what is looked at beside a needle, as a part of the marks' distance; and half of the needle. */
const ASIDE = 0.105;
const WIDE = 0.02;

/** So much of its length a needle may be covered by a number or a gleam. */
const COVERED = 0.35;

/** Another line, so far away in turns, that stands out by so much as well leaves it open which is the needle. */
const APART = 26;
const RIVAL = 0.62;

/** The ring of marks has to look so much like it did when it was learned. */
const ALIKE = 0.75;
/** Or the picture has turned. */
const TURNED = 3;

/** Less is not told from the grain of a dark picture. */
const FAINTEST = 7;
const KEPT_CONTRAST = 0.12;

function bright({ width, height, grey }: Grey, { x, y }: Spot): number | undefined {
  const [left, top] = [Math.floor(x), Math.floor(y)];
  if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) {
    return undefined;
  }
  const [dx, dy] = [x - left, y - top];
  const at = top * width + left;
  return (
    ((grey[at] ?? 0) * (1 - dx) + (grey[at + 1] ?? 0) * dx) * (1 - dy) +
    ((grey[at + width] ?? 0) * (1 - dx) + (grey[at + width + 1] ?? 0) * dx) * dy
  );
}

/** How bright it is at a direction and distance of the dial, a few neighbours along the needle taken together. */
export function polar(picture: Grey, plane: Plane) {
  const back = inverse(plane);
  return (angle: number, far: number) =>
    bright(picture, through(back, { x: far * Math.cos(angle), y: far * Math.sin(angle) }));
}

/** How bright the ring of marks is, each direction less its surroundings, so that light and shade do not matter. */
export function ringOf(picture: Grey, plane: Plane): number[] | undefined {
  const at = polar(picture, plane);
  const raw: number[] = [];
  for (let turn = 0; turn < TURNS; turn++) {
    let sum = 0;
    for (const far of [0.96, 0.99, 1.02, 1.05]) {
      const value = at(turn * TURN, far);
      if (value === undefined) {
        return undefined;
      }
      sum += value / 4;
    }
    raw.push(sum);
  }
  const around = 14;
  return raw.map((value, turn) => {
    let sum = 0;
    for (let off = -around; off <= around; off++) {
      sum += raw[(turn + off + TURNS) % TURNS] ?? 0;
    }
    return value - sum / (2 * around + 1);
  });
}

function alike(one: readonly number[], two: readonly number[], shift: number): number {
  let [dot, left, right] = [0, 0, 0];
  for (let index = 0; index < TURNS; index++) {
    const a = one[index] ?? 0;
    const b = two[(index + shift) % TURNS] ?? 0;
    dot += a * b;
    left += a * a;
    right += b * b;
  }
  return left === 0 || right === 0 ? 0 : dot / Math.sqrt(left * right);
}

/** Whether the ring is where it was, all around. Turned by just one mark it looks much the same, and still fits better there. */
function stands(learned: readonly number[], now: readonly number[]): boolean {
  let [best, shifted] = [-1, 0];
  for (let shift = 0; shift < TURNS; shift++) {
    const fits = alike(learned, now, shift);
    if (fits > best) {
      [best, shifted] = [fits, shift];
    }
  }
  return best >= ALIKE && Math.min(shifted, TURNS - shifted) < TURNED;
}

/** How much a line stands out at each direction, and by how much at each distance. */
interface Ridge {
  readonly score: number;
  readonly along: readonly number[];
}

function ridges(picture: Grey, plane: Plane, dark: boolean): Ridge[] | undefined {
  const at = polar(picture, plane);
  const fars = Array.from({ length: STEPS }, (_, step) => NEAR + ((FAR - NEAR) * step) / (STEPS - 1));
  const sign = dark ? 1 : -1;
  const out: Ridge[] = [];
  for (let turn = 0; turn < TURNS; turn++) {
    const angle = turn * TURN;
    const along: number[] = [];
    for (const far of fars) {
      const [wide, aside] = [WIDE / far, ASIDE / far];
      const values = [angle - wide / 2, angle + wide / 2, angle - aside, angle + aside].map((each) =>
        at(each, far),
      );
      if (values.some((value) => value === undefined)) {
        return undefined;
      }
      const [one = 0, two = 0, left = 0, right = 0] = values as number[];
      const line = (one + two) / 2;
      along.push(dark ? Math.min(left, right) - line : sign * (Math.max(left, right) - line));
    }
    const sorted = [...along].sort((one, two) => one - two);
    out.push({ score: sorted[Math.floor(STEPS * COVERED)] ?? 0, along });
  }
  return out;
}

interface Found {
  /** In turns, not whole ones. */
  readonly turn: number;
  readonly score: number;
  readonly rival: number;
}

function strongest(all: readonly Ridge[]): Found {
  const smooth = all.map((_, turn) =>
    [-1, 0, 1].reduce((sum, off) => sum + (all[(turn + off + TURNS) % TURNS]?.score ?? 0) / 3, 0),
  );
  let best = 0;
  for (let turn = 0; turn < TURNS; turn++) {
    best = (smooth[turn] ?? 0) > (smooth[best] ?? 0) ? turn : best;
  }
  let rival = 0;
  for (let turn = 0; turn < TURNS; turn++) {
    const apart = Math.min((turn - best + TURNS) % TURNS, (best - turn + TURNS) % TURNS);
    if (apart > APART) {
      rival = Math.max(rival, smooth[turn] ?? 0);
    }
  }
  const score = smooth[best] ?? 0;
  let [sum, weight] = [0, 0];
  for (let off = -8; off <= 8; off++) {
    const here = Math.max(0, (smooth[(best + off + TURNS) % TURNS] ?? 0) - score * 0.4);
    sum += off * here;
    weight += here;
  }
  return { turn: best + (weight > 0 ? sum / weight : 0), score, rival };
}

/** The needle of either kind that stands out more. */
export function needleOf(picture: Grey, plane: Plane): (Found & { readonly dark: boolean }) | undefined {
  const kinds = [true, false].map((dark) => {
    const all = ridges(picture, plane, dark);
    return all && { ...strongest(all), dark };
  });
  const [dark, light] = kinds;
  return dark && light ? (dark.score >= light.score ? dark : light) : undefined;
}

/** Whether a line is clearly one needle, and no other could be meant. */
export function isClear({ score, rival }: Found, least: number): boolean {
  return score >= least && rival < score * RIVAL;
}

/** Reads a dial that was learned: a number, or why there is none. */
export function readDial(picture: Grey, dial: Dial): Look {
  if (picture.width !== dial.width || picture.height !== dial.height) {
    return { unseen: "moved" };
  }
  const ring = ringOf(picture, dial.plane);
  const all = ridges(picture, dial.plane, dial.dark);
  if (!ring || !all || !stands(dial.ring, ring)) {
    return { unseen: "moved" };
  }
  const found = strongest(all);
  const least = Math.max(FAINTEST, dial.contrast * KEPT_CONTRAST);
  if (found.score < least) {
    return { unseen: "faint" };
  }
  if (!isClear(found, least)) {
    return { unseen: "doubtful" };
  }
  const psi = psiOf(found.turn * TURN, dial);
  return psi === undefined
    ? { unseen: "off-scale" }
    : { psi, sure: Math.min(1, 1 - found.rival / found.score) };
}

/** A needle a little below its zero stands at zero. */
const BELOW = 0.8;

export function psiOf(
  angle: number,
  { zero, perPsi, most }: Pick<Dial, "zero" | "perPsi" | "most">,
): number | undefined {
  let turned = (angle - zero) % (2 * Math.PI);
  while (turned < -BELOW * perPsi) {
    turned += 2 * Math.PI;
  }
  while (turned > 2 * Math.PI - BELOW * perPsi) {
    turned -= 2 * Math.PI;
  }
  const psi = turned / perPsi;
  return psi > most ? undefined : Math.max(0, psi);
}
