import { useEffect } from "react";

/** A screen that goes dark shows no clock. */
export function useAwake(wanted: boolean) {
  useEffect(() => {
    if (!wanted || !("wakeLock" in navigator)) {
      return undefined;
    }
    let lock: WakeLockSentinel | undefined;
    const hold = () => {
      if (document.visibilityState === "visible") {
        navigator.wakeLock.request("screen").then(
          (got) => {
            lock = got;
          },
          () => undefined, // A device that is low on power says no; the clock goes on all the same.
        );
      }
    };
    hold();
    document.addEventListener("visibilitychange", hold);
    return () => {
      document.removeEventListener("visibilitychange", hold);
      void lock?.release();
    };
  }, [wanted]);
}
