import { useLayoutEffect } from "react";

/** Where the page is to stand once what was navigated to is shown. */
type Arrival = { readonly top: number } | { readonly hash: string };

const KEPT = "mobrel.scrolled";

let arrival: Arrival | undefined;
let entry = entryOf(history.state);

function entryOf(state: unknown): string {
  return typeof state === "object" && state !== null && "entry" in state ? String(state.entry) : "first";
}

function kept(): Record<string, number> {
  try {
    return JSON.parse(sessionStorage.getItem(KEPT) ?? "{}");
  } catch {
    return {};
  }
}

function keep() {
  try {
    sessionStorage.setItem(KEPT, JSON.stringify({ ...kept(), [entry]: window.scrollY }));
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

/** Puts a page that has just been shown where it belongs: at its top, at the part that was meant, or where it stood before. */
export function useScroll(shown: string) {
  useLayoutEffect(() => {
    history.scrollRestoration = "manual";
    // Of a page that is loaded anew the browser knows it better: it tries again as the page grows.
    const byItself = () => {
      history.scrollRestoration = "auto";
    };
    window.addEventListener("popstate", comeBack);
    window.addEventListener("pagehide", byItself);
    return () => {
      window.removeEventListener("popstate", comeBack);
      window.removeEventListener("pagehide", byItself);
    };
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is the page that was shown that is put somewhere.
  useLayoutEffect(() => {
    const here = arrival;
    arrival = undefined;
    if (!here) {
      return;
    }
    if ("top" in here) {
      window.scrollTo(0, here.top);
      return;
    }
    const find = () => document.getElementById(here.hash);
    const part = find();
    if (part) {
      part.scrollIntoView();
      return;
    }
    // A page that is opened for the first time has its parts once its answers have come.
    window.scrollTo(0, 0);
    const coming = new MutationObserver(() => {
      const come = find();
      if (come) {
        come.scrollIntoView();
        coming.disconnect();
      }
    });
    coming.observe(document.body, { childList: true, subtree: true });
    return () => coming.disconnect();
  }, [shown]);
}
