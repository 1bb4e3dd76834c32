import { useState } from "react";
import { Card, Choice, ProblemNote, Spinner, Stepper } from "@/kit";
import { useKitchen } from "@/kitchen";
import { degrees, degreesLess } from "./degrees";
import { InsideChart } from "./InsideChart";
import { useInside } from "./usePractice";

/** The canner, and the slowest point of three jars beside it. */
export function InsidePart() {
  const kitchen = useKitchen();
  const metric = kitchen.data?.units === "metric";
  const [vent, setVent] = useState(10);
  const [psi, setPsi] = useState(10);
  const [altitude, setAltitude] = useState(0);
  const [size, setSize] = useState("quart");
  const inside = useInside({ altitudeFt: altitude, ventMinutes: vent, psi, size });
  return (
    <Card label="Inside a jar" className="flex flex-col gap-4">
      <h2 className="text-2xl font-bold">The middle of a jar is slow</h2>
      <p className="max-w-3xl text-lg">
        Heat has to find its way in. Broth carries it, pieces slow it down, a puree lets it creep. So a thick
        jar is never covered by a thin jar's time. <strong>An illustration; it sets no time.</strong>
      </p>
      <div className="flex flex-wrap items-center gap-x-8 gap-y-3">
        <Stepper label="Vented, minutes" value={vent} min={0} max={15} onChange={setVent} />
        <Choice
          label="Pressure, psi"
          value={psi}
          options={[5, 10, 15].map((each) => ({ value: each, text: String(each) }))}
          onChange={setPsi}
        />
        <Choice
          label="Jars"
          value={size}
          options={[
            { value: "pint", text: "Pints" },
            { value: "quart", text: "Quarts" },
          ]}
          onChange={setSize}
        />
        <Stepper
          label={metric ? "Altitude, m" : "Altitude, ft"}
          value={metric ? Math.round(altitude / 3.2808) : altitude}
          max={metric ? 3_000 : 10_000}
          step={metric ? 300 : 1_000}
          onChange={(value) => setAltitude(metric ? Math.round(value * 3.2808) : value)}
        />
      </div>
      {inside.data ? (
        <>
          <InsideChart inside={inside.data} metric={metric} />
          <ul className="grid gap-3 text-lg md:grid-cols-3">
            <li className="border-l-4 border-line pl-3">
              <strong>{degrees(steamAt(inside.data, psi), metric)}</strong>: steam without air at {psi} psi
              here. Water boils at {degrees(inside.data.boilingC, metric)}.
            </li>
            <li className={`border-l-4 pl-3 ${inside.data.coolerC >= 0.3 ? "border-brick" : "border-line"}`}>
              <strong>{degreesLess(inside.data.coolerC, metric)} cooler</strong> when the clock starts, by the
              air that {vent} minutes of venting left.
            </li>
            <li className="border-l-4 border-line pl-3">{whyPressure(inside.data, metric)}</li>
          </ul>
        </>
      ) : inside.isPending ? (
        <Spinner />
      ) : (
        <ProblemNote error={inside.error} retry={() => inside.refetch()} />
      )}
    </Card>
  );
}

type Data = NonNullable<ReturnType<typeof useInside>["data"]>;

const steamAt = (inside: Data, psi: number) =>
  inside.steam.find((each) => each.psi === psi)?.celsius ?? inside.boilingC;

function whyPressure(inside: Data, metric: boolean): string {
  const low = steamAt(inside, 5);
  const high = steamAt(inside, 15);
  return `Pressure is temperature: ${degrees(low, metric)} at 5 psi, ${degrees(high, metric)} at 15. No number of minutes makes steam hotter.`;
}
