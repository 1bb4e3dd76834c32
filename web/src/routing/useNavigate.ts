import { useCallback } from "react";
import { useLocation } from "wouter";
import { addressOf, type Target } from "./routes";
import { arrive, leave, stay } from "./scroll";

export interface How {
  /** In place of the address that is shown: going back does not come by it. */
  readonly replace?: boolean;
  /** False where the page stays as it is scrolled. */
  readonly resetScroll?: boolean;
}

/** Goes to another address; a text is one that is whole already. */
export function useNavigate() {
  const [, go] = useLocation();
  return useCallback(
    (where: (Target & How) | string) => {
      const { replace = false, resetScroll = true } = typeof where === "string" ? ({} as How) : where;
      const address = typeof where === "string" ? where : addressOf(where);
      const [page, hash] = address.split("#");
      // Who is there already needs no second way back to it.
      const there = page === `${location.pathname}${location.search}`;
      const replaces = replace || there;
      go(address, { replace: replaces, state: resetScroll ? leave(hash, replaces) : stay() });
      if (there) {
        arrive();
      }
    },
    [go],
  );
}
