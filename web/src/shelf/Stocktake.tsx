import { useState } from "react";
import { Button, Card, Choice, ProblemNote, Stepper, useToast } from "@/kit";
import { jarWord } from "@/quantity";
import { lotName } from "./labels";
import { type Lot, useStocktake } from "./useShelf";

interface Props {
  readonly lots: readonly Lot[];
  readonly places: readonly string[];
  readonly onDone: () => void;
}

/** Counting what really stands there. What differs becomes a line of the ledger; nothing is written over. */
export function Stocktake({ lots, places, onDone }: Props) {
  const [place, setPlace] = useState(places[0] ?? "Shelf");
  const [counted, setCounted] = useState<ReadonlyMap<string, number>>(new Map());
  const stocktake = useStocktake();
  const toast = useToast();
  const here = (lot: Lot) => lot.places.find((stand) => stand.place === place)?.jars ?? 0;
  const differ = lots.filter((lot) => counted.has(lot.code) && counted.get(lot.code) !== here(lot));
  const save = () =>
    stocktake.mutate(
      { place, counted: differ.map((lot) => ({ lot: lot.code, jars: counted.get(lot.code) ?? 0 })) },
      {
        onSuccess: ({ differences }) => {
          toast({
            text: `Counted. ${differences.length === 0 ? "All as it was." : `${differences.length} written down.`}`,
          });
          onDone();
        },
      },
    );
  return (
    <Card label="Stocktake" className="flex flex-col gap-4">
      <div>
        <h2 className="text-xl font-bold">What stands there?</h2>
        <p className="text-soft">
          Set the number you count. A jar that is missing, or one that was written off and is there, becomes a
          line in its lot's ledger.
        </p>
      </div>
      {places.length > 1 && (
        <Choice
          label="Where"
          value={place}
          options={places.map((each) => ({ value: each, text: each }))}
          onChange={(next) => {
            setPlace(next);
            setCounted(new Map());
          }}
        />
      )}
      <ProblemNote error={stocktake.error} />
      <ul className="grid gap-x-10 md:grid-cols-2">
        {lots
          .filter((lot) => here(lot) > 0 || lot.places.length === 0)
          .map((lot) => (
            <li key={lot.code} className="border-b border-line py-1">
              <Stepper
                label={`${lotName(lot)}, ${lot.code} (${jarWord(lot.size, 2)})`}
                value={counted.get(lot.code) ?? here(lot)}
                max={lot.shelved}
                onChange={(jars) => setCounted(new Map(counted).set(lot.code, jars))}
              />
            </li>
          ))}
      </ul>
      <div className="flex flex-wrap gap-3">
        <Button look="main" disabled={stocktake.isPending} onClick={differ.length === 0 ? onDone : save}>
          {differ.length === 0 ? "All as it should be" : `Write down ${differ.length} that differ`}
        </Button>
        <Button look="quiet" onClick={onDone}>
          Back
        </Button>
      </div>
    </Card>
  );
}
