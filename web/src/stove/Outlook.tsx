import { formatTime } from "@/quantity";
import type { Run } from "./live";

/** When the heat can go off and the lid can come off: certain in a hold, else as far as this canner's past tells. */
export function Outlook({ run, now }: { readonly run: Run; readonly now: number }) {
  const look = run.outlook;
  if (!look) {
    return null;
  }
  // In a hold it is the minute at which the time is over, and does not move when that has passed.
  const told = Date.parse((run.stage === "holding" && run.clockEndsAt) || look.heatOffAt);
  // Nothing that is still to come begins before now: the later it gets, the later all of it ends.
  const heatOff = Math.max(told, look.leastToHeatOffMillis > 0 ? now + look.leastToHeatOffMillis : told);
  const cooling = Date.parse(look.zeroAt) - Date.parse(look.heatOffAt);
  const zero = Math.max(
    (run.stage === "holding" ? Math.max(heatOff, now) : heatOff) + cooling,
    run.heatOffAt ? now : 0,
  );
  const lid = run.stage === "settling" ? Date.parse(look.lidOffAt) : zero + 600_000;
  const parts =
    run.stage === "settling"
      ? [["Lid off", formatTime(lid), "at the earliest"]]
      : run.stage === "cooling" || run.stage === "depressurised"
        ? [
            ...(run.stage === "cooling" ? [["Zero", formatTime(zero), "or so, by its past runs"]] : []),
            ["Lid off", formatTime(lid), "at the earliest, likely"],
          ]
        : [
            [
              "Heat off",
              formatTime(heatOff),
              run.stage === "holding"
                ? heatOff > now
                  ? "not before"
                  : "was over"
                : "at the earliest, likely",
            ],
            ["Lid off", formatTime(lid), "at the earliest, likely"],
          ];
  return (
    <dl className="flex min-w-0 flex-1 flex-col gap-1">
      {parts.map(([what, when, how]) => (
        <div key={what} className="flex flex-wrap items-baseline gap-x-2">
          <dt className="font-bold">{what}</dt>
          <dd className="flex flex-wrap items-baseline gap-x-2">
            <strong className="digits text-2xl">{when}</strong> <span className="text-soft">{how}</span>
          </dd>
        </div>
      ))}
    </dl>
  );
}
