import { useId } from "react";

interface Props<T extends string | number> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly text: string }[];
  readonly onChange: (value: T) => void;
  readonly hideLabel?: boolean;
}

/** One of a few, all of them in view. */
export function Choice<T extends string | number>({ label, value, options, onChange, hideLabel }: Props<T>) {
  const name = useId();
  return (
    <fieldset className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <legend className={hideLabel ? "sr-only" : "float-left text-[0.9rem] font-semibold text-soft"}>
        {label}
      </legend>
      <div className="inline-flex flex-wrap rounded-field border border-line bg-paper p-0.5">
        {options.map((option) => (
          <label
            key={option.value}
            className={`flex min-h-11 cursor-pointer items-center rounded-[0.6rem] px-4 font-semibold has-focus-visible:outline-3 has-focus-visible:outline-primary ${
              option.value === value ? "bg-primary text-primary-content" : "text-primary"
            }`}
          >
            <input
              type="radio"
              className="sr-only"
              name={name}
              value={option.value}
              checked={option.value === value}
              onChange={() => onChange(option.value)}
            />
            {option.text}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
