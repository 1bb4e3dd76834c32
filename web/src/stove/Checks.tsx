import { Check } from "lucide-react";
import { useState } from "react";
import { Button } from "@/kit";
import { useKitchen } from "@/kitchen";
import { formatVolume } from "@/quantity";
import { CHECKS } from "./labels";
import type { EventRequest, Run } from "./live";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
}

/** Before the jars go in: six things, ticked one by one or waived by somebody who says who they are and why. */
export function Checks({ run, onEvent }: Props) {
  const kitchen = useKitchen();
  const [waiving, setWaiving] = useState<string | undefined>();
  const [why, setWhy] = useState("");
  const canner = kitchen.data?.canners.find((each) => each.id === run.cannerId);
  const units = kitchen.data?.units ?? "us";
  const water = canner?.startWaterMl;
  const detail = (code: string, usual: string) =>
    code === "water" && water != null
      ? `two to three inches: ${formatVolume(water, units)} in this canner`
      : usual;
  return (
    <ul className="grid gap-2 sm:grid-cols-2">
      {CHECKS.map(({ code, text, detail: usual }) => {
        const done = run.checks.find((each) => each.check === code);
        return (
          <li key={code} className="flex flex-col gap-1">
            <div className="flex flex-1 items-center gap-1">
              <button
                type="button"
                aria-pressed={done !== undefined}
                disabled={done !== undefined}
                onClick={() => onEvent({ type: "check", check: code })}
                className={`flex min-h-20 flex-1 items-center gap-3 rounded-field border-2 px-3 py-1.5 text-left ${done ? "border-primary bg-steam" : "border-line bg-paper"}`}
              >
                <span
                  className={`grid size-8 shrink-0 place-items-center rounded-full border-2 ${done ? "border-primary bg-primary text-primary-content" : "border-glass"}`}
                >
                  {done && <Check size={20} aria-hidden="true" />}
                </span>
                <span>
                  <strong className="block text-lg leading-tight">{text}</strong>
                  <span className="text-[0.9rem] text-soft">
                    {done?.waived ? "waived, and written down" : detail(code, usual)}
                  </span>
                </span>
              </button>
              {!done && (
                <Button
                  look="quiet"
                  size="small"
                  onClick={() => setWaiving(code)}
                  aria-label={`Waive: ${text}`}
                >
                  Waive
                </Button>
              )}
            </div>
            {waiving === code && !done && (
              <form
                className="flex gap-2"
                onSubmit={(event) => {
                  event.preventDefault();
                  onEvent({ type: "check", check: code, waived: true, note: why.trim() });
                  setWaiving(undefined);
                  setWhy("");
                }}
              >
                <input
                  className="input min-h-12 flex-1"
                  aria-label="Who goes on without it, and why"
                  placeholder="Who goes on without it, and why"
                  value={why}
                  onChange={(event) => setWhy(event.target.value)}
                />
                <Button type="submit" disabled={!why.trim()}>
                  Waive it
                </Button>
              </form>
            )}
          </li>
        );
      })}
    </ul>
  );
}
