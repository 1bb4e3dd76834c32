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
        const height = metric
          ? `${Math.floor(band.upToM).toLocaleString("en-US")} m`
          : `${Math.round(band.upToFt).toLocaleString("en-US")} ft`;
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
