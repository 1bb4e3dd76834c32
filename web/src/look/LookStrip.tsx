import { Camera } from "lucide-react";
import type { Schemas } from "@/api/client";
import { DeviceStrip, type DeviceText } from "@/kit";
import { LivePicture } from "./LivePicture";
import { type Looking, stopLooking, useLooking } from "./looking";

type Run = Schemas["RunResponse"];

/** The sign that the camera is on, what it sees, and where it does not. */
export function LookStrip({ run }: { readonly run: Run }) {
  const looking = useLooking();
  if (looking?.runId !== run.id) {
    return null;
  }
  const words = wordsOf(looking);
  return (
    <DeviceStrip
      label="This device looks"
      icon={<Camera size={24} aria-hidden="true" />}
      words={words}
      stop="Stop looking"
      onStop={stopLooking}
      before={<LivePicture stream={looking.stream} className="h-11 rounded-field border border-line" />}
    />
  );
}

const UNSEEN: Record<NonNullable<Looking["unseen"]>, string> = {
  moved: "Something stands before it, or this device was moved. Teach it the dial again if it stays so.",
  faint: "Steam, dark or a gleam lies over it.",
  doubtful: "Something else looks like a needle.",
  "off-scale": "What looks like the needle is beside the scale.",
  still: "The camera shows no new picture.",
};

function wordsOf({ seen, unseen, cutOff }: Looking): DeviceText {
  if (cutOff) {
    return {
      text: "No connection to the kitchen:",
      detail: "until it is back nobody is asked what this device sees.",
      warns: true,
    };
  }
  const about = seen?.psi == null ? "" : `about ${seen.psi}`;
  switch (seen?.view) {
    case "at-mark":
      return { text: `Sees ${about}.` };
    case "low":
      return { text: `Sees ${about}: below the mark.`, detail: "What does the dial say?", warns: true };
    case "high":
      return { text: `Sees ${about}: high.`, detail: "A little less heat.", warns: true };
    case "not-seen":
      return { text: "Does not see the needle.", detail: unseen && UNSEEN[unseen], warns: true };
    default:
      return { text: "Looking." };
  }
}
