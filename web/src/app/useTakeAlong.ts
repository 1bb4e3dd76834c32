import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { onReach, useOutOfReach } from "@/api/reach";
import { lookForUpdate } from "./updates";

const AFTER_MS = 6_000;
const EVERY_MS = 10 * 60_000;

/** Where pages open without a line, what a cook is likely to want there is asked for in the background, whether it was looked at or not. */
export function useTakeAlong() {
  const queries = useQueryClient();
  const away = useOutOfReach();
  useEffect(() => {
    if (away || !navigator.serviceWorker?.controller) {
      return undefined;
    }
    // What knows all places comes with them, not before the first page.
    const take = () =>
      import("./takeAlong").then(
        ({ takeAlong }) => takeAlong(queries, EVERY_MS),
        () => undefined,
      );
    const first = setTimeout(take, AFTER_MS);
    const again = setInterval(take, EVERY_MS);
    return () => {
      clearTimeout(first);
      clearInterval(again);
    };
  }, [queries, away]);
  useEffect(() => onReach((reached) => reached && lookForUpdate()), []);
}
