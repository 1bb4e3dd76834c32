import { Card, Fold } from "@/kit";
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
    <li className="border-b border-line py-2 last:border-0">
      <div className="grid grid-cols-[minmax(0,1fr)_4rem_4rem] items-baseline gap-x-3">
        <span>
          <strong className="inline-block first-letter:uppercase">{food.name}</strong>
          {food.note && <span className="block text-[0.85rem] text-soft">{food.note}</span>}
        </span>
        <Time minutes={best.pint} size="pint" known={rows.length > 0} />
        <Time minutes={best.quart} size="quart" known={rows.length > 0} />
      </div>
      <Fold title={rows.length > 0 ? "Forms, packs and words" : "Words"} className="text-[0.9rem]">
        {rows.map((row) => (
          <p key={`${row.form}/${row.pack}`}>
            {row.form}, packed {row.pack}: {row.pint ?? "–"} / {row.quart ?? "–"}, headspace {row.headspaceIn}{" "}
            in. <span className="text-soft">{row.source}</span>
          </p>
        ))}
        <p className="pb-2 text-soft">Also called {food.phrases.join(", ")}.</p>
      </Fold>
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
    <span className="text-right">
      {minutes !== undefined && <strong className="digits text-xl">{minutes}</strong>}
      {minutes === undefined && known && <span className="text-soft">none</span>}
      {known && <span className="block text-[0.8rem] text-soft">{size}</span>}
    </span>
  );
}
