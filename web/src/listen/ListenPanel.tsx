import { Ear as EarSign } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "@/api/client";
import { Button, DevicePanel } from "@/kit";
import { Calibration } from "./Calibration";
import { Deaf } from "./ear";
import { keepLesson, lessonOf } from "./lessons";
import { listenTo } from "./listening";

interface Props {
  readonly run: Schemas["RunResponse"];
  readonly onClose: () => void;
}

/** Switches the microphone on for this canner on this device: what it is for, what becomes of the sound, and a lesson first. */
export function ListenPanel({ run, onClose }: Props) {
  const [teaching, setTeaching] = useState(false);
  const [problem, setProblem] = useState<string | undefined>();
  const byWeight = run.gauge === "weighted";
  const moves = run.stage === "rising" || run.stage === "holding";
  const known = lessonOf(run.cannerId) !== undefined;
  const listen = () =>
    listenTo(run).then(onClose, (error: unknown) =>
      setProblem(error instanceof Deaf ? error.message : "The microphone could not be opened."),
    );
  return (
    <DevicePanel
      title="Listen with this device"
      icon={<EarSign size={22} aria-hidden="true" />}
      problem={problem}
    >
      <p>
        It asks when it no longer hears {byWeight ? "the weight" : "the steam"}, and warns. It never says that
        all is well, and no time depends on it: <strong>go on looking yourself.</strong> Sound is neither kept
        nor sent, only when it knocked.
      </p>
      {teaching ? (
        <Calibration
          jiggles={run.jiggles != null}
          onLearned={({ weight }) => {
            keepLesson(run.cannerId, weight);
            void listen();
          }}
          onClose={() => setTeaching(false)}
        />
      ) : (
        <div className="flex flex-wrap items-center gap-3">
          {known || !byWeight || !moves ? (
            <Button size="stove" look="main" onClick={listen}>
              {known || !byWeight ? "Listen" : "Listen for steam"}
            </Button>
          ) : null}
          {byWeight && moves && (
            <Button size="stove" look={known ? "plain" : "main"} onClick={() => setTeaching(true)}>
              {known ? "Teach it again" : "Teach it this weight"}
            </Button>
          )}
          <Button size="stove" look="quiet" onClick={onClose}>
            Back
          </Button>
          {byWeight && !known && !moves && (
            <p className="text-soft">Once the weight moves it can be taught what that sounds like.</p>
          )}
        </div>
      )}
    </DevicePanel>
  );
}
