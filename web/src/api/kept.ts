import { type IDBPDatabase, openDB } from "idb";
import { forgetTyped } from "./typed";

/**
 * What this device keeps of a kitchen for when it cannot be reached: single values under a name, and lists of things that wait to be sent. All
 * of it is gone once the device is removed, or another kitchen stands there.
 */
const NAME = "mobrel-kept";
const VALUES = "values";
const WAITING = "waiting";

interface Stored {
  /** The version of the answers by which a value was written; what another version wrote is not understood. */
  readonly version: string;
  readonly value: unknown;
}

/** Something that is sent later; they go out in the order of their numbers. */
export interface Waiting<T> {
  readonly number: number;
  readonly what: T;
}

let opened: Promise<IDBPDatabase> | undefined;

function database(): Promise<IDBPDatabase> {
  opened ??= openDB(NAME, 1, {
    upgrade: (made) => {
      made.createObjectStore(VALUES);
      made.createObjectStore(WAITING, { keyPath: "number", autoIncrement: true });
    },
  });
  return opened;
}

/** A device that keeps nothing, such as in a private window, works as long as the kitchen can be reached. */
async function ifPossible<T>(act: (kept: IDBPDatabase) => Promise<T>): Promise<T | undefined> {
  try {
    return await act(await database());
  } catch {
    return undefined;
  }
}

export async function keep(name: string, value: unknown): Promise<void> {
  await ifPossible((kept) => kept.put(VALUES, { version: __ANSWERS__, value } satisfies Stored, name));
}

export async function kept<T>(name: string): Promise<T | undefined> {
  const stored = (await ifPossible((all) => all.get(VALUES, name))) as Stored | undefined;
  return stored?.version === __ANSWERS__ ? (stored.value as T) : undefined;
}

/** Keeps something to be sent later; answers its number, or nothing where this device keeps nothing. */
export async function keepWaiting(what: unknown): Promise<number | undefined> {
  return (await ifPossible((kept) => kept.add(WAITING, { what }))) as number | undefined;
}

export async function allWaiting<T>(): Promise<readonly Waiting<T>[]> {
  return ((await ifPossible((kept) => kept.getAll(WAITING))) as Waiting<T>[] | undefined) ?? [];
}

export async function forgetWaiting(numbers: readonly number[]): Promise<void> {
  await ifPossible(async (kept) => {
    const change = kept.transaction(WAITING, "readwrite");
    await Promise.all([...numbers.map((number) => change.store.delete(number)), change.done]);
  });
}

const whenForgotten = new Set<() => void>();

/** Calls when everything is to be forgotten: what still holds something of it in hand, to be kept later, lets go of it. */
export function onForgotten(act: () => void) {
  whenForgotten.add(act);
}

/** Nothing of the kitchen is on this device any more. */
export async function forgetAll(): Promise<void> {
  for (const act of whenForgotten) {
    act();
  }
  forgetTyped();
  await ifPossible((kept) => Promise.all([kept.clear(VALUES), kept.clear(WAITING)]));
}
