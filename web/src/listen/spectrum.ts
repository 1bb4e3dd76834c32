import FFT from "fft.js";

/** Edges of the bands in hertz: three to an octave, where a weight rattles and steam hisses. */
const EDGES = [
  250, 315, 400, 500, 630, 800, 1_000, 1_250, 1_600, 2_000, 2_500, 3_150, 4_000, 5_000, 6_300, 8_000, 10_000,
] as const;

export const BANDS = EDGES.length - 1;

/** A hundred looks a second. */
export const FRAME_S = 0.01;

/** Power of a sound in bands, a frame of ten milliseconds at a time; what it is fed may come in pieces of any size. */
export class Spectrum {
  readonly #fft: FFT;
  readonly #window: Float64Array;
  readonly #size: number;
  readonly #step: number;
  readonly #kept: Float64Array;
  readonly #input: number[];
  readonly #out: number[];
  readonly #bins: readonly (readonly [number, number])[];
  #filled = 0;

  constructor(rate: number) {
    // About twenty milliseconds: short enough for a knock, long enough to tell a third of an octave at 300 Hz.
    this.#size = 2 ** Math.round(Math.log2(rate * 0.021));
    this.#step = Math.round(rate * FRAME_S);
    this.#fft = new FFT(this.#size);
    this.#kept = new Float64Array(this.#size);
    this.#input = new Array<number>(this.#size).fill(0);
    this.#out = this.#fft.createComplexArray();
    this.#window = Float64Array.from(
      { length: this.#size },
      (_, index) => 0.5 - 0.5 * Math.cos((2 * Math.PI * index) / this.#size),
    );
    const bin = (hertz: number) => Math.min(this.#size / 2, Math.round((hertz * this.#size) / rate));
    this.#bins = EDGES.slice(1).map((upper, index) => {
      const from = bin(EDGES[index] ?? 0);
      return [from, Math.max(from + 1, bin(upper))] as const;
    });
  }

  /** Hands each whole frame on, as its power in the bands; the array is used again for the next. */
  feed(sound: ArrayLike<number>, frame: (bands: Float64Array) => void) {
    for (let index = 0; index < sound.length; index++) {
      this.#kept[this.#filled++] = sound[index] ?? 0;
      if (this.#filled === this.#size) {
        frame(this.#look());
        this.#kept.copyWithin(0, this.#step);
        this.#filled = this.#size - this.#step;
      }
    }
  }

  readonly #bands = new Float64Array(BANDS);

  #look(): Float64Array {
    for (let index = 0; index < this.#size; index++) {
      this.#input[index] = (this.#kept[index] ?? 0) * (this.#window[index] ?? 0);
    }
    this.#fft.realTransform(this.#out, this.#input);
    const scale = 1 / this.#size ** 2;
    this.#bins.forEach(([from, until], band) => {
      let power = 0;
      for (let bin = from; bin < until; bin++) {
        const real = this.#out[2 * bin] ?? 0;
        const imaginary = this.#out[2 * bin + 1] ?? 0;
        power += real * real + imaginary * imaginary;
      }
      this.#bands[band] = power * scale;
    });
    return this.#bands;
  }
}
