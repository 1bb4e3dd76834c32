import { useMemo, useState } from "react";
import { Card, Choice, Stepper } from "@/kit";
import { useKitchen } from "@/kitchen";
import { formatVolume } from "@/quantity";
import { CannerPicture } from "./CannerPicture";
import { degrees } from "./degrees";
import { Hands } from "./Hands";
import { Noise } from "./noise";
import { PressureTrace } from "./PressureTrace";
import type { Scene, Setup } from "./scene";
import { TimeBar } from "./TimeBar";
import { useScene } from "./useScene";
import { seen } from "./words";

type Which = "weighted" | "dial" | "both";
type Inside = "quarts" | "pints" | "water";

function setup(gauge: string, inside: Inside, altitudeFt: number, hot: boolean): Setup {
  return {
    gauge,
    psi: gauge === "dial" ? 11 : 10,
    altitudeFt,
    large: inside === "pints",
    quarts: inside === "quarts" ? 7 : 0,
    pints: inside === "pints" ? 9 : 0,
    waterMl: 2_840,
    hot,
    errorPsi: 0,
  };
}

/** A stove on which everything may be tried, with one canner or two side by side. */
export function StovePart() {
  const kitchen = useKitchen();
  const metric = kitchen.data?.units === "metric";
  const [which, setWhich] = useState<Which>("weighted");
  const [inside, setInside] = useState<Inside>("quarts");
  const [hot, setHot] = useState(true);
  const [altitude, setAltitude] = useState(0);
  const gauges = which === "both" ? ["weighted", "dial"] : [which];
  const key = JSON.stringify([which, inside, hot, altitude]);
  const scene = useScene(
    gauges.map((gauge) => ({ setup: setup(gauge, inside, altitude, hot) })),
    key,
  );
  const noise = useMemo(() => new Noise(), []);
  return (
    <>
      <Card label="The stove" className="flex flex-col gap-4">
        {gauges.length === 2 ? (
          <>
            <div className="grid gap-4 md:grid-cols-2">
              {gauges.map((gauge, index) => (
                <Canner
                  key={gauge}
                  scene={scene}
                  index={index}
                  noise={index === 0 ? noise : undefined}
                  name={`${gauge} canner`}
                />
              ))}
            </div>
            <TimeBar scene={scene} noise={noise} />
          </>
        ) : (
          <div className="flex flex-col gap-4 lg:grid lg:grid-cols-[1fr_22rem] lg:gap-x-6">
            <div className="min-w-0 lg:row-span-2">
              <Canner scene={scene} index={0} noise={noise} />
            </div>
            <div className="order-4 lg:order-none">
              <Readings scene={scene} metric={metric} />
            </div>
            <div className="self-end">
              <Hands scene={scene} index={0} />
            </div>
            <div className="order-3 lg:order-none lg:col-span-2">
              <TimeBar scene={scene} noise={noise} />
            </div>
          </div>
        )}
      </Card>
      <Card label="What stands on it" className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <Choice
          label="Canner"
          value={which}
          options={[
            { value: "weighted", text: "Weighted" },
            { value: "dial", text: "Dial" },
            { value: "both", text: "Both" },
          ]}
          onChange={setWhich}
        />
        <Choice
          label="In it"
          value={inside}
          options={[
            { value: "quarts", text: "7 quarts" },
            { value: "pints", text: "9 pints" },
            { value: "water", text: "Water only" },
          ]}
          onChange={setInside}
        />
        <Choice
          label="Packed"
          value={hot ? "hot" : "raw"}
          options={[
            { value: "hot", text: "Hot" },
            { value: "raw", text: "Cold" },
          ]}
          onChange={(pack) => setHot(pack === "hot")}
        />
        <Stepper
          label={metric ? "Altitude, m" : "Altitude, ft"}
          value={metric ? Math.round(altitude / 3.2808) : altitude}
          min={0}
          max={metric ? 3_000 : 10_000}
          step={metric ? 300 : 1_000}
          onChange={(value) => setAltitude(metric ? Math.round(value * 3.2808) : value)}
        />
        <p className="w-full text-soft">A change here lights a new burner: the scene begins again.</p>
      </Card>
    </>
  );
}

interface CannerProps {
  readonly scene: Scene;
  readonly index: number;
  readonly noise: Noise | undefined;
  readonly name?: string | undefined;
}

function Canner({ scene, index, noise, name }: CannerProps) {
  const one = scene.canners[index];
  const sight = scene.sight(index);
  return (
    <section aria-label={name ?? "Canner"} className="flex min-w-0 flex-col gap-2">
      {name && (
        <h2 className="text-center text-lg font-bold">{name === "dial canner" ? "Dial" : "Weighted"}</h2>
      )}
      <CannerPicture scene={scene} index={index} noise={noise} />
      <p className="min-h-12 text-center font-semibold">
        {one && sight ? seen(one.setup, sight) : "Light the burner, and let time go."}
      </p>
      {name && <Hands scene={scene} index={index} name={name} />}
    </section>
  );
}

/** What no cook can see: the truth inside, and the trace of it. */
function Readings({ scene, metric }: { readonly scene: Scene; readonly metric: boolean }) {
  const sight = scene.sight(0);
  const slowest = sight?.slowest["chunky"];
  return (
    <section aria-label="Inside" className="flex flex-col gap-3">
      <PressureTrace scene={scene} index={0} />
      <dl className="grid grid-cols-2 gap-x-4 gap-y-2">
        <Fact name="True pressure" value={sight ? `${sight.psi.toFixed(1)} psi` : "0 psi"} />
        <Fact name="In the canner" value={sight ? degrees(sight.steamC, metric) : "cold"} />
        <Fact
          name="Middle of a chunky jar"
          value={slowest === undefined ? "no jars" : degrees(slowest, metric)}
        />
        <Fact name="Water" value={formatVolume(sight?.waterMl ?? 2_840)} />
      </dl>
      <p className="text-[0.9rem] text-soft">An illustration; it sets no time.</p>
    </section>
  );
}

function Fact({ name, value }: { readonly name: string; readonly value: string }) {
  return (
    <div>
      <dt className="text-[0.9rem] text-soft">{name}</dt>
      <dd className="digits text-2xl font-bold">{value}</dd>
    </div>
  );
}
