import { formatWhole } from "@/quantity";
import type { Kitchen } from "./useKitchen";

/** What the altitude does to the pressure, and where that changes next. */
export function PressureBands({ kitchen }: { readonly kitchen: Kitchen }) {
  if (kitchen.bands.length === 0) {
    return null;
  }
  const metric = kitchen.units === "metric";
  return (
    <ul className="text-[0.95rem]">
      {kitchen.bands.map((band) => {
        const height = metric ? `${formatWhole(Math.floor(band.upToM))} m` : `${formatWhole(band.upToFt)} ft`;
        return (
          <li key={band.gauge} className="py-0.5">
            {band.gauge === "dial" ? "Dial" : "Weight"}: <strong className="digits">{band.psi}</strong> up to{" "}
            {height}
            {band.nextPsi == null
              ? ", where the tables end"
              : Number(band.nextPsi) === Number(band.psi)
                ? " and above"
                : `, above that ${band.nextPsi}`}
          </li>
        );
      })}
    </ul>
  );
}
