import type { Noise } from "./noise";
import type { Scene, Sight } from "./scene";

/** The parts of a picture that move; they are moved by hand, sixty times a second, without React. */
export interface Parts {
  needle: SVGGElement | null;
  weight: SVGGElement | null;
  steam: SVGGElement | null;
  flame: SVGGElement | null;
  water: SVGRectElement | null;
  jars: SVGGElement | null;
  drips: SVGGElement | null;
}

export const DIAL_MOST = 20;
const DIAL_SWEEP = 270;
/** Where water stands at the bottom of the picture, and how much of it a litre fills. */
export const FLOOR = 352;
const LITRE = 17;
const FULL_STEAM = 750;
const WISP = 20;
/** Faster than this nobody can see it rock. */
const MOST_HERTZ = 6;

export const dialAngle = (psi: number) =>
  -135 + (Math.min(DIAL_MOST, Math.max(0, psi)) / DIAL_MOST) * DIAL_SWEEP;

/** Draws a moment; the time of the scene is the only clock there is, so that a pause stands still. */
export class Painter {
  private readonly parts: Parts;
  private rocked = 0;
  private beat = 0;

  constructor(
    parts: Parts,
    private readonly still: boolean,
    private readonly noise: Noise | undefined,
  ) {
    this.parts = parts;
  }

  paint(scene: Scene, index: number, now: number) {
    const sight = scene.sight(index);
    if (!sight) {
      return;
    }
    const weightOn = (scene.knob(index, "weight") ?? (sight.weightOn ? 1 : 0)) === 1;
    const burner = scene.knob(index, "burner") ?? sight.burner;
    this.needle(sight);
    this.weight(sight, weightOn, scene, now);
    this.steam(sight, weightOn, scene.playing, now);
    this.flame(burner, scene.playing, now);
    this.jars(sight);
    this.noise?.hear(scene.playing ? sight.steamMg : 0, weightOn);
  }

  private needle(sight: Sight) {
    this.parts.needle?.setAttribute("transform", `rotate(${dialAngle(sight.needlePsi).toFixed(2)})`);
  }

  private weight(sight: Sight, on: boolean, scene: Scene, now: number) {
    const hertz = Math.min(MOST_HERTZ, (sight.jiggles / 60) * Math.max(1, Math.min(scene.pace, 12)));
    let turn = 0;
    if (on && sight.jiggles > 0 && scene.playing) {
      this.rocked += hertz * Math.min(0.1, (now - this.beat) / 1_000);
      const whole = Math.floor(this.rocked);
      const part = this.rocked - whole;
      turn = this.still ? 6 : Math.sin(part * Math.PI * 6) * 9 * Math.max(0, 1 - part * 1.4);
      if (part < hertz * 0.03) {
        this.noise?.knock();
      }
    }
    this.beat = now;
    const place = on ? `rotate(${turn.toFixed(1)})` : "translate(-92 76) rotate(-8)";
    this.parts.weight?.setAttribute("transform", place);
  }

  private steam(sight: Sight, on: boolean, playing: boolean, now: number) {
    const group = this.parts.steam;
    if (!group) {
      return;
    }
    const flow = sight.steamMg < WISP ? 0 : Math.min(1, sight.steamMg / FULL_STEAM);
    const puffs = group.children;
    for (let i = 0; i < puffs.length; i++) {
      const puff = puffs[i] as SVGElement;
      if (flow === 0 || sight.lidOff) {
        puff.style.opacity = "0";
        continue;
      }
      const rise =
        this.still || !playing
          ? (i + 0.5) / puffs.length
          : (now / (1_500 - 900 * flow) + i / puffs.length) % 1;
      const height = (on ? 62 : 112) * (0.35 + 0.65 * flow);
      const spread = on ? 30 : 3 + 15 * flow;
      const side = Math.sin(i * 2.4 + rise * 3) * spread * rise;
      puff.setAttribute(
        "transform",
        `translate(${side.toFixed(1)} ${(-rise * height).toFixed(1)}) scale(${(0.35 + rise * (0.8 + flow)).toFixed(2)})`,
      );
      puff.style.opacity = ((1 - rise) * (0.25 + 0.6 * flow)).toFixed(2);
    }
  }

  private flame(burner: number, playing: boolean, now: number) {
    const flicker = this.still || !playing ? 1 : 1 + 0.06 * Math.sin(now / 90);
    const high = burner === 0 ? 0 : (0.3 + (0.7 * burner) / 100) * flicker;
    this.parts.flame?.setAttribute("transform", `scale(1 ${high.toFixed(3)})`);
  }

  private jars(sight: Sight) {
    const height = Math.max(0, (sight.waterMl / 1_000) * LITRE);
    this.parts.water?.setAttribute("y", (FLOOR - height).toFixed(1));
    this.parts.water?.setAttribute("height", height.toFixed(1));
    this.parts.jars?.style.setProperty("--full", (1 - sight.spilt / 100).toFixed(3));
    const middle = sight.slowest["chunky"];
    if (middle !== undefined) {
      this.parts.jars?.style.setProperty(
        "--heat",
        `${Math.round(Math.min(1, Math.max(0, (middle - 40) / 76)) * 100)}%`,
      );
    }
    if (this.parts.drips) {
      this.parts.drips.style.opacity = sight.spilt > 2 ? "1" : "0";
    }
  }
}
