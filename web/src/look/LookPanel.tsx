import { Camera } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "@/api/client";
import { Button, DevicePanel } from "@/kit";
import { dialOf, keepDial } from "./dials";
import { Blind } from "./eye";
import { lookAt } from "./looking";
import { TeachDial } from "./TeachDial";

interface Props {
  readonly run: Schemas["RunResponse"];
  readonly onClose: () => void;
}

/** Switches the camera on for this dial on this device: what it is for, what becomes of the pictures, and a lesson first. */
export function LookPanel({ run, onClose }: Props) {
  const [teaching, setTeaching] = useState(false);
  const [problem, setProblem] = useState<string | undefined>();
  const known = dialOf(run.cannerId) !== undefined;
  const look = () =>
    lookAt(run).then(onClose, (error: unknown) =>
      setProblem(error instanceof Blind ? error.message : "The camera could not be opened."),
    );
  return (
    <DevicePanel
      title="Look with this device"
      icon={<Camera size={22} aria-hidden="true" />}
      problem={problem}
    >
      {!teaching && (
        <p>
          It asks when the needle sinks or is hidden, and warns. It never says that all is well, and no time
          depends on it: <strong>go on looking yourself.</strong> Pictures are neither kept nor sent, only
          where the needle stood.
        </p>
      )}
      {teaching ? (
        <TeachDial
          mark={run.targetPsi}
          onLearned={(dial) => {
            keepDial(run.cannerId, dial);
            setTeaching(false);
            void look();
          }}
          onClose={() => setTeaching(false)}
        />
      ) : (
        <div className="flex flex-wrap items-center gap-3">
          {known && (
            <Button size="stove" look="main" onClick={look}>
              Look
            </Button>
          )}
          <Button size="stove" look={known ? "plain" : "main"} onClick={() => setTeaching(true)}>
            {known ? "Teach it again" : "Teach it this dial"}
          </Button>
          <Button size="stove" look="quiet" onClick={onClose}>
            Back
          </Button>
          {known && <p className="text-soft">If it stands where it stood when it was taught.</p>}
        </div>
      )}
    </DevicePanel>
  );
}
