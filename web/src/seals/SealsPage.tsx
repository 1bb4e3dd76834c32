import { CircleCheckBig } from "lucide-react";
import { useState } from "react";
import { ShelfJar } from "@/jars";
import { Button, Card, Choice, Empty, LinkButton, Loading, Place, ProblemNote } from "@/kit";
import { countJars, formatClock, formatDateTime, formatSpan, jarWord } from "@/quantity";
import { hueOf } from "@/shelf";
import { type Run, useRun, useRunNow, useTell } from "@/stove";

/** Jar by jar: sealed, or not. */
export function SealsPage({ runId }: { readonly runId: number }) {
  const run = useRun(runId);
  if (!run.data) {
    return (
      <Place title="Seal check">
        <ProblemNote error={run.error} retry={() => run.refetch()} />
        {!run.error && <Loading />}
      </Place>
    );
  }
  return <Seals run={run.data} />;
}

type Loss = "none" | "some" | "more-than-half";

function Seals({ run }: { readonly run: Run }) {
  const now = useRunNow(run);
  const tell = useTell(run);
  const [loss, setLoss] = useState<Loss>("none");
  const jars = numbered(run);
  const open = run.checkFrom != null && now >= Date.parse(run.checkFrom);
  const next = jars.find((jar) => !run.checked.some((done) => done.jar === jar.number));
  const failed = run.checked.filter((jar) => !jar.sealed);
  const sealed = run.checked.length - failed.length;
  return (
    <Place title="Seal check" lead={`${run.title} · ${countJars(run.jars)} · ${run.cannerName}`}>
      <ProblemNote error={tell.error} />
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
              <p className="text-soft">Band off. Press the middle of the lid: sunk, and it does not give?</p>
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
            <div className="flex gap-3">
              {[true, false].map((isSealed) => (
                <Button
                  key={String(isSealed)}
                  size="stove"
                  look={isSealed ? "main" : "loss"}
                  className="flex-1"
                  disabled={tell.isPending}
                  onClick={() =>
                    tell.mutate(
                      { type: "jar-checked", jar: next.number, sealed: isSealed, loss },
                      { onSuccess: () => setLoss("none") },
                    )
                  }
                >
                  {isSealed ? "Sealed" : "Not sealed"}
                </Button>
              ))}
            </div>
          </Card>
        )
      )}
      {failed.length > 0 && <Failed run={run} now={now} count={failed.length} />}
    </Place>
  );
}

/** An unsealed jar is a decision with a limit. */
function Failed({ run, now, count }: { readonly run: Run; readonly now: number; readonly count: number }) {
  const left = run.decideBy == null ? 0 : Date.parse(run.decideBy) - now;
  return (
    <Card label="Jars that did not seal" tone="brick">
      <p className="text-lg font-bold">
        {count === 1 ? "One jar" : `${count} jars`} did not seal.{" "}
        {left > 0 ? `Decide within ${formatClock(left)}.` : "The 24 hours are over."}
      </p>
      <ul className="mt-1 ml-5 list-disc">
        {left > 0 && (
          <li>
            Process again by {formatDateTime(run.decideBy ?? run.now)}: a new lid, the rim looked at for
            nicks, the full {run.minutes} minutes.
          </li>
        )}
        <li>Or refrigerate and eat within a few days, or freeze with room to swell.</li>
        {left <= 0 && (
          <li>A jar that stood unsealed at room temperature since then: discard it, do not taste it.</li>
        )}
      </ul>
    </Card>
  );
}

function numbered(run: Run) {
  return run.jars
    .flatMap((group) =>
      Array.from({ length: group.count }, () => ({ size: group.size, mouth: group.mouth ?? "regular" })),
    )
    .map((jar, index) => ({ ...jar, number: index + 1 }));
}
