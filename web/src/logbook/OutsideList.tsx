import { Button, Card, ProblemNote, Tag } from "@/kit";
import { formatDateTime, formatSpan } from "@/quantity";
import { useOutside, useOutsideDecision } from "./useBatches";

const DECISIONS = [
  ["refrigerated", "Refrigerated"],
  ["frozen", "Frozen"],
  ["processed-again", "Processed again"],
  ["discarded", "Discarded"],
] as const;

/** Batches done without Mobrel that still want a decision; nothing where there are none. */
export function OutsideList() {
  const outside = useOutside();
  const decide = useOutsideDecision();
  const open = (outside.data ?? []).filter((entry) => !entry.covered && entry.decision == null);
  if (open.length === 0) {
    return null;
  }
  return (
    <Card label="Done without Mobrel" tone="brick" className="flex flex-col gap-3">
      <ProblemNote error={decide.error} />
      {open.map((entry) => {
        const left = Date.parse(entry.decideBy) - Date.now();
        return (
          <div key={entry.id} className="flex flex-col gap-2">
            <p className="text-lg">
              <strong>{entry.title}</strong> is not covered. {entry.finding}{" "}
              {left > 0
                ? `Keep it cold; ${formatSpan(left)} left to decide, until ${formatDateTime(entry.decideBy)}.`
                : "The 24 hours are over: what was not kept cold is discarded."}
            </p>
            <div className="flex flex-wrap items-center gap-2">
              {DECISIONS.map(([code, text]) => (
                <Button
                  key={code}
                  disabled={decide.isPending || (code === "processed-again" && left <= 0)}
                  onClick={() => decide.mutate({ id: entry.id, decision: code })}
                >
                  {text}
                </Button>
              ))}
              <Tag>no shelf label</Tag>
            </div>
          </div>
        );
      })}
    </Card>
  );
}
