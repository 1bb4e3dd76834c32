import { PackageOpen } from "lucide-react";
import { useState } from "react";
import { Button } from "@/kit";
import { useRuns } from "@/stove";
import { takeUpdate, useUpdateReady } from "./updates";

/** A newer version asks before it reloads, and not while anything is on the stove. */
export function UpdateStrip() {
  const ready = useUpdateReady();
  const { data } = useRuns();
  const [later, setLater] = useState(false);
  const busy = data === undefined || data.some((run) => run.atTheStove && run.stage !== "checks");
  if (!ready || busy || later) {
    return null;
  }
  return (
    <section
      aria-label="Newer version"
      className="flex flex-wrap items-center gap-3 border-b-2 border-line bg-steam px-4 py-2 sm:px-6"
    >
      <PackageOpen size={24} className="shrink-0 text-primary" aria-hidden="true" />
      <p className="min-w-0 flex-1 basis-52 font-semibold">
        A newer version of these pages is ready. Taking it reloads the page.
      </p>
      <Button size="small" look="quiet" onClick={() => setLater(true)}>
        Later
      </Button>
      <Button size="small" look="main" onClick={takeUpdate}>
        Take it now
      </Button>
    </section>
  );
}
