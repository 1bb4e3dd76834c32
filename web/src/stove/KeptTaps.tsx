import { Button } from "@/kit";
import { formatTime } from "@/quantity";
import { eventLabel, readingLabel } from "./labels";
import { useOutbox, useTaps } from "./useOutbox";

/** What waits on this device, and what was not taken when it came through. */
export function KeptTaps() {
  const outbox = useOutbox();
  const taps = useTaps().filter((tap) => tap.kept);
  const waiting = taps.filter((tap) => !tap.refused);
  const refused = taps.filter((tap) => tap.refused);
  if (taps.length === 0) {
    return null;
  }
  return (
    <div className="flex flex-col gap-2">
      {waiting.length > 0 && (
        <p role="status" className="rounded-field bg-mustard-wash px-4 py-2 font-semibold">
          Kept on this device, not written down yet:{" "}
          {waiting
            .map(
              (tap) =>
                `${eventLabel(tap.event.type)} ${readingLabel(tap.event)} at ${formatTime(tap.happenedAt)}`,
            )
            .join("; ")}
        </p>
      )}
      {refused.map((tap) => (
        <div
          key={tap.key}
          role="alert"
          className="flex flex-wrap items-center gap-3 rounded-field border-2 border-brick bg-brick-wash px-4 py-3"
        >
          <p className="min-w-0 flex-1 font-semibold">
            {eventLabel(tap.event.type)} {readingLabel(tap.event)} at {formatTime(tap.happenedAt)} was kept
            here and could not be written down: {tap.refused}
          </p>
          <Button size="small" onClick={() => outbox.forget(tap)}>
            I have read it
          </Button>
        </div>
      ))}
    </div>
  );
}
