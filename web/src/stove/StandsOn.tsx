import { useState } from "react";
import { Button, useKept } from "@/kit";
import { useKitchen } from "@/kitchen";
import { HEAT_SOURCES, hearthLabel } from "./labels";
import type { EventRequest, Run } from "./live";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
}

/** Where the canner stands: a setting that held on one burner says nothing about another. */
export function StandsOn({ run, onEvent }: Props) {
  const [open, setOpen] = useState(false);
  const [burner, setBurner] = useKept(`stands-on-${run.id}`, "");
  const usual = useKitchen().data?.canners.find((canner) => canner.id === run.cannerId)?.burner ?? "";
  const say = (event: Partial<EventRequest>) => {
    onEvent({ type: "stands-on", ...event });
    setOpen(false);
    setBurner("");
  };
  if (!open) {
    const where = run.standsOn ? hearthLabel(run.standsOn) : usual;
    return (
      <p className="flex flex-wrap items-center gap-x-2">
        <span className="text-soft">{where ? `Stands on: ${where}.` : "Stands where it usually does."}</span>
        <Button look="quiet" size="small" onClick={() => setOpen(true)}>
          It stands elsewhere
        </Button>
      </p>
    );
  }
  const note = burner.trim();
  return (
    <fieldset className="flex flex-wrap items-center gap-2 py-2">
      <legend className="font-semibold">Where does it stand today?</legend>
      <input
        className="input min-h-14 w-full sm:w-64"
        aria-label="Which burner"
        placeholder="Which burner, if there are several"
        maxLength={40}
        value={burner}
        onChange={(event) => setBurner(event.target.value)}
      />
      {HEAT_SOURCES.map(({ code, text }) => (
        <Button key={code} onClick={() => say({ place: code, ...(note ? { note } : {}) })}>
          {text}
        </Button>
      ))}
      {note && <Button onClick={() => say({ note })}>Only “{note}”</Button>}
      {run.standsOn && <Button onClick={() => say({})}>Its usual place{usual ? `: ${usual}` : ""}</Button>}
      <Button look="quiet" onClick={() => setOpen(false)}>
        Back
      </Button>
    </fieldset>
  );
}
