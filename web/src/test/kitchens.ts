import type { Schemas } from "@/api/client";

export type Kitchen = Schemas["KitchenResponse"];
export type Canner = Schemas["CannerResponse"];

/** A canner of seven quarts with a dial, as far as nothing else is said. */
export const canner = (part: Partial<Canner> = {}): Canner => ({
  id: 1,
  name: "Big canner",
  gauge: "dial",
  gaugeErrorPsi: 0.5,
  rules: "The dial rules.",
  pressurePsi: 12,
  readingPsi: 12.5,
  quarts: 7,
  pints: 8,
  shortLayers: 2,
  upperLayer: "short",
  capacity: [
    { size: "quart", mouth: "regular", jars: 7 },
    { size: "pint", mouth: "regular", jars: 8 },
  ],
  startWaterMl: 2839,
  burner: "",
  due: [],
  ...part,
});

/** A kitchen in US measures at 3,150 ft, as far as nothing else is said. */
export const kitchen = (part: Partial<Kitchen> = {}): Kitchen => ({
  version: 7,
  altitudeFt: 3150,
  altitudeM: 960.12,
  units: "us",
  school: "longest-ingredient",
  bands: [
    { gauge: "dial", psi: 12, nextPsi: 13, upToFt: 4000, upToM: 1219.2 },
    { gauge: "weighted", psi: 15, upToFt: 10_000, upToM: 3048 },
  ],
  bestMonths: 12,
  hours: "device",
  zone: "",
  dates: "device",
  care: [],
  burners: 4,
  people: 4,
  servingMl: 354.9,
  quietFrom: "22:00",
  quietUntil: "07:00",
  canners: [canner()],
  ...part,
});
