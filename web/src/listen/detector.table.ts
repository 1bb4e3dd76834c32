import { beside, type Clip, jiggling, metal, type Noise, noise, RATE, rocking } from "../test/sounds";
import { Detector, type Span, type WeightSound } from "./detector";
import { gather, JIGGLE_TOGETHER_S, KNOCK_TOGETHER_S, learn } from "./learn";

export const LONG_S = 60;

function* pieces(sound: Float32Array) {
  for (let from = 0; from < sound.length; from += 1_024) {
    yield sound.subarray(from, from + 1_024);
  }
}

/** A weight's calibration in a quiet kitchen, tapped along by a finger that is late and not always by the same time. */
export function calibrated(seed: number, rocks: boolean): WeightSound | undefined {
  const clip = rocks ? rocking(seed, metal(seed), 30) : jiggling(seed, metal(seed), LONG_S, 6);
  const taps = rocks ? [] : clip.knocks.map((at, index) => at + 0.25 + 0.05 * ((index * 7) % 5));
  const quiet = beside(clip, noise("hood", seed, LONG_S), 25);
  return learn(gather(RATE, pieces(quiet.sound)), taps, rocks ? KNOCK_TOGETHER_S : JIGGLE_TOGETHER_S)?.weight;
}

/** What a detector makes of a clip, in spans of five seconds. */
export function listen(weight: WeightSound, sound: Float32Array): readonly Span[] {
  const detector = new Detector(RATE, weight);
  const spans: Span[] = [];
  let fed = 0;
  for (const piece of pieces(sound)) {
    detector.feed(piece);
    fed += piece.length;
    if (fed >= 5 * RATE) {
      fed -= 5 * RATE;
      spans.push(detector.take());
    }
  }
  return [...spans, detector.take()];
}

export interface Outcome {
  readonly knocks: number;
  readonly found: number;
  readonly wrong: number;
  readonly minutes: number;
  readonly drowned: number;
}

const TOLERANCE_S = 0.12;

export function outcome(clip: Clip, spans: readonly Span[], together: number): Outcome {
  const heard = spans.flatMap((span) => span.knocks);
  // The first seconds are for getting to know the kitchen; what is said to be drowned is said to be unknown.
  const drowned = spans.map((span) => span.drowned);
  const counted = clip.knocks.filter((at) => at > 3 && !drowned[Math.floor(at / 5)]);
  const near = together > 1 ? together : TOLERANCE_S;
  return {
    knocks: counted.length,
    found: counted.filter((at) => heard.some((each) => Math.abs(each - at) < near)).length,
    wrong: spans
      .flatMap((span) => (span.drowned ? [] : span.knocks))
      .filter((each) => !clip.knocks.some((at) => Math.abs(each - at) < near + 0.3)).length,
    minutes: clip.sound.length / RATE / 60,
    drowned: drowned.filter(Boolean).length / drowned.length,
  };
}

/** One clip: a weight, a noise and how much softer than the weight it is, in decibels. */
export function tried(
  seed: number,
  rocks: boolean,
  kind: Noise,
  decibels: number,
  knocking = true,
): Outcome | undefined {
  const weight = calibrated(seed, rocks);
  if (!weight) {
    return undefined;
  }
  const until = knocking ? LONG_S : 0;
  const clip = rocks
    ? rocking(seed + 1_000, metal(seed), LONG_S, 0, until)
    : jiggling(seed + 1_000, metal(seed), LONG_S, 8, until);
  const reference = rocking(seed + 1_000, metal(seed), 2);
  const other = noise(kind, seed + 7, LONG_S);
  const first = Math.round((reference.knocks[0] ?? 0) * RATE);
  let power = 0;
  for (let index = first; index < first + 0.05 * RATE; index++) {
    power += (reference.sound[index] ?? 0) ** 2;
  }
  const loud = Math.sqrt(power / (0.05 * RATE)) * 10 ** (-decibels / 20);
  const sound = clip.sound.map((value, index) => value + loud * (other[index] ?? 0));
  return outcome({ ...clip, sound }, listen(weight, sound), weight.together);
}
