/** Sounds of a kitchen, made by seed: weights of several kinds, steam, and what else is to be heard. */

export const RATE = 16_000;

/** Numbers between 0 and 1, the same for a seed. */
export function dice(seed: number): () => number {
  let state = (seed * 2_654_435_761 + 1) >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

const between = (roll: () => number, least: number, most: number) => least + roll() * (most - least);

export function silence(seconds: number): Float32Array {
  return new Float32Array(Math.round(seconds * RATE));
}

export function add(sound: Float32Array, other: Float32Array, loud = 1): Float32Array {
  return sound.map((value, index) => value + loud * (other[index] ?? 0));
}

export function rms(sound: Float32Array, from = 0, until = sound.length): number {
  let sum = 0;
  for (let index = from; index < until; index++) {
    sum += (sound[index] ?? 0) ** 2;
  }
  return Math.sqrt(sum / Math.max(1, until - from));
}

/** A weight: its metal rings at a few tones, which die away in some hundredths of a second. */
export interface Metal {
  readonly tones: readonly { readonly hertz: number; readonly loud: number; readonly seconds: number }[];
}

export function metal(seed: number): Metal {
  const roll = dice(seed);
  return {
    tones: Array.from({ length: 4 }, (_, index) => ({
      hertz: between(roll, 900, 2_200) * (1 + index * between(roll, 0.55, 0.9)),
      loud: between(roll, 0.4, 1) / (1 + index * 0.4),
      seconds: between(roll, 0.012, 0.045),
    })).filter(({ hertz }) => hertz < 7_300),
  };
}

function knock(sound: Float32Array, weight: Metal, at: number, loud: number, roll: () => number) {
  const start = Math.round(at * RATE);
  const phases = weight.tones.map(() => roll() * 2 * Math.PI);
  for (let index = 0; index < RATE * 0.12 && start + index < sound.length; index++) {
    const t = index / RATE;
    let value = t < 0.002 ? (roll() - 0.5) * 0.8 : 0;
    weight.tones.forEach((tone, which) => {
      value +=
        tone.loud *
        Math.exp(-t / tone.seconds) *
        Math.sin(2 * Math.PI * tone.hertz * t + (phases[which] ?? 0));
    });
    sound[start + index] = (sound[start + index] ?? 0) + loud * value;
  }
}

export interface Clip {
  readonly sound: Float32Array;
  /** When the weight knocks, or a jiggle begins. */
  readonly knocks: readonly number[];
}

/** A weight that rocks two or three times a second, from a moment until another. */
export function rocking(seed: number, weight: Metal, seconds: number, from = 0, until = seconds): Clip {
  const roll = dice(seed);
  const sound = silence(seconds);
  const knocks: number[] = [];
  for (let at = from + between(roll, 0.1, 0.4); at < until - 0.15; at += between(roll, 0.3, 0.5)) {
    knocks.push(at);
    knock(sound, weight, at, between(roll, 0.75, 1.25), roll);
  }
  return { sound, knocks };
}

/** A weight that jiggles now and then: a rattle of some knocks with a puff of steam. */
export function jiggling(seed: number, weight: Metal, seconds: number, every: number, until = seconds): Clip {
  const roll = dice(seed);
  const sound = silence(seconds);
  const knocks: number[] = [];
  for (let at = between(roll, 1, every); at < until - 1.5; at += every * between(roll, 0.75, 1.25)) {
    knocks.push(at);
    const rattles = 3 + Math.floor(roll() * 4);
    for (let rattle = 0; rattle < rattles; rattle++) {
      knock(sound, weight, at + rattle * between(roll, 0.13, 0.19), between(roll, 0.6, 1.2), roll);
    }
    for (let index = 0; index < 0.7 * RATE; index++) {
      const place = Math.round(at * RATE) + index;
      sound[place] = (sound[place] ?? 0) + 0.05 * (roll() - 0.5);
    }
  }
  return { sound, knocks };
}

/** White noise through two one-pole filters: what is between two pitches, roughly. */
function band(roll: () => number, length: number, low: number, high: number): Float32Array {
  const sound = new Float32Array(length);
  const up = Math.exp((-2 * Math.PI * high) / RATE);
  const down = Math.exp((-2 * Math.PI * low) / RATE);
  let smooth = 0;
  let slow = 0;
  for (let index = 0; index < length; index++) {
    smooth = up * smooth + (1 - up) * (roll() * 2 - 1);
    slow = down * slow + (1 - down) * smooth;
    sound[index] = smooth - slow;
  }
  return sound;
}

export const NOISES = ["hood", "tap", "talk", "radio", "phone"] as const;
export type Noise = (typeof NOISES)[number];

/** One of a kitchen's noises, of a loudness of one. */
export function noise(kind: Noise, seed: number, seconds: number): Float32Array {
  const roll = dice(seed * 31 + kind.length);
  const length = Math.round(seconds * RATE);
  const made = {
    hood: () => {
      const blade = between(roll, 90, 160);
      return band(roll, length, 80, 1_500).map(
        (value, index) => value + 0.03 * Math.sin((2 * Math.PI * blade * index) / RATE),
      );
    },
    tap: () => {
      const water = band(roll, length, 700, 6_000);
      let level = 1;
      return water.map((value) => {
        level += (1 - level) * 0.0005 + (roll() - 0.5) * 0.01;
        return value * level;
      });
    },
    talk: () => speech(roll, length),
    radio: () => add(add(speech(roll, length), music(roll, length), 0.8), drums(roll, length), 0.7),
    phone: () => {
      const [low, high] = [between(roll, 800, 1_200), between(roll, 1_300, 2_100)];
      return Float32Array.from({ length }, (_, index) => {
        const t = index / RATE;
        const on = t % 3 < 1.2 && (t * 20) % 2 < 1.4;
        return on ? Math.sin(2 * Math.PI * low * t) + Math.sin(2 * Math.PI * high * t) : 0;
      });
    },
  }[kind]();
  const loud = rms(made);
  return made.map((value) => value / (loud || 1));
}

/** Syllables: a voice with its overtones, swelling in some hundredths of a second, and sibilants between. */
function speech(roll: () => number, length: number): Float32Array {
  const sound = new Float32Array(length);
  for (let at = 0; at < length; ) {
    const syllable = Math.round(between(roll, 0.12, 0.3) * RATE);
    const pitch = between(roll, 100, 230);
    const formants = [between(roll, 300, 800), between(roll, 900, 2_200), between(roll, 2_300, 3_000)];
    const hissing = roll() < 0.25;
    const hiss = hissing ? band(roll, syllable, 3_000, 7_000) : undefined;
    const strong = between(roll, 0.5, 1);
    const overtones = Array.from({ length: Math.floor(3_600 / pitch) }, (_, which) => {
      const hertz = (which + 1) * pitch;
      const loud = Math.max(...formants.map((formant) => Math.exp(-(((hertz - formant) / 220) ** 2))));
      return (loud + 0.04) / Math.sqrt(which + 1);
    });
    for (let index = 0; index < syllable && at + index < length; index++) {
      const t = index / RATE;
      const swell = Math.sin((Math.PI * index) / syllable) ** 0.7;
      let value = 0;
      if (hiss) {
        value = (hiss[index] ?? 0) * 1.5;
      } else {
        overtones.forEach((loud, which) => {
          value += loud * Math.sin(2 * Math.PI * (which + 1) * pitch * t);
        });
      }
      sound[at + index] = strong * swell * value;
    }
    at += syllable + Math.round((roll() < 0.15 ? between(roll, 0.3, 1.2) : between(roll, 0.01, 0.08)) * RATE);
  }
  return sound;
}

function music(roll: () => number, length: number): Float32Array {
  const sound = new Float32Array(length);
  for (let at = 0; at < length; at += Math.round(0.6 * RATE)) {
    const root = 110 * 2 ** (Math.floor(roll() * 12) / 12);
    for (let index = 0; index < 0.6 * RATE && at + index < length; index++) {
      const t = index / RATE;
      const swell = Math.min(1, t / 0.03) * Math.exp(-t / 0.5);
      let value = 0;
      for (const part of [1, 1.26, 1.5, 2, 3, 4]) {
        value += Math.sin(2 * Math.PI * root * part * t) / part;
      }
      sound[at + index] = swell * value;
    }
  }
  return sound;
}

function drums(roll: () => number, length: number): Float32Array {
  const sound = new Float32Array(length);
  const beat = Math.round(between(roll, 0.25, 0.33) * RATE);
  for (let at = 0, count = 0; at < length; at += beat, count++) {
    const kick = count % 4 === 0;
    const snare = count % 4 === 2;
    for (let index = 0; index < 0.15 * RATE && at + index < length; index++) {
      const t = index / RATE;
      const hat = (roll() * 2 - 1) * Math.exp(-t / 0.02) * 0.5;
      const drum = kick
        ? Math.sin(2 * Math.PI * 70 * t) * Math.exp(-t / 0.08)
        : snare
          ? (roll() * 2 - 1) * Math.exp(-t / 0.06)
          : 0;
      sound[at + index] = hat + drum;
    }
  }
  return sound;
}

/** Steam from an open vent. */
export function steam(seed: number, seconds: number): Float32Array {
  const blown = band(dice(seed), Math.round(seconds * RATE), 1_500, 7_800);
  const loud = rms(blown);
  return blown.map((value) => value / loud);
}

/** A clip with a noise beside it, so many decibels softer than the first moment of a knock (0 as loud, -10 louder). */
export function beside(clip: Clip, other: Float32Array, decibels: number): Clip {
  const first = Math.round((clip.knocks[0] ?? 0) * RATE);
  const loud = clip.knocks.length === 0 ? 0.3 : rms(clip.sound, first, first + Math.round(0.05 * RATE));
  return { ...clip, sound: add(clip.sound, other, loud * 10 ** (-decibels / 20)) };
}
