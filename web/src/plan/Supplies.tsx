import { PackageOpen } from "lucide-react";
import { LinkButton } from "@/kit";
import { jarWord } from "@/quantity";
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
      className="flex flex-wrap items-center gap-x-3 gap-y-1 rounded-field border-2 border-ink bg-paper px-4 py-2"
    >
      <PackageOpen size={22} className="shrink-0" aria-hidden="true" />
      <p className="min-w-40 flex-1">
        <strong>Short of</strong> {lacking.map(short).join(", ")}.
      </p>
      <LinkButton to="/kitchen" hash="cupboard" look="quiet" size="small">
        Count again
      </LinkButton>
    </section>
  );
}

/** '2 quarts' or '9 lids, wide': the usual mouth needs no word. */
function short({ lacking, size, mouth }: Plan["supplies"][number]): string {
  const what = size == null ? (lacking === 1 ? "new lid" : "new lids") : jarWord(size, lacking);
  return `${lacking} ${what}${mouth === "wide" ? ", wide" : ""}`;
}
