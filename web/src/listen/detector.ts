import { BANDS, FRAME_S, Spectrum } from "./spectrum";

/** What a weight sounds like on one device; learned once in a calibration, kept there and nowhere else. */
export interface WeightSound {
  /** The shape of a knock: amplitude in the bands, of length one. */
  readonly shape: readonly number[];
  /** Power of a usual knock above what is around it. */
  readonly power: number;
  /** Knocks closer together than this are one jiggle, in seconds. */
  readonly together: number;
}

/** A sudden sound: when, its power above the background in the bands, and how loud the background was. */
export interface Burst {
  /** In seconds since the first sample. */
  readonly at: number;
  readonly excess: Float64Array;
  readonly background: Float64Array;
}

/** What was heard since the last time it was asked. */
export interface Span {
  readonly knocks: readonly number[];
  readonly drowned: boolean;
  readonly plume: boolean;
}

/** The background is what is there most of the time, of the last seconds. */
const BACKGROUND_S = 3;
const LOOK_AGAIN = 5;
/** So many doublings in a hundredth of a second or two, over the bands, are sudden; in one band no more than so many count. */
const RISE = 0.8;
const RISE_MOST = 5;
/** A knock is short: after this long most of it is gone. */
const GONE_FRAMES = 12;
const GONE_FROM_FRAMES = 6;
const GONE = 0.45;
/** It is loudest within this. */
const PEAK_FRAMES = 3;
const APART_FRAMES = 9;
/** How like the learned shape a burst has to be: the cosine of the angle between them. */
export const ALIKE = 0.87;
/** So many other sudden sounds a second, and so many times the weight's own, and nothing can be told. */
const OTHERS = 0.5;
const MORE_OTHERS = 2;
/** What is around swings by so much by itself. */
const NOISE = 6;
/** Of so little of it nothing can be told. */
const CLEAR = 0.35;
/** Softer by more than this is not the weight; much louder is something that fell. */
const SOFTEST = 0.35;
const LOUDEST = 4;
/** With so little of a usual knock above the noise it would be missed now and then. */
const DROWNED = 0.5;
const HISS_FROM = 11;
const HISS_OVER = 12;
const STEADY_DB = 3;

function dot(one: ArrayLike<number>, other: ArrayLike<number>): number {
  let sum = 0;
  for (let index = 0; index < BANDS; index++) {
    sum += (one[index] ?? 0) * (other[index] ?? 0);
  }
  return sum;
}

/** The shape of a burst: square roots, so that one loud band does not say everything. */
export function shapeOf(excess: ArrayLike<number>): Float64Array {
  const shape = new Float64Array(BANDS);
  for (let band = 0; band < BANDS; band++) {
    shape[band] = Math.sqrt(Math.max(0, excess[band] ?? 0));
  }
  const length = Math.sqrt(dot(shape, shape));
  return length > 0 ? shape.map((value) => value / length) : shape;
}

export const total = (power: ArrayLike<number>) => dot(power, new Float64Array(BANDS).fill(1));

/** The median of each band over the last seconds, looked at twenty times a second. */
class Background {
  readonly #length = Math.round(BACKGROUND_S / (FRAME_S * LOOK_AGAIN));
  readonly #rings = Array.from({ length: BANDS }, () => new Float64Array(this.#length));
  readonly #sorted = new Float64Array(this.#length);
  readonly level = new Float64Array(BANDS);
  #count = 0;
  #frame = 0;

  take(bands: Float64Array) {
    if (this.#frame++ % LOOK_AGAIN !== 0) {
      return;
    }
    const known = Math.min(this.#count + 1, this.#length);
    // Of the bands a quarter at a time: what is there for seconds does not need to be known sooner.
    for (let band = 0; band < BANDS; band++) {
      const ring = this.#rings[band];
      if (ring) {
        ring[this.#count % this.#length] = bands[band] ?? 0;
        if (this.#count < 20 || (this.#count + band) % 4 === 0) {
          this.#sorted.set(ring);
          const seen = this.#sorted.subarray(0, known).sort();
          this.level[band] = seen[Math.floor(known * 0.45)] ?? 0;
        }
      }
    }
    this.#count++;
  }

  get known(): boolean {
    return this.#count >= 20;
  }
}

/** How much of a band is the weight's own, from 0 to 1: where something else is as loud, it says little. */
function clear(expected: Float64Array | undefined, band: number, around: number): number {
  const own = expected?.[band] ?? 0;
  return expected ? own / (own + NOISE * around + 1e-18) : 1;
}

/** Finds sudden short sounds: any, or such as a known weight makes. */
export class Bursts {
  readonly #spectrum: Spectrum;
  readonly background = new Background();
  readonly #recent: Float64Array[] = [];
  #frame = -1;
  #waiting: { burst: Burst; mask: Float64Array; frame: number; peak: number; least: number } | undefined;
  #lastFrame = -APART_FRAMES;

  constructor(
    rate: number,
    private readonly found: (burst: Burst) => void,
    private readonly looked: (bands: Float64Array, background: Float64Array) => void = () => undefined,
    /** Power of a usual knock in the bands, where it is known. */
    private readonly expected?: Float64Array,
    /** Whether a burst may be one, as far as what else is to be heard lets it be known. */
    private readonly isLike: (burst: Burst, mask: Float64Array) => boolean = () => true,
  ) {
    this.#spectrum = new Spectrum(rate);
  }

  feed(sound: ArrayLike<number>) {
    this.#spectrum.feed(sound, (bands) => this.#take(bands));
  }

  #take(bands: Float64Array) {
    this.#frame++;
    this.background.take(bands);
    const now = (this.#recent.length === 4 ? this.#recent.shift() : undefined) ?? new Float64Array(BANDS);
    now.set(bands);
    this.#recent.push(now);
    this.looked(now, this.background.level);
    if (!this.background.known || this.#recent.length < 4) {
      return;
    }
    this.#settle(now);
    if (this.#frame - this.#lastFrame >= APART_FRAMES && this.#waiting === undefined) {
      this.#begin(now);
    }
  }

  /** In most of the bands that are the weight's own it is suddenly louder. */
  #begin(now: Float64Array) {
    const [before, between] = this.#recent;
    const level = this.background.level;
    let rise = 0;
    let weights = 0;
    for (let band = 0; band < BANDS; band++) {
      const just = ((before?.[band] ?? 0) + (between?.[band] ?? 0)) / 2;
      const around = Math.max(just, 0.7 * (level[band] ?? 0), 1e-16);
      const weight = this.expected
        ? clear(this.expected, band, around) * Math.sqrt(this.expected[band] ?? 0)
        : 1;
      rise += weight * Math.min(RISE_MOST, Math.max(0, Math.log2((now[band] ?? 0) / around)));
      weights += weight;
    }
    if (rise > RISE * weights) {
      this.#waiting = { ...this.#seen(now), frame: this.#frame, least: Number.POSITIVE_INFINITY };
    }
  }

  #seen(now: Float64Array) {
    const level = this.background.level;
    const before = this.#waiting?.burst.background ?? this.#recent[0];
    const mask = new Float64Array(BANDS);
    const excess = new Float64Array(BANDS);
    const background = new Float64Array(BANDS);
    let peak = 0;
    for (let band = 0; band < BANDS; band++) {
      const around = Math.max(level[band] ?? 0, before?.[band] ?? 0);
      background[band] = around;
      mask[band] = clear(this.expected, band, around);
      excess[band] = Math.max(0, (now[band] ?? 0) - around);
      peak += (mask[band] ?? 0) * (excess[band] ?? 0);
    }
    return {
      burst: { at: this.#waiting?.burst.at ?? this.#frame * FRAME_S, excess, background },
      mask,
      peak,
    };
  }

  /** A knock is over in a moment; what goes on is talk, music or water. */
  #settle(now: Float64Array) {
    const waiting = this.#waiting;
    if (!waiting) {
      return;
    }
    const seen = this.#seen(now);
    const age = this.#frame - waiting.frame;
    if (age < PEAK_FRAMES) {
      if (seen.peak > waiting.peak) {
        this.#waiting = { ...seen, frame: waiting.frame, least: waiting.least };
      }
      return;
    }
    // A word, a pot lid: whatever it is, a knock may come right behind it.
    if (age === PEAK_FRAMES && !this.isLike(waiting.burst, waiting.mask)) {
      this.#waiting = undefined;
      return;
    }
    if (age >= GONE_FROM_FRAMES) {
      waiting.least = Math.min(waiting.least, seen.peak);
    }
    if (age >= GONE_FRAMES) {
      if (waiting.least < GONE * waiting.peak) {
        this.found(waiting.burst);
        this.#lastFrame = waiting.frame;
      }
      this.#waiting = undefined;
    }
  }
}

/** Hears a learned weight, noise that drowns it, and steam. */
export class Detector {
  readonly #bursts: Bursts;
  /** Power of a usual knock in the bands. */
  readonly #usual: Float64Array | undefined;
  #knocks: number[] = [];
  #last = Number.NEGATIVE_INFINITY;
  #frames = 0;
  #loud = 0;
  #alike = 0;
  #others = 0;
  #quietest = Number.POSITIVE_INFINITY;
  #hiss: number[] = [];

  constructor(
    rate: number,
    private readonly weight: WeightSound | undefined,
  ) {
    this.#usual = weight && Float64Array.from(weight.shape, (value) => value * value * weight.power);
    this.#bursts = new Bursts(
      rate,
      (burst) => this.#knock(burst),
      (bands, background) => this.#look(bands, background),
      this.#usual,
      (burst, mask) => this.#isLike(burst, mask),
    );
  }

  feed(sound: ArrayLike<number>) {
    this.#bursts.feed(sound);
  }

  #knock(burst: Burst) {
    if (this.weight && burst.at - this.#last >= this.weight.together) {
      this.#knocks.push(burst.at);
    }
    this.#last = burst.at;
  }

  /** In shape and loudness, as far as what else is to be heard lets it be known. */
  #isLike({ excess }: Burst, mask: Float64Array): boolean {
    let [both, own, heard, all] = [0, 0, 0, 0];
    for (let band = 0; band < BANDS; band++) {
      const much = mask[band] ?? 0;
      const one = much * (this.#usual?.[band] ?? 0);
      const other = much * (excess[band] ?? 0);
      both += Math.sqrt(one * other);
      all += this.#usual?.[band] ?? 0;
      own += one;
      heard += other;
    }
    const alike = both / Math.sqrt(own * heard + 1e-30);
    const strength = heard / (own + 1e-30);
    const like = own >= CLEAR * all && alike >= ALIKE && strength >= SOFTEST && strength <= LOUDEST;
    if (like) {
      this.#alike++;
    } else if (strength >= SOFTEST) {
      this.#others++;
    }
    return like;
  }

  #look(bands: Float64Array, background: Float64Array) {
    this.#frames++;
    if (this.#usual) {
      let left = 0;
      let all = 0;
      for (let band = 0; band < BANDS; band++) {
        const usual = this.#usual[band] ?? 0;
        left += usual * clear(this.#usual, band, background[band] ?? 0);
        all += usual;
      }
      if (left < DROWNED * all) {
        this.#loud++;
      }
    }
    let high = 0;
    for (let band = HISS_FROM; band < BANDS; band++) {
      high += bands[band] ?? 0;
    }
    this.#hiss.push(10 * Math.log10(high + 1e-14));
  }

  /** What was heard since the last time. */
  take(): Span {
    const level = [...this.#hiss].sort((one, two) => one - two);
    const at = (part: number) => level[Math.floor((level.length - 1) * part)] ?? -140;
    this.#quietest = Math.min(this.#quietest, at(0.5));
    const plume = at(0.2) - this.#quietest > HISS_OVER && at(0.8) - at(0.2) < STEADY_DB;
    // Where much else is as loud and as sudden, such as talk, one or the other of it passes for a knock.
    const confused =
      this.#others > OTHERS * this.#frames * FRAME_S && this.#others > MORE_OTHERS * this.#alike;
    const span = { knocks: this.#knocks, drowned: confused || this.#loud > this.#frames * 0.5, plume };
    this.#alike = 0;
    this.#others = 0;
    this.#knocks = [];
    this.#frames = 0;
    this.#loud = 0;
    this.#hiss = [];
    return span;
  }
}
