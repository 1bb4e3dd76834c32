/** What each step of a rehearsal asks for, and what is normal meanwhile. */
export interface StepText {
  readonly title: string;
  readonly now: string;
  readonly normal: string;
}

export const STEPS: Readonly<Record<string, StepText>> = {
  heat: {
    title: "Heat",
    now: "Burner to full, weight off. Press Play and wait for a plume: steady, straight, loud.",
    normal: "Normal: ticking metal, first a wisp, then fits and starts.",
  },
  vent: {
    title: "Vent",
    now: "Let it blow for ten full minutes. Touch nothing.",
    normal: "Normal: it roars, spits a little water, and the kitchen gets warm.",
  },
  weight: {
    title: "Weight on",
    now: "Ten minutes are over. Put the weight on.",
    normal: "Normal: a short hiss, then quiet.",
  },
  rise: {
    title: "Up to the mark",
    now: "Keep the heat up until the mark is reached; ease it a little before.",
    normal: "Normal: it takes minutes, and the last pound is the slowest.",
  },
  hold: {
    title: "Hold",
    now: "Ten minutes within a pound of the mark. Small turns of the knob, then wait half a minute.",
    normal: "Normal: the rattle. It is the sound of too much pressure leaving, as it should.",
  },
  "heat-off": {
    title: "Heat off",
    now: "Held. Turn the burner off.",
    normal: "Normal: the rattle stops at once.",
  },
  cool: {
    title: "Down by itself",
    now: "Touch nothing until the pressure is zero. Let time go faster.",
    normal: "Normal: half an hour, and longer with jars. The metal ticks.",
  },
  "weight-off": {
    title: "Weight off",
    now: "Zero. Lift the weight off.",
    normal: "Normal: nothing comes out. If something does, put it back and wait.",
  },
  wait: {
    title: "Ten minutes",
    now: "Ten minutes more before the lid. Jars would settle now.",
    normal: "Normal: silence.",
  },
  lid: {
    title: "Lid off",
    now: "Take the lid off, tilted away from your face.",
    normal: "Normal: a cloud of steam. It has been waiting for you.",
  },
  done: { title: "Done", now: "That was it.", normal: "" },
};

export const STEP_ORDER = Object.keys(STEPS).filter((step) => step !== "done");

/** What went wrong, and what to do about it next time. */
export const SLIPS: Readonly<Record<string, string>> = {
  "vent-stopped": "The steam stopped while venting: the ten minutes began anew.",
  "vent-cut": "The weight went on before ten minutes of steam: air stayed in.",
  "too-low": "It fell below the mark. With jars inside, the whole time would start again.",
  "too-high": "It ran more than a pound over the mark, or rattled without a break.",
  "opened-under-pressure": "The lid came off under pressure. Never in earnest.",
  forced: "The pressure was let out by force: jars would have boiled over.",
  "lid-too-soon": "The lid came off before ten minutes had passed.",
  "boiled-dry": "It boiled dry.",
};
