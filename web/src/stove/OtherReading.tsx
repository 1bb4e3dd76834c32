import { useState } from "react";
import { Button, Stepper } from "@/kit";
import type { EventRequest, Run } from "./live";

interface Props {
  readonly run: Run;
  /** What the stepper begins with. */
  readonly from: number;
  readonly onEvent: (event: EventRequest) => void;
  readonly onClose: () => void;
}

/** Any other reading of the dial, by halves of a psi. */
export function OtherReading({ run, from, onEvent, onClose }: Props) {
  const [psi, setPsi] = useState(from);
  const low = run.stage === "holding" && psi < run.targetPsi;
  return (
    <div className="flex flex-col gap-3">
      <Stepper label="The dial reads" value={psi} min={0} max={25} step={0.5} onChange={setPsi} />
      {low && (
        <p className="font-semibold text-brick">
          Below {run.targetPsi}: the full {run.minutes} minutes start again when it is back.
        </p>
      )}
      <div className="flex gap-3">
        <Button
          size="stove"
          look={low ? "loss" : "main"}
          className="flex-1"
          onClick={() => onEvent({ type: "reading", psi })}
        >
          Write down {psi}
        </Button>
        <Button size="stove" onClick={onClose}>
          Back
        </Button>
      </div>
    </div>
  );
}
