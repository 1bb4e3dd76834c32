import { kitchenNow } from "@/api/edition";
import { Problem } from "@/api/problem";
import type { EventRequest, Run } from "./live";

/**
 * A tap on its way to the server: what, when by the run's clock, and a key so that it is written down once however often it is sent.
 *
 * It waits while `refused` is undefined. A tap that was sent is gone from here: the run itself shows it.
 */
export interface Tap {
  readonly runId: number;
  readonly key: string;
  readonly happenedAt: string;
  readonly event: EventRequest;
  /** The kitchen it was tapped in; none where that was not known. */
  readonly kitchen?: string | undefined;
  /** Its place among the taps of this device. */
  readonly order: number;
  /** Whether it has waited long enough to be shown as waiting; a tap that gets through at once never is. */
  readonly kept: boolean;
  /** What the server said to it when it came through and was not taken. */
  readonly refused?: string;
}

/** Where taps are kept, so that a reloaded page still has them. */
export interface TapStore {
  all(): Promise<readonly Tap[]>;
  put(tap: Tap): Promise<void>;
  remove(key: string): Promise<void>;
  /** Calls when another page of this device has changed something. */
  onChange(hear: () => void): () => void;
}

export interface OutboxParts {
  readonly store: TapStore;
  /** Sends an event and hands on what comes back; fails with a {@link Problem} or anything else. */
  readonly send: (
    runId: number,
    event: EventRequest,
    signal: AbortSignal,
    kitchen: string | undefined,
  ) => Promise<void>;
  /** How many events of a run this page knows of by now. */
  readonly known: (run: Run) => number;
  /** A run's own clock now. */
  readonly now: (run: Run) => number;
  /** Runs something while no other page of this device does so for the same run. */
  readonly alone?: <T>(runId: number, act: () => Promise<T>) => Promise<T>;
}

/** How long an answer is waited for. */
const PATIENCE_MS = 5_000;

/** So long a tap may be under way before it is shown as waiting. */
const KEPT_AFTER_MS = 400;

/** Between one try and the next: soon at first, then less often, and never longer than a cook would wait. */
const FIRST_PAUSE_MS = 500;
const LONGEST_PAUSE_MS = 8_000;

/** So long the device may take to keep a tap before it is sent all the same. */
const STORED_WITHIN_MS = 1_000;

/** What another page of this device has not got through by then is sent by this one: that page may be closed. Longer than its one try takes. */
const TAKEN_OVER_AFTER_MS = PATIENCE_MS + 1_000;

/** The same look tapped again so soon is a finger that bounced. */
const BOUNCE_MS = 1_500;

interface Waiter {
  readonly resolve: () => void;
  readonly reject: (error: unknown) => void;
}

/**
 * The taps of this device, from the finger to the server. They are kept before they are sent, sent in the order of their run, and tried again on
 * their own until the server has answered: neither a dead line nor a server that is not itself loses or doubles one.
 */
export class Outbox {
  private taps: readonly Tap[] = [];
  private readonly waiters = new Map<string, Waiter>();
  private readonly bases = new Map<string, Run>();
  private readonly sending = new Set<number>();
  private readonly failures = new Map<number, number>();
  private readonly pauses = new Map<number, ReturnType<typeof setTimeout>>();
  private readonly hearers = new Set<() => void>();
  /** Taps this page has done with; what was read of the device just before still has them. */
  private readonly done = new Set<string>();
  private takingOver: ReturnType<typeof setTimeout> | undefined;
  private readonly parts: OutboxParts;
  private order = 0;

  constructor(parts: OutboxParts) {
    this.parts = parts;
  }

  /** Takes up what an earlier page of this device has left. */
  async load(): Promise<void> {
    await this.reread();
    this.sendAll();
  }

  /** Everything that has not reached the server, and what it refused; the same list until something changes. */
  readonly list = (): readonly Tap[] => this.taps;

  readonly subscribe = (hear: () => void): (() => void) => {
    this.hearers.add(hear);
    return () => this.hearers.delete(hear);
  };

  /** Listens to other pages of this device; answers how to stop. */
  listen(): () => void {
    const deaf = this.parts.store.onChange(() => void this.reread().then(() => this.takeOver()));
    return () => {
      deaf();
      clearTimeout(this.takingOver);
    };
  }

  private takeOver() {
    clearTimeout(this.takingOver);
    if (this.taps.some((tap) => tap.refused === undefined)) {
      this.takingOver = setTimeout(() => this.sendEach(), TAKEN_OVER_AFTER_MS);
    }
  }

  /**
   * Takes a tap. It is never dropped: behind another one it waits for its turn.
   *
   * Settles when the tap is written down, or waits on this device; fails if the server refused it at once.
   */
  tap(run: Run, event: EventRequest): Promise<void> {
    const now = this.parts.now(run);
    if (this.bounced(run.id, event, now)) {
      return Promise.resolve();
    }
    this.order = Math.max(this.order + 1, Date.now());
    const key = newKey();
    const tap: Tap = {
      runId: run.id,
      key,
      happenedAt: new Date(now).toISOString(),
      event: { ...event, key },
      kitchen: kitchenNow(),
      order: this.order,
      kept: this.waiting(run.id).some(({ kept }) => kept),
    };
    this.bases.set(key, run);
    this.change([...this.taps, tap]);
    const settled = tap.kept
      ? Promise.resolve()
      : new Promise<void>((resolve, reject) => this.waiters.set(key, { resolve, reject }));
    setTimeout(() => this.keep(key), KEPT_AFTER_MS);
    void Promise.race([this.stored(() => this.parts.store.put(tap)), after(STORED_WITHIN_MS)]).then(() =>
      this.send(run.id),
    );
    return settled;
  }

  /** A refusal was read. */
  forget(tap: Tap) {
    this.remove(tap.key);
  }

  /** Tries at once, where there is reason to think that the server is back. */
  sendAll() {
    this.failures.clear();
    this.sendEach();
  }

  private sendEach() {
    for (const runId of new Set(this.taps.map((tap) => tap.runId))) {
      void this.send(runId);
    }
  }

  private waiting(runId: number): readonly Tap[] {
    return this.taps.filter((tap) => tap.runId === runId && tap.refused === undefined);
  }

  /**
   * A second touch of the same thing while the first is on its way. A jar that went in, came out and goes in again is touched anew; and a look at
   * the instrument may well be the same as the one before.
   */
  private bounced(runId: number, event: EventRequest, now: number): boolean {
    const last = this.waiting(runId).findLast(
      (tap) => event.jar === undefined || tap.event.jar === event.jar,
    );
    return (
      last !== undefined &&
      same(last.event, event) &&
      (event.type !== "reading" || now - Date.parse(last.happenedAt) < BOUNCE_MS)
    );
  }

  private keep(key: string) {
    if (this.taps.some((tap) => tap.key === key && !tap.kept)) {
      this.change(this.taps.map((tap) => (tap.key === key ? { ...tap, kept: true } : tap)));
    }
  }

  private async send(runId: number): Promise<void> {
    if (this.sending.has(runId)) {
      return;
    }
    this.sending.add(runId);
    clearTimeout(this.pauses.get(runId));
    try {
      await (this.parts.alone ?? alone)(runId, () => this.sendAllOf(runId));
    } finally {
      this.sending.delete(runId);
    }
    const failed = this.failures.get(runId);
    if (failed === undefined) {
      if (this.waiting(runId).length > 0) {
        void this.send(runId);
      }
      return;
    }
    const pause = Math.min(LONGEST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** (failed - 1));
    this.pauses.set(
      runId,
      setTimeout(() => void this.send(runId), pause),
    );
  }

  /** One after the other, until none is left or one does not get through. */
  private async sendAllOf(runId: number): Promise<void> {
    let tap = this.waiting(runId)[0];
    while (tap !== undefined) {
      const outcome = await this.sendOne(tap);
      if (outcome === "unreachable") {
        this.failures.set(runId, (this.failures.get(runId) ?? 0) + 1);
        return;
      }
      this.failures.delete(runId);
      tap = this.waiting(runId)[0];
    }
  }

  private async sendOne(tap: Tap): Promise<"settled" | "unreachable"> {
    const run = this.bases.get(tap.key);
    const direct = this.waiters.has(tap.key) && run !== undefined;
    const request = direct
      ? { ...tap.event, expected: this.parts.known(run) }
      : { ...tap.event, happenedAt: tap.happenedAt };
    try {
      await within((signal) => this.parts.send(tap.runId, request, signal, tap.kitchen));
      this.settle(tap.key);
      this.remove(tap.key);
      return "settled";
    } catch (error) {
      if (isUnreachable(error)) {
        // From now on they are kept: whoever tapped goes on, and nobody asks any more what this page knew then.
        for (const each of this.waiting(tap.runId)) {
          this.settle(each.key);
          this.keep(each.key);
        }
        return "unreachable";
      }
      this.refuse(tap, error);
      return "settled";
    }
  }

  private settle(key: string) {
    this.waiters.get(key)?.resolve();
    this.waiters.delete(key);
  }

  /** Whoever waits for the answer hears it; of a tap that was kept it stays on the screen until somebody has read it. */
  private refuse(tap: Tap, error: unknown) {
    const waiter = this.waiters.get(tap.key);
    if (waiter) {
      this.waiters.delete(tap.key);
      this.remove(tap.key);
      waiter.reject(error);
      return;
    }
    const refused = { ...tap, kept: true, refused: error instanceof Error ? error.message : String(error) };
    this.change(this.taps.map((each) => (each.key === tap.key ? refused : each)));
    void this.stored(() => this.parts.store.put(refused));
  }

  private remove(key: string) {
    this.bases.delete(key);
    this.done.add(key);
    this.change(this.taps.filter((tap) => tap.key !== key));
    void this.stored(() => this.parts.store.remove(key));
  }

  /** What stands on the device now. A tap that this page is about to settle stays its own. */
  private async reread(): Promise<void> {
    const stored = await this.parts.store.all().catch(() => undefined);
    if (stored === undefined) {
      return;
    }
    const own = this.taps.filter((tap) => this.waiters.has(tap.key));
    const others = stored
      .filter((tap) => !this.done.has(tap.key) && own.every(({ key }) => key !== tap.key))
      .map((tap) => ({ ...tap, kept: true }));
    this.change([...own, ...others].sort((one, two) => one.order - two.order));
  }

  /** A device that keeps nothing still has the taps as long as the page is open. */
  private async stored(act: () => Promise<void>): Promise<void> {
    await act().catch(() => undefined);
  }

  private change(taps: readonly Tap[]) {
    this.taps = taps;
    for (const hear of this.hearers) {
      hear();
    }
  }
}

/** No answer, or one that says the server is not itself, or does not know this device just now: the tap may still be meant. */
function isUnreachable(error: unknown): boolean {
  return !(error instanceof Problem) || [401, 500, 502, 503, 504].includes(error.status);
}

function same(one: EventRequest, other: EventRequest): boolean {
  const { key: _one, expected: _expected, happenedAt: _at, ...said } = one;
  const { key: _other, expected: _e, happenedAt: _a, ...again } = other;
  return JSON.stringify(Object.entries(said).sort()) === JSON.stringify(Object.entries(again).sort());
}

const alone = <T>(_runId: number, act: () => Promise<T>): Promise<T> => act();

const after = (millis: number) => new Promise<void>((resolve) => setTimeout(resolve, millis));

/** Gives up an answer that does not come, so that the next try finds the way free. */
async function within(act: (signal: AbortSignal) => Promise<void>): Promise<void> {
  const giveUp = new AbortController();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, fail) => {
    timer = setTimeout(() => {
      fail(new Error("no answer"));
      giveUp.abort();
    }, PATIENCE_MS);
  });
  return Promise.race([act(giveUp.signal), late]).finally(() => clearTimeout(timer));
}

/** Eight to forty letters nobody else comes up with; also where a page is not served over https. */
function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(15));
  return `tap-${Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("")}`;
}
