import type { ReactNode } from "react";
import type { Bounds } from "@/quantity";
import { Field } from "./Field";
import { useTyped } from "./useTyped";

interface Props {
  readonly label: string;
  readonly value: number | null | undefined;
  readonly bounds: Bounds;
  readonly unit?: string;
  readonly hint?: ReactNode;
  /** What the server has against it. */
  readonly error?: string | undefined;
  readonly placeholder?: string;
  readonly className?: string;
  /** A unit to pick, beside the number. */
  readonly beside?: ReactNode;
  readonly told?: "typing" | "leaving";
  readonly onChange: (value: number) => void;
  readonly onEmpty?: () => void;
}

/** A labelled number; Enter and leaving it take what stands there. */
export function NumberField(props: Props) {
  const { label, hint, error, placeholder, className = "w-full", beside } = props;
  const { input, note, take } = useTyped(props);
  return (
    <Field label={label} hint={hint} error={error}>
      {(id, described) => (
        <>
          <div className="flex gap-2">
            <input
              {...input}
              id={id}
              aria-describedby={input["aria-describedby"] ?? described}
              placeholder={placeholder}
              className={`input digits min-h-11 min-w-0 shrink ${className}`}
              onKeyDown={(event) => {
                // In a form Enter sends the form, and what stands in the field was told already.
                if (event.key === "Enter" && props.told === "leaving") {
                  event.preventDefault();
                  take();
                }
              }}
            />
            {beside}
          </div>
          {note}
        </>
      )}
    </Field>
  );
}
