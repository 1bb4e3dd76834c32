import { useState } from "react";
import { Problem } from "@/api/problem";
import { Button, Field, ProblemNote, useToast } from "@/kit";
import { formatWhole, readAltitude } from "@/quantity";
import { MadeLower } from "./MadeLower";
import { pressureWords } from "./PressureBands";
import { type Kitchen, useKitchenChange } from "./useKitchen";

/** How high the kitchen lies. It is taken when the cook is done with it, asked about where a wrong number would set too low a pressure, and can be undone. */
export function AltitudeField({ kitchen }: { readonly kitchen: Kitchen }) {
  const change = useKitchenChange();
  const toast = useToast();
  const unit = kitchen.units === "metric" ? "m" : "ft";
  const known = unit === "m" ? kitchen.altitudeM : kitchen.altitudeFt;
  const shown = known == null ? undefined : Math.round(known);
  const [typing, setTyping] = useState<string | undefined>();
  const [done, setDone] = useState(false);
  const [raised, setRaised] = useState(false);
  const typed = typing === undefined ? undefined : readAltitude(typing, unit, known == null);
  const save = (height: number) => {
    if (height === shown) {
      setTyping(undefined);
      return;
    }
    const before = known;
    const saved = typing;
    change.mutate(unit === "m" ? { altitudeM: height } : { altitudeFt: height }, {
      onSuccess: (after) => {
        // Whoever types on meanwhile keeps what was typed.
        setTyping((now) => (now === saved ? undefined : now));
        setRaised(before != null && height > before);
        toast({
          text: `The altitude is ${formatWhole(height)} ${unit} now${pressureWords(after) && `: ${pressureWords(after)}`}.`,
          ...(before == null
            ? {}
            : {
                action: {
                  text: "Undo",
                  run: () => {
                    setRaised(false);
                    change.mutate(unit === "m" ? { altitudeM: before } : { altitudeFt: before });
                  },
                },
              }),
        });
      },
    });
  };
  const take = () => {
    setDone(true);
    if (typed?.kind === "height" && !change.isPending) {
      save(typed.height);
    } else if (typed?.kind === "empty" && shown !== undefined) {
      setTyping(undefined);
    }
  };
  const error =
    change.error instanceof Problem && change.error.field?.startsWith("altitude")
      ? change.error.reason
      : undefined;
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <Field
        label={`Altitude in ${unit === "m" ? "metres" : "feet"}`}
        hint="The time does not change with it, the pressure does. When unsure, round up."
        error={
          typed?.kind === "unreadable"
            ? `A whole number of ${unit === "m" ? "metres" : "feet"}, please`
            : error
        }
      >
        {(id, described) => (
          <div className="flex gap-2">
            <input
              id={id}
              aria-describedby={described}
              inputMode="numeric"
              autoComplete="off"
              enterKeyHint="done"
              className="input digits min-h-12 w-full min-w-0 flex-1 text-2xl font-bold"
              value={typing ?? shown ?? ""}
              onChange={(event) => {
                change.reset();
                setDone(false);
                setTyping(event.target.value);
              }}
              onBlur={take}
            />
            {typing !== undefined && typed?.kind !== "ask" && (
              <Button type="submit" look="main" disabled={change.isPending || typed?.kind !== "height"}>
                Set altitude
              </Button>
            )}
          </div>
        )}
      </Field>
      {done && typed?.kind === "ask" && (
        <fieldset className="rounded-box bg-mustard-wash p-3">
          <legend className="sr-only">About the altitude</legend>
          <p aria-live="polite">{typed.question}</p>
          <div className="mt-2 flex flex-wrap gap-2">
            {typed.choices.map(({ text, height }) => (
              <Button
                key={text}
                disabled={change.isPending}
                onClick={() => (height === undefined ? setTyping("") : save(height))}
              >
                {text}
              </Button>
            ))}
          </div>
        </fieldset>
      )}
      {!error && <ProblemNote error={change.error} />}
      {raised && typing === undefined && <MadeLower onDone={() => setRaised(false)} />}
    </form>
  );
}
