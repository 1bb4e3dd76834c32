import { api, body, type Schemas } from "@/api/client";

export type Sight = Schemas["SightResponse"];
export type Setup = Schemas["PracticeCannerBody"];
export type Act = Schemas["SceneActBody"];
export type RehearsalNote = Schemas["RehearsalResponse"];

/** From where a scene begins: cold, or at the moment of a drill. */
export interface Beginning {
  readonly setup: Setup;
  readonly snapshot?: string | null | undefined;
  readonly sight?: Sight | null | undefined;
}

export interface Happening {
  readonly at: number;
  readonly canner: number;
  readonly text: string;
}

/** A point that every canner can go on from. */
interface Checkpoint {
  readonly at: number;
  readonly states: readonly { readonly snapshot: string | null; readonly note?: string | undefined }[];
}

interface Canner {
  readonly setup: Setup;
  acts: Act[];
  sights: Sight[];
  /** A sight now and then since the beginning, for the trace. */
  trace: Sight[];
  /** Where the rehearsal stood at each look. */
  notes: { readonly at: number; readonly note: RehearsalNote }[];
}

/** The server goes on by quarters of a second. */
const QUANTUM = 250;
const TRACE_EVERY = 10_000;
const LOOKS_A_SECOND = 30;
/** What is drawn is behind what is known by so much at most. */
const KEPT = 120_000;
const SLOW_MS = 250;
const ONE_TURN = 20_000;
/** The server goes on for an hour at most in one answer. */
const LONGEST = 3_600_000;

const quantum = (ms: number) => Math.ceil(ms / QUANTUM) * QUANTUM;

/**
 * Plays one or two simulated canners: asks the server for the next stretch ahead of time, plays it at any pace, and asks again from the
 * last checkpoint when somebody turns a knob. It computes nothing of the canner itself.
 */
export class Scene {
  readonly canners: Canner[];
  readonly begin: number;
  /** Milliseconds since the burner was lit. */
  at: number;
  pace = 1;
  playing = false;
  /** Where it stops by itself. */
  until = Number.POSITIVE_INFINITY;
  problem: unknown;
  private checkpoints: Checkpoint[];
  private asking = 0;
  private generation = 0;
  private last: number | undefined;
  private slow = 0;
  private frame = 0;
  private readonly painters = new Set<() => void>();
  private readonly listeners = new Set<() => void>();
  private version = 0;

  constructor(beginnings: readonly Beginning[], rehearsing = false) {
    this.begin = Math.max(0, ...beginnings.map((one) => one.sight?.atMillis ?? 0));
    this.at = this.begin;
    this.canners = beginnings.map((one) => ({
      setup: one.setup,
      acts: [],
      sights: one.sight ? [one.sight] : [],
      trace: one.sight ? [one.sight] : [],
      notes: [],
    }));
    this.checkpoints = [
      {
        at: this.begin,
        states: beginnings.map((one) => ({
          snapshot: one.snapshot ?? null,
          note: rehearsing ? "" : undefined,
        })),
      },
    ];
  }

  /** Called once a frame, for what moves. */
  paint(painter: () => void): () => void {
    this.painters.add(painter);
    return () => this.painters.delete(painter);
  }

  /** Called a few times a second, and when something was done. */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = () => this.version;

  private say() {
    this.version += 1;
    for (const listener of this.listeners) {
      listener();
    }
  }

  start() {
    const loop = (now: number) => {
      this.frame = requestAnimationFrame(loop);
      this.tick(now);
    };
    this.frame = requestAnimationFrame(loop);
    void this.ask();
  }

  stop() {
    cancelAnimationFrame(this.frame);
    this.last = undefined;
  }

  private tick(now: number) {
    const passed = Math.min(100, now - (this.last ?? now));
    this.last = now;
    if (this.playing) {
      const known = this.known();
      // After a turn of a knob less is known than was played; time stands until it is, it never steps back.
      const next = Math.max(this.at, Math.min(this.at + passed * this.pace, known, this.until));
      this.at = next;
      if (next >= this.until) {
        this.playing = false;
        this.say();
      } else if (known - next < this.pace * 1_500) {
        void this.ask();
      }
    }
    for (const painter of this.painters) {
      painter();
    }
    if (now - this.slow > SLOW_MS) {
      this.slow = now;
      this.say();
    }
  }

  private known(): number {
    return this.checkpoints.at(-1)?.at ?? this.begin;
  }

  private async ask(): Promise<void> {
    const from = this.checkpoints.at(-1);
    const first = this.canners.some((canner) => canner.sights.length === 0);
    const ahead = quantum(this.at - (from?.at ?? 0) + Math.max(5_000, this.pace * 3_000));
    // Somebody who slows down has more in hand than is wanted.
    if (this.asking > 0 || !from || (ahead <= 0 && !first)) {
      return;
    }
    const generation = this.generation;
    const forMillis = first && !this.playing ? 0 : Math.min(LONGEST, ahead);
    this.asking += 1;
    try {
      const answer = await body(
        api.POST("/api/practice/scenes", {
          body: {
            canners: this.canners.map((canner, index) => {
              const state = from.states[index];
              return {
                canner: canner.setup,
                acts: canner.acts.filter((act) => act.atMillis >= from.at),
                ...(state?.snapshot == null ? {} : { snapshot: state.snapshot }),
                ...(state?.note === undefined ? {} : { rehearsal: state.note }),
              };
            }),
            forMillis,
            everyMillis: Math.max(QUANTUM, quantum((this.pace * 1_000) / LOOKS_A_SECOND)),
          },
        }),
      );
      this.problem = undefined;
      if (generation === this.generation) {
        this.take(from, forMillis, answer.canners);
      }
    } catch (failed) {
      this.problem = failed;
      this.playing = false;
    } finally {
      this.asking -= 1;
      this.say();
    }
    if (generation !== this.generation) {
      void this.ask();
    }
  }

  private take(from: Checkpoint, forMillis: number, told: readonly Schemas["SceneCannerResponse"][]) {
    told.forEach((one, index) => {
      const canner = this.canners[index];
      if (!canner) {
        return;
      }
      const old = canner.sights.filter(
        (sight) => sight.atMillis <= from.at && sight.atMillis > this.at - KEPT,
      );
      canner.sights = [...old, ...one.sights.filter((sight) => sight.atMillis > from.at || old.length === 0)];
      for (const sight of one.sights) {
        const last = canner.trace.at(-1);
        if (!last || sight.atMillis - last.atMillis >= TRACE_EVERY) {
          canner.trace.push(sight);
        }
      }
      canner.notes = [
        ...canner.notes.filter((each) => each.at <= from.at && each.at > this.at - KEPT),
        ...one.rehearsal.map((note, look) => ({ at: one.sights[look]?.atMillis ?? 0, note })),
      ];
    });
    if (forMillis > 0) {
      this.checkpoints.push({
        at: from.at + forMillis,
        states: told.map((one) => ({ snapshot: one.snapshot, note: one.rehearsal.at(-1)?.note })),
      });
    }
  }

  /** Forgets everything that was to come after a time, also what is being asked for. */
  private forget(after: number) {
    this.generation += 1;
    const kept = this.checkpoints.filter((checkpoint) => checkpoint.at <= after);
    this.checkpoints = kept.length > 0 ? kept : this.checkpoints.slice(0, 1);
    for (const canner of this.canners) {
      canner.acts = canner.acts.filter((act) => act.atMillis <= after);
      canner.sights = canner.sights.filter((sight) => sight.atMillis <= after);
      canner.trace = canner.trace.filter((sight) => sight.atMillis <= after);
      canner.notes = canner.notes.filter((each) => each.at <= after);
    }
  }

  /** Does something to a canner now. */
  act(canner: number, what: string, value: number) {
    const at = quantum(this.at);
    this.forget(at);
    const acts = this.canners[canner]?.acts;
    // A knob that is dragged is turned once a quarter of a second.
    if (acts && acts.at(-1)?.what === what && acts.at(-1)?.atMillis === at) {
      acts.pop();
    }
    acts?.push({ atMillis: at, what, value });
    void this.ask();
    this.say();
  }

  /** Back to a time, as if nothing had been done since. */
  rewind(to: number) {
    this.at = Math.max(this.begin, to);
    this.playing = false;
    this.until = Number.POSITIVE_INFINITY;
    this.forget(quantum(this.at));
    for (const canner of this.canners) {
      canner.acts = canner.acts.filter((act) => act.atMillis < to);
    }
    void this.ask();
    this.say();
  }

  play(on: boolean) {
    this.playing = on;
    this.until = Number.POSITIVE_INFINITY;
    void this.ask();
    this.say();
  }

  /** After the server was away: on to where it was to stop. */
  goOn() {
    this.problem = undefined;
    this.playing = true;
    void this.ask();
    this.say();
  }

  setPace(pace: number) {
    this.pace = pace;
    void this.ask();
    this.say();
  }

  /** A little on, and then it stands. */
  step(ms: number) {
    this.until = this.at + ms;
    this.playing = true;
    void this.ask();
    this.say();
  }

  /** What is seen at the moment that is played, between the two looks beside it. */
  sight(index: number): Sight | undefined {
    const sights = this.canners[index]?.sights ?? [];
    let low = 0;
    let high = sights.length - 1;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if ((sights[middle]?.atMillis ?? 0) <= this.at) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    const before = sights[low];
    const after = sights[low + 1];
    if (!before || !after || before.atMillis >= this.at) {
      return before;
    }
    const share = Math.min(1, (this.at - before.atMillis) / (after.atMillis - before.atMillis));
    const mix = (one: number, other: number) => one + (other - one) * share;
    return {
      ...before,
      needlePsi: mix(before.needlePsi, after.needlePsi),
      psi: mix(before.psi, after.psi),
      steamMg: mix(before.steamMg, after.steamMg),
      waterMl: mix(before.waterMl, after.waterMl),
      spilt: mix(before.spilt, after.spilt),
    };
  }

  /** The last value of a knob that was turned, at once, before the server has said what comes of it. */
  knob(index: number, what: string): number | undefined {
    return this.canners[index]?.acts.findLast((act) => act.what === what && act.atMillis <= quantum(this.at))
      ?.value;
  }

  /** The rehearsal as it stands at the moment that is played: the last that was told of it is a stretch ahead. */
  rehearsalAt(index: number): RehearsalNote | undefined {
    return this.canners[index]?.notes.findLast((each) => each.at <= this.at)?.note;
  }

  /** Plays what comes of an act, in about so many seconds, and then stands. */
  replay(acts: readonly Act[], forMillis: number, seconds: number) {
    const canner = this.canners[0];
    if (!canner) {
      return;
    }
    this.at = this.begin;
    this.forget(this.begin);
    canner.acts = acts.map((act) => ({ ...act, atMillis: act.atMillis + this.begin }));
    this.pace = Math.max(1, Math.round(forMillis / 1_000 / seconds));
    this.until = this.begin + forMillis;
    this.playing = true;
    void this.ask();
    this.say();
  }

  /** What happened so far, for going back to. */
  happenings(): readonly Happening[] {
    const named = this.canners.length > 1;
    return this.canners
      .flatMap((canner, index) => {
        const name = canner.setup.gauge === "dial" ? "Dial" : "Weighted";
        const all = happened(canner, index, this.at);
        return named ? all.map((one) => ({ ...one, text: `${name}: ${one.text}` })) : all;
      })
      .sort((one, other) => one.at - other.at);
  }
}

const ACT_WORDS: Readonly<Record<string, (value: number) => string>> = {
  burner: (value) => (value === 0 ? "Burner off" : `Burner to ${value}`),
  weight: (value) => (value ? "Weight on" : "Weight lifted"),
  nudge: () => "Weight nudged",
  lid: () => "Lid off",
  douse: (value) => (value ? "Cold water over it" : "Cold water off"),
  "gas-out": (value) => (value ? "Gas out" : "Gas back"),
  leak: (value) => (value ? "Gasket leaks" : "Gasket holds"),
  "dial-sticks": (value) => (value ? "Needle sticks" : "Needle free"),
};

function happened(canner: Canner, index: number, until: number): Happening[] {
  const all: Happening[] = canner.acts
    .filter((act, number) => {
      const next = canner.acts[number + 1];
      // Of a knob that is turned on and on, where it came to.
      const goesOn = next?.what === act.what && next.atMillis - act.atMillis < ONE_TURN;
      return act.atMillis <= until && !goesOn;
    })
    .map((act) => ({ at: act.atMillis, canner: index, text: ACT_WORDS[act.what]?.(act.value) ?? act.what }));
  let before: Sight | undefined;
  for (const sight of canner.trace) {
    if (sight.atMillis > until) {
      break;
    }
    const say = (text: string) => all.push({ at: sight.atMillis, canner: index, text });
    if (before) {
      if (sight.plume === "steady" && before.plume !== "steady") say("Steady steam");
      if (sight.psi >= canner.setup.psi && before.psi < canner.setup.psi) say(`At ${canner.setup.psi} psi`);
      if (sight.psi < canner.setup.psi && before.psi >= canner.setup.psi)
        say(`Below ${canner.setup.psi} psi`);
      if (sight.psi < 0.05 && before.psi >= 0.05 && sight.weightOn) say("Zero");
      if (sight.plugOpen && !before.plugOpen) say("The plug blew");
      if (sight.dry && !before.dry) say("Boiled dry");
    }
    before = sight;
  }
  return all;
}
