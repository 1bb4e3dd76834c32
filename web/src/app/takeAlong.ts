import type { QueryClient } from "@tanstack/react-query";
import { freezerQuery } from "@/freezer";
import { cupboardQuery, kitchenQuery } from "@/kitchen";
import { outsideQuery } from "@/logbook";
import { takePlansAlong } from "@/plan";
import { recipeBookQuery } from "@/recipes";
import { takeShelfAlong } from "@/shelf";

/** Asks for what a cook is likely to want where there is no line. @param staleTime so long what is there is new enough, in milliseconds */
export async function takeAlong(queries: QueryClient, staleTime: number) {
  try {
    await queries.prefetchQuery({ ...kitchenQuery, staleTime });
    await queries.prefetchQuery({ ...cupboardQuery, staleTime });
    await queries.prefetchQuery({ ...recipeBookQuery("", false), staleTime });
    await takePlansAlong(queries, staleTime);
    await takeShelfAlong(queries, staleTime);
    await queries.prefetchQuery({ ...freezerQuery, staleTime });
    await queries.prefetchQuery({ ...outsideQuery, staleTime });
  } catch {
    // Another time; a page that wants to know asks for itself.
  }
}
