import { ChevronDown } from "lucide-react";
import { Fragment, memo, useState } from "react";
import { Card } from "@/kit";
import type { Dish, OwnJars } from "./body";
import { LineDetail } from "./LineDetail";
import type { DishResponse } from "./usePlan";

interface Props {
  readonly planId: number;
  readonly dishKey: string;
  readonly ownJars: readonly OwnJars[];
  readonly answer: DishResponse;
  readonly fixed: boolean;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** How much of everything, as a cook measures and as a shop sells it; each line opens to how it came about. */
export const AmountsCard = memo(function AmountsCard({
  planId,
  dishKey,
  ownJars,
  answer,
  fixed,
  change,
}: Props) {
  const [open, setOpen] = useState<number | undefined>();
  const { amounts } = answer;
  if (!amounts) {
    return (
      <Card label="Amounts">
        <h2 className="text-lg font-bold">For this many jars</h2>
        <p className="mt-2 text-soft">
          No ingredient has an amount to count from. Give at least one, such as “2 lb carrots”, and the rest
          follows; or begin with the pot as it is.
        </p>
      </Card>
    );
  }
  if (amounts.cooked) {
    return (
      <Card label="Amounts">
        <h2 className="text-lg font-bold">In the pot already</h2>
        <p className="mt-2 text-soft">It stands cooked, so nothing is measured any more.</p>
        <Broth answer={answer} />
      </Card>
    );
  }
  return (
    <Card label="Amounts" className="px-4! pt-3! pb-4!">
      <table className="w-full">
        <caption className="pb-1 text-left text-lg font-bold">Into the pot</caption>
        <thead>
          <tr className="border-b border-line text-left text-[0.85rem] text-soft">
            <th className="py-1 font-semibold">Ingredient</th>
            <th className="px-2 py-1 text-right font-semibold">Prepared</th>
            <th className="py-1 text-right font-semibold max-md:hidden">To buy</th>
          </tr>
        </thead>
        <tbody>
          {amounts.lines.map((line) => (
            <Fragment key={line.line}>
              <tr className={`align-top ${open === line.line ? "" : "border-b border-line"}`}>
                <td className="py-0.5 leading-snug">
                  <button
                    type="button"
                    className="flex min-h-9 w-full max-md:min-h-11 pointer-coarse:min-h-11 cursor-pointer items-start gap-1 py-1.5 text-left"
                    aria-expanded={open === line.line}
                    onClick={() => setOpen(open === line.line ? undefined : line.line)}
                  >
                    <ChevronDown
                      size={16}
                      className={`mt-1 shrink-0 text-primary transition-transform ${open === line.line ? "" : "-rotate-90"}`}
                      aria-hidden="true"
                    />
                    <span>{line.name}</span>
                  </button>
                </td>
                <td className="px-2 py-2 text-right font-bold whitespace-nowrap">
                  {line.kitchen ?? "to taste"}
                </td>
                <td className="py-2 text-right whitespace-nowrap text-soft max-md:hidden">
                  {line.asBought ?? ""}
                  {line.fromShelf != null && <div className="font-bold text-ink">{line.fromShelf} own</div>}
                </td>
              </tr>
              {open === line.line && (
                <tr className="border-b border-line">
                  <td colSpan={3} className="pb-3 pl-5">
                    <LineDetail
                      planId={planId}
                      dishKey={dishKey}
                      ownJars={ownJars}
                      line={line}
                      factor={amounts.factor}
                      fixed={fixed}
                      change={change}
                    />
                  </td>
                </tr>
              )}
            </Fragment>
          ))}
        </tbody>
      </table>
      <Broth answer={answer} />
    </Card>
  );
});

function Broth({ answer }: { readonly answer: DishResponse }) {
  const { amounts, correction } = answer;
  if (!amounts) {
    return null;
  }
  return (
    <div className="pt-3">
      {amounts.brothNeededMl > 0 && (
        <p>
          <strong>Broth:</strong> {amounts.brothNeeded} in the jars.{" "}
          {amounts.brothLeft != null && <>{amounts.brothLeft} stays in the pot. </>}
        </p>
      )}
      {amounts.brothNeededMl === 0 && amounts.fillMl > 0 && (
        <p>
          <strong>No broth:</strong> raw meat packed solid gives its own juice.
        </p>
      )}
      {amounts.kettle != null && (
        <p className="mt-1">
          <strong>Kettle:</strong> keep {amounts.kettle} boiling, a third of it reserve.
        </p>
      )}
      <p className="pt-1.5 text-[0.85rem] text-soft">
        {correction?.text}
        {amounts.unmeasured.length > 0 &&
          " Lines without an amount, and foods that nobody knows, are not counted in."}
      </p>
    </div>
  );
}
