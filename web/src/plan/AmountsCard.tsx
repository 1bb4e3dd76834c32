import { Card } from "@/kit";
import type { Amounts } from "./usePlan";

/** How much of everything for this many jars, as a cook measures and as a shop sells it. */
export function AmountsCard({ amounts }: { readonly amounts: Amounts | undefined }) {
  if (!amounts) {
    return (
      <Card label="Amounts">
        <h2 className="text-lg font-bold">For this many jars</h2>
        <p className="mt-2 text-soft">
          No ingredient has an amount to count from. Give at least one, such as “2 lb carrots”, and the rest
          follows.
        </p>
      </Card>
    );
  }
  const unmeasured = amounts.unmeasured.length > 0;
  return (
    <Card label="Amounts" className="pb-3!">
      <table className="w-full">
        <caption className="pb-1 text-left text-lg font-bold">For this many jars</caption>
        <thead>
          <tr className="border-b border-line text-left text-[0.85rem] text-soft">
            <th className="py-1 font-semibold">Ingredient</th>
            <th className="px-2 py-1 text-right font-semibold">Prepared</th>
            <th className="py-1 text-right font-semibold">To buy</th>
          </tr>
        </thead>
        <tbody>
          {amounts.lines.map((line, index) => (
            <tr key={index} className="border-b border-line align-top">
              <td className="py-2 leading-snug">{line.name}</td>
              <td className="px-2 py-2 text-right font-bold whitespace-nowrap">
                {line.kitchen ?? "to taste"}
              </td>
              <td className="py-2 text-right whitespace-nowrap text-soft">{line.asBought ?? ""}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="pt-3">
        <strong>Broth:</strong> {amounts.brothNeeded} in the jars.{" "}
        {amounts.topUp != null && <strong>Top up with {amounts.topUp} of stock or boiling water. </strong>}
        {amounts.brothLeft != null && <>{amounts.brothLeft} stays in the pot. </>}
        Keep <strong>{amounts.kettle}</strong> boiling: the need and a third more.
      </p>
      <p className="pt-1 text-[0.85rem] text-soft">
        Kitchen averages, good to about {Math.round(amounts.errorShare * 100)} %: heat one spare jar.
        {unmeasured && " Lines without an amount are not counted in."}
      </p>
    </Card>
  );
}
