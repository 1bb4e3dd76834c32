import { useState } from "react";
import { Button, Field, ProblemNote, useTyped } from "@/kit";
import { formatInches } from "@/quantity";
import type { LineResponse } from "@/ruling";
import { useTables, useTeach, useUnteach } from "@/tables";

const AMOUNT = { min: 0.01, max: 100_000 };

interface Props {
  readonly line: string;
  readonly answer: LineResponse;
  /** Puts another text in the line's place; only the amount is changed that way. */
  readonly onChange: (text: string) => void;
  readonly onClose: () => void;
}

const UNITS = ["", "lb", "oz", "kg", "g", "cup", "pt", "qt", "gal", "ml", "l", "tbsp", "tsp"];

const STATES: readonly { readonly code: string; readonly text: string }[] = [
  { code: "soaked", text: "Soaked" },
  { code: "unsoaked", text: "Not soaked" },
  { code: "cooked", text: "Cooked" },
  { code: "canned", text: "From a can" },
  { code: "frozen", text: "Frozen" },
  { code: "peeled", text: "Peeled" },
  { code: "unpeeled", text: "Unpeeled" },
  { code: "whole", text: "Whole" },
  { code: "bone-in", text: "Bones in" },
  { code: "browned", text: "Browned" },
];

/** Sizes of pieces, in inches. */
const SIZES = ["", "0.5", "1", "1.5", "2"];

const sizeWords = (size: string) => (size === "" ? "no size" : formatInches(Number(size)));

/** Says what a line means, by picking. It is remembered for these words, wherever they stand. */
export function Correction({ line, answer, onChange, onClose }: Props) {
  const tables = useTables();
  const teach = useTeach();
  const unteach = useUnteach();
  const [food, setFood] = useState(answer.food ?? "");
  const [unit, setUnit] = useState(answer.amount?.unit ?? "");
  const before = answer.amount ? Number(answer.amount.value) : undefined;
  const [value, setValue] = useState(before);
  const amount = useTyped({
    value,
    bounds: AMOUNT,
    ...(unit === "" ? {} : { unit }),
    onChange: setValue,
    onEmpty: () => setValue(undefined),
  });
  const [states, setStates] = useState<readonly string[]>(answer.states);
  const [piece, setPiece] = useState(answer.pieceIn == null ? "" : String(Number(answer.pieceIn)));
  const meansOther =
    food !== (answer.food ?? "") ||
    piece !== (answer.pieceIn == null ? "" : String(Number(answer.pieceIn))) ||
    [...states].sort().join() !== [...answer.states].sort().join();
  const amountOther = value !== before || unit !== (answer.amount?.unit ?? "");

  const amended = () => `${value ?? ""} ${unit} ${answer.rest}`.replace(/\s+/g, " ").trim();
  const save = () => {
    if (amountOther) {
      onChange(amended());
    }
    if (!meansOther || food === "") {
      onClose();
      return;
    }
    teach.mutate(
      { line, food, states: [...states], ...(piece === "" ? {} : { pieceIn: Number(piece) }) },
      { onSuccess: onClose },
    );
  };
  return (
    <form
      className="my-2 flex flex-col gap-3 rounded-field bg-steam p-4"
      aria-label="Correct what was understood"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <div className="flex flex-wrap gap-3">
        <Field label="Food">
          {(id) => (
            <select
              id={id}
              className="select w-56"
              value={food}
              onChange={(event) => setFood(event.target.value)}
            >
              <option value="">pick one</option>
              {tables.data?.foods.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Amount">
          {(id) => (
            <span className="flex flex-wrap gap-2">
              <input {...amount.input} id={id} className="input w-24" />
              <select
                className="select w-24"
                aria-label="Unit"
                value={unit}
                onChange={(event) => setUnit(event.target.value)}
              >
                {[...new Set([...UNITS, unit])].map((each) => (
                  <option key={each} value={each}>
                    {each || "pieces"}
                  </option>
                ))}
              </select>
              {amount.note}
            </span>
          )}
        </Field>
        <Field label="Cut to">
          {(id) => (
            <select
              id={id}
              className="select w-28"
              value={piece}
              onChange={(event) => setPiece(event.target.value)}
            >
              {[...new Set([...SIZES, piece])].map((size) => (
                <option key={size} value={size}>
                  {sizeWords(size)}
                </option>
              ))}
            </select>
          )}
        </Field>
      </div>
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
        <legend className="sr-only">How it comes and is treated</legend>
        {STATES.map((state) => (
          <label key={state.code} className="flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={states.includes(state.code)}
              onChange={() =>
                setStates(
                  states.includes(state.code)
                    ? states.filter((code) => code !== state.code)
                    : [...states, state.code],
                )
              }
            />
            {state.text}
          </label>
        ))}
      </fieldset>
      <ProblemNote error={teach.error ?? unteach.error} />
      <div className="flex flex-wrap items-center gap-3">
        <Button type="submit" size="small" look="main" disabled={teach.isPending}>
          {meansOther ? "Remember for these words" : "Done"}
        </Button>
        <Button size="small" look="quiet" onClick={onClose}>
          Cancel
        </Button>
        {answer.meaning != null && (
          <Button size="small" look="quiet" onClick={() => unteach.mutate(line, { onSuccess: onClose })}>
            Read the words as they stand
          </Button>
        )}
      </div>
      {answer.role === "stopped" && (
        <p className="text-[0.9rem]">
          A word that stops it stays a stop. If it is not meant, change the words above.
        </p>
      )}
    </form>
  );
}
