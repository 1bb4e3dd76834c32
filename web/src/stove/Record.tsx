import { useState } from "react";
import { Button, Disclosure, Stepper, useKept } from "@/kit";
import { formatTime } from "@/quantity";
import { EventList } from "./EventList";
import { eventLabel, readingLabel } from "./labels";
import type { EventRequest, Run, RunEvent } from "./live";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
}

/** Notes, the record so far, slips of the pen, and the ways out: folded away, for nobody needs them this minute. */
export function Record({ run, onEvent }: Props) {
  const [note, setNote] = useKept(`note-${run.id}`, "");
  return (
    <Disclosure title={`Notes, the record, and stopping (${run.events.length} written down)`}>
      <div className="flex flex-col gap-4 py-2">
        <form
          className="flex gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (note.trim()) {
              onEvent({ type: "note", note: note.trim() });
              setNote("");
            }
          }}
        >
          <input
            className="input min-h-12 flex-1"
            aria-label="A note"
            placeholder="A note, such as: more pepper next time"
            maxLength={1000}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
          <Button type="submit" disabled={!note.trim()}>
            Keep
          </Button>
        </form>
        <EventList run={run} />
        <Slip run={run} onEvent={onEvent} />
        <Stopping run={run} onEvent={onEvent} />
      </div>
    </Disclosure>
  );
}

const CORRECTABLE = [
  "reading",
  "steam-steady",
  "weight-on",
  "lid-locked",
  "heat-off",
  "pressure-zero",
  "weight-off",
];

/** A slip of the pen: nothing is edited, a later word says what was wrong and why, and no clock ends earlier by it. */
function Slip({ run, onEvent }: Props) {
  const [about, setAbout] = useState<RunEvent | undefined>();
  const [why, setWhy] = useKept(`slip-${run.id}-why`, "");
  const [psi, setPsi] = useState<number | undefined>();
  const recent = run.events
    .filter((event) => event.gauge == null && CORRECTABLE.includes(event.type))
    .slice(-5)
    .reverse();
  if (recent.length === 0) {
    return null;
  }
  if (!about) {
    return (
      <div className="flex flex-wrap items-center gap-x-2">
        <span className="text-soft">A slip? It stays in the record, with your correction beside it:</span>
        {recent.map((event) => (
          <Button
            key={event.number}
            size="small"
            look="quiet"
            onClick={() => {
              setAbout(event);
              setPsi(event.psi ?? undefined);
            }}
          >
            {eventLabel(event.type)} {event.type === "reading" && readingLabel(event)}, {formatTime(event.at)}
          </Button>
        ))}
      </div>
    );
  }
  const lower = psi !== undefined && about.psi != null && psi !== about.psi;
  return (
    <form
      className="flex flex-col gap-3 rounded-field bg-steam p-4"
      onSubmit={(event) => {
        event.preventDefault();
        onEvent({ type: "correction", corrects: about.number, note: why.trim(), ...(lower ? { psi } : {}) });
        setAbout(undefined);
        setWhy("");
      }}
    >
      <p className="font-semibold">
        {eventLabel(about.type)} {about.type === "reading" && readingLabel(about)} at {formatTime(about.at)}
        {about.type === "reading"
          ? ": what did it really show? A reading below the mark is never lifted by words."
          : ": it was not so. The run goes back to where that leaves it."}
      </p>
      {psi !== undefined && (
        <Stepper label="It really read" value={psi} min={0} max={25} step={0.5} onChange={setPsi} />
      )}
      <div className="flex gap-3">
        <input
          className="input min-h-12 flex-1"
          aria-label="Why"
          placeholder="Why: misread, pressed the wrong button"
          value={why}
          onChange={(event) => setWhy(event.target.value)}
        />
        <Button type="submit" disabled={!why.trim()}>
          Correct it
        </Button>
        <Button look="quiet" onClick={() => setAbout(undefined)}>
          Back
        </Button>
      </div>
    </form>
  );
}

function Stopping({ run, onEvent }: Props) {
  const [leaving, setLeaving] = useState(false);
  const early = (run.stage === "rising" || run.stage === "holding") && !run.holdComplete;
  if (run.stage === "opened" || run.holdComplete) {
    return null;
  }
  if (!leaving) {
    return (
      <div>
        <Button look="loss" onClick={() => setLeaving(true)}>
          {early ? "Stop before its time" : "Give this run up"}
        </Button>
      </div>
    );
  }
  const beforeJars = run.stage === "checks";
  return (
    <div className="flex flex-col gap-3 rounded-field bg-brick-wash p-4">
      <p className="font-semibold">
        {early ? "Stop before its time?" : "Give this run up?"}
        {!beforeJars &&
          " Then these jars are not processed. Heat off, and zero by itself before the lid comes off; then, within 24 hours: process them again with new lids for the full time, refrigerate and eat them within a few days, or freeze them."}
      </p>
      <div className="flex gap-3">
        <Button look="loss" onClick={() => onEvent({ type: early ? "stop-early" : "abandon" })}>
          Yes, stop
        </Button>
        <Button onClick={() => setLeaving(false)}>Back</Button>
      </div>
    </div>
  );
}
