import { useState } from "react";
import { Button } from "@/kit";
import type { EventRequest, Run } from "./live";
import { OtherReading } from "./OtherReading";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
  readonly onClose: () => void;
}

/** A weight that was knocked, a canner that was moved, lids that pop: one tap each. */
export function Happened({ run, onEvent, onClose }: Props) {
  const [asked, setAsked] = useState<"weight-knocked" | "canner-moved" | undefined>();
  const [reading, setReading] = useState(false);
  const holds = run.stage === "holding" && !run.holdComplete;
  if (asked && reading) {
    return (
      <OtherReading
        run={run}
        from={run.targetPsi}
        onEvent={(event) => onEvent({ type: asked, ...(event.psi == null ? {} : { psi: event.psi }) })}
        onClose={() => setReading(false)}
      />
    );
  }
  if (asked) {
    return (
      <div className="flex flex-col gap-3">
        <p className="text-xl font-bold">Did a dial show that the pressure held?</p>
        <p className="text-soft">
          If nobody looked at one, it counts as lost: the full {run.minutes} minutes begin again at pressure.
        </p>
        <div className="flex flex-wrap gap-3">
          <Button size="stove" className="flex-1" onClick={() => setReading(true)}>
            Yes, it read …
          </Button>
          <Button size="stove" look="loss" className="flex-1" onClick={() => onEvent({ type: asked })}>
            No, or there is none
          </Button>
          <Button size="stove" look="quiet" onClick={() => setAsked(undefined)}>
            Back
          </Button>
        </div>
      </div>
    );
  }
  const say = (type: "weight-knocked" | "canner-moved") => (holds ? setAsked(type) : onEvent({ type }));
  return (
    <div className="flex flex-col gap-3">
      <p className="text-xl font-bold">What happened?</p>
      <div className="flex flex-wrap gap-3">
        {run.stage === "opened" ? (
          <>
            <Button size="stove" className="flex-1" onClick={() => onEvent({ type: "lids-popped" })}>
              Lids popped
            </Button>
            <Button
              size="stove"
              look="loss"
              className="flex-1"
              onClick={() => onEvent({ type: "water-seen", waterLeft: false })}
            >
              No water was left in it
            </Button>
          </>
        ) : (
          <>
            <Button size="stove" className="flex-1" onClick={() => say("weight-knocked")}>
              The weight hissed or was knocked
            </Button>
            <Button size="stove" className="flex-1" onClick={() => say("canner-moved")}>
              The canner was moved
            </Button>
          </>
        )}
        <Button size="stove" look="quiet" onClick={onClose}>
          Back
        </Button>
      </div>
    </div>
  );
}
