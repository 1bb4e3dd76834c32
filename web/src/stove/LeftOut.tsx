import { Button } from "@/kit";
import { placeLabel } from "./labels";
import type { EventRequest, Run } from "./live";
import { missing } from "./stages";

interface Props {
  readonly run: Run;
  readonly onEvent: (...events: EventRequest[]) => void;
  readonly onClose: () => void;
}

const PLACES = [
  { code: "next-load", text: "Next load" },
  { code: "refrigerator", text: "Refrigerator" },
  { code: "freezer", text: "Freezer" },
  { code: "tonight", text: "Tonight" },
] as const;

/** A jar that is neither in nor left out would be missed at the seal check: asked once, and the lid goes on with the answer. */
export function LeftOut({ run, onEvent, onClose }: Props) {
  const jars = missing(run);
  const one = jars.length === 1;
  return (
    <div className="flex flex-col gap-3">
      <p className="text-xl font-bold">
        {one
          ? `Jar ${jars[0]} is not in. Where did it go?`
          : `${jars.length} jars are not in. Where did they go?`}
      </p>
      {!one && (
        <p className="text-soft">Jars {jars.join(", ")}. They will not be asked for at the seal check.</p>
      )}
      <div className="flex flex-wrap gap-3">
        {PLACES.map(({ code, text }) => (
          <Button
            key={code}
            size="stove"
            className="flex-1"
            aria-label={`${text}: ${one ? "it is" : "they are"} ${placeLabel(code)}, lock the lid`}
            onClick={() =>
              onEvent(...jars.map((jar) => ({ type: "jar-left", jar, place: code })), { type: "lid-locked" })
            }
          >
            {text}
          </Button>
        ))}
        <Button size="stove" look="quiet" onClick={onClose}>
          Back
        </Button>
      </div>
    </div>
  );
}
