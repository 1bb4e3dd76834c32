import { useState } from "react";
import { Button, Card, ProblemNote } from "@/kit";
import { formatClock, formatDateTime } from "@/quantity";
import { type Run, useNextTry, useRecordEvent } from "@/stove";

/** An unsealed jar is a decision with a limit: a day from when the heat went off. */
export function Failed({ run, now }: { readonly run: Run; readonly now: number }) {
  const recording = useRecordEvent(run);
  const [leftOut, setLeftOut] = useState<readonly number[]>([]);
  // The last one is always meant.
  const jars =
    run.unsettled.length === 1 ? run.unsettled : run.unsettled.filter((jar) => !leftOut.includes(jar));
  const left = run.decideBy == null ? 0 : Date.parse(run.decideBy) - now;
  const again = useNextTry(run);
  const settle = async (decision: string) => {
    for (const jar of jars) {
      await recording.record({ type: "jar-settled", jar, decision }).catch(() => undefined);
    }
    setLeftOut([]);
  };
  const busy = again.isPending || jars.length === 0;
  return (
    <Card label="Jars that did not seal" tone="brick" className="flex flex-col gap-4">
      <div>
        <h2 className="text-xl font-bold">
          {run.unsettled.length === 1
            ? "One jar did not seal."
            : `${run.unsettled.length} jars did not seal.`}{" "}
          {left > 0 ? (
            <span>
              Decide within <span className="digits">{formatClock(left)}</span>.
            </span>
          ) : (
            "The 24 hours are over."
          )}
        </h2>
        <p className="text-soft">
          {left > 0
            ? `Counted from the end of the process, until ${formatDateTime(run.decideBy ?? run.now)}. Keep ${run.unsettled.length === 1 ? "it" : "them"} cold meanwhile.`
            : "A jar that stood unsealed at room temperature since then is discarded; do not taste it."}
        </p>
      </div>
      {run.unsettled.length > 1 && (
        <div className="flex flex-wrap items-center gap-2">
          <span className="font-semibold text-soft">Which of them</span>
          {run.unsettled.map((jar) => (
            <Button
              key={jar}
              aria-pressed={jars.includes(jar)}
              look={jars.includes(jar) ? "main" : "plain"}
              onClick={() =>
                setLeftOut(jars.includes(jar) ? [...leftOut, jar] : leftOut.filter((each) => each !== jar))
              }
            >
              Jar {jar}
            </Button>
          ))}
        </div>
      )}
      <ProblemNote error={recording.error ?? again.error} />
      <div className="flex flex-wrap gap-3">
        <Button
          size="stove"
          look="main"
          className="flex-1 flex-col gap-0"
          disabled={busy || left <= 0}
          onClick={() => again.mutate({ jars })}
        >
          <span>Process again</span>
          <span className="text-[0.9rem] font-normal">
            new lid, rim looked at, the full {run.minutes} min
          </span>
        </Button>
        {[
          ["refrigerated", "Refrigerated", "eaten within a few days"],
          ["frozen", "Frozen", "with room to swell"],
          ["discarded", "Discarded", ""],
        ].map(([code, text, detail]) => (
          <Button
            key={code}
            size="stove"
            className="flex-1 flex-col gap-0"
            disabled={busy}
            onClick={() => void settle(code ?? "")}
          >
            <span>{text}</span>
            {detail && <span className="text-[0.9rem] font-normal">{detail}</span>}
          </Button>
        ))}
      </div>
    </Card>
  );
}
