import { ListChecks, Search, Warehouse } from "lucide-react";
import { useDeferredValue, useState } from "react";
import { FreezerBoard } from "@/freezer";
import { Button, Empty, LinkButton, PageFrame, ProblemNote, Spinner } from "@/kit";
import { useKitchen } from "@/kitchen";
import { useTaps } from "@/stove";
import { Holds } from "./Holds";
import { LotStand } from "./LotStand";
import { Needs } from "./Needs";
import { Stocktake } from "./Stocktake";
import { type Lot, useLots } from "./useShelf";

/** What there is, what first, and what it lacks. */
export function ShelfPage() {
  const [words, setWords] = useState("");
  const [place, setPlace] = useState("");
  const [counting, setCounting] = useState(false);
  const wanted = useDeferredValue(words.trim());
  const kitchen = useKitchen();
  const shelf = useLots(wanted, place);
  const first = shelf.data?.pages[0];
  const lots = shelf.data?.pages.flatMap((page) => page.lots) ?? [];
  const everything = wanted === "" && place === "";
  const places = first?.places ?? [];
  // Its jars come when the last seal of their load is written down.
  const writing = useTaps().some((tap) => tap.event.type === "jar-checked" && !tap.refused);
  return (
    <PageFrame
      title="Shelf"
      lead={
        first && first.jars > 0
          ? `${count(first.jars, "jar")}, ${count(first.dishes, "dish", "dishes")} · the oldest stands first`
          : undefined
      }
      actions={
        first && (first.jars > 0 || !everything) ? (
          <>
            <Button
              icon={<ListChecks size={20} />}
              aria-pressed={counting}
              onClick={() => setCounting(!counting)}
            >
              Count
            </Button>
            <LinkButton to="/prints">Labels and lists</LinkButton>
          </>
        ) : undefined
      }
    >
      <ProblemNote error={shelf.error} retry={() => shelf.refetch()} />
      {shelf.isPending && !shelf.error && <Spinner />}
      <Holds />
      {first && everything && first.jars === 0 && (
        <Empty
          picture={<Warehouse size={60} strokeWidth={1.5} />}
          title={writing ? "Writing the seals down …" : "The shelf is empty"}
          action={
            <LinkButton to="/plan" look="main">
              Plan jars
            </LinkButton>
          }
        >
          Jars come here by themselves when their seals are checked. You take them off as you eat them.
        </Empty>
      )}
      {first && (first.jars > 0 || !everything) && (
        <div className="flex flex-wrap items-center gap-3">
          <label className="input min-h-12 w-full max-w-80">
            <Search size={20} className="text-soft" aria-hidden="true" />
            <input
              type="search"
              maxLength={80}
              aria-label="Search the shelf"
              placeholder="Dish, variant or lot"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          {places.length > 1 &&
            ["", ...places.map((stand) => stand.place)].map((each) => (
              <Button
                key={each}
                size="small"
                aria-pressed={place === each}
                look={place === each ? "main" : "plain"}
                onClick={() => setPlace(each)}
              >
                {each === ""
                  ? "Everywhere"
                  : `${each} · ${places.find((stand) => stand.place === each)?.jars ?? 0}`}
              </Button>
            ))}
        </div>
      )}
      {counting ? (
        <Stocktake
          lots={lots}
          places={places.map((stand) => stand.place)}
          onDone={() => setCounting(false)}
        />
      ) : (
        <div className="flex flex-wrap items-end gap-x-3 gap-y-7">
          {byDish(lots).map(({ dish, lots: own }) => (
            <Board key={dish} dish={dish} lots={own} today={first?.today ?? ""} />
          ))}
        </div>
      )}
      {first && !everything && first.jars === 0 && <p className="text-soft">No jar matches that.</p>}
      {shelf.hasNextPage && (
        <Button
          className="self-center"
          disabled={shelf.isFetchingNextPage}
          onClick={() => shelf.fetchNextPage()}
        >
          {count((first?.lotCount ?? 0) - lots.length, "more lot", "more lots")}
        </Button>
      )}
      {first && everything && !counting && <FreezerBoard metric={kitchen.data?.units === "metric"} />}
      {first && everything && !counting && <Needs />}
    </PageFrame>
  );
}

function count(number: number, one: string, many = `${one}s`): string {
  return `${number} ${number === 1 ? one : many}`;
}

function byDish(lots: readonly Lot[]) {
  const dishes = new Map<string, Lot[]>();
  for (const lot of lots) {
    dishes.set(lot.title, [...(dishes.get(lot.title) ?? []), lot]);
  }
  return [...dishes].map(([dish, own]) => ({ dish, lots: own }));
}

interface BoardProps {
  readonly dish: string;
  readonly lots: readonly Lot[];
  readonly today: string;
}

/** One board of the shelf: the lots of a dish, the oldest at the left. */
function Board({ dish, lots, today }: BoardProps) {
  const total = lots.reduce((sum, lot) => sum + lot.jars, 0);
  return (
    <section aria-label={dish} className="min-w-0 grow">
      <h2 className="flex flex-wrap items-baseline gap-x-3 px-1 text-lg font-bold">
        {dish}
        <span className="text-[0.95rem] font-semibold text-soft">{count(total, "jar")}</span>
      </h2>
      <div className="flex flex-wrap items-end gap-x-3 gap-y-4 pt-2">
        {lots.map((lot) => (
          <LotStand key={lot.code} lot={lot} today={today} />
        ))}
      </div>
    </section>
  );
}
