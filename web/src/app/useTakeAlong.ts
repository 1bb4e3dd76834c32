import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { onReach, useOutOfReach } from "@/api/reach";
import { freezerQuery } from "@/freezer";
import { cupboardQuery, kitchenQuery } from "@/kitchen";
import { outsideQuery } from "@/logbook";
import { takePlansAlong } from "@/plan";
import { recipeBookQuery } from "@/recipes";
import { takeShelfAlong } from "@/shelf";
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
    const first = setTimeout(() => void take(queries), AFTER_MS);
    const again = setInterval(() => void take(queries), EVERY_MS);
    return () => {
      clearTimeout(first);
      clearInterval(again);
    };
  }, [queries, away]);
  useEffect(() => onReach((reached) => reached && lookForUpdate()), []);
}

async function take(queries: QueryClient) {
  try {
    await queries.prefetchQuery({ ...kitchenQuery, staleTime: EVERY_MS });
    await queries.prefetchQuery({ ...cupboardQuery, staleTime: EVERY_MS });
    await queries.prefetchQuery({ ...recipeBookQuery("", false), staleTime: EVERY_MS });
    await takePlansAlong(queries, EVERY_MS);
    await takeShelfAlong(queries, EVERY_MS);
    await queries.prefetchQuery({ ...freezerQuery, staleTime: EVERY_MS });
    await queries.prefetchQuery({ ...outsideQuery, staleTime: EVERY_MS });
  } catch {
    // Another time; a page that wants to know asks for itself.
  }
}
