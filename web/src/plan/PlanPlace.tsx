import { useNavigate } from "@tanstack/react-router";
import { Flame, NotebookPen } from "lucide-react";
import { useState } from "react";
import { JarCutaway } from "@/jars";
import { Button, Card, Choice, LinkButton, Loading, Place, ProblemNote, Stepper } from "@/kit";
import { type Canner, type Kitchen, useKitchen } from "@/kitchen";
import { countJars } from "@/quantity";
import { FindingNote, type TakenOn, VerdictTag } from "@/ruling";
import { AmountsCard } from "./AmountsCard";
import { Judgement } from "./Judgement";
import { ProcessCard } from "./ProcessCard";
import { StepsCard } from "./StepsCard";
import { jarsOf, MOST_JARS, type PlanSearch } from "./search";
import { type Plan, useBatch, usePlan } from "./usePlan";

interface Props {
  readonly recipeId: number;
  readonly search: PlanSearch;
}

/** How many jars, how much of everything, which loads. */
export function PlanPlace({ recipeId, search }: Props) {
  const kitchen = useKitchen();
  const canner = kitchen.data ? cannerOf(kitchen.data, search) : undefined;
  const jars = jarsOf(search);
  const plan = usePlan(recipeId, canner?.id, jars, kitchen.data?.altitudeFt != null);
  const [accepted, setAccepted] = useState<TakenOn | undefined>();
  const none = jars.every((jar) => jar.count === 0);
  // What was taken on with this version of the recipe holds here too, where it covers all of it.
  const taken = accepted ?? plan.data?.takenOn ?? undefined;

  if (!kitchen.data || (kitchen.data.altitudeFt != null && canner && !plan.data && !plan.error && !none)) {
    return (
      <Place title="Plan">
        <ProblemNote error={kitchen.error} retry={() => kitchen.refetch()} />
        {!kitchen.error && <Loading />}
      </Place>
    );
  }
  if (kitchen.data.altitudeFt == null || !canner) {
    return <KitchenFirst kitchen={kitchen.data} />;
  }
  const shown = plan.data;
  return (
    <Place
      title={shown?.title ?? "Plan"}
      lead={none ? "Count the jars first" : `${countJars(jars)} · ${canner.name}`}
      actions={
        <>
          <LinkButton to="/recipes/$id" params={{ id: String(recipeId) }}>
            The recipe
          </LinkButton>
          <ToTheStove plan={none ? undefined : shown} canner={canner} jars={jars} accepted={taken} />
        </>
      }
    >
      <ProblemNote error={plan.error} retry={() => plan.refetch()} />
      {shown && <LastTime plan={shown} />}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_25.5rem]">
        <div className="flex flex-col gap-4">
          <div className="grid items-stretch gap-4 md:grid-cols-[16rem_minmax(0,1fr)]">
            <JarCounts kitchen={kitchen.data} canner={canner} search={search} recipeId={recipeId} />
            {shown?.amounts && !none && (
              <Card label="The jars, cut open" className="flex flex-col justify-center px-3! py-3!">
                <JarCutaway
                  jars={shown.amounts.perJar}
                  headspaceIn={shown.ruling.headspaceIn ?? 1}
                  solidsShare={shareOf(shown)}
                />
                <p className="text-center text-[0.85rem] text-soft">
                  Drawn to scale: pieces to the dashed line, then broth.
                </p>
              </Card>
            )}
          </div>
          {shown && !none && <Stops plan={shown} />}
          {shown && !none && shown.ruling.verdict === "own-judgement" && (
            <Judgement ruling={shown.ruling} accepted={taken} onAccept={setAccepted} fixed={!accepted} />
          )}
          {!none &&
            shown?.loads.map((load) => (
              <ProcessCard
                key={load.number}
                load={load}
                loads={shown.loads.length}
                cannerName={canner.name}
                judged={shown.ruling.verdict === "own-judgement"}
                takenOn={taken}
              />
            ))}
          {shown && !none && shown.remarks.length > 0 && (
            <p className="px-1 text-soft">{shown.remarks.join(" ")}</p>
          )}
        </div>
        {shown && !none && (
          <div className="flex flex-col gap-4">
            <AmountsCard amounts={shown.amounts} />
            <StepsCard steps={shown.steps} />
          </div>
        )}
      </div>
    </Place>
  );
}

/** What was noted when this was made before. */
function LastTime({ plan }: { readonly plan: Plan }) {
  if (plan.notes.length === 0) {
    return null;
  }
  return (
    <p className="flex gap-2 rounded-field bg-steam px-4 py-2.5">
      <NotebookPen size={20} className="mt-0.5 shrink-0" aria-hidden="true" />
      <span>
        <strong>Noted last time:</strong> {plan.notes.join(" · ")}
      </span>
    </p>
  );
}

function shareOf(plan: Plan): number {
  const jar = plan.amounts?.perJar[0];
  return jar ? jar.solidsMl / jar.fillMl : 0;
}

function cannerOf(kitchen: Kitchen, search: PlanSearch): Canner | undefined {
  return kitchen.canners.find((each) => each.id === search.canner) ?? kitchen.canners[0];
}

interface CountsProps {
  readonly kitchen: Kitchen;
  readonly canner: Canner;
  readonly search: PlanSearch;
  readonly recipeId: number;
}

function JarCounts({ kitchen, canner, search, recipeId }: CountsProps) {
  const navigate = useNavigate();
  const [quarts, pints, halfPints] = jarsOf(search).map((jar) => jar.count);
  const to = (part: Partial<PlanSearch>) =>
    void navigate({
      to: "/plan/$id",
      params: { id: String(recipeId) },
      search: { ...search, quarts, pints, halfPints, ...part },
      replace: true,
      resetScroll: false,
    });
  return (
    <Card label="Jars" className="flex flex-col gap-3 px-4!">
      <Stepper
        label="Quarts"
        value={quarts ?? 0}
        max={MOST_JARS}
        onChange={(value) => to({ quarts: value })}
      />
      <Stepper label="Pints" value={pints ?? 0} max={MOST_JARS} onChange={(value) => to({ pints: value })} />
      <Stepper
        label="Half-pints"
        value={halfPints ?? 0}
        max={MOST_JARS}
        onChange={(value) => to({ halfPints: value })}
      />
      <Choice
        label="Mouth"
        value={search.mouth ?? "regular"}
        options={[
          { value: "regular", text: "Regular" },
          { value: "wide", text: "Wide" },
        ]}
        onChange={(mouth) => to({ mouth })}
      />
      {kitchen.canners.length > 1 && (
        <label className="flex flex-col gap-1">
          <span className="text-[0.9rem] font-semibold text-soft">Canner</span>
          <select
            className="select w-full"
            value={canner.id}
            onChange={(event) => to({ canner: Number(event.target.value) })}
          >
            {kitchen.canners.map((each) => (
              <option key={each.id} value={each.id}>
                {each.name}
              </option>
            ))}
          </select>
        </label>
      )}
    </Card>
  );
}

function Stops({ plan }: { readonly plan: Plan }) {
  const stops = plan.ruling.findings.filter((finding) => finding.severity === "stop");
  if (stops.length === 0) {
    return null;
  }
  return (
    <Card label="Verdict" tone="brick" className="flex flex-col gap-3">
      <div>
        <VerdictTag verdict={plan.ruling.verdict} />
      </div>
      {stops.map((finding) => (
        <div key={`${finding.code}/${finding.line}`}>
          {finding.line != null && <p className="font-bold">{plan.ruling.lines[finding.line]?.text}</p>}
          <FindingNote finding={finding} />
        </div>
      ))}
    </Card>
  );
}

interface StoveProps {
  readonly plan: Plan | undefined;
  readonly canner: Canner;
  readonly jars: readonly { readonly size: string; readonly mouth: string; readonly count: number }[];
  readonly accepted: TakenOn | undefined;
}

function ToTheStove({ plan, canner, jars, accepted }: StoveProps) {
  const navigate = useNavigate();
  const batch = useBatch();
  const judged = plan?.ruling.verdict === "own-judgement";
  const why = !plan
    ? "Count the jars first"
    : plan.loads.length === 0
      ? "Something stops this plan"
      : judged && !accepted
        ? "Part of this is outside the tables: somebody has to take it on"
        : undefined;
  return (
    <>
      <ProblemNote error={batch.error} />
      {why !== undefined && <p className="max-w-56 self-center text-[0.9rem] font-semibold">{why}.</p>}
      <Button
        look="main"
        icon={<Flame size={20} />}
        disabled={why !== undefined || batch.isPending}
        onClick={() =>
          plan &&
          batch.mutate(
            {
              recipeId: plan.recipeId,
              cannerId: canner.id,
              jars: jars.filter((jar) => jar.count > 0),
              ...(judged && accepted ? { acceptance: accepted } : {}),
            },
            { onSuccess: () => void navigate({ to: "/stove" }) },
          )
        }
      >
        To the stove
      </Button>
    </>
  );
}

function KitchenFirst({ kitchen }: { readonly kitchen: Kitchen }) {
  const missing = [
    kitchen.altitudeFt == null ? "your altitude" : "",
    kitchen.canners.length === 0 ? "a canner" : "",
  ].filter(Boolean);
  return (
    <Place title="Plan" lead="One thing first">
      <Card label="Kitchen first">
        <p className="text-lg">
          A plan needs {missing.join(" and ")}: the pressure and the number of jars that fit depend on it.
        </p>
        <LinkButton to="/kitchen" look="main" className="mt-4">
          Set up the kitchen
        </LinkButton>
      </Card>
    </Place>
  );
}
