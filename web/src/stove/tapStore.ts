import { type IDBPDatabase, openDB } from "idb";
import { local } from "@/api/storage";
import type { Tap, TapStore } from "./outbox";

const TAPS = "taps";

/** Where the program before this one kept taps; what waits there is taken over. */
const BEFORE = "mobrel.kept-taps";

/** Where a tap stands until the database has it. */
const AT_ONCE = "mobrel.tap.";

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
    // A page that is reloaded in the blink of an eye would break off what the database is about to write.
    holdAtOnce(tap);
    await (await database()).put(TAPS, tap);
    letGo(tap.key);
    channel?.postMessage("changed");
  };
  return {
    all: async () => {
      for (const tap of before()) {
        await put(tap);
      }
      local.removeItem(BEFORE);
      for (const tap of heldAtOnce()) {
        await put(tap);
      }
      const taps = (await (await database()).getAll(TAPS)) as Tap[];
      return taps.sort((one, two) => one.order - two.order);
    },
    put,
    remove: async (key) => {
      letGo(key);
      await (await database()).delete(TAPS, key);
      channel?.postMessage("changed");
    },
    onChange: (hear) => {
      channel?.addEventListener("message", hear);
      return () => channel?.removeEventListener("message", hear);
    },
  };
}

function holdAtOnce(tap: Tap) {
  // Full or closed: the database alone has to do.
  local.setItem(AT_ONCE + tap.key, JSON.stringify(tap));
}

function letGo(key: string) {
  local.removeItem(AT_ONCE + key);
}

function heldAtOnce(): readonly Tap[] {
  return local
    .keys()
    .filter((name) => name.startsWith(AT_ONCE))
    .flatMap((name) => {
      try {
        return [JSON.parse(local.getItem(name) ?? "") as Tap];
      } catch {
        return [];
      }
    });
}

function before(): readonly Tap[] {
  try {
    const taps = JSON.parse(local.getItem(BEFORE) ?? "[]") as Omit<Tap, "order" | "kept">[];
    return taps.map((tap, order) => ({ ...tap, order, kept: true }));
  } catch {
    return [];
  }
}
