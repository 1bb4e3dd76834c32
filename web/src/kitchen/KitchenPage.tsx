import { Plus } from "lucide-react";
import { useState } from "react";
import { Problem } from "@/api/problem";
import { applyTheme, chosenTheme, type ThemeChoice } from "@/app";
import { Button, Card, Choice, Field, LinkButton, PageFrame, ProblemNote, Spinner } from "@/kit";
import { wholeNumber } from "@/quantity";
import { BackupCard } from "./BackupCard";
import { CannerCard } from "./CannerCard";
import { CannerForm } from "./CannerForm";
import { CupboardCard } from "./CupboardCard";
import { GaugesCard } from "./GaugesCard";
import { BestMonths, Household } from "./Household";
import { PressureBands } from "./PressureBands";
import { type Kitchen, useKitchen, useKitchenChange } from "./useKitchen";
import { Workplace } from "./Workplace";

/** What everything else depends on: altitude, canners, school and measures. */
export function KitchenPage() {
  const kitchen = useKitchen();
  if (!kitchen.data) {
    return (
      <PageFrame title="Kitchen">
        <ProblemNote error={kitchen.error} retry={() => kitchen.refetch()} />
        {!kitchen.error && <Spinner />}
      </PageFrame>
    );
  }
  return (
    <PageFrame
      title="Kitchen"
      lead={lead(kitchen.data)}
      actions={<LinkButton to="/tables">The tables</LinkButton>}
    >
      <div className="grid items-start gap-4 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <Settings key={`${kitchen.data.altitudeFt}/${kitchen.data.units}`} kitchen={kitchen.data} />
        <div className="flex flex-col gap-4">
          <Canners kitchen={kitchen.data} />
          <CupboardCard kitchen={kitchen.data} />
          <GaugesCard />
          <BackupCard kitchen={kitchen.data} />
        </div>
      </div>
      <p className="text-[0.95rem] text-soft">
        Follow your canner's manual, use current tested recipes, and ask your local extension office or
        food-safety authority when unsure. Selling home-canned low-acid food needs a licensed process
        authority.
      </p>
    </PageFrame>
  );
}

function lead(kitchen: Kitchen): string | undefined {
  return kitchen.altitudeFt == null
    ? "Two things first: how high you live, and what you can in"
    : kitchen.canners.length === 0
      ? "One more thing: your canner"
      : undefined;
}

function Settings({ kitchen }: { readonly kitchen: Kitchen }) {
  const change = useKitchenChange();
  const metric = kitchen.units === "metric";
  const height = metric ? kitchen.altitudeM : kitchen.altitudeFt;
  const [altitude, setAltitude] = useState(height == null ? "" : String(Math.round(height)));
  const [theme, setTheme] = useState<ThemeChoice>(chosenTheme());
  const typed = wholeNumber(altitude);
  const unreadable = altitude.trim() !== "" && typed === undefined;
  const same = height == null ? altitude.trim() === "" : typed === Math.round(height);
  const save = (part: { units?: string; school?: string; height?: number | undefined }) =>
    change.mutate({
      units: part.units ?? kitchen.units,
      school: part.school ?? kitchen.school,
      ...("height" in part
        ? metric
          ? { altitudeM: part.height }
          : { altitudeFt: part.height }
        : kitchen.altitudeFt == null
          ? {}
          : { altitudeFt: kitchen.altitudeFt }),
    });
  const error =
    change.error instanceof Problem && change.error.field?.startsWith("altitude")
      ? change.error.message
      : undefined;
  return (
    <Card label="This kitchen" className="flex flex-col gap-5">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (typed !== undefined) {
            save({ height: typed });
          }
        }}
      >
        <Field
          label={`Altitude in ${metric ? "metres" : "feet"}`}
          hint="The time does not change with it, the pressure does. When unsure, round up."
          error={unreadable ? `A whole number of ${metric ? "metres" : "feet"}, please` : error}
        >
          {(id, described) => (
            <div className="flex gap-3">
              <input
                id={id}
                aria-describedby={described}
                inputMode="numeric"
                className="input digits min-h-12 w-full text-2xl font-bold"
                value={altitude}
                onChange={(event) => setAltitude(event.target.value)}
              />
              {!same && (
                <Button
                  type="submit"
                  look="main"
                  className="min-h-12"
                  disabled={typed === undefined || change.isPending}
                >
                  Save
                </Button>
              )}
            </div>
          )}
        </Field>
      </form>
      <PressureBands kitchen={kitchen} />
      {!error && <ProblemNote error={change.error} />}
      <Household kitchen={kitchen} />
      <Workplace kitchen={kitchen} />
      <BestMonths kitchen={kitchen} />
      <Choice
        label="Measures"
        value={metric ? "metric" : "us"}
        options={[
          { value: "us", text: "US" },
          { value: "metric", text: "Metric" },
        ]}
        onChange={(units) => save({ units })}
      />
      <div>
        <Choice
          label="For a mixed soup"
          value={kitchen.school === "soup-table" ? "soup-table" : "longest-ingredient"}
          options={[
            { value: "longest-ingredient", text: "Longest ingredient" },
            { value: "soup-table", text: "Soup table" },
          ]}
          onChange={(school) => save({ school })}
        />
        <p className="mt-1 text-[0.85rem] text-soft">
          The longest tested time among the ingredients, never under the table; or the soup table alone, where
          all its conditions are met. Every ruling shows both.
        </p>
      </div>
      <Choice
        label="Look of this device"
        value={theme}
        options={[
          { value: "auto", text: "As the device" },
          { value: "enamel", text: "Light" },
          { value: "cellar", text: "Dark" },
        ]}
        onChange={(choice) => {
          setTheme(choice);
          applyTheme(choice);
        }}
      />
    </Card>
  );
}

function Canners({ kitchen }: { readonly kitchen: Kitchen }) {
  const [adding, setAdding] = useState(kitchen.canners.length === 0);
  return (
    <div className="flex flex-col gap-4">
      {kitchen.canners.map((canner) => (
        <CannerCard key={canner.id} canner={canner} kitchen={kitchen} />
      ))}
      {adding ? (
        <Card label="A new canner">
          <h2 className="mb-3 text-lg font-bold">
            {kitchen.canners.length === 0 ? "Your canner" : "Another canner"}
          </h2>
          <CannerForm onDone={() => setAdding(false)} />
        </Card>
      ) : (
        <div>
          <Button icon={<Plus size={20} />} onClick={() => setAdding(true)}>
            Add a canner
          </Button>
        </div>
      )}
    </div>
  );
}
