import { ArrowRight, CircleSlash, Hand } from "lucide-react";
import { Button } from "@/kit";
import type { Finding, Remedy } from "./useRulingPreview";

interface Props {
  readonly finding: Finding;
  /** Carries a remedy out; without it remedies are words only. */
  readonly onRemedy?: ((remedy: Remedy, finding: Finding) => void) | undefined;
}

/** Why something stands against the batch, and what to do about it: each remedy a button that says what it would give. */
export function FindingNote({ finding, onRemedy }: Props) {
  const stop = finding.severity === "stop";
  const taps = onRemedy ? finding.remedies.filter((remedy) => remedy.edits.length > 0) : [];
  const words = finding.remedies.filter((remedy) => !taps.includes(remedy));
  return (
    <div
      className={`rounded-field px-3 py-2 text-[0.95rem] ${stop ? "bg-brick-wash" : "hatched bg-mustard-wash"}`}
    >
      <p className="flex gap-2 font-semibold">
        {stop ? (
          <CircleSlash size={18} className="mt-0.5 shrink-0 text-brick" aria-label="Stop" />
        ) : (
          <Hand size={18} className="mt-0.5 shrink-0 text-mustard" aria-label="Your own judgement" />
        )}
        <span>
          {finding.words != null && <q className="block font-normal italic">{finding.words}</q>}
          {finding.text}
        </span>
      </p>
      <ul className="mt-1.5 ml-6.5 flex flex-wrap items-center gap-x-3 gap-y-2">
        {taps.map((remedy) => (
          <li key={remedy.text}>
            <Button
              size="small"
              className="flex-wrap text-left"
              // After the first of two clicks another remedy may lie under the finger.
              onClick={(event) => event.detail < 2 && onRemedy?.(remedy, finding)}
            >
              {remedy.text}
              <Gives remedy={remedy} />
            </Button>
          </li>
        ))}
        {words.map((remedy) => (
          <li key={remedy.text} className="text-soft">
            {remedy.text}.
          </li>
        ))}
      </ul>
    </div>
  );
}

/** 'Four things stop this.' as 'four left'. */
function leftOver(headline: string): string {
  return `${headline.split(" ")[0]?.toLowerCase()} left`;
}

/** What the recipe would get with only this mended. */
function Gives({ remedy }: { readonly remedy: Remedy }) {
  const gives = remedy.gives;
  if (!gives) {
    return null;
  }
  const words = gives.minutes != null ? `${gives.minutes} min` : leftOver(gives.headline);
  return (
    <span className="inline-flex shrink-0 items-center gap-1 font-normal whitespace-nowrap text-soft">
      <ArrowRight size={15} aria-label="gives" />
      {words}
      {gives.verdict === "own-judgement" && ", own judgement"}
    </span>
  );
}
