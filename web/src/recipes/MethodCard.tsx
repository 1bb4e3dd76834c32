import { Check, CircleSlash, Plus, X } from "lucide-react";
import type { Schemas } from "@/api/client";
import { Button, Card, useKept } from "@/kit";
import { withLengths } from "@/quantity";
import { inWorkingOrder } from "./workingOrder";

interface Props {
  readonly method: readonly string[];
  readonly steps: readonly Schemas["StepResponse"][];
  /** Indexes of the steps that something stands against. */
  readonly stopped: readonly number[];
  /** What the recipe states of its process, held against the ruling. */
  readonly remarks: readonly Schemas["StatedRemarkResponse"][];
  /** Sentences about what is done when a jar is opened. */
  readonly openingNotes: readonly string[];
  readonly onChange: (method: readonly string[]) => void;
}

/** The cook's own steps, and those that the tested rows demand: which are there and which are lacking. */
export function MethodCard({ method, steps, stopped, remarks, openingNotes, onChange }: Props) {
  const lacking = steps.filter((step) => step.said === "nowhere");
  const there = steps.filter((step) => step.said !== "nowhere");
  return (
    <Card label="Method">
      <h2 className="text-lg font-bold">Method</h2>
      <ol className="mt-1" aria-label="Your steps">
        {method.map((step, index) => (
          <li key={index} className="flex items-start gap-2 border-b border-line py-1">
            {stopped.includes(index) ? (
              <CircleSlash
                size={20}
                className="mt-2 ml-1 w-5 shrink-0 text-brick"
                aria-label={`Step ${index + 1} stops this`}
              />
            ) : (
              <span className="w-6 pt-1.5 text-right font-bold text-soft">
                {isNote(step) ? "" : method.slice(0, index + 1).filter((each) => !isNote(each)).length}
              </span>
            )}
            <textarea
              className={`field-sizing-content w-full flex-1 resize-none rounded-md py-1.5 leading-snug ${stopped.includes(index) ? "bg-brick-wash px-2" : "bg-transparent"}`}
              aria-label={`Step ${index + 1}`}
              rows={1}
              value={step}
              onChange={(event) =>
                onChange(
                  method.map((each, at) => (at === index ? event.target.value.replace(/\n/g, " ") : each)),
                )
              }
            />
            {openingNotes.some((note) => step.includes(note)) && (
              <span className="mt-1.5 shrink-0 rounded-md bg-steam px-2 py-0.5 text-[0.85rem] text-soft">
                when opened
              </span>
            )}
            <button
              type="button"
              className="btn btn-ghost h-11 min-h-11 w-11 px-0 text-soft"
              aria-label={`Remove step ${index + 1}`}
              onClick={() => onChange(method.filter((_, at) => at !== index))}
            >
              <X size={18} />
            </button>
          </li>
        ))}
      </ol>
      {remarks.map((remark) => (
        <p key={remark.text} className="mt-2 rounded-field bg-steam px-4 py-2 text-[0.95rem]">
          {remark.text}
        </p>
      ))}
      <AddStep onAdd={(step) => onChange([...method, step])} />
      {lacking.length > 0 && (
        <div className="mt-3">
          <div className="flex flex-wrap items-center justify-between gap-2">
            <h3 className="font-bold">The tables also ask for</h3>
            <Button
              size="small"
              icon={<Plus size={18} />}
              onClick={() => onChange(inWorkingOrder(method, lacking))}
            >
              Add {lacking.length === 1 ? "it" : `all ${lacking.length}`}
            </Button>
          </div>
          <ul>
            {lacking.map((step) => (
              <li
                key={step.text}
                className="flex items-start justify-between gap-3 border-b border-line py-2 last:border-0"
              >
                <span>
                  {withLengths(step.text)}. <span className="text-[0.85rem] text-soft">{step.source}</span>
                </span>
                <Button size="small" look="quiet" onClick={() => onChange(inWorkingOrder(method, [step]))}>
                  Add
                </Button>
              </li>
            ))}
          </ul>
        </div>
      )}
      {there.length > 0 && (
        <ul
          className="mt-3 flex flex-wrap gap-x-5 gap-y-1 text-[0.9rem] text-soft"
          aria-label="Steps that are there"
        >
          {there.map((step) => (
            <li key={step.text} className="flex items-center gap-1">
              <Check size={16} aria-hidden="true" /> {SHORT[step.code] ?? withLengths(step.text)}
            </li>
          ))}
        </ul>
      )}
    </Card>
  );
}

/** Remarks, yields and stated times are kept among the steps, and are none. */
function isNote(step: string): boolean {
  return step.startsWith("Note:");
}

/** A step that is there needs no more than a word. */
const SHORT: Record<string, string> = {
  soak: "beans soaked",
  "boil-beans": "beans boiled 30 min",
  "peel-potatoes": "potatoes peeled",
  "peel-sweet-potatoes": "sweet potatoes peeled",
  "peel-squash": "squash peeled",
  "peel-carrots": "carrots peeled",
  "peel-beets": "beets peeled",
  "stem-greens": "stems out",
  brown: "browned and drained",
  trim: "meat trimmed",
  skim: "fat lifted off",
  strain: "bones strained out",
  "drain-oil": "oil drained",
  "boil-together": "boiled 5 min together",
  "fill-half": "half solids, then broth",
};

function AddStep({ onAdd }: { readonly onAdd: (step: string) => void }) {
  const [text, setText] = useKept("step", "");
  const add = () => {
    if (text.trim()) {
      onAdd(text.trim());
    }
    setText("");
  };
  return (
    <input
      className="input mt-2 w-full border-dashed border-bar bg-transparent"
      aria-label="Add a step"
      placeholder="Add a step"
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={add}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.preventDefault();
          add();
        }
      }}
    />
  );
}
