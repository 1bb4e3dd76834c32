import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useState,
  useSyncExternalStore,
} from "react";
import { api, body, FOR_KITCHEN } from "@/api/client";
import { Problem } from "@/api/problem";
import { local } from "@/api/storage";
import { useChanged } from "@/api/useChanged";
import { type EventRequest, hear, live, onOnline, type Run, runNow } from "./live";
import { Outbox, type Tap } from "./outbox";
import { deviceStore } from "./tapStore";

const BY = "mobrel.cook";

/** Who stands at this device; said with every tap. */
export function cookName(): string {
  return local.getItem(BY) ?? "";
}

export function rememberCook(name: string) {
  local.setItem(BY, name);
}

/**
 * The outbox of this page, as it talks to the server and keeps on this device.
 *
 * @param written what is to be done whenever a tap was written down; by then the cook may be on another page, such as the shelf
 */
export function deviceOutbox(written: () => void): Outbox {
  return new Outbox({
    store: deviceStore(),
    send: async (runId, event, signal, kitchen) => {
      hear(
        await body(
          api.POST("/api/runs/{id}/events", {
            params: { path: { id: runId } },
            body: { ...event, known: live().runs?.find((each) => each.id === runId)?.events.length ?? 0 },
            signal,
            ...(kitchen === undefined ? {} : { headers: { [FOR_KITCHEN]: kitchen } }),
          }),
        ),
      );
      written();
    },
    // Of two quick taps the second knows what the first has written down by now.
    known: (run) => (live().runs?.find((each) => each.id === run.id) ?? run).events.length,
    now: runNow,
    // Only pages served over https, or from this machine, can keep out of each other's way; the others rely on the keys.
    ...(navigator.locks
      ? { alone: (runId, act) => navigator.locks.request(`mobrel-run-${runId}`, act) as never }
      : {}),
  });
}

const OutboxContext = createContext<Outbox | undefined>(undefined);

/** Holds the outbox for everything inside, and lets it go on trying as long as it stands there. */
export function OutboxProvider({
  outbox,
  children,
}: {
  readonly outbox: Outbox;
  readonly children: ReactNode;
}) {
  useEffect(() => {
    void outbox.load();
    const quiet = [outbox.listen(), onOnline(() => outbox.sendAll())];
    const back = () => outbox.sendAll();
    window.addEventListener("online", back);
    return () => {
      window.removeEventListener("online", back);
      for (const end of quiet) {
        end();
      }
    };
  }, [outbox]);
  return <OutboxContext value={outbox}>{children}</OutboxContext>;
}

export function useOutbox(): Outbox {
  const outbox = useContext(OutboxContext);
  if (!outbox) {
    throw new Error("no outbox around this");
  }
  return outbox;
}

/** The taps of this device that wait, and those that were refused. */
export function useTaps(): readonly Tap[] {
  const outbox = useOutbox();
  return useSyncExternalStore(outbox.subscribe, outbox.list);
}

export interface Recording {
  /** Fails if the server refuses it at once; a tap that has to wait is no failure. */
  readonly record: (event: EventRequest) => Promise<void>;
  /** What the last tap was refused for. */
  readonly error: unknown;
}

/** Writes down what happens in a run. */
export function useRecordEvent(run: Run): Recording {
  const outbox = useOutbox();
  const changed = useChanged("runs");
  const [error, setError] = useState<unknown>();
  const record = useCallback(
    async (event: EventRequest) => {
      try {
        await outbox.tap(run, { ...event, by: event.by ?? cookName() });
        setError(undefined);
      } catch (refused) {
        setError(refused);
        void changed();
        throw refused;
      }
    },
    [outbox, run, changed],
  );
  return { record, error };
}

/** How long still, when the server refused because something is not over yet; undefined otherwise. */
export function waitOf(error: unknown): number | undefined {
  const wait = error instanceof Problem ? error.facts["waitMillis"] : undefined;
  return typeof wait === "number" ? wait : undefined;
}

/** What the other device wrote down first, when this tap came second. */
export function firstOf(error: unknown): { what: string; at: string; by: string } | undefined {
  if (!(error instanceof Problem) || error.code !== "someone-was-first") {
    return undefined;
  }
  const text = (name: string) => String(error.facts[name] ?? "");
  return { what: text("first"), at: text("firstAt"), by: text("firstBy") };
}
