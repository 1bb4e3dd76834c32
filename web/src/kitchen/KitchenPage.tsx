import { Plus } from "lucide-react";
import { useState } from "react";
import { HomeNetworkCard, PeopleCard, SignedInCard, useAccess } from "@/access";
import { wrongAt } from "@/api/problem";
import { applyTheme, chosenTheme, type ThemeChoice } from "@/app";
import { Button, Card, Choice, LinkButton, PageFrame, ProblemNote, Spinner, useKept } from "@/kit";
import { deviceAhead, formatSpan } from "@/quantity";
import { AltitudeField } from "./AltitudeField";
import { BackupCard } from "./BackupCard";
import { CannerCard } from "./CannerCard";
import { CannerForm } from "./CannerForm";
import { CareCard } from "./CareCard";
import { CupboardCard } from "./CupboardCard";
import { GaugesCard } from "./GaugesCard";
import { BestMonths, Household } from "./Household";
import { MachineCard } from "./MachineCard";
import { Measures } from "./Measures";
import { PressureBands } from "./PressureBands";
import { ThisDevice } from "./ThisDevice";
import { type Kitchen, useKitchen, useSettings } from "./useKitchen";
import { Workplace } from "./Workplace";

/** What everything else depends on: altitude, canners, school and measures. */
export function KitchenPage() {
  const kitchen = useKitchen();
  const cooks = useAccess().data?.role === "cook";
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
      actions={<LinkButton to="/tables">Tested times</LinkButton>}
    >
      <div className="grid items-start gap-4 lg:grid-cols-[22rem_minmax(0,1fr)]">
        <Settings kitchen={kitchen.data} />
        <div className="flex flex-col gap-4">
          <Canners kitchen={kitchen.data} />
          <CareCard kitchen={kitchen.data} />
          <CupboardCard kitchen={kitchen.data} />
          <SignedInCard />
          <ThisDevice />
          {cooks && (
            <>
              <HomeNetworkCard />
              <PeopleCard />
              <GaugesCard />
              <BackupCard kitchen={kitchen.data} />
              <MachineCard />
            </>
          )}
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
  const settings = useSettings();
  const { save, error } = settings;
  const atItsField = wrongAt(error, "quietFrom") ?? wrongAt(error, "quietUntil");
  const [theme, setTheme] = useState<ThemeChoice>(chosenTheme());
  return (
    <Card label="This kitchen" className="flex flex-col gap-5">
      <AltitudeField kitchen={kitchen} />
      <PressureBands kitchen={kitchen} />
      {atItsField === undefined && <ProblemNote error={error} />}
      <Household kitchen={kitchen} settings={settings} />
      <Workplace kitchen={kitchen} settings={settings} />
      <BestMonths kitchen={kitchen} settings={settings} />
      <Measures kitchen={kitchen} />
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
        label="Times"
        value={kitchen.hours}
        options={[
          { value: "device", text: "As the device" },
          { value: "12", text: "4:30 pm" },
          { value: "24", text: "16:30" },
        ]}
        onChange={(hours) => save({ hours })}
      />
      <OtherClock zone={kitchen.zone} />
      <Choice
        label="Dates"
        value={kitchen.dates}
        options={[
          { value: "device", text: "As the device" },
          { value: "day", text: "11 Oct" },
          { value: "month", text: "Oct 11" },
        ]}
        onChange={(dates) => save({ dates })}
      />
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
  const [adding, setAdding] = useKept("canner-adding", kitchen.canners.length === 0);
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
          <CannerForm version={kitchen.version} onDone={() => setAdding(false)} />
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

/** Nothing where this device's clock and the kitchen's agree. */
function OtherClock({ zone }: { readonly zone: string }) {
  const minutes = deviceAhead(Date.now());
  return minutes === 0 ? null : (
    <p className="rounded-field bg-mustard-wash px-3 py-2 text-[0.95rem]">
      This device's clock is {formatSpan(Math.abs(minutes) * 60_000)} {minutes > 0 ? "ahead of" : "behind"}{" "}
      the kitchen's, which goes by {zone}. Times are shown by the kitchen's. If the kitchen is where this
      device is, set the time zone of the machine that Mobrel runs on, or MOBREL_ZONE.
    </p>
  );
}
