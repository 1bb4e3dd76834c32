import { Ear as EarSign } from "lucide-react";
import type { Schemas } from "@/api/client";
import { Button, DeviceStrip, type DeviceText } from "@/kit";
import { type Listening, stopListening, useListening } from "./listening";

type Run = Schemas["RunResponse"];

interface Props {
  readonly run: Run;
  readonly onEvent: (event: { readonly type: string }) => void;
}

/** The sign that the microphone is on, what it hears, and what it offers to be written down. */
export function ListenStrip({ run, onEvent }: Props) {
  const listening = useListening();
  if (listening?.runId !== run.id) {
    return null;
  }
  const offer = offerOf(run, listening);
  const words = wordsOf(run, listening);
  return (
    <DeviceStrip
      label="This device listens"
      icon={<EarSign size={24} aria-hidden="true" />}
      words={words}
      stop="Stop listening"
      onStop={stopListening}
    >
      {offer && (
        <Button look="main" onClick={() => onEvent({ type: offer.type })}>
          {offer.text}
        </Button>
      )}
    </DeviceStrip>
  );
}

function wordsOf(run: Run, { heard, cutOff, learned }: Listening): DeviceText {
  if (cutOff) {
    return {
      text: "No connection to the kitchen:",
      detail: "until it is back nobody is asked what this device hears.",
      warns: true,
    };
  }
  if (run.stage === "heating" || run.stage === "venting") {
    return heard?.steam === "blows"
      ? { text: "It sounds like steam." }
      : heard?.steam === "stopped"
        ? { text: "The steam is not heard any more.", detail: "Does it still blow?", warns: true }
        : { text: "Listening for steam." };
  }
  if (!learned || run.gauge !== "weighted") {
    return { text: "Listening.", detail: "It does not know this weight yet." };
  }
  const rate = heard?.perMinute == null ? undefined : `${heard.perMinute} a minute`;
  const moves = run.jiggles == null ? "rocking" : "jiggling";
  switch (heard?.sound) {
    case "proper":
      return { text: `Hears it ${moves}`, detail: rate };
    case "frantic":
      return { text: "Faster than its range:", detail: `${rate}. A little less heat.`, warns: true };
    case "silent":
      return { text: "Does not hear it.", warns: true };
    case "drowned":
      return { text: "Too loud to hear it.", detail: "Nothing can be said of the weight.", warns: true };
    default:
      return { text: "Listening." };
  }
}

/** What is heard is offered, never done. */
function offerOf(
  run: Run,
  { heard }: Listening,
): { readonly type: string; readonly text: string } | undefined {
  if (run.stage === "heating" && heard?.steam === "blows") {
    return { type: "steam-steady", text: "Steady steam" };
  }
  return run.stage === "venting" && heard?.steam === "stopped"
    ? { type: "steam-stopped", text: "It stopped" }
    : undefined;
}
