import { useQueries } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";
import type { Run } from "./live";

async function departuresOf(id: number) {
  return (await body(api.GET("/api/batches/{id}", { params: { path: { id } } }))).departures;
}

/** What the pages of the recipes do otherwise at this stage, and how it is done here. */
export function PagePractices({ run }: { readonly run: Run }) {
  const departures = useQueries({
    queries: run.batchIds.map((id) => ({
      queryKey: keys.departures(id),
      queryFn: () => departuresOf(id),
      // They are of the recipe as it was then, and never change.
      staleTime: Number.POSITIVE_INFINITY,
    })),
    combine: (asked) => asked.flatMap(({ data }) => data ?? []),
  }).filter(({ stages }) => stages.includes(run.stage));
  return departures.length === 0 ? null : (
    <ul aria-label="Not as your page says" className="flex flex-col gap-2">
      {departures.map(({ said, here }, at) => (
        <li key={at} className="rounded-field bg-mustard-wash px-3 py-2">
          <p className="text-soft">Your page: “{said}”</p>
          <p className="font-semibold">Here: {here}.</p>
        </li>
      ))}
    </ul>
  );
}
