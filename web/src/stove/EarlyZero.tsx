import { useState } from "react";
import { Button } from "@/kit";
import { formatTime } from "@/quantity";
import { signLabel } from "./labels";
import type { EventRequest, Run } from "./live";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
  readonly onClose: () => void;
}

const SIGNS = ["dial-at-zero", "lock-dropped", "no-hiss"] as const;

/** Sooner than this canner ever cools by itself: what was seen, and whether something helped. */
export function EarlyZero({ run, onEvent, onClose }: Props) {
  const [seen, setSeen] = useState<readonly string[]>([]);
  const say = (cooled: boolean) => onEvent({ type: "pressure-zero", signs: [...seen], cooled });
  return (
    <div className="flex flex-col gap-3">
      <p className="text-xl font-bold">So soon? What shows that the pressure is gone?</p>
      <p className="text-soft">
        This canner is expected to be under pressure until {formatTime(run.zeroDoubtedUntil ?? run.now)} at
        least. If in doubt, wait.
      </p>
      <div className="flex flex-wrap gap-3">
        {SIGNS.map((sign) => (
          <Button
            key={sign}
            size="stove"
            className="flex-1"
            look={seen.includes(sign) ? "main" : "plain"}
            aria-pressed={seen.includes(sign)}
            onClick={() =>
              setSeen(seen.includes(sign) ? seen.filter((each) => each !== sign) : [...seen, sign])
            }
          >
            {sentence(signLabel(sign))}
          </Button>
        ))}
      </div>
      {seen.length > 0 && (
        <>
          <p className="text-lg font-semibold">
            Did water, a fan or a cold place help? Its lots wait on hold either way, until somebody has looked
            into it.
          </p>
          <div className="flex flex-wrap gap-3">
            <Button size="stove" className="flex-1" onClick={() => say(false)}>
              No, it cooled by itself
            </Button>
            <Button size="stove" look="loss" className="flex-1" onClick={() => say(true)}>
              Yes, it was helped
            </Button>
          </div>
        </>
      )}
      <Button size="stove" look="quiet" onClick={onClose}>
        Wait, not zero yet
      </Button>
    </div>
  );
}

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
