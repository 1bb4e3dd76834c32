import { useEffect, useRef, useState } from "react";

/**
 * The server's clock on this page, ticking: as it was when the answer came, plus what has passed here since. A tablet with a wrong
 * clock shows the right time left. Until the server has been heard, it is this device's own clock.
 */
export function useServerNow(serverNow: string | undefined): number {
  const heard = useRef({ server: 0, here: 0 });
  if (serverNow !== undefined && Date.parse(serverNow) !== heard.current.server) {
    heard.current = { server: Date.parse(serverNow), here: performance.now() };
  }
  const [, tick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => tick((count) => count + 1), 250);
    return () => clearInterval(timer);
  }, []);
  return heard.current.server === 0
    ? Date.now()
    : heard.current.server + (performance.now() - heard.current.here);
}
