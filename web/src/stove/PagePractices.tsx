import { useQuery } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";
import type { Run } from "./live";

/** What the page of the recipe does otherwise at this stage, and how it is done here. */
export function PagePractices({ run }: { readonly run: Run }) {
  const batch = useQuery({
    queryKey: keys.batch(run.batchId),
    queryFn: () => body(api.GET("/api/batches/{id}", { params: { path: { id: run.batchId } } })),
    // It is of the recipe as it was then, and never changes.
    staleTime: Number.POSITIVE_INFINITY,
  });
  const departures = batch.data?.departures.filter(({ stages }) => stages.includes(run.stage)) ?? [];
  return departures.length === 0 ? null : (
    <ul aria-label="Not as your page says" className="flex flex-col gap-2">
      {departures.map(({ said, here }) => (
        <li key={said} className="rounded-field bg-mustard-wash px-3 py-2">
          <p className="text-soft">Your page: “{said}”</p>
          <p className="font-semibold">Here: {here}.</p>
        </li>
      ))}
    </ul>
  );
}
