import { type ReactNode, useId } from "react";

interface Props {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly error?: string | undefined;
  readonly children: (id: string, described: string) => ReactNode;
}

/** A labelled control with a hint below it, or what is wrong with it. */
export function Field({ label, hint, error, children }: Props) {
  const id = useId();
  return (
    <div className="flex max-w-full min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-[0.9rem] font-semibold text-soft">
        {label}
      </label>
      {children(id, `${id}-hint`)}
      <p id={`${id}-hint`} className={`text-[0.85rem] ${error ? "font-semibold text-brick" : "text-soft"}`}>
        {error ?? hint}
      </p>
    </div>
  );
}
