import { Plus, X } from "lucide-react";
import type { Schemas } from "@/api/client";
import { Button, Card } from "@/kit";
import { VerdictTag } from "@/ruling";
import type { Variant } from "./useDraft";

interface Props {
  readonly variants: readonly Variant[];
  readonly answers: readonly Schemas["VariantResponse"][];
  readonly onChange: (variants: readonly Variant[]) => void;
}

/** One pot, some jars with an add-in: each is ruled on with the base. */
export function VariantsCard({ variants, answers, onChange }: Props) {
  const set = (index: number, part: Partial<Variant>) =>
    onChange(variants.map((variant, at) => (at === index ? { ...variant, ...part } : variant)));
  return (
    <Card label="Variants">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-lg font-bold">Variants of some of the jars</h2>
        <Button
          size="small"
          icon={<Plus size={18} />}
          onClick={() => onChange([...variants, { name: "", lines: [] }])}
        >
          Add a variant
        </Button>
      </div>
      {variants.length === 0 && (
        <p className="text-soft">
          The same pot with an add-in in some jars, such as four with rosemary. Each is ruled on with the pot.
        </p>
      )}
      <ul>
        {variants.map((variant, index) => {
          const answer = answers.find((each) => each.name === variant.name.trim());
          return (
            <li key={index} className="border-b border-line py-3 last:border-0">
              <div className="grid gap-3 sm:grid-cols-[14rem_minmax(0,1fr)_auto]">
                <input
                  className="input w-full font-semibold"
                  aria-label={`Name of variant ${index + 1}`}
                  placeholder="with rosemary"
                  maxLength={60}
                  value={variant.name}
                  onChange={(event) => set(index, { name: event.target.value })}
                />
                <textarea
                  className="textarea field-sizing-content min-h-11 w-full resize-none"
                  aria-label={`Add-ins of variant ${index + 1}, one a line`}
                  placeholder="1 sprig rosemary a jar"
                  rows={1}
                  value={variant.lines.join("\n")}
                  onChange={(event) => set(index, { lines: event.target.value.split("\n") })}
                />
                <button
                  type="button"
                  className="btn btn-ghost h-11 min-h-11 w-11 px-0 text-soft"
                  aria-label={`Remove variant ${index + 1}`}
                  onClick={() => onChange(variants.filter((_, at) => at !== index))}
                >
                  <X size={18} />
                </button>
              </div>
              {answer && (
                <p className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1">
                  <VerdictTag verdict={answer.verdict} short />
                  <span>{answer.headline}</span>
                </p>
              )}
              {answer?.troubles.map((trouble) => (
                <p key={trouble} className="mt-1 font-semibold text-brick">
                  {trouble}
                </p>
              ))}
            </li>
          );
        })}
      </ul>
    </Card>
  );
}
