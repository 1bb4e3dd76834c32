import { ALIKE, type Burst, Bursts, shapeOf, total, type WeightSound } from "./detector";
import { BANDS } from "./spectrum";

/** What was learned, and how sure that is. */
export interface Lesson {
  readonly weight: WeightSound;
  /** How many knocks it heard of those that were tapped, or in all where none was. */
  readonly heard: number;
  readonly of: number;
}

/** A finger comes after the ear, and sometimes a little before. */
const TAP_AFTER_S = 0.9;
const TAP_BEFORE_S = 0.25;
const LEAST = 5;
export const JIGGLE_TOGETHER_S = 1.2;
export const KNOCK_TOGETHER_S = 0.1;

const cosine = (one: ArrayLike<number>, other: ArrayLike<number>) => {
  let sum = 0;
  for (let band = 0; band < BANDS; band++) {
    sum += (one[band] ?? 0) * (other[band] ?? 0);
  }
  return sum;
};

const median = (values: readonly number[]) =>
  [...values].sort((one, two) => one - two)[Math.floor(values.length / 2)] ?? 0;

/** Gathers every sudden sound of a calibration. */
export function gather(rate: number, sound: Iterable<ArrayLike<number>>): readonly Burst[] {
  const bursts: Burst[] = [];
  const listener = new Bursts(rate, (burst) => bursts.push(burst));
  for (const piece of sound) {
    listener.feed(piece);
  }
  return bursts;
}

/**
 * What the weight sounds like: of the sudden sounds those that are most alike and, where somebody tapped along, come just before the
 * taps. Undefined where nothing stands out.
 *
 * @param taps in seconds of the same clock as the bursts; none for a weight that rocks too fast to be tapped
 * @param together knocks closer than this are one, in seconds
 */
export function learn(
  bursts: readonly Burst[],
  taps: readonly number[],
  together: number,
): Lesson | undefined {
  const known = bursts.map((burst) => ({ burst, shape: shapeOf(burst.excess) }));
  const families = known.map((seed) => known.filter((other) => cosine(seed.shape, other.shape) >= ALIKE));
  const scored = families
    .filter((family) => family.length >= LEAST)
    .map((family) => ({
      family,
      score: score(
        family.map(({ burst }) => burst),
        taps,
        together,
      ),
    }))
    .sort((one, two) => two.score - one.score);
  const best = scored[0];
  if (!best) {
    return undefined;
  }
  const shape = shapeOf(
    Float64Array.from(
      { length: BANDS },
      (_, band) => median(best.family.map((each) => each.shape[band] ?? 0)) ** 2,
    ),
  );
  const power = median(best.family.map(({ burst }) => total(burst.excess)));
  const knocks = jiggles(
    best.family.map(({ burst }) => burst),
    together,
  );
  return {
    weight: { shape: [...shape], power, together },
    heard:
      taps.length === 0
        ? knocks.length
        : taps.filter((tap) => knocks.some((knock) => isTapOf(tap, knock))).length,
    of: taps.length === 0 ? knocks.length : taps.length,
  };
}

const isTapOf = (tap: number, knock: number) => tap - knock < TAP_AFTER_S && knock - tap < TAP_BEFORE_S;

/** When each jiggle began: knocks close together are one. */
function jiggles(bursts: readonly Burst[], together: number): readonly number[] {
  const begun: number[] = [];
  let last = Number.NEGATIVE_INFINITY;
  for (const { at } of bursts) {
    if (at - last >= together) {
      begun.push(at);
    }
    last = at;
  }
  return begun;
}

/** How well a family fits the taps, from 0 to 1; without taps, how many and how loud. */
function score(bursts: readonly Burst[], taps: readonly number[], together: number): number {
  const begun = jiggles(bursts, together);
  if (taps.length === 0) {
    return begun.length * Math.log10(1 + 1e9 * median(bursts.map(({ excess }) => total(excess))));
  }
  const found = taps.filter((tap) => begun.some((at) => isTapOf(tap, at))).length;
  const meant = begun.filter((at) => taps.some((tap) => isTapOf(tap, at))).length;
  return found === 0 ? 0 : (2 * found * meant) / (taps.length * meant + begun.length * found);
}
