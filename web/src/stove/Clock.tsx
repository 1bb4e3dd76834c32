import { formatMinutes } from "@/quantity";
import type { Face } from "./stageParts";

interface Props {
  readonly face: Face;
  readonly now: number;
  /** Whether it has the screen to itself. */
  readonly alone: boolean;
}

/** One clock, readable from the far side of the room. */
export function Clock({ face, now, alone }: Props) {
  if (face.words !== undefined) {
    return <p className={`font-bold ${alone ? "text-6xl" : "text-5xl"} leading-tight`}>{face.words}</p>;
  }
  if (face.waitingAt !== undefined) {
    const waiting = formatMinutes(face.waitingAt);
    return (
      <div
        role="timer"
        aria-label="Waiting to begin again"
        className={`digits font-bold text-soft ${sizeOf(waiting, alone)}`}
      >
        {waiting}
      </div>
    );
  }
  const left = face.downTo !== undefined ? face.downTo - now : now - (face.upFrom ?? now);
  // Counting up is rounded down, so that it never shows a second that has not passed.
  const shown =
    face.downTo !== undefined ? formatMinutes(left) : formatMinutes(Math.floor(left / 1000) * 1000);
  return (
    <div
      role="timer"
      aria-label={face.over ? "Time over" : face.downTo !== undefined ? "Time left" : "Time since"}
      className={`digits font-bold ${sizeOf(face.over ? `+${shown}` : shown, alone)} ${face.copper ? "text-copper" : face.downTo === undefined ? "text-soft" : ""}`}
    >
      {face.over && <span aria-hidden="true">+</span>}
      {shown}
    </div>
  );
}

/** As large as the room allows: on a phone its width, on a tablet its height. */
function sizeOf(shown: string, alone: boolean): string {
  if (!alone) {
    return "text-[min(12vh,22vw)] lg:text-[13vh]";
  }
  return `${shown.length > 5 ? "text-[min(12.5vh,23vw)]" : "text-[min(12.5vh,27vw)]"} lg:text-[max(13vh,min(21vh,11vw))]`;
}
