import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { useChanged } from "@/api/useChanged";
import { Button, ProblemNote, Stepper } from "@/kit";
import { jarWord } from "@/quantity";
import { type Lot, useShelf } from "@/shelf";
import { useTables } from "@/tables";
import type { Dish, OwnJars } from "./body";

interface Props {
  readonly planId: number;
  readonly dishKey: string;
  readonly ownJars: readonly OwnJars[];
  readonly line: Schemas["LineAmount"];
  readonly factor: number;
  readonly fixed: boolean;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** How one amount came about, and what else could stand in its place: own jars, or another food by weight. */
export function LineDetail({ planId, dishKey, ownJars, line, factor, fixed, change }: Props) {
  const loss = line.massG != null && line.asBought != null && line.asBought !== line.mass;
  return (
    <div className="flex flex-col gap-2 text-[0.95rem]">
      <p className="text-soft">
        {times(factor)} what the recipe says.
        {line.mass != null && line.mass !== line.kitchen && <> That is {line.mass} prepared.</>}
        {loss && <> To have that left after peeling and trimming, buy {line.asBought}.</>}
      </p>
      {!fixed && <OwnJarsPicker ownJars={ownJars} line={line} change={change} />}
      {!fixed && line.mass != null && <SwapPicker planId={planId} dishKey={dishKey} line={line} />}
    </div>
  );
}

function times(factor: number): string {
  return `${Math.round(factor * 100) / 100} ×`;
}

/** Jars of the shelf whose label shares a word with the line; for what is poured, every jar, the likely ones first. */
function likely(lots: readonly Lot[], name: string, poured: boolean): readonly Lot[] {
  const words = new Set(name.toLowerCase().split(/\W+/));
  const shared = (lot: Lot) =>
    lot.title
      .toLowerCase()
      .split(/\W+/)
      .filter((word) => word.length > 3 && words.has(word)).length;
  return [...lots]
    .filter((lot) => lot.jars > 0 && (poured || shared(lot) > 0))
    .sort((one, other) => shared(other) - shared(one));
}

function OwnJarsPicker({ ownJars, line, change }: Pick<Props, "ownJars" | "line" | "change">) {
  const shelf = useShelf();
  const own = ownJars.find((each) => each.line === line.line);
  const lots = likely(shelf.data?.lots ?? [], line.name, line.role === "liquid");
  if (lots.length === 0 && !own) {
    return null;
  }
  const lot = lots.find((each) => each.code === own?.lot);
  const set = (code: string, jars: number) =>
    change((now) => ({
      ...now,
      ownJars: [
        ...now.ownJars.filter((each) => each.line !== line.line),
        ...(code === "" || jars < 1 ? [] : [{ line: line.line, lot: code, jars }]),
      ],
    }));
  return (
    <div className="flex flex-col gap-2">
      <select
        aria-label={`Own jars for ${line.name}`}
        className="select min-h-11 w-full"
        value={own?.lot ?? ""}
        onChange={(event) => set(event.target.value, 1)}
      >
        <option value="">Own jars from the shelf?</option>
        {lots.map((each) => (
          <option key={each.code} value={each.code}>
            {each.title}, {each.jars} {jarWord(each.size, each.jars)}, lot {each.code}
          </option>
        ))}
      </select>
      {own && (
        <Stepper
          label="Jars of it"
          value={own.jars}
          min={0}
          max={lot?.jars ?? own.jars}
          onChange={(jars) => set(own.lot, jars)}
        />
      )}
    </div>
  );
}

function SwapPicker({ planId, dishKey, line }: Pick<Props, "planId" | "dishKey" | "line">) {
  const tables = useTables();
  const changed = useChanged("recipes");
  const [food, setFood] = useState("");
  const path = { params: { path: { id: planId, key: dishKey } } };
  const swap = useMutation({
    mutationFn: (ask: Schemas["SwapRequest"]) =>
      body(api.POST("/api/plans/{id}/dishes/{key}/swap", { ...path, body: ask })),
    onSuccess: (_, ask) => (ask.write ? changed() : undefined),
  });
  const solids = (tables.data?.foods ?? []).filter(
    (each) => each.kind !== "liquid" && each.kind !== "flavouring",
  );
  return (
    <div className="flex flex-col gap-2">
      <select
        aria-label={`Instead of ${line.name}`}
        className="select min-h-11 w-full"
        value={food}
        onChange={(event) => {
          setFood(event.target.value);
          if (event.target.value) {
            swap.mutate({ line: line.line, food: event.target.value, write: false });
          }
        }}
      >
        <option value="">Another food instead, by weight?</option>
        {solids.map((each) => (
          <option key={each.id} value={each.id}>
            {each.name}
          </option>
        ))}
      </select>
      <ProblemNote error={swap.error} />
      {food && swap.data && (
        <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <span>
            In the recipe: <strong>{swap.data.line}</strong>
          </span>
          <Button
            size="small"
            disabled={swap.isPending}
            onClick={() => {
              swap.mutate({ line: line.line, food, write: true });
              setFood("");
            }}
          >
            Write it into the recipe
          </Button>
        </p>
      )}
    </div>
  );
}
