import { useSyncExternalStore } from "react";
import { doubtAccess, type Schemas, thisPage } from "@/api/client";
import { leaveKitchen } from "@/api/edition";
import { setReach } from "@/api/reach";
import { recalledRuns, rememberRuns } from "./recall";

/** @param waits a tap kept on this device after which only the server can say what the clock shows; never sent */
export type Run = Schemas["RunResponse"] & {
  readonly waits?: { readonly type: string; readonly at: string } | undefined;
};
export type RunEvent = Schemas["EventResponse"];
export type EventRequest = Schemas["EventRequest"];
export type Simulation = Schemas["SimulationResponse"];

/** Where a run's own clock stood, and where the clocks of this device stood then. */
interface Mark {
  readonly run: number;
  readonly performance: number;
  readonly date: number;
  readonly pace: number;
}

export interface Live {
  /** Runs that need somebody; undefined until the server has been heard for the first time. */
  readonly runs: readonly Run[] | undefined;
  /** Whether the line to the server is open; undefined as long as nobody can say. */
  readonly online: boolean | undefined;
  readonly simulations: ReadonlyMap<number, Simulation>;
  /** When the server was heard last, by this device's clock, in milliseconds; undefined before. */
  readonly heardAt: number | undefined;
}

/** The server says a word every two seconds; after this long without one the line is dead, whatever the browser thinks. */
const SILENCE_MS = 7_000;
const AGAIN_MS = 1_500;

/** A line that is not there yet is no news; only after this long without an answer it is said. */
const PATIENCE_MS = 3_000;

let state: Live = { runs: undefined, online: undefined, simulations: new Map(), heardAt: undefined };
const marks = new Map<number, Mark>();
const hearers = new Set<() => void>();
const whenOnline = new Set<() => void>();
let line: EventSource | undefined;
let heardAt = 0;
let seen = "";
let again: ReturnType<typeof setTimeout> | undefined;
let gone: ReturnType<typeof setTimeout> | undefined;

export function change(part: Partial<Live>) {
  state = { ...state, ...part };
  if (state.online !== undefined) {
    setReach(state.online);
  }
  for (const hear of hearers) {
    hear();
  }
}

export function live(): Live {
  return state;
}

/** What is told of a run: all of it, or only what has changed and what is new since what this page has. */
export type Told = Partial<Run> & Pick<Run, "id" | "now" | "known" | "events">;

export function merged(before: Run | undefined, told: Told): Run {
  const old = before?.events.slice(0, told.known) ?? [];
  // A word that leaves out the title leaves out all that has not changed; any other says everything.
  const now = (told.title === undefined ? { ...before, ...told } : told) as Run;
  return old.length < told.known ? now : { ...now, events: [...old, ...told.events] };
}

export function hear(told: Told) {
  const before = state.runs?.find((run) => run.id === told.id);
  if (before && told.known + told.events.length < before.events.length) {
    return; // An older word that was slower on its way.
  }
  const now = merged(before, told);
  mark(now);
  const others = (state.runs ?? []).filter((run) => run.id !== told.id);
  change({
    runs: [...others, now].filter((run) => !run.closed).sort((one, two) => one.id - two.id),
    heardAt: Date.now(),
  });
  remember();
}

function remember() {
  rememberRuns(
    state.runs ?? [],
    (run) => runNow(run),
    (run) => run.pace,
  );
}

function mark(run: Run) {
  marks.set(run.id, {
    run: Date.parse(run.now),
    performance: performance.now(),
    date: Date.now(),
    pace: run.pace,
  });
}

/**
 * A run's own clock now, in milliseconds. It goes on by itself when the server cannot be heard. One clock of a device may stand while it
 * sleeps and the other may be set; the one that says more has passed is believed, which never lets a hold begin too early.
 */
export function runNow(run: Run): number {
  const known = marks.get(run.id);
  if (!known) {
    return Date.parse(run.now);
  }
  const passed = Math.max(performance.now() - known.performance, Date.now() - known.date, 0);
  return known.run + passed * known.pace;
}

/** What is called when something was changed elsewhere; with "backup", which is everything, when this page may have missed words. */
const hearersOfChanges = new Set<(concept: string) => void>();

export function onChange(act: (concept: string) => void): () => void {
  hearersOfChanges.add(act);
  return () => hearersOfChanges.delete(act);
}

function tell(concept: string) {
  for (const act of hearersOfChanges) {
    act(concept);
  }
}

function opened(runs: readonly Run[]) {
  if (state.online === false || (state.runs !== undefined && gone !== undefined)) {
    tell("backup");
  }
  clearTimeout(gone);
  gone = undefined;
  runs.forEach(mark);
  const before = state.runs ?? [];
  change({
    online: true,
    heardAt: Date.now(),
    runs: runs.map((told) =>
      merged(
        before.find((run) => run.id === told.id),
        told,
      ),
    ),
  });
  remember();
  for (const act of whenOnline) {
    act();
  }
}

/** What an earlier page of this device heard, where nobody can be asked now: its clocks go on by the clock of the device. */
async function recall() {
  const recalled = await recalledRuns();
  if (recalled === undefined || state.runs !== undefined) {
    return;
  }
  for (const { run, now } of recalled.runs) {
    mark({ ...run, now: new Date(now).toISOString() });
  }
  change({ runs: recalled.runs.map(({ run }) => run), heardAt: recalled.heardAt });
}

/** A device's clock may stand, drift or be set; the server's word now and then sets the runs that go with it right. */
export function beaten(server: number) {
  for (const run of state.runs ?? []) {
    const known = marks.get(run.id);
    // A simulated run, or one that was under way when the server's clock was set, has a clock of its own.
    if (!run.ownClock && known && Math.abs(runNow(run) - server) > 300) {
      marks.set(run.id, { ...known, run: server, performance: performance.now(), date: Date.now() });
    }
  }
}

function connect() {
  clearTimeout(again);
  line?.close();
  const wanted = new EventSource(`/api/runs/stream?seen=${encodeURIComponent(seen)}`);
  line = wanted;
  heardAt = performance.now();
  const on = (name: string, act: (data: unknown) => void) =>
    wanted.addEventListener(name, (message) => {
      heardAt = performance.now();
      seen = message.lastEventId || seen;
      act(JSON.parse(message.data));
    });
  on("runs", (data) => opened((data as { runs: Run[] }).runs));
  on("run", (data) => hear(data as Told));
  // Another kitchen stands there now: nothing this page knows is of it.
  on("restart", () => void leaveKitchen().finally(() => location.reload()));
  on("beat", (data) => {
    beaten(Date.parse((data as { now: string }).now));
    state = { ...state, heardAt: Date.now() };
  });
  on("change", (data) => {
    const { concept, page } = data as { concept: string; page: string };
    if (page !== thisPage) {
      tell(concept);
    }
  });
  on("simulation", (data) => {
    const told = data as Simulation;
    change({ simulations: new Map(state.simulations).set(told.runId, told) });
  });
  wanted.onerror = lost;
}

function lost() {
  line?.close();
  line = undefined;
  if (gone === undefined) {
    doubtAccess();
  }
  if (state.online !== false) {
    // A page that is being left loses its line too, and most lines are back before anybody could read that they were gone.
    gone ??= setTimeout(() => {
      change({ online: false });
      void recall();
    }, PATIENCE_MS);
  }
  clearTimeout(again);
  again = setTimeout(connect, AGAIN_MS);
}

/** What is to be done each time the line opens. */
export function onOnline(act: () => void): () => void {
  whenOnline.add(act);
  return () => whenOnline.delete(act);
}

let started = false;

function start() {
  if (started) {
    return;
  }
  started = true;
  connect();
  setInterval(() => {
    if (line && performance.now() - heardAt > SILENCE_MS) {
      lost();
    }
  }, 1_000);
  window.addEventListener("offline", lost);
  window.addEventListener("online", connect);
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible" && performance.now() - heardAt > SILENCE_MS) {
      lost();
    }
  });
}

function subscribe(hearer: () => void): () => void {
  start();
  hearers.add(hearer);
  return () => hearers.delete(hearer);
}

/** Everything this page knows of the stove, as it changes. */
export function useLive(): Live {
  return useSyncExternalStore(subscribe, live);
}

/** When the server was heard last, by this device's clock; undefined where it never was. */
export function useHeardAt(): number | undefined {
  return useSyncExternalStore(subscribe, () => state.heardAt);
}
