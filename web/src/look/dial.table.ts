import { type DialScene, dialPicture, dialScene, type Trouble, tap } from "@/test/dials";
import { dice } from "@/test/sounds";
import { type Dial, readDial, type Unseen } from "./dial";
import { learnDial } from "./learnDial";

/** A dial of a seed that was learned from a picture of its needle at rest and three taps; or why it was not. */
export function learned(seed: number): {
  readonly scene: DialScene;
  readonly dial?: Dial;
  readonly problem?: string;
} {
  const scene = dialScene(seed);
  const roll = dice(seed + 7_000);
  const markPsi = scene.most >= 20 ? 15 : 10;
  const dial = learnDial(
    dialPicture(scene, seed % 2 === 0 ? 0 : roll() * scene.most * 0.8, "clear", seed + 1),
    {
      middle: tap(scene, "middle", roll),
      zero: tap(scene, 0, roll),
      mark: tap(scene, markPsi, roll),
      markPsi,
    },
  );
  return "problem" in dial ? { scene, problem: dial.problem } : { scene, dial };
}

export interface Tried {
  readonly psi: number;
  readonly read?: number;
  readonly unseen?: Unseen;
}

export function tried(scene: DialScene, dial: Dial, trouble: Trouble, seed: number): Tried {
  const psi = dice(seed + 99)() * scene.most;
  const look = readDial(dialPicture(scene, psi, trouble, seed), dial);
  return "psi" in look ? { psi, read: look.psi } : { psi, unseen: look.unseen };
}
