import type { Schemas } from "@/api/client";
import { wrongAt } from "@/api/problem";
import { Button, Card, Disclosure, NumberField, ProblemNote, Spinner, Stepper } from "@/kit";
import { formatInches, jarWord } from "@/quantity";
import { useCupboard, useCupboardChange } from "./useCupboard";
import type { Kitchen } from "./useKitchen";

/** Empty jars and new lids: a plan says what is short before the pot is on. */
export function CupboardCard({ kitchen }: { readonly kitchen: Kitchen }) {
  const cupboard = useCupboard();
  if (!cupboard.data) {
    return cupboard.error ? <ProblemNote error={cupboard.error} /> : <Spinner />;
  }
  return (
    <Card label="Jars and lids" className="flex flex-col gap-3">
      <div id="cupboard">
        <h2 className="text-xl font-bold">Jars and lids</h2>
        <p className="text-soft">
          Empty jars and new lids in the cupboard. A lid is used once: each batch takes its own.
        </p>
      </div>
      <JarCounts />
      <Disclosure title="Measure your own jars with water">
        <p className="mb-2 text-soft">
          Fill a jar with water to {formatInches(1)} below its rim and{" "}
          {kitchen.units === "metric" ? "weigh the water in grams" : "pour it into a measuring cup"}. Amounts
          then go by your jar in place of the average.
        </p>
        <div className="grid gap-x-8 gap-y-2 md:grid-cols-2">
          {cupboard.data.jars.map((jar) => (
            <Water key={`${jar.size}/${jar.mouth}`} jar={jar} metric={kitchen.units === "metric"} />
          ))}
        </div>
      </Disclosure>
    </Card>
  );
}

/** How many empty jars and new lids there are, of each kind. */
export function JarCounts() {
  const cupboard = useCupboard();
  const { jars: countJars, lids: countLids } = useCupboardChange();
  return (
    <>
      <ProblemNote error={cupboard.error ?? countJars.error ?? countLids.error} />
      <div className="grid gap-x-10 gap-y-2 md:grid-cols-2">
        {cupboard.data?.lids.map((lids) => (
          <Counted
            key={lids.mouth}
            label={`New lids, ${lids.mouth}`}
            count={lids.fresh}
            set={(fresh) => countLids.mutate({ mouth: lids.mouth, fresh })}
          />
        ))}
        {cupboard.data?.jars.map((jar) => (
          <Counted
            key={`${jar.size}/${jar.mouth}`}
            label={name(jar)}
            count={jar.empty}
            set={(empty) => countJars.mutate({ size: jar.size, mouth: jar.mouth, empty })}
          />
        ))}
      </div>
    </>
  );
}

const ML_IN_A_FLUID_OUNCE = 29.574;

type Jar = Schemas["CupboardResponse"]["jars"][number];

function name(jar: Jar): string {
  const words = jarWord(jar.size, 2);
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}, ${jar.mouth}`;
}

interface CountedProps {
  readonly label: string;
  readonly count: number | null | undefined;
  readonly set: (count: number) => void;
}

/** A count, or that nobody has made one: then a plan cannot say whether there are enough. */
function Counted({ label, count, set }: CountedProps) {
  if (count == null) {
    return (
      <div className="flex min-h-12 items-center justify-between gap-2">
        <span className="font-semibold">{label}</span>
        <span className="flex items-center gap-1">
          <span className="text-soft">not counted</span>
          <Button look="quiet" size="small" onClick={() => set(0)} aria-label={`Count ${label}`}>
            Count
          </Button>
        </span>
      </div>
    );
  }
  return <Stepper label={label} value={count} max={2000} onChange={set} />;
}

function Water({ jar, metric }: { readonly jar: Jar; readonly metric: boolean }) {
  const { water } = useCupboardChange();
  const kind = { size: jar.size, mouth: jar.mouth };
  // A gram of water is a millilitre.
  const unit = metric ? "g" : "fl oz";
  const size = metric ? 1 : ML_IN_A_FLUID_OUNCE;
  const shown = (ml: number) => Math.round((ml / size) * 10) / 10;
  return (
    <NumberField
      label={name(jar)}
      unit={unit}
      value={jar.waterMl == null ? undefined : shown(jar.waterMl)}
      bounds={metric ? { min: 50, max: 3_000 } : { min: 2, max: 100 }}
      told="leaving"
      placeholder={`${unit} of water`}
      className="w-32"
      error={wrongAt(water.error, "waterMl")}
      hint={
        jar.waterMl == null
          ? `average ${shown(jar.tableMl)} ${unit}`
          : "your own measure; empty goes back to the average"
      }
      onChange={(typed) => water.mutate({ ...kind, waterMl: Math.round(typed * size * 10) / 10 })}
      onEmpty={() => water.mutate(kind)}
    />
  );
}
