import { Button } from "@/kit";
import { CARE_POINTS } from "@/kitchen";
import { CheckList } from "./Checks";
import type { EventRequest, Run } from "./live";
import { openCare } from "./stages";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
  readonly onClose: () => void;
}

/** What this kitchen wants to look at, and nobody has yet: the lid waits for it. */
export function CareOpen({ run, onEvent, onClose }: Props) {
  const open = CARE_POINTS.filter((each) => openCare(run).includes(each.code));
  return (
    <div className="flex flex-col gap-3">
      <p className="text-xl font-bold">
        {open.length === 1 ? "One look before the lid is locked." : "Before the lid is locked:"}
      </p>
      <CheckList run={run} checks={open} onEvent={onEvent} />
      <Button size="stove" look="quiet" onClick={onClose}>
        Back
      </Button>
    </div>
  );
}
