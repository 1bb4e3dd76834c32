import { useEffect, useEffectEvent, useState } from "react";
import { Problem } from "@/api/problem";
import { Button, Field, ProblemNote, useToast } from "@/kit";
import { formatWhole, readAltitude } from "@/quantity";
import { type Kitchen, useKitchenChange } from "./useKitchen";

/** How long a finger may rest before what was typed is taken as it stands, in milliseconds. */
const RESTED_MS = 1_200;

/** How high the kitchen lies. It is kept as it is typed, asked about where a wrong number would set too low a pressure, and can be undone. */
export function AltitudeField({ kitchen }: { readonly kitchen: Kitchen }) {
  const change = useKitchenChange();
  const toast = useToast();
  const unit = kitchen.units === "metric" ? "m" : "ft";
  const known = unit === "m" ? kitchen.altitudeM : kitchen.altitudeFt;
  const shown = known == null ? undefined : Math.round(known);
  const [typing, setTyping] = useState<string | undefined>();
  const typed = typing === undefined ? undefined : readAltitude(typing, unit);
  const save = (height: number) => {
    if (height === shown) {
      setTyping(undefined);
      return;
    }
    const before = known;
    const saved = typing;
    change.mutate(unit === "m" ? { altitudeM: height } : { altitudeFt: height }, {
      onSuccess: () => {
        // Whoever types on meanwhile keeps what was typed.
        setTyping((now) => (now === saved ? undefined : now));
        toast({
          text: `The altitude is ${formatWhole(height)} ${unit} now.`,
          ...(before == null
            ? {}
            : {
                action: {
                  text: "Undo",
                  run: () => change.mutate(unit === "m" ? { altitudeM: before } : { altitudeFt: before }),
                },
              }),
        });
      },
    });
  };
  const take = useEffectEvent(() => {
    if (typed?.kind === "height" && !change.isPending) {
      save(typed.height);
    }
  });
  useEffect(() => {
    if (typing === undefined || change.isPending) {
      return undefined;
    }
    const rested = window.setTimeout(take, RESTED_MS);
    return () => window.clearTimeout(rested);
  }, [typing, change.isPending]);
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
          <input
            id={id}
            aria-describedby={described}
            inputMode="numeric"
            autoComplete="off"
            className="input digits min-h-12 w-full text-2xl font-bold"
            value={typing ?? shown ?? ""}
            onChange={(event) => {
              change.reset();
              setTyping(event.target.value);
            }}
            onBlur={() => {
              take();
              if (typed?.kind === "empty" && shown !== undefined) {
                setTyping(undefined);
              }
            }}
          />
        )}
      </Field>
      {typed?.kind === "ask" && (
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
    </form>
  );
}
