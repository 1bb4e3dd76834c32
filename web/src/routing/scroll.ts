import { useLayoutEffect } from "react";
import { session } from "@/api/storage";

/** Where the page is to stand once what was navigated to is shown. */
type Arrival = { readonly top: number } | { readonly hash: string };

const KEPT = "mobrel.scrolled";
/** Nobody goes back further. */
const MOST_KEPT = 50;

/** What says that somebody scrolls: then nothing else does. */
const BY_HAND = ["wheel", "touchstart", "pointerdown", "keydown"] as const;

let entry = entryOf(history.state);
/** A page that is loaded anew, or come back to from elsewhere, stands where it stood. */
let arrival: Arrival | undefined = comesAgain() ? { top: kept()[entry] ?? 0 } : undefined;

function comesAgain(): boolean {
  const [load] = performance.getEntriesByType?.("navigation") ?? [];
  return load !== undefined && "type" in load && load.type !== "navigate";
}

function entryOf(state: unknown): string {
  return typeof state === "object" && state !== null && "entry" in state ? String(state.entry) : "first";
}

function kept(): Record<string, number> {
  try {
    return JSON.parse(session.getItem(KEPT) ?? "{}");
  } catch {
    return {};
  }
}

function keep() {
  try {
    const { [entry]: _, ...others } = kept();
    const latest = [...Object.entries(others).slice(1 - MOST_KEPT), [entry, window.scrollY]];
    session.setItem(KEPT, JSON.stringify(Object.fromEntries(latest)));
  } catch {
    // Without storage a page that is come back to begins at its top.
  }
}

/** Before a navigation: where the page stood is kept, and the next one begins at its top, or at a part of it. */
export function leave(hash: string | undefined, replaces: boolean): { readonly entry: string } {
  keep();
  arrival = hash ? { hash } : { top: 0 };
  if (!replaces) {
    entry = `${Date.now()}-${Math.random()}`;
  }
  return { entry };
}

/** A change of the address that leaves the page where it stands. */
export function stay(): { readonly entry: string } {
  return { entry };
}

function comeBack({ state }: PopStateEvent) {
  if (state === null && location.hash) {
    // A link within the page: that is the browser's.
    return;
  }
  keep();
  entry = entryOf(state);
  arrival = { top: kept()[entry] ?? 0 };
}

/** Tries again as the page grows with its answers, until it is there or somebody scrolls. */
function whenItGrows(arrived: () => boolean): () => void {
  if (arrived()) {
    return () => {};
  }
  const growing = new ResizeObserver(() => arrived() && stop());
  const stop = () => {
    growing.disconnect();
    for (const hand of BY_HAND) {
      window.removeEventListener(hand, stop);
    }
  };
  for (const hand of BY_HAND) {
    window.addEventListener(hand, stop, { passive: true });
  }
  growing.observe(document.body);
  return stop;
}

function goTo(here: Arrival): boolean {
  if ("top" in here) {
    window.scrollTo(0, here.top);
    return window.scrollY >= here.top - 1;
  }
  const part = document.getElementById(here.hash);
  if (part) {
    part.scrollIntoView();
  } else {
    window.scrollTo(0, 0);
  }
  return part !== null;
}

/** Puts the page that is shown where it was asked to stand. */
export function arrive(): (() => void) | undefined {
  const here = arrival;
  arrival = undefined;
  return here ? whenItGrows(() => goTo(here)) : undefined;
}

/** Puts a page that has just been shown where it belongs: at its top, at the part that was meant, or where it stood before. */
export function useScroll(shown: string) {
  useLayoutEffect(() => {
    history.scrollRestoration = "manual";
    window.addEventListener("popstate", comeBack);
    window.addEventListener("pagehide", keep);
    return () => {
      window.removeEventListener("popstate", comeBack);
      window.removeEventListener("pagehide", keep);
    };
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is the page that was shown that is put somewhere.
  useLayoutEffect(arrive, [shown]);
}
