import { Check } from "lucide-react";
import { useState } from "react";
import { wrongAt } from "@/api/problem";
import { ProblemNote, useTyped } from "@/kit";
import { useCupboard, useCupboardChange } from "@/kitchen";
import { type PlanEdit, tick } from "./body";
import type { Ready } from "./PlanFrame";
import { type Plan, usePantry } from "./usePlan";

type Item = Plan["shopping"][number]["items"][number];

/** What to buy, in the order of a walk through the shop, less what is in the house. Ticked on the phone, seen on the tablet. */
export function ToBuy({ plan, body, edit }: Pick<Ready, "plan" | "body" | "edit">) {
  return (
    <div>
      <div className="columns-1 gap-4 xl:columns-2">
        {plan.shopping.map((aisle) => (
          <section
            key={aisle.code}
            aria-label={aisle.title}
            className="mb-4 break-inside-avoid rounded-box border border-line bg-paper px-4 py-3"
          >
            <h2 className="text-lg font-bold">{aisle.title}</h2>
            <ul>
              {aisle.items.map((item) => (
                <Row
                  key={`${item.key}/${item.need}`}
                  plan={plan}
                  item={item}
                  ticked={body.ticked.includes(item.key)}
                  edit={edit}
                />
              ))}
            </ul>
          </section>
        ))}
        <Supplies plan={plan} />
      </div>
      {plan.shopping.length === 0 && (
        <p>
          {plan.atStove
            ? "It is at the stove: nothing is left to buy."
            : plan.dishes.some((dish) => dish.amounts?.cooked)
              ? "It stands cooked: nothing is left to buy."
              : "Nothing to buy: count the jars first."}
        </p>
      )}
    </div>
  );
}

interface RowProps {
  readonly plan: Plan;
  readonly item: Item;
  readonly ticked: boolean;
  readonly edit: (edit: PlanEdit) => void;
}

function Row({ plan, item, ticked, edit }: RowProps) {
  const done = ticked || item.inHouse;
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-line py-1 last:border-0">
      <label
        className={`flex min-h-12 min-w-0 flex-1 cursor-pointer items-center gap-3 ${done ? "text-soft" : ""}`}
      >
        <input
          type="checkbox"
          className="checkbox checkbox-lg shrink-0"
          checked={done}
          disabled={item.inHouse}
          onChange={(event) => edit(tick(item.key, event.target.checked))}
        />
        <span className="min-w-0">
          <span className={`block text-[1.05rem] font-semibold ${ticked ? "line-through" : ""}`}>
            {item.name}
          </span>
          <span className="block text-[0.9rem] text-soft">{note(item)}</span>
          {item.parts.length > 0 && (
            <span className="block text-[0.9rem] text-soft">
              {item.parts.map((part) => `${part.amount} for ${part.dish}`).join(", ")}
            </span>
          )}
        </span>
      </label>
      <span className="text-lg font-bold whitespace-nowrap">
        {item.inHouse ? (
          <span className="inline-flex items-center gap-1 text-base text-soft">
            <Check size={18} aria-hidden="true" /> in the house
          </span>
        ) : (
          (item.buy ?? "some")
        )}
      </span>
      <InHouse plan={plan} item={item} />
    </li>
  );
}

function note(item: Item): string {
  return [
    item.sold == null ? "" : `about ${item.sold}`,
    item.have != null && !item.inHouse ? `${item.need} needed` : "",
    item.inHouse ? `${item.need} needed, ${item.have ?? "own jars"} there` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

function InHouse({ plan, item }: { readonly plan: Plan; readonly item: Item }) {
  const pantry = usePantry(plan.id);
  const [typing, setTyping] = useState<string | undefined>();
  const wrong = wrongAt(pantry.error, "amount");
  const save = () => {
    if (typing !== undefined && typing !== (item.have ?? "")) {
      pantry.mutate({ item: item.key, amount: typing }, { onSuccess: () => setTyping(undefined) });
    }
  };
  return (
    <form
      className="no-print w-28"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <input
        aria-label={`In the house: ${item.name}`}
        aria-invalid={wrong !== undefined}
        className="input min-h-11 w-full"
        placeholder="in house"
        maxLength={40}
        value={typing ?? item.have ?? ""}
        onChange={(event) => setTyping(event.target.value)}
        onBlur={save}
      />
      {wrong && (
        <p role="alert" className="text-[0.85rem] font-semibold text-brick">
          {wrong}
        </p>
      )}
    </form>
  );
}

/** Jars and lids that lack are bought too; lids that nobody counted are asked for. */
function Supplies({ plan }: { readonly plan: Plan }) {
  const lacking = plan.supplies.filter(
    (supply) => supply.lacking > 0 || (supply.what === "lids" && supply.have == null),
  );
  if (lacking.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="Jars and lids"
      className="mb-4 break-inside-avoid rounded-box border border-line bg-paper px-4 py-3"
    >
      <h2 className="text-lg font-bold">Jars and lids</h2>
      <ul>
        {lacking.map((supply) => (
          <li key={supply.text} className="border-b border-line py-2.5 last:border-0">
            {supply.have == null ? <Uncounted need={supply.need} mouth={supply.mouth} /> : supply.text}
          </li>
        ))}
      </ul>
    </section>
  );
}

const LIDS = { min: 0, max: 2_000, whole: true };

/** A lid is used once, so a number that nobody knows is asked for before the shop is shut. */
function Uncounted({ need, mouth }: { readonly need: number; readonly mouth: string }) {
  const cupboard = useCupboard();
  const { lids: count } = useCupboardChange();
  const counted = useTyped({
    value: undefined,
    bounds: LIDS,
    told: "leaving",
    // What is counted is based on what this page has seen of the cupboard.
    onChange: (fresh) => cupboard.data && count.mutate({ mouth, fresh }),
  });
  return (
    <form
      className="flex flex-wrap items-center justify-between gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        counted.take();
      }}
    >
      <label className="flex min-w-0 flex-1 items-center justify-between gap-3">
        <span>
          <span className="block font-semibold">
            {need} new {need === 1 ? "lid" : "lids"}, {mouth} mouth
          </span>
          <span className="block text-[0.9rem] text-soft">How many are there? Nobody has counted.</span>
        </span>
        <input
          {...counted.input}
          className="input digits min-h-11 w-20 font-bold"
          aria-label={`New lids there, ${mouth} mouth`}
        />
      </label>
      {counted.note}
      <ProblemNote error={count.error} />
    </form>
  );
}
