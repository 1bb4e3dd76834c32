import { useState } from "react";
import { Button, Card, Field } from "@/kit";
import type { Ruling } from "@/ruling";

export interface Acceptance {
  readonly by: string;
  readonly reason: string;
}

interface Props {
  readonly ruling: Ruling;
  readonly accepted: Acceptance | undefined;
  readonly onAccept: (acceptance: Acceptance | undefined) => void;
  /** Whether it was taken on with the recipe, and is taken back there. */
  readonly fixed: boolean;
}

/** What departs from the tables is taken on by name, or not canned. The mark stays on batch and jars. */
export function Judgement({ ruling, accepted, onAccept, fixed }: Props) {
  const [by, setBy] = useState("");
  const [reason, setReason] = useState("");
  const judged = ruling.findings.filter((finding) => finding.severity === "own-judgement");
  return (
    <Card label="Your own judgement" tone="mustard" className="hatched">
      <h2 className="text-xl font-bold">Outside the published tables</h2>
      <ul className="my-2 ml-5 list-disc">
        {judged.map((finding) => (
          <li key={`${finding.code}/${finding.line}`}>
            {finding.line != null && <strong>{ruling.lines[finding.line]?.text}: </strong>}
            {finding.text}
          </li>
        ))}
      </ul>
      {accepted ? (
        <p>
          <strong>{accepted.by}</strong> takes it on: “{accepted.reason}”. Batch and jars keep the mark.{" "}
          {fixed ? (
            "It was taken on with this version of the recipe."
          ) : (
            <Button look="quiet" size="small" onClick={() => onAccept(undefined)}>
              Take back
            </Button>
          )}
        </p>
      ) : (
        <form
          className="grid items-end gap-3 md:grid-cols-[14rem_minmax(0,1fr)_auto]"
          onSubmit={(event) => {
            event.preventDefault();
            onAccept({ by: by.trim(), reason: reason.trim() });
          }}
        >
          <Field label="Who takes it on">
            {(id) => (
              <input
                id={id}
                className="input w-full"
                required
                maxLength={60}
                value={by}
                onChange={(event) => setBy(event.target.value)}
              />
            )}
          </Field>
          <Field label="Why">
            {(id) => (
              <input
                id={id}
                className="input w-full"
                required
                maxLength={400}
                value={reason}
                onChange={(event) => setReason(event.target.value)}
              />
            )}
          </Field>
          <Button type="submit" className="mb-1" disabled={!by.trim() || !reason.trim()}>
            I take it on
          </Button>
        </form>
      )}
      <p className="mt-2 text-[0.9rem]">
        When unsure, ask your local extension office or food-safety authority first.
      </p>
    </Card>
  );
}
