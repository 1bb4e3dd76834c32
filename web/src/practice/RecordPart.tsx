import { NotebookText } from "lucide-react";
import { Card, Empty, LinkButton, ProblemNote, Spinner, Tag } from "@/kit";
import { formatDateTime } from "@/quantity";
import { usePracticeRecord } from "./usePractice";
import { missWords } from "./words";

/** What was tried, how steady it was, and what was missed. */
export function RecordPart() {
  const record = usePracticeRecord();
  if (!record.data) {
    return record.isPending ? (
      <Spinner />
    ) : (
      <ProblemNote error={record.error} retry={() => record.refetch()} />
    );
  }
  const { tries, drills, drillsKnown, missed } = record.data;
  if (tries.length === 0) {
    return (
      <Empty
        picture={<NotebookText size={56} />}
        title="Nothing tried yet"
        action={
          <LinkButton to="/practice" look="main">
            Begin
          </LinkButton>
        }
      >
        What you try is kept here, apart from the logbook.
      </Empty>
    );
  }
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[1fr_22rem]">
      <Card label="Tries">
        <h2 className="text-lg font-bold">Tries</h2>
        <ul>
          {tries.map((one) => (
            <li
              key={`${one.kind}/${one.exercise}/${one.at}`}
              className="flex flex-wrap items-center gap-x-4 border-b border-line py-2 last:border-0"
            >
              <span className="min-w-[min(13rem,100%)] flex-1">
                <strong className="block">{one.title}</strong>
                <span className="text-soft">
                  {formatDateTime(one.at)}
                  {one.misses.length > 0 && ` · ${one.misses.map(missWords).join(", ")}`}
                  {one.furthestPsi != null && ` · within ${one.furthestPsi.toFixed(1)} psi`}
                </span>
              </span>
              <Tag tone={one.passed ? "ink" : "mustard"}>
                {one.kind === "rehearsal"
                  ? one.passed
                    ? "held"
                    : "not held"
                  : one.passed
                    ? "right"
                    : "missed"}
              </Tag>
            </li>
          ))}
        </ul>
      </Card>
      <div className="flex flex-col gap-4">
        <Card label="Drills known">
          <p>
            <span className="digits text-5xl font-bold">{drillsKnown}</span>
            <span className="text-xl"> of {drills} drills known</span>
          </p>
        </Card>
        {missed.length > 0 && (
          <Card label="Missed most">
            <h2 className="text-lg font-bold">Missed most</h2>
            <ul>
              {missed.map((miss) => (
                <li key={miss.code} className="flex justify-between gap-3 py-1">
                  <span>{missWords(miss.code)}</span>
                  <span className="digits font-bold">{miss.times}</span>
                </li>
              ))}
            </ul>
          </Card>
        )}
      </div>
    </div>
  );
}
