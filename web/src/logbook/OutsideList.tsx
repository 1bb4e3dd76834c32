import { Button, Card, ProblemNote, Tag } from "@/kit";
import { formatDateTime, formatSpan } from "@/quantity";
import { useOutside, useOutsideDecision } from "./useBatches";

const DECISIONS = [
  ["refrigerated", "Refrigerated"],
  ["frozen", "Frozen"],
  ["processed-again", "Processed again"],
  ["discarded", "Discarded"],
] as const;

const HOUR_MS = 60 * 60_000;

/** What was done without Mobrel: first what still wants a decision, then what was covered; nothing where there is none. */
export function OutsideList() {
  const outside = useOutside();
  const covered = (outside.data ?? []).filter((entry) => entry.covered);
  return (
    <>
      <ToDecide />
      {covered.length > 0 && (
        <Card label="Done without Mobrel, covered" className="flex flex-col gap-2">
          <h2 className="text-lg font-bold">Done without Mobrel, covered</h2>
          <ul>
            {covered.map((entry) => {
              const done = Date.parse(entry.finishedAt);
              return (
                <li key={entry.id} className="border-t border-line py-2 first:border-0">
                  <strong>{entry.title}</strong>, heat off {formatDateTime(entry.finishedAt)}.{" "}
                  {Date.now() < done + 24 * HOUR_MS
                    ? `Check the seals from ${formatDateTime(new Date(done + 14 * HOUR_MS).toISOString())}, by ${formatDateTime(new Date(done + 23 * HOUR_MS).toISOString())}: process again, refrigerate or freeze a jar that did not seal.`
                    : "Label what sealed by hand: Mobrel has no lot of it."}
                </li>
              );
            })}
          </ul>
        </Card>
      )}
    </>
  );
}

function ToDecide() {
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
