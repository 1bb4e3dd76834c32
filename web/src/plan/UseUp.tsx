import { Plus, X } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "@/api/client";
import { Button } from "@/kit";
import { jarWord } from "@/quantity";
import { counted, type Dish, type Hand } from "./body";
import { mouthOf } from "./JarsCard";
import type { DishResponse } from "./usePlan";

const SIZES = ["quart", "pint", "half-pint"] as const;

interface Props {
  readonly dish: Dish;
  readonly answer: DishResponse;
  readonly wrong: (field: string) => string | undefined;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** What is in hand and is to be used up, and the jars it may go into. */
export function UseUp({ dish, answer, wrong, change }: Props) {
  const lines = answer.amounts?.lines ?? [];
  const names = (answer.ruling?.lines ?? []).map((line) => line.rest);
  const setHand = (index: number, part: Partial<Hand>) =>
    change((now) => ({
      ...now,
      hands: now.hands.map((hand, at) => (at === index ? { ...hand, ...part } : hand)),
    }));
  const free = names.findIndex(
    (_, line) =>
      dish.hands.every((hand) => hand.line !== line) &&
      (lines.length === 0 || lines.some((each) => each.line === line && each.kitchen != null)),
  );
  return (
    <>
      {dish.hands.map((hand, index) => (
        <HandRow
          key={index}
          hand={hand}
          names={names}
          first={index === 0}
          wrong={wrong(`hands[${index}]`)}
          set={(part) => setHand(index, part)}
          remove={() =>
            change((now) => ({ ...now, hands: now.hands.filter((_, position) => position !== index) }))
          }
        />
      ))}
      {free >= 0 && (
        <Button
          look="quiet"
          size="small"
          className="self-start px-2!"
          icon={<Plus size={16} />}
          onClick={() =>
            change((now) => ({
              ...now,
              hands: [
                ...now.hands,
                {
                  line: free,
                  amount: amountOf(lines.find((line) => line.line === free)),
                  asBought: false,
                },
              ],
            }))
          }
        >
          {dish.hands.length === 0 ? "Something to use up" : "And something else"}
        </Button>
      )}
    </>
  );
}

/** As much as the recipe has, as it can be read back; of a recipe that says none, what is planned now. */
export function amountOf(line: Schemas["LineAmount"] | undefined): string {
  return line?.written ?? line?.mass ?? line?.kitchen?.replace(/,.*$/, "") ?? "";
}

interface HandProps {
  readonly hand: Hand;
  readonly names: readonly string[];
  readonly first: boolean;
  readonly wrong: string | undefined;
  readonly set: (part: Partial<Hand>) => void;
  readonly remove: () => void;
}

function HandRow({ hand, names, first, wrong, set, remove }: HandProps) {
  const [typing, setTyping] = useState<string | undefined>();
  return (
    <div className="flex flex-col gap-1.5 border-b border-line pb-2">
      <div className="flex gap-2">
        <select
          aria-label="What is used up"
          className="select min-h-11 min-w-0 flex-1 font-semibold"
          value={hand.line}
          onChange={(event) => set({ line: Number(event.target.value) })}
        >
          {names.map((name, line) => (
            <option key={line} value={line}>
              {short(name)}
            </option>
          ))}
        </select>
        {!first && (
          <Button look="quiet" size="small" className="px-2!" aria-label="Not that" onClick={remove}>
            <X size={18} />
          </Button>
        )}
      </div>
      <div className="flex items-center gap-3">
        <input
          aria-label="How much of it"
          className="input min-h-11 w-26 text-lg font-bold"
          placeholder="9 lb"
          maxLength={40}
          value={typing ?? hand.amount}
          onChange={(event) => {
            setTyping(event.target.value);
            set({ amount: event.target.value });
          }}
          onBlur={() => setTyping(undefined)}
        />
        <label className="flex min-h-11 cursor-pointer items-center gap-2 text-[0.95rem]">
          <input
            type="checkbox"
            className="checkbox"
            checked={hand.asBought ?? false}
            onChange={(event) => set({ asBought: event.target.checked })}
          />
          as bought
        </label>
      </div>
      {wrong && (
        <p role="alert" className="text-[0.9rem] font-semibold text-brick">
          {wrong}
        </p>
      )}
    </div>
  );
}

/** 'venison in 1-inch cubes', without what is done to it. */
function short(name: string): string {
  return name.split(/[,(]/)[0]?.trim() || name;
}

/** The jars it may go into, the largest first. */
export function Sizes({ dish, change }: { readonly dish: Dish; readonly change: Props["change"] }) {
  const has = (size: string) => dish.jars.some((jar) => jar.size === size);
  return (
    <fieldset className="flex flex-wrap items-center gap-x-3.5">
      <legend className="sr-only">Into which jars</legend>
      {SIZES.map((size) => (
        <label
          key={size}
          className="flex min-h-11 cursor-pointer items-center gap-1 text-[0.9rem] font-semibold"
        >
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={has(size)}
            disabled={has(size) && dish.jars.length === 1}
            onChange={(event) =>
              change((now) => ({
                ...now,
                jars: event.target.checked
                  ? counted(now.jars, size, mouthOf(now), 0)
                  : now.jars.filter((jar) => jar.size !== size),
              }))
            }
          />
          {jarWord(size, 2)}
        </label>
      ))}
    </fieldset>
  );
}
