import { Check } from "lucide-react";
import { Button, useKept } from "@/kit";
import { CARE_POINTS, useKitchen } from "@/kitchen";
import { formatInchSpan, formatVolume } from "@/quantity";
import { type CHECKS, checksFor } from "./labels";
import type { EventRequest, Run } from "./live";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
}

/** Before the jars go in: what this kitchen wants to look at, and the six of every run. */
export function Checks({ run, onEvent }: Props) {
  return (
    <CheckList
      run={run}
      checks={[
        ...CARE_POINTS.filter((each) => run.care.includes(each.code) && !each.atTheLid),
        ...checksFor(run.gauge),
      ]}
      onEvent={onEvent}
    />
  );
}

interface ListProps extends Props {
  readonly checks: typeof CHECKS;
}

/** Ticked one by one, or waived by somebody who says who they are and why. */
export function CheckList({ run, checks, onEvent }: ListProps) {
  const kitchen = useKitchen();
  const [waiving, setWaiving] = useKept<string | undefined>(`waiving-${run.id}`, undefined);
  const [why, setWhy] = useKept(`waiving-${run.id}-why`, "");
  const canner = kitchen.data?.canners.find((each) => each.id === run.cannerId);
  const units = kitchen.data?.units ?? "us";
  const water = canner?.startWaterMl;
  const detail = (code: string, usual: string) =>
    code !== "water"
      ? usual
      : water == null
        ? formatInchSpan(2, 3)
        : `${formatInchSpan(2, 3)}: ${formatVolume(water, units)} in this canner`;
  return (
    <ul className="grid grid-cols-[repeat(auto-fit,minmax(min(100%,19rem),1fr))] gap-2">
      {checks.map(({ code, text, detail: usual }) => {
        const done = run.checks.find((each) => each.check === code);
        // Nobody ticks a test that never was: it can only be answered for by name.
        const untested = code === "gauge" && canner !== undefined && canner.testedOn == null;
        return (
          <li key={code} className="flex flex-col gap-1">
            <div className="flex flex-1 items-center gap-1">
              <button
                type="button"
                aria-pressed={done !== undefined}
                disabled={done !== undefined}
                onClick={() => (untested ? setWaiving(code) : onEvent({ type: "check", check: code }))}
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
                    {done?.waived
                      ? "waived, and written down"
                      : untested
                        ? "never tested: have it tested, or answer for it by name"
                        : detail(code, usual)}
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
