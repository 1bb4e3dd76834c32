import { type Burst, Bursts, Detector, type WeightSound } from "./detector";

/** What the page tells it when it begins. */
export interface ListenerOptions {
  /** The learned weight; without one it hears steam alone. */
  readonly weight?: WeightSound | undefined;
  /** Whether every sudden sound is handed on, to learn from. */
  readonly learning: boolean;
}

/** What it tells the page. */
export type ListenerWord =
  | {
      readonly what: "span";
      /** The end of the span, in milliseconds since it began to listen. */
      readonly at: number;
      readonly millis: number;
      /** In milliseconds since the beginning of the span. */
      readonly knocks: readonly number[];
      readonly drowned: boolean;
      readonly plume: boolean;
    }
  | { readonly what: "burst"; readonly burst: Burst }
  | { readonly what: "time"; readonly seconds: number };

const SPAN_S = 5;

declare const sampleRate: number;
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
  constructor(options: { processorOptions: unknown });
}
declare function registerProcessor(name: string, processor: typeof AudioWorkletProcessor): void;

/** Beside the page, so that nothing it draws makes a gap. Sound comes in and goes nowhere: out go times and numbers. */
class Listener extends AudioWorkletProcessor {
  readonly #detector: Detector;
  readonly #bursts: Bursts | undefined;
  #samples = 0;
  #begun = 0;

  constructor(options: { processorOptions: ListenerOptions }) {
    super(options);
    const { weight, learning } = options.processorOptions;
    this.#detector = new Detector(sampleRate, weight);
    this.#bursts = learning
      ? new Bursts(sampleRate, (burst) => this.#say({ what: "burst", burst }))
      : undefined;
  }

  #say(word: ListenerWord) {
    this.port.postMessage(word);
  }

  process(inputs: readonly (readonly Float32Array[])[]): boolean {
    const sound = inputs[0]?.[0];
    if (sound) {
      this.#samples += sound.length;
      this.#bursts?.feed(sound);
      if (!this.#bursts) {
        this.#detector.feed(sound);
        this.#span();
      } else if (this.#samples - this.#begun >= sampleRate / 4) {
        this.#begun = this.#samples;
        this.#say({ what: "time", seconds: this.#samples / sampleRate });
      }
    }
    return true;
  }

  #span() {
    if (this.#samples - this.#begun < SPAN_S * sampleRate) {
      return;
    }
    const from = (this.#begun * 1_000) / sampleRate;
    const at = (this.#samples * 1_000) / sampleRate;
    const { knocks, drowned, plume } = this.#detector.take();
    this.#begun = this.#samples;
    this.#say({
      what: "span",
      at: Math.round(at),
      millis: Math.round(at - from),
      // A knock is known a moment after it was, which may be in the next span.
      knocks: knocks.map((knock) =>
        Math.min(Math.round(at - from), Math.max(0, Math.round(knock * 1_000 - from))),
      ),
      drowned,
      plume,
    });
  }
}

registerProcessor("mobrel-listener", Listener as unknown as typeof AudioWorkletProcessor);
