import { useState } from "react";
import { Problem } from "@/api/problem";
import { Button, Choice, Field, ProblemNote, Stepper } from "@/kit";
import { type Canner, useCannerChange } from "./useKitchen";

interface Props {
  readonly canner?: Canner;
  readonly onDone: () => void;
}

/** A canner, new or changed. */
export function CannerForm({ canner, onDone }: Props) {
  const change = useCannerChange();
  const [name, setName] = useState(canner?.name ?? "");
  const [gauge, setGauge] = useState<"dial" | "weighted">(canner?.gauge === "weighted" ? "weighted" : "dial");
  const [error, setError] = useState(canner?.gaugeErrorPsi ?? 0);
  const [quarts, setQuarts] = useState(canner?.quarts ?? 7);
  const [pints, setPints] = useState(canner?.pints ?? 8);
  const [layers, setLayers] = useState<"1" | "2">(canner?.shortLayers === 1 ? "1" : "2");
  const wrong = change.error instanceof Problem ? change.error.field : undefined;
  return (
    <form
      className="grid gap-x-8 gap-y-4 md:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        change.mutate(
          {
            id: canner?.id,
            canner: { name, gauge, gaugeErrorPsi: error, quarts, pints, shortLayers: Number(layers) },
          },
          { onSuccess: onDone },
        );
      }}
    >
      <Field label="What you call it" error={wrong === "name" ? change.error?.message : undefined}>
        {(id) => (
          <input
            id={id}
            className="input min-h-12 w-full text-lg"
            placeholder="Big canner"
            maxLength={60}
            required
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        )}
      </Field>
      <div>
        <Choice
          label="It goes by its"
          value={gauge}
          options={[
            { value: "dial", text: "Dial" },
            { value: "weighted", text: "Weight" },
          ]}
          onChange={setGauge}
        />
        <p className="mt-1 text-[0.85rem] text-soft">
          A canner with a weight goes by the weight, even where a dial sits beside it.
        </p>
      </div>
      {gauge === "dial" && (
        <div className="md:col-span-2">
          <Stepper
            label="The dial reads too high by (psi; below zero: too low)"
            value={error}
            min={-5}
            max={5}
            step={0.25}
            onChange={setError}
          />
          <p className="text-[0.85rem] text-soft">
            From its last test against a master gauge. A dial is tested every year.
          </p>
        </div>
      )}
      <Stepper label="Quarts in a layer" value={quarts} min={1} max={40} onChange={setQuarts} />
      <Stepper label="Pints in a layer" value={pints} min={1} max={60} onChange={setPints} />
      <Choice
        label="Layers of pints"
        value={layers}
        options={[
          { value: "1", text: "One" },
          { value: "2", text: "Two" },
        ]}
        onChange={setLayers}
      />
      <div className="flex flex-wrap items-center justify-end gap-3">
        <Button look="quiet" onClick={onDone}>
          Back
        </Button>
        <Button type="submit" look="main" disabled={change.isPending || !name.trim()}>
          {canner ? "Save" : "Add this canner"}
        </Button>
      </div>
      <div className="md:col-span-2">
        <ProblemNote error={wrong === "name" ? undefined : change.error} />
      </div>
    </form>
  );
}
