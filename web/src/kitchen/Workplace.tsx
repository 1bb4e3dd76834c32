import { useState } from "react";
import { wrongAt } from "@/api/problem";
import { Field, Stepper } from "@/kit";
import type { Kitchen, Settings } from "./useKitchen";

/** What a day depends on: how many burners, and when nobody wants to stand in the kitchen. */
export function Workplace({ kitchen, settings }: { readonly kitchen: Kitchen; readonly settings: Settings }) {
  const { save, error } = settings;
  return (
    <div className="flex flex-col gap-2">
      <Stepper
        label="Burners on the stove"
        value={kitchen.burners}
        min={1}
        max={12}
        onChange={(burners) => save({ burners })}
      />
      <div className="grid grid-cols-2 gap-3">
        <Time
          label="Quiet from"
          value={kitchen.quietFrom}
          error={wrongAt(error, "quietFrom")}
          save={(quietFrom) => save({ quietFrom })}
        />
        <Time
          label="until"
          value={kitchen.quietUntil}
          error={wrongAt(error, "quietUntil")}
          save={(quietUntil) => save({ quietUntil })}
        />
      </div>
    </div>
  );
}

interface TimeProps {
  readonly label: string;
  readonly value: string;
  readonly error: string | undefined;
  readonly save: (time: string) => void;
}

function Time({ label, value, error, save }: TimeProps) {
  const [typing, setTyping] = useState<string | undefined>();
  return (
    <Field label={label} error={error}>
      {(id) => (
        <input
          id={id}
          type="time"
          className="input digits min-h-11 w-full"
          value={typing ?? value}
          onChange={(event) => {
            setTyping(event.target.value);
            if (event.target.value !== "") {
              save(event.target.value);
            }
          }}
          onBlur={() => setTyping(undefined)}
        />
      )}
    </Field>
  );
}
