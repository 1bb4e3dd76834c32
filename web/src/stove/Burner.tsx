import { useState } from "react";
import { Button, useKept } from "@/kit";
import { formatDate, formatTime } from "@/quantity";
import { hearthLabel } from "./labels";
import type { EventRequest, Run } from "./live";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
}

/** 'On the front left, gas', or where it usually stands. */
function place(where: Parameters<typeof hearthLabel>[0]): string {
  const label = hearthLabel(where);
  return label ? `On ${label}` : "At its usual place";
}

/** The setting that holds the pressure: kept, and offered the next time this canner is on. */
export function Burner({ run, onEvent }: Props) {
  const [open, setOpen] = useState(false);
  const [setting, setSetting] = useKept(`burner-${run.id}`, "");
  const known = run.burner;
  if (!open) {
    return (
      <p className="flex flex-wrap items-center gap-x-2">
        <span className="text-soft">
          {known
            ? known.ofThisRun
              ? `Burner at ${known.setting} since ${formatTime(known.at)}.`
              : known.elsewhere
                ? `Never held here. ${place(known.elsewhere)} it was ${known.setting}, on ${formatDate(known.at.slice(0, 10))}.`
                : `Burner at ${known.setting} held it on ${formatDate(known.at.slice(0, 10))}.`
            : "Which burner setting holds it?"}
        </span>
        <Button look="quiet" size="small" onClick={() => setOpen(true)}>
          {known ? "Write another" : "Write it down"}
        </Button>
        {known && !known.ofThisRun && !known.elsewhere && (
          <Button look="quiet" size="small" onClick={() => onEvent({ type: "burner", note: known.setting })}>
            The same today
          </Button>
        )}
      </p>
    );
  }
  return (
    <form
      className="flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onEvent({ type: "burner", note: setting.trim() });
        setOpen(false);
        setSetting("");
      }}
    >
      <input
        className="input min-h-12 w-40"
        aria-label="Burner setting"
        placeholder="such as 4"
        maxLength={40}
        value={setting}
        onChange={(event) => setSetting(event.target.value)}
      />
      <Button type="submit" disabled={!setting.trim()}>
        Keep
      </Button>
      <Button look="quiet" onClick={() => setOpen(false)}>
        Back
      </Button>
    </form>
  );
}
