import { useEffect, useRef, useState } from "react";
import { Button, Panel } from "@/kit";
import { formatTime } from "@/quantity";
import { CareOpen } from "./CareOpen";
import { EarlyZero } from "./EarlyZero";
import { JiggleTap } from "./JiggleTap";
import { LeftOut } from "./LeftOut";
import type { EventRequest, Run } from "./live";
import { OtherReading } from "./OtherReading";
import type { StageView, Step } from "./stageParts";
import { openCare } from "./stages";

interface Props {
  readonly view: StageView;
  readonly run: Run;
  readonly now: number;
  readonly alone: boolean;
  readonly onEvent: (...events: EventRequest[]) => void;
  /** Makes the next try of the same jars, once an event was written down. */
  readonly onAgain: (event: EventRequest) => void;
}

/** Two or three large buttons: what can be written down at this stage. */
export function Steps({ view, run, now, alone, onEvent, onAgain }: Props) {
  const [other, setOther] = useState<number | undefined>();
  const [jiggles, setJiggles] = useState(false);
  const [sure, setSure] = useState<Step | undefined>();
  const [asking, setAsking] = useState<Step["ask"]>();
  const buttons = useRef<HTMLDivElement>(null);
  const touched = useRef(false);
  const first = () => buttons.current?.querySelector<HTMLElement>("button:not(:disabled)");
  const stage = run.stage;
  // Once the time is over, nothing that stood open may hide what is to be done now.
  const course = `${stage} ${view.face.over ?? false}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was open belongs to the stage it was opened in
  useEffect(() => {
    setOther(undefined);
    setJiggles(false);
    setSure(undefined);
    setAsking(undefined);
    // Whoever goes by keyboard stays with the next step: the button that had the focus is gone.
    if (document.activeElement === document.body && touched.current) {
      first()?.focus();
    }
    touched.current = false;
  }, [course]);
  const tell = (...events: EventRequest[]) => {
    touched.current = true;
    setSure(undefined);
    setAsking(undefined);
    onEvent(...events);
  };
  // Ticked one by one; with the last of them the button for the lid is back.
  if (asking === "care" && openCare(run).length > 0) {
    return (
      <Panel onClose={() => setAsking(undefined)} back={first}>
        <CareOpen run={run} onEvent={onEvent} onClose={() => setAsking(undefined)} />
      </Panel>
    );
  }
  if (asking === "left-out") {
    return (
      <Panel onClose={() => setAsking(undefined)} back={first}>
        <LeftOut run={run} onEvent={tell} onClose={() => setAsking(undefined)} />
      </Panel>
    );
  }
  // As time goes on the question answers itself.
  if (asking === "early-zero" && now < Date.parse(run.zeroDoubtedUntil ?? run.now)) {
    return (
      <Panel onClose={() => setAsking(undefined)} back={first}>
        <EarlyZero run={run} onEvent={tell} onClose={() => setAsking(undefined)} />
      </Panel>
    );
  }
  const open = stage === "rising" || (stage === "holding" && !run.holdComplete && !view.face.over);
  const reads = run.gauge === "dial" && open;
  const counts = run.gauge === "weighted" && run.jiggles != null && open;
  if (sure) {
    return (
      <Panel onClose={() => setSure(undefined)} back={first} className="flex flex-col gap-3">
        <p className="text-lg font-semibold">{sure.confirm}</p>
        <div className="flex gap-3">
          <Button
            size="stove"
            look="loss"
            className="flex-1"
            onClick={() => (sure.again ? onAgain(sure.event) : tell(sure.event, ...(sure.more ?? [])))}
          >
            Yes: {sure.text.toLowerCase()}
          </Button>
          <Button size="stove" onClick={() => setSure(undefined)}>
            Back
          </Button>
        </div>
      </Panel>
    );
  }
  if (other !== undefined && reads) {
    return (
      <Panel onClose={() => setOther(undefined)} back={first}>
        <OtherReading
          run={run}
          from={other}
          onEvent={(event) => {
            onEvent(event);
            setOther(undefined);
          }}
          onClose={() => setOther(undefined)}
        />
      </Panel>
    );
  }
  if (jiggles && counts) {
    return (
      <Panel onClose={() => setJiggles(false)} back={first}>
        <JiggleTap
          run={run}
          onEvent={(event) => {
            onEvent(event);
            setJiggles(false);
          }}
          onClose={() => setJiggles(false)}
        />
      </Panel>
    );
  }
  return (
    <div ref={buttons} className="flex flex-wrap gap-3">
      {view.steps.map((step) => {
        const early = step.from !== undefined && now < step.from;
        return (
          <Button
            key={step.text}
            size="stove"
            look={step.look === "main" && early ? "plain" : step.look}
            className={
              step.look !== "main" ? "flex-1" : alone ? "basis-full sm:flex-[3] sm:basis-0" : "basis-full"
            }
            disabled={early}
            onClick={() =>
              step.ask
                ? setAsking(step.ask)
                : step.confirm
                  ? setSure(step)
                  : tell(step.event, ...(step.more ?? []))
            }
          >
            {early && step.from ? `${step.text} at ${formatTime(step.from)}` : step.text}
          </Button>
        );
      })}
      {counts && (
        <Button size="stove" className="flex-1" onClick={() => setJiggles(true)}>
          Count jiggles
        </Button>
      )}
      {reads && (
        <Button
          size="stove"
          className="flex-1"
          onClick={() => setOther(Math.round((run.lastReading?.psi ?? run.targetPsi) * 2) / 2)}
        >
          Other reading
        </Button>
      )}
      {reads && stage === "holding" && (
        <Button size="stove" look="loss" className="flex-1" onClick={() => setOther(run.targetPsi - 0.5)}>
          It dropped
        </Button>
      )}
    </div>
  );
}
