import { type IDBPDatabase, openDB } from "idb";
import type { Tap, TapStore } from "./outbox";

const TAPS = "taps";

/** Where the program before this one kept taps; what waits there is taken over. */
const BEFORE = "mobrel.kept-taps";

/** The taps of this device in its database, shared by all pages of it. */
export function deviceStore(name = "mobrel"): TapStore {
  let opened: Promise<IDBPDatabase> | undefined;
  const channel = typeof BroadcastChannel === "undefined" ? undefined : new BroadcastChannel(name);
  const database = async () => {
    opened ??= openDB(name, 1, {
      upgrade: (made) => {
        made.createObjectStore(TAPS, { keyPath: "key" });
      },
    });
    return opened;
  };
  const put = async (tap: Tap) => {
    await (await database()).put(TAPS, tap);
    channel?.postMessage("changed");
  };
  return {
    all: async () => {
      for (const tap of before()) {
        await put(tap);
      }
      localStorage.removeItem(BEFORE);
      const taps = (await (await database()).getAll(TAPS)) as Tap[];
      return taps.sort((one, two) => one.order - two.order);
    },
    put,
    remove: async (key) => {
      await (await database()).delete(TAPS, key);
      channel?.postMessage("changed");
    },
    onChange: (hear) => {
      channel?.addEventListener("message", hear);
      return () => channel?.removeEventListener("message", hear);
    },
  };
}

function before(): readonly Tap[] {
  try {
    const taps = JSON.parse(localStorage.getItem(BEFORE) ?? "[]") as Omit<Tap, "order" | "kept">[];
    return taps.map((tap, order) => ({ ...tap, order, kept: true }));
  } catch {
    return [];
  }
}
