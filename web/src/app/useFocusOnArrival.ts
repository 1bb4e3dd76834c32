import { useEffect, useRef } from "react";

/** A page that has just come is read from its heading, unless something of it has the focus already. */
export function useFocusOnArrival(path: string | undefined) {
  const before = useRef(path);
  useEffect(() => {
    if (before.current === path) {
      return;
    }
    before.current = path;
    const main = document.querySelector("main");
    const arrive = () => {
      const heading = main?.querySelector("h1");
      if (heading && !main?.contains(document.activeElement)) {
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
      }
      return heading;
    };
    // A page that is opened for the first time has no heading until its script has come.
    const coming = new MutationObserver(() => arrive() && coming.disconnect());
    const frame = requestAnimationFrame(() => {
      if (main && !arrive()) {
        coming.observe(main, { childList: true, subtree: true });
      }
    });
    return () => {
      cancelAnimationFrame(frame);
      coming.disconnect();
    };
  }, [path]);
}
