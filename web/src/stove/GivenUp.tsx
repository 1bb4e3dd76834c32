import { Button, Card, ProblemNote } from "@/kit";
import { countJars, formatDateTime, formatSpan } from "@/quantity";
import { jarsInside } from "./jarsOf";
import { deviationLabel } from "./labels";
import type { Run } from "./live";
import { useNextTry } from "./useNextTry";
import { useRecordEvent } from "./useOutbox";

const DECISIONS = [
  { code: "refrigerated", text: "Refrigerated", detail: "to be eaten within a few days" },
  { code: "frozen", text: "Frozen", detail: "with room to swell" },
  { code: "discarded", text: "Discarded", detail: "" },
] as const;

/** Jars of a run that was given up: what can be done with them, and until when. */
export function GivenUp({ run, now }: { readonly run: Run; readonly now: number }) {
  const recording = useRecordEvent(run);
  const left = run.decideBy == null ? 0 : Date.parse(run.decideBy) - now;
  const why = run.deviations.at(-1);
  const again = useNextTry(run);
  return (
    <Card label={`Given up: ${run.title}`} tone="brick" className="flex flex-col gap-3">
      <h2 className="text-xl font-bold">
        {run.title}, {countJars(jarsInside(run))}: not processed
      </h2>
      <p className="text-lg">
        {why && `${deviationLabel(why.code)}. `}
        {left > 0 && run.decideBy != null ? (
          <>
            Leave the lid on until the pressure is zero by itself and ten minutes more. The jars wait until{" "}
            <strong>{formatDateTime(run.decideBy)}</strong>, {formatSpan(left)} from now; keep them cold
            meanwhile.
          </>
        ) : (
          "More than 24 hours have passed: jars that were not kept cold are not to be eaten."
        )}
      </p>
      <ProblemNote error={again.error ?? recording.error} />
      <div className="flex flex-wrap gap-3">
        <Button
          size="stove"
          look="main"
          className="basis-full flex-col gap-0 sm:basis-auto sm:flex-[2]"
          disabled={left <= 0 || again.isPending}
          onClick={() => again.mutate({})}
        >
          <span>Next try: the same jars</span>
          <span className="text-base font-normal">
            new lids, the full {run.minutes} min from the beginning
          </span>
        </Button>
      </div>
      <p className="font-bold">Or what was done with them?</p>
      <div className="flex flex-wrap gap-3">
        {DECISIONS.map(({ code, text, detail }) => (
          <Button
            key={code}
            size="stove"
            className="flex-1 flex-col gap-0"
            onClick={() =>
              void recording.record({ type: "jars-decided", decision: code }).catch(() => undefined)
            }
          >
            <span>{text}</span>
            {detail && <span className="text-[0.9rem] font-normal">{detail}</span>}
          </Button>
        ))}
      </div>
    </Card>
  );
}
