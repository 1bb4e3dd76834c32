import { CircleSlash, Hand } from "lucide-react";
import { Button } from "@/kit";
import type { Finding } from "./useRuling";

interface Props {
  readonly finding: Finding;
  /** Takes the finding's line out of the recipe, where that is a remedy. */
  readonly onLeaveOut?: (() => void) | undefined;
}

/** Why something stands against the batch, and what to do about it. */
export function FindingNote({ finding, onLeaveOut }: Props) {
  const stop = finding.severity === "stop";
  return (
    <div
      className={`rounded-field px-3 py-2 text-[0.95rem] ${stop ? "bg-brick-wash" : "hatched bg-mustard-wash"}`}
    >
      <p className="flex gap-2 font-semibold">
        {stop ? (
          <CircleSlash size={18} className="mt-0.5 shrink-0 text-brick" aria-label="Stop" />
        ) : (
          <Hand size={18} className="mt-0.5 shrink-0 text-mustard" aria-label="Your own judgement" />
        )}
        <span>{finding.text}</span>
      </p>
      <ul className="mt-1 ml-6.5 flex flex-wrap items-center gap-x-4 gap-y-1">
        {finding.remedies.map((remedy) =>
          remedy.code === "leave-out" && onLeaveOut ? (
            <li key={remedy.text}>
              <Button size="small" onClick={onLeaveOut}>
                {remedy.text}
              </Button>
            </li>
          ) : (
            <li key={remedy.text}>{remedy.text}.</li>
          ),
        )}
      </ul>
    </div>
  );
}
