import { type Dial, type Grey, isClear, needleOf, ringOf } from "./dial";
import { fitMarks } from "./fitMarks";
import { beside, distance, type Ellipse, ellipseAmong, ellipseThrough, type Spot } from "./plane";

/** Where the cook tapped. */
export interface Taps {
  readonly middle: Spot;
  readonly zero: Spot;
  /** The mark of this pressure. */
  readonly mark: Spot;
  readonly markPsi: number;
}

/** Why a dial cannot be learned from a picture. */
export type NotLearned = "small" | "rim" | "marks" | "needle";

const RAYS = 120;
/** An edge may lie so far beside the ellipse, as a share of its distance. */
const NEARBY = 0.018;
const TRIES = 700;
/** So often another ring is tried. */
const RINGS = 5;
/** A rim is seen at so many of the rays. */
const SEEN = 0.4;
const LEAST_RADIUS = 45;
/** A weaker edge is grain. */
const EDGE = 5;

interface Edge {
  readonly spot: Spot;
  readonly strength: number;
}

/** Learns a dial from one picture and three taps. */
export function learnDial(picture: Grey, taps: Taps): Dial | { readonly problem: NotLearned } {
  const far = (spot: Spot) => Math.hypot(spot.x - taps.middle.x, spot.y - taps.middle.y);
  const [least, most] = [Math.min(far(taps.zero), far(taps.mark)), Math.max(far(taps.zero), far(taps.mark))];
  if (least < LEAST_RADIUS * 0.7 || most < LEAST_RADIUS) {
    return { problem: "small" };
  }
  const own = ({ x, y }: Spot) => ({ x: (x - taps.middle.x) / most, y: (y - taps.middle.y) / most });
  const rays = raysAround(picture, taps.middle, least, most);
  if (rays.length < RAYS * SEEN) {
    return { problem: "rim" };
  }
  // There is more than one ring in a dial, and lines of the room behind it that look like part of one.
  const laid = Array.from({ length: RINGS }, (_, attempt) =>
    rimAmong(rays, own(taps.zero), own(taps.mark), attempt),
  )
    .filter((rim) => rim !== undefined)
    .map((rim) => fitMarks(picture, rim, most, taps))
    .find((scale) => scale !== undefined);
  if (!laid) {
    return { problem: "marks" };
  }
  const { plane, zero, perPsi } = laid;
  const needle = needleOf(picture, plane);
  const ring = ringOf(picture, plane);
  if (!needle || !ring || !isClear(needle, 12)) {
    return { problem: "needle" };
  }
  return {
    width: picture.width,
    height: picture.height,
    plane,
    zero,
    perPsi,
    // The scale ends somewhere before it meets its zero again; a needle is not looked for in the last tenth of the way round.
    most: Math.min(60, (2 * Math.PI * 0.92) / perPsi),
    dark: needle.dark,
    contrast: needle.score,
    ring: ring.map((value) => Math.round(value * 10) / 10),
  };
}

/** What turns lighter or darker around the middle, in units of a mark's distance; only rays on which something does. */
function raysAround(picture: Grey, middle: Spot, least: number, most: number): (readonly Edge[])[] {
  return Array.from({ length: RAYS }, (_, ray) =>
    edgesAlong(picture, middle, (ray * 2 * Math.PI) / RAYS, least * 0.85, most * 2.2).map(
      ({ spot, strength }) => ({
        spot: { x: spot.x / most, y: spot.y / most },
        strength,
      }),
    ),
  ).filter((edges) => edges.length > 0);
}

/** The ellipse of something round: the rim, or the edge of the face. Both marks lie on one circle with it. */
function rimAmong(
  seen: readonly (readonly Edge[])[],
  zero: Spot,
  mark: Spot,
  attempt: number,
): Ellipse | undefined {
  let best: Ellipse | undefined;
  let top = 0;
  let state = 12_345 + attempt * 7_919;
  const pick = (below: number) => {
    state = (Math.imul(state, 1_103_515_245) + 12_345) >>> 0;
    return Math.floor((state / 4_294_967_296) * below);
  };
  for (let draw = 0; draw < TRIES; draw++) {
    const spots: Spot[] = [];
    for (let each = 0; each < 3; each++) {
      const edges = seen[pick(seen.length)] ?? [];
      const edge = edges[pick(edges.length)];
      if (edge) {
        spots.push(edge.spot);
      }
    }
    const ellipse = ellipseThrough(spots);
    if (ellipse && isPlausible(ellipse) && areLevel(ellipse, zero, mark)) {
      const score = votes(ellipse, seen, NEARBY * 2.5);
      if (score > top) {
        [best, top] = [ellipse, score];
      }
    }
  }
  for (let round = 0; best && round < 6; round++) {
    const within: number = round < 3 ? NEARBY * 2.5 : NEARBY;
    const near = seen.flatMap((edges) => closest(best, edges, within) ?? []);
    if (near.length < RAYS * SEEN) {
      return undefined;
    }
    best = ellipseAmong(near.map(({ spot }) => spot));
  }
  return best;
}

/** Nobody looks at a dial from so far aside that it is more than twice as long as wide. */
function isPlausible({ a, b, c }: Ellipse): boolean {
  const root = Math.hypot(a - c, b);
  return (a + c + root) / (a + c - root) < 4;
}

/** Whether two marks are equally far from the middle in its measure, but for a finger's width and the dial leaning away. */
function areLevel(ellipse: Ellipse, zero: Spot, mark: Spot): boolean {
  return Math.abs(distance(ellipse, zero) / distance(ellipse, mark) - 1) < 0.16;
}

function votes(ellipse: Ellipse, rays: readonly (readonly Edge[])[], within: number): number {
  let sum = 0;
  for (const edges of rays) {
    const near = closest(ellipse, edges, within);
    if (near) {
      sum += 1 + Math.min(1, near.strength / 60);
    }
  }
  return sum;
}

function closest(ellipse: Ellipse | undefined, edges: readonly Edge[], within: number): Edge | undefined {
  let best: Edge | undefined;
  let nearest = within;
  for (const edge of edges) {
    const off = ellipse ? beside(ellipse, edge.spot) : 1;
    if (off < nearest) {
      [best, nearest] = [edge, off];
    }
  }
  return best;
}

/** Where it turns lighter or darker along a ray, from the middle outwards. */
function edgesAlong(picture: Grey, middle: Spot, angle: number, from: number, until: number): Edge[] {
  const [dx, dy] = [Math.cos(angle), Math.sin(angle)];
  const line: number[] = [];
  for (let far = from - 3; far < until + 3; far++) {
    const [x, y] = [Math.round(middle.x + far * dx), Math.round(middle.y + far * dy)];
    if (x < 0 || y < 0 || x >= picture.width || y >= picture.height) {
      break;
    }
    line.push(picture.grey[y * picture.width + x] ?? 0);
  }
  const slope = line.map((_, index) =>
    index < 2 || index > line.length - 3
      ? 0
      : ((line[index + 1] ?? 0) + (line[index + 2] ?? 0) - (line[index - 1] ?? 0) - (line[index - 2] ?? 0)) /
        2,
  );
  const edges: Edge[] = [];
  for (let index = 2; index < slope.length - 2; index++) {
    const [before, here, after] = [index - 1, index, index + 1].map((each) => Math.abs(slope[each] ?? 0)) as [
      number,
      number,
      number,
    ];
    if (here >= EDGE && here >= before && here > after) {
      const off = (before - after) / (2 * (before - 2 * here + after) || 1);
      const far = from - 3 + index + off;
      edges.push({ spot: { x: far * dx, y: far * dy }, strength: here });
    }
  }
  return edges.sort((one, two) => two.strength - one.strength).slice(0, 6);
}
