import { PackageOpen } from "lucide-react";
import { LinkButton } from "@/kit";
import type { Plan } from "./usePlan";

/** Jars and lids that have to be found before the pot is on. What is enough needs no word. */
export function Supplies({ plan }: { readonly plan: Plan }) {
  const lacking = plan.supplies.filter((supply) => supply.lacking > 0);
  if (lacking.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="Jars and lids"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-field border-2 border-ink bg-paper px-4 py-2.5"
    >
      <PackageOpen size={24} className="shrink-0" aria-hidden="true" />
      <div className="min-w-60 flex-1">
        <strong>Before the pot is on: </strong>
        {lacking.map((supply) => supply.text).join(" ")}
      </div>
      <LinkButton to="/kitchen" hash="cupboard" look="quiet" size="small">
        Count again
      </LinkButton>
    </section>
  );
}
