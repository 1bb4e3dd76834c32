import { type Grey, polar } from "./dial";
import { type Ellipse, inverse, type Plane, planeOf, type Spot, scaled, seenFrom, through } from "./plane";

interface Scale {
  readonly plane: Plane;
  readonly zero: number;
  readonly perPsi: number;
}

interface Tapped {
  readonly middle: Spot;
  readonly zero: Spot;
  readonly mark: Spot;
  readonly markPsi: number;
}

/**
 * What a finger is off by: the middle to two sides as a part of the marks' distance, zero in radians, and the turn of one psi as a part; and
 * what the ellipse is off by, along and across.
 */
type Off = readonly [number, number, number, number, number, number];

const NONE: Off = [0, 0, 0, 0, 0, 0];
const STEP: Off = [0.012, 0.012, 0.012, 0.008, 0.02, 0.02];
/** Neither is off by more than this. */
const MOST: Off = [0.045, 0.045, 0.06, 0.04, 0.08, 0.08];

/** Marks that turn the needle less are none of a canner's dial. */
const LEAST_TURN = 0.05;

/** Fewer marks say nothing. */
const FEWEST = 5;

/** So far beside its place, in psi, a mark is another one, or none. */
const OTHER = 0.32;
/** And so far it is in it. */
const IN_PLACE = 0.1;

/**
 * Lays a scale on the marks: a finger is a millimetre beside them, which would be half a psi at the far end. The marks of a dial are one psi
 * apart all around, so that the scale that has most of them in their places is the right one.
 */
export function fitMarks(picture: Grey, rim: Ellipse, unit: number, taps: Tapped): Scale | undefined {
  const first = laid(rim, unit, taps, NONE);
  if (!first || first.perPsi < LEAST_TURN) {
    return undefined;
  }
  const marks = marksOf(picture, first);
  const cost = (off: Off, until: number) => {
    const scale = laid(rim, unit, taps, off);
    return scale ? beside(marks, scale, until) : Number.POSITIVE_INFINITY;
  };
  let best = NONE;
  // First where the taps are, then on to the far end: an error of a whole mark would look as well as none.
  const all = Math.floor((2 * Math.PI * 0.85) / first.perPsi);
  for (let until = taps.markPsi; ; until = Math.min(all, until + 1)) {
    best = descended(best, (off) => cost(off, until));
    if (until >= all) {
      break;
    }
  }
  const scale = laid(rim, unit, taps, best);
  return scale && agree(marks, scale, all) ? scale : undefined;
}

/** Whether most marks are in their places: else a finger meant something else, or the dial is seen too badly. */
function agree(marks: readonly Spot[], scale: Scale, until: number): boolean {
  const off = marks
    .map((mark) => psiOf(mark, scale))
    .filter((psi) => psi > -0.5 && psi < until + 0.5)
    .map((psi) => Math.abs(psi - Math.round(psi)));
  return off.length >= FEWEST && off.filter((each) => each < IN_PLACE).length >= off.length * 0.85;
}

function psiOf(mark: Spot, scale: Scale): number {
  const at = through(scale.plane, mark);
  const turned = (Math.atan2(at.y, at.x) - scale.zero + 4.5 * Math.PI) % (2 * Math.PI);
  return (turned - Math.PI / 2) / scale.perPsi;
}

/** How far marks are beside their places up to a pressure, and a little for every finger that was off. */
function beside(marks: readonly Spot[], scale: Scale, until: number): number {
  let sum = 0;
  for (const mark of marks) {
    const psi = psiOf(mark, scale);
    if (psi > -0.5 && psi < until + 0.5) {
      sum += Math.min(OTHER, Math.abs(psi - Math.round(psi))) ** 2;
    }
  }
  return sum;
}

/** Downhill, one at a time, with smaller and smaller steps. */
function descended(from: Off, height: (off: Off) => number): Off {
  const cost = (off: Off) =>
    height(off) + 0.02 * off.reduce((sum, value, index) => sum + (value / (MOST[index] ?? 1)) ** 2, 0);
  let [best, least] = [from, cost(from)];
  for (const size of [1, 0.5, 0.25, 0.12, 0.06]) {
    for (let round = 0, better = true; better && round < 20; round++) {
      better = false;
      for (let which = 0; which < NONE.length; which++) {
        for (const way of [-1, 1]) {
          const next = best.map((value, index) =>
            index === which ? value + way * size * (STEP[index] ?? 0) : value,
          ) as unknown as Off;
          const here =
            Math.abs(next[which] ?? 0) > (MOST[which] ?? 0) ? Number.POSITIVE_INFINITY : cost(next);
          if (here < least - 1e-9) {
            [best, least, better] = [next, here, true];
          }
        }
      }
    }
  }
  return best;
}

function laid(
  rim: Ellipse,
  unit: number,
  taps: Tapped,
  [dx, dy, turn, part, along, across]: Off,
): Scale | undefined {
  const half = (rim.a + rim.c) / 2;
  const bent = { ...rim, a: rim.a + along * half, b: rim.b + 2 * across * half, c: rim.c - along * half };
  const here = seenFrom(bent, { x: dx, y: dy });
  if (!here) {
    return undefined;
  }
  const round = planeOf(here, { x: taps.middle.x + dx * unit, y: taps.middle.y + dy * unit }, unit);
  const [zero, mark] = [through(round, taps.zero), through(round, taps.mark)];
  const [zeroFar, markFar] = [Math.hypot(zero.x, zero.y), Math.hypot(mark.x, mark.y)];
  if (Math.abs(zeroFar - markFar) > 0.14 * zeroFar) {
    return undefined;
  }
  const angle = Math.atan2(zero.y, zero.x);
  const turned = (Math.atan2(mark.y, mark.x) - angle + 4 * Math.PI) % (2 * Math.PI);
  return {
    plane: scaled(round, 2 / (zeroFar + markFar)),
    zero: angle + turn,
    perPsi: ((turned - turn) / taps.markPsi) * (1 + part),
  };
}

/** Where marks are in the picture: what stands out on their ring, lighter or darker, whichever does so more clearly. */
function marksOf(picture: Grey, { plane, perPsi }: Scale): Spot[] {
  const at = polar(picture, plane);
  const turns = 1_440;
  const turn = (2 * Math.PI) / turns;
  const ring = Array.from({ length: turns }, (_, index) =>
    [0.97, 1, 1.03].reduce((sum, far) => sum + (at(index * turn, far) ?? 0) / 3, 0),
  );
  const around = Math.max(6, Math.round((perPsi * 0.5) / turn));
  const out = ring.map((value, index) => {
    let sum = 0;
    for (let off = -around; off <= around; off++) {
      sum += ring[(index + off + turns) % turns] ?? 0;
    }
    return sum / (2 * around + 1) - value;
  });
  const sorted = [...out].sort((one, two) => one - two);
  const dark = (sorted[turns - turns / 40] ?? 0) >= -(sorted[turns / 40] ?? 0);
  const signed = dark ? out : out.map((value) => -value);
  const strong = [...signed].sort((one, two) => two - one)[turns / 40] ?? 0;
  const back = inverse(plane);
  const marks: Spot[] = [];
  for (let index = 0; index < turns; index++) {
    const near = [-2, -1, 0, 1, 2].map((off) => signed[(index + off + turns) % turns] ?? 0);
    const here = near[2] ?? 0;
    if (
      here > strong * 0.5 &&
      here >= Math.max(near[0] ?? 0, near[1] ?? 0) &&
      here > Math.max(near[3] ?? 0, near[4] ?? 0)
    ) {
      const sum = near.reduce((all, value) => all + Math.max(0, value), 0);
      const off = near.reduce((all, value, place) => all + Math.max(0, value) * (place - 2), 0) / sum;
      const angle = (index + off) * turn;
      marks.push(through(back, { x: Math.cos(angle), y: Math.sin(angle) }));
    }
  }
  return marks;
}
