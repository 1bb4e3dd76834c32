import { CircleCheckBig } from "lucide-react";
import { useState } from "react";
import { ShelfJar } from "@/jars";
import { Button, Card, Choice, Empty, LinkButton, PageFrame, ProblemNote, Spinner } from "@/kit";
import { countJars, formatDateTime, formatSpan, jarWord } from "@/quantity";
import { hueOf } from "@/shelf";
import { type Run, useRecordEvent, useRun, useRunNow } from "@/stove";
import { Failed } from "./Failed";
import { LowLevel } from "./LowLevel";

/** Jar by jar: sealed, or not. */
export function SealsPage({ runId }: { readonly runId: number }) {
  const run = useRun(runId);
  if (!run.data) {
    return (
      <PageFrame title="Seal check">
        <ProblemNote error={run.error} retry={() => run.refetch()} />
        {!run.error && <Spinner />}
      </PageFrame>
    );
  }
  return <Seals run={run.data} />;
}

type Loss = "none" | "some" | "more-than-half";
export type Level = "right" | "floating" | "siphoned";

function Seals({ run }: { readonly run: Run }) {
  const now = useRunNow(run);
  const recording = useRecordEvent(run);
  const [loss, setLoss] = useState<Loss>("none");
  const [level, setLevel] = useState<Level>("right");
  const [bandOff, setBandOff] = useState(false);
  const jars = numbered(run);
  const open = run.checkFrom != null && now >= Date.parse(run.checkFrom);
  const next = jars.find((jar) => !run.checked.some((done) => done.jar === jar.number));
  const failed = run.checked.filter((jar) => !jar.sealed);
  const sealed = run.checked.length - failed.length;
  const check = (jar: number, isSealed: boolean) =>
    recording.record({ type: "jar-checked", jar, sealed: isSealed, loss, level, bandOff: true }).then(
      () => {
        setLoss("none");
        setLevel("right");
        setBandOff(false);
      },
      () => undefined, // Shown above the jars.
    );
  return (
    <PageFrame title="Seal check" lead={`${run.title} · ${countJars(run.jars)} · ${run.cannerName}`}>
      <ProblemNote error={recording.error} />
      {run.unsettled.length > 0 && <Failed run={run} now={now} />}
      <Card label="The jars of this load">
        <ol className="flex flex-wrap items-end gap-x-6 gap-y-4">
          {jars.map((jar) => {
            const check = run.checked.find((done) => done.jar === jar.number);
            return (
              <li key={jar.number} className="flex flex-col items-center gap-1">
                <ShelfJar
                  size={jar.size}
                  mouth={jar.mouth}
                  hue={check && !check.sealed ? "var(--color-brick)" : hueOf(run.title)}
                  height={104}
                  empty={check !== undefined && !check.sealed}
                />
                <span
                  className={`text-[0.9rem] font-bold ${check ? (check.sealed ? "" : "text-brick") : jar.number === next?.number && open ? "rounded-md bg-primary px-2 text-primary-content" : "text-soft"}`}
                >
                  {jar.number}: {check ? (check.sealed ? "sealed" : "not sealed") : jarWord(jar.size, 1)}
                </span>
              </li>
            );
          })}
        </ol>
      </Card>
      {run.stage === "done" ? (
        <Empty
          picture={<CircleCheckBig size={56} strokeWidth={1.5} />}
          title={`${jars.length} ${jars.length === 1 ? "jar" : "jars"} in, ${sealed} sealed`}
          action={
            <LinkButton to="/shelf" look="main">
              To the shelf
            </LinkButton>
          }
        >
          The sealed jars stand on the shelf, without bands: cool, dark and dry.
        </Empty>
      ) : !open ? (
        <Card label="Resting">
          <p className="text-lg">
            {run.checkFrom == null ? (
              "These jars are still in the canner."
            ) : (
              <>
                The jars rest until <strong>{formatDateTime(run.checkFrom)}</strong>,{" "}
                {formatSpan(Date.parse(run.checkFrom) - now)} from now. A seal judged earlier may still give.
              </>
            )}
          </p>
        </Card>
      ) : (
        next && (
          <Card label={`Jar ${next.number}`} className="flex flex-col gap-4">
            <div>
              <h2 className="text-2xl font-bold">
                Jar {next.number}, a {jarWord(next.size, 1)}
              </h2>
              <p className="text-soft">
                {bandOff
                  ? "Press the middle of the lid: sunk, and it does not give? Lift the jar a little by its lid."
                  : "First the band: it may hold a lid down that has not sealed."}
              </p>
            </div>
            <Choice
              label="Liquid lost"
              value={loss}
              options={[
                { value: "none", text: "None" },
                { value: "some", text: "Some" },
                { value: "more-than-half", text: "More than half" },
              ]}
              onChange={setLoss}
            />
            {loss !== "none" && <LowLevel level={level} onChange={setLevel} />}
            {bandOff ? (
              <div className="flex gap-3">
                {[true, false].map((isSealed) => (
                  <Button
                    key={String(isSealed)}
                    size="stove"
                    look={isSealed ? "main" : "loss"}
                    className="flex-1"
                    onClick={() => check(next.number, isSealed)}
                  >
                    {isSealed ? "Sealed" : "Not sealed"}
                  </Button>
                ))}
              </div>
            ) : (
              <Button size="stove" look="main" onClick={() => setBandOff(true)}>
                The band is off
              </Button>
            )}
          </Card>
        )
      )}
      {run.fates.length > 0 && (
        <Card label="Jars that did not seal">
          <ul>
            {run.fates.map((fate) => (
              <li key={fate.jar}>
                Jar {fate.jar}: {FATES[fate.decision] ?? fate.decision}
              </li>
            ))}
          </ul>
        </Card>
      )}
    </PageFrame>
  );
}

const FATES: Record<string, string> = {
  "processed-again": "processed again, as a batch of its own",
  refrigerated: "refrigerated, to be eaten within a few days",
  frozen: "frozen, with room to swell",
  discarded: "discarded",
};

function numbered(run: Run) {
  return run.jars
    .flatMap((group) =>
      Array.from({ length: group.count }, () => ({ size: group.size, mouth: group.mouth ?? "regular" })),
    )
    .map((jar, index) => ({ ...jar, number: index + 1 }));
}
