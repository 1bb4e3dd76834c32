declare module "fft.js" {
  /** A transform of a fixed size, a power of two. */
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    /** Fills the lower half of `out` with pairs of real and imaginary part. */
    realTransform(out: number[], input: ArrayLike<number>): void;
  }
}
