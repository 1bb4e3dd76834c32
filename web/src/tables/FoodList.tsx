import { ChevronRight } from "lucide-react";
import { Card } from "@/kit";
import { formatInches } from "@/quantity";
import type { FoodRow, Tables } from "./useTables";

/** What sorts of food there are, in the order a soup is thought of. */
const KINDS: readonly { readonly kind: string; readonly title: string; readonly words: string }[] = [
  { kind: "legume", title: "Beans", words: "" },
  { kind: "vegetable", title: "Vegetables", words: "" },
  { kind: "meat", title: "Meat and poultry", words: "" },
  { kind: "seafood", title: "Fish and shellfish", words: "in a soup: 100 min in every size" },
  {
    kind: "seasoning vegetable",
    title: "Seasoning vegetables",
    words: "inside a soup, adding no time; never alone",
  },
  { kind: "root", title: "Roots", words: "only in state extension tables: your own judgement" },
  { kind: "liquid", title: "Liquids", words: "no time inside a soup" },
  { kind: "flavouring", title: "Flavourings", words: "free to change" },
];

/** Every food of the catalogue with its times and the words it is known by. */
export function FoodList({ tables, search }: { readonly tables: Tables; readonly search: string }) {
  const found = tables.foods.filter((food) =>
    [food.name, ...food.phrases].some((words) => words.toLowerCase().includes(search)),
  );
  if (found.length === 0) {
    return null;
  }
  return (
    <>
      {KINDS.map(({ kind, title, words }) => {
        const foods = found.filter((food) => food.kind === kind);
        return foods.length === 0 ? null : (
          <Card key={kind} label={title} className="py-3!">
            <h2 className="text-lg font-bold">
              {title} {words && <span className="text-[0.9rem] font-normal text-soft">{words}</span>}
            </h2>
            <ul>
              {foods.map((food) => (
                <Food key={food.id} food={food} tables={tables} />
              ))}
            </ul>
          </Card>
        );
      })}
    </>
  );
}

function Food({ food, tables }: { readonly food: FoodRow; readonly tables: Tables }) {
  const rows = tables.processes.filter((row) => row.food === food.processRow);
  const best = rows.reduce<{ pint?: number | undefined; quart?: number | undefined }>(
    (most, row) => ({ pint: longer(most.pint, row.pint), quart: longer(most.quart, row.quart) }),
    {},
  );
  return (
    <li className="border-b border-line last:border-0">
      <details className="group">
        <summary className="grid min-h-13 cursor-pointer list-none grid-cols-[1.25rem_minmax(0,1fr)_minmax(0,4rem)_minmax(0,4rem)] items-center gap-x-2 hover:bg-steam [&::-webkit-details-marker]:hidden">
          <ChevronRight
            size={20}
            className="text-primary transition-transform group-open:rotate-90"
            aria-hidden="true"
          />
          <strong className="first-letter:uppercase">{food.name}</strong>
          <Time minutes={best.pint} size="pints" known={rows.length > 0} />
          <Time minutes={best.quart} size="quarts" known={rows.length > 0} />
        </summary>
        <div className="pb-3 pl-7 text-[0.95rem]">
          {rows.map((row) => (
            <p key={`${row.form}/${row.pack}`}>
              {row.form}, packed {row.pack}: {row.pint ?? "no"} min in pints, {row.quart ?? "no tested time"}{" "}
              in quarts, headspace {formatInches(Number(row.headspaceIn))}.{" "}
              <span className="text-soft">{row.source}</span>
            </p>
          ))}
          <p className="text-soft">Read as this: {food.phrases.join(", ")}.</p>
          {food.note && <p className="text-soft">Kitchen note: {food.note}.</p>}
        </div>
      </details>
    </li>
  );
}

function longer(one: number | undefined, other: number | null | undefined): number | undefined {
  return other == null ? one : Math.max(one ?? 0, other);
}

interface TimeProps {
  readonly minutes: number | undefined;
  readonly size: string;
  readonly known: boolean;
}

function Time({ minutes, size, known }: TimeProps) {
  return (
    <span className="text-right leading-tight">
      {minutes !== undefined && <strong className="digits block text-xl">{minutes}</strong>}
      {minutes === undefined && known && <span className="block text-soft">none</span>}
      {known && <span className="block text-[0.8rem] text-soft">{size}</span>}
    </span>
  );
}
