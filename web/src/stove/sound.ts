import type { Sound } from "./alarms";

/** Notes of each alarm: hertz, and how long in seconds; 0 hertz is a rest. Made here, loaded from nowhere. */
const TUNES: Record<Sound, readonly (readonly [number, number])[]> = {
  "heat-off": [
    [880, 0.16],
    [0, 0.05],
    [880, 0.16],
    [0, 0.05],
    [1175, 0.34],
    [0, 0.12],
    [880, 0.16],
    [0, 0.05],
    [880, 0.16],
    [0, 0.05],
    [1175, 0.34],
  ],
  lost: [
    [660, 0.22],
    [494, 0.22],
    [370, 0.4],
  ],
  look: [
    [587, 0.18],
    [0, 0.12],
    [587, 0.18],
  ],
  open: [
    [523, 0.2],
    [659, 0.2],
    [784, 0.42],
  ],
};

let context: AudioContext | undefined;

/** A browser lets a page sound only after somebody has touched it. */
export function unlockSound() {
  context ??= new AudioContext();
  void context.resume();
}

export function canSound(): boolean {
  return context?.state === "running";
}

/** Plays a tune; says whether it could be heard. */
export function play(sound: Sound): boolean {
  if (context?.state !== "running") {
    return false;
  }
  let at = context.currentTime + 0.02;
  for (const [hertz, seconds] of TUNES[sound]) {
    if (hertz > 0) {
      const tone = context.createOscillator();
      const volume = context.createGain();
      tone.type = sound === "look" ? "sine" : "triangle";
      tone.frequency.value = hertz;
      volume.gain.setValueAtTime(0, at);
      volume.gain.linearRampToValueAtTime(sound === "look" ? 0.35 : 0.7, at + 0.015);
      volume.gain.setValueAtTime(sound === "look" ? 0.35 : 0.7, at + seconds - 0.03);
      volume.gain.linearRampToValueAtTime(0, at + seconds);
      tone.connect(volume).connect(context.destination);
      tone.start(at);
      tone.stop(at + seconds);
    }
    at += seconds;
  }
  return true;
}
