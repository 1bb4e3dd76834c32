import { useRouterState } from "@tanstack/react-router";
import { useEffect, useRef } from "react";

/** A page that has just come is read from its heading, unless something of it has the focus already. */
export function useFocusOnArrival() {
  const path = useRouterState({ select: ({ location }) => location.pathname });
  const before = useRef(path);
  useEffect(() => {
    if (before.current === path) {
      return;
    }
    before.current = path;
    const frame = requestAnimationFrame(() => {
      const main = document.querySelector("main");
      const heading = main?.querySelector("h1");
      if (heading && !main?.contains(document.activeElement)) {
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
      }
    });
    return () => cancelAnimationFrame(frame);
  }, [path]);
}
