import { type ChangeEvent, type ReactNode, useId, useState } from "react";
import { type Bounds, notation, readNumber } from "@/quantity";
import { Button } from "./Button";

interface Options {
  readonly value: number | null | undefined;
  readonly bounds: Bounds;
  readonly unit?: string | undefined;
  /** Every number is told while it is typed, or only when the field is left. */
  readonly told?: "typing" | "leaving";
  readonly onChange: (value: number) => void;
  /** The field may be empty, and is told to be so. */
  readonly onEmpty?: () => void;
}

interface TypedField {
  readonly input: {
    readonly value: string;
    readonly inputMode: "decimal" | "numeric";
    readonly autoComplete: "off";
    readonly "aria-invalid": boolean;
    readonly "aria-describedby": string | undefined;
    readonly onChange: (event: ChangeEvent<HTMLInputElement>) => void;
    readonly onBlur: () => void;
  };
  /** What is wrong with it, or which of two numbers is meant; it belongs under the field. */
  readonly note: ReactNode;
  /** Forgets what is being typed: the number was changed some other way. */
  readonly drop: () => void;
  /** Takes what stands in the field, as Enter does. */
  readonly take: () => void;
}

/**
 * A number as it is typed, in either notation. It is never taken for another one: what can be read in two ways is asked about, what cannot be
 * meant says why, and the number before it stands meanwhile.
 */
export function useTyped(options: Options): TypedField {
  const { value, bounds, unit, told = "typing", onChange, onEmpty } = options;
  const id = useId();
  const [typing, setTyping] = useState<string | undefined>();
  const typed = typing === undefined ? undefined : readNumber(typing, bounds, notation().marks);
  const tell = (text: string) => {
    const read = readNumber(text, bounds, notation().marks);
    if (read.kind === "number") {
      onChange(read.value);
    } else if (read.kind === "empty") {
      onEmpty?.();
    }
  };
  const take = () => {
    if (typing === undefined || typed === undefined || typed.kind === "ask") {
      return;
    }
    // What was told while it was typed is not told again: leaving a field by a tap must not move what is tapped.
    if (told === "leaving") {
      tell(typing);
    }
    // What is wrong stays with its reason where nothing was told meanwhile; else what counts is shown again.
    if (told === "typing" || typed.kind !== "wrong") {
      setTyping(undefined);
    }
  };
  const words = (number: number) => (unit ? `${number} ${unit}` : String(number));
  return {
    input: {
      value: typing ?? (value === undefined ? "" : String(value)),
      inputMode: bounds.whole ? "numeric" : "decimal",
      autoComplete: "off",
      "aria-invalid": typed?.kind === "wrong" || typed?.kind === "ask",
      "aria-describedby": typed?.kind === "wrong" || typed?.kind === "ask" ? id : undefined,
      onChange: (event) => {
        setTyping(event.target.value);
        if (told === "typing") {
          tell(event.target.value);
        }
      },
      onBlur: take,
    },
    take,
    drop: () => setTyping(undefined),
    note:
      typed?.kind === "wrong" ? (
        <p id={id} role="alert" className="w-full text-[0.9rem] font-semibold text-brick">
          {typed.why}
        </p>
      ) : typed?.kind === "ask" ? (
        <fieldset id={id} className="w-full rounded-field bg-mustard-wash p-2">
          <legend className="float-left w-full pb-1 font-semibold">{typing} can be two numbers:</legend>
          <div className="flex flex-wrap gap-2">
            {typed.values.map((each) => (
              <Button
                key={each}
                size="small"
                onClick={() => {
                  onChange(each);
                  setTyping(undefined);
                }}
              >
                {words(each)}
              </Button>
            ))}
          </div>
        </fieldset>
      ) : undefined,
  };
}
