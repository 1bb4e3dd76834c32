import { CircleCheckBig } from "lucide-react";
import { Card, Empty, LinkButton, PageFrame, ProblemNote, Spinner } from "@/kit";
import { PhotoButton, Photos } from "@/photos";
import { countJars, formatDateTime, formatSpan } from "@/quantity";
import { decisionLabel, jarsInside, jarsOf, type Run, useRun, useRunNow } from "@/stove";
import { CheckAll } from "./CheckAll";
import { Failed } from "./Failed";
import { JarRow } from "./JarRow";

/** The seals of a load: all of them at once, and what is otherwise. */
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

function Seals({ run }: { readonly run: Run }) {
  const now = useRunNow(run);
  const open = run.checkFrom != null && now >= Date.parse(run.checkFrom);
  const sealed = run.checked.filter((jar) => jar.sealed).length;
  const jars = jarsOf(run).filter((jar) => run.inCanner.includes(jar.number));
  const checking = open && run.stage !== "done";
  return (
    <PageFrame
      title="Seal check"
      lead={`${run.simulated ? "Practice device: nothing here reaches the shelf. " : ""}${run.title} · ${countJars(jarsInside(run))} · ${run.cannerName}`}
      actions={
        <span className="text-soft">{run.simulated && "A practice run: nothing goes on the shelf"}</span>
      }
    >
      {run.unsettled.length > 0 && <Failed run={run} now={now} />}
      {!checking && (
        <Card label="The jars of this load">
          <JarRow jars={jars} run={run} />
        </Card>
      )}
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
      ) : open ? (
        <CheckAll run={run} jars={jars} />
      ) : (
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
      )}
      {!run.simulated && run.checkFrom != null && (
        <Card label="Photos" className="flex flex-col gap-3">
          <PhotoButton of={{ run: run.id }} moment="seal-check" what="these jars" />
          <Photos of={{ run: run.id }} />
        </Card>
      )}
      {run.fates.length > 0 && (
        <Card label="Jars that did not seal">
          <ul>
            {run.fates.map((fate) => (
              <li key={fate.jar}>
                Jar {fate.jar}: {FATES[fate.decision] ?? decisionLabel(fate.decision)}
              </li>
            ))}
          </ul>
        </Card>
      )}
    </PageFrame>
  );
}

const FATES: Record<string, string> = {
  "processed-again": "processed again, in a load of its own",
  refrigerated: "refrigerated, to be eaten within a few days",
  frozen: "frozen, with room to swell",
};
