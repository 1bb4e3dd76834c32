import { formatWhole } from "@/quantity";
import type { Kitchen } from "./useKitchen";

/** What the altitude sets: '15 lb weight, 13 on a dial'; empty above the tables and without an altitude. */
export function pressureWords(kitchen: Kitchen): string {
  const own = new Set(kitchen.canners.map(({ gauge }) => gauge));
  return [...kitchen.bands]
    .filter(({ gauge }) => own.size === 0 || own.has(gauge))
    .sort((one, other) => other.gauge.localeCompare(one.gauge))
    .map(({ gauge, psi }) => (gauge === "dial" ? `${psi} on a dial` : `${psi} lb weight`))
    .join(", ");
}

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
