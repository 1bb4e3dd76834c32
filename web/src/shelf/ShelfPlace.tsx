import { Link } from "@tanstack/react-router";
import { Utensils, Warehouse } from "lucide-react";
import { ShelfJar } from "@/jars";
import { Button, Empty, LinkButton, Loading, Place, ProblemNote, Tag, useToast } from "@/kit";
import { daysBetween, formatDate, jarWord } from "@/quantity";
import { hueOf } from "./hue";
import { type Lot, useMovement, useShelf } from "./useShelf";

/** What there is, and what first. */
export function ShelfPlace() {
  const shelf = useShelf();
  const lots = (shelf.data?.lots ?? []).filter((lot) => lot.jars > 0);
  const jars = lots.reduce((sum, lot) => sum + lot.jars, 0);
  const dishes = byDish(lots);
  return (
    <Place
      title="Shelf"
      lead={
        shelf.data && jars > 0
          ? `${jars} ${jars === 1 ? "jar" : "jars"}, ${dishes.length} ${dishes.length === 1 ? "dish" : "dishes"} · the oldest stands first`
          : undefined
      }
    >
      <ProblemNote error={shelf.error} retry={() => shelf.refetch()} />
      {shelf.isPending && !shelf.error && <Loading />}
      {shelf.data && jars === 0 && (
        <Empty
          picture={<Warehouse size={60} strokeWidth={1.5} />}
          title="The shelf is empty"
          action={
            <LinkButton to="/plan" look="main">
              Plan jars
            </LinkButton>
          }
        >
          Jars come here by themselves when their seals are checked. You take them off as you eat them.
        </Empty>
      )}
      <div className="flex flex-wrap items-end gap-x-3 gap-y-7">
        {dishes.map(({ dish, lots: own }) => (
          <Board key={dish} dish={dish} lots={own} today={shelf.data?.today ?? ""} />
        ))}
      </div>
    </Place>
  );
}

function byDish(lots: readonly Lot[]) {
  const dishes = new Map<string, Lot[]>();
  for (const lot of lots) {
    dishes.set(lot.title, [...(dishes.get(lot.title) ?? []), lot]);
  }
  return [...dishes].map(([dish, own]) => ({ dish, lots: own }));
}

/** One board of the shelf: the lots of a dish, the oldest at the left. */
function Board({
  dish,
  lots,
  today,
}: {
  readonly dish: string;
  readonly lots: readonly Lot[];
  readonly today: string;
}) {
  const total = lots.reduce((sum, lot) => sum + lot.jars, 0);
  return (
    <section aria-label={dish} className="min-w-0 grow">
      <h2 className="flex flex-wrap items-baseline gap-x-3 px-1 text-lg font-bold">
        {dish}
        <span className="text-[0.95rem] font-semibold text-soft">
          {total} {total === 1 ? "jar" : "jars"}
        </span>
      </h2>
      <div className="flex flex-wrap items-end gap-x-3 gap-y-4 pt-2">
        {lots.map((lot) => (
          <LotStand key={lot.code} lot={lot} today={today} />
        ))}
      </div>
    </section>
  );
}

function LotStand({ lot, today }: { readonly lot: Lot; readonly today: string }) {
  const move = useMovement();
  const toast = useToast();
  const past = today > lot.bestBy;
  const take = () =>
    move.mutate(
      { code: lot.code, kind: "eaten" },
      {
        onSuccess: () =>
          toast({
            text: `One ${jarWord(lot.size, 1)} of ${lot.title} taken. Look, smell, and boil before tasting.`,
            action: { text: "Put it back", run: () => move.mutate({ code: lot.code, kind: "put-back" }) },
          }),
      },
    );
  return (
    <div className="max-w-full min-w-0 grow">
      <div
        className="flex flex-wrap items-end gap-1.5 border-b-[7px] border-[#c9ae86] px-2 dark:border-[#5a4936]"
        role="img"
        aria-label={`${lot.jars} ${jarWord(lot.size, lot.jars)}`}
      >
        {Array.from({ length: lot.jars }, (_, jar) => (
          <ShelfJar key={jar} size={lot.size} mouth={lot.mouth} hue={hueOf(lot.title)} />
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-1 pt-1.5">
        <div className="text-[0.92rem] leading-snug">
          <Link
            to="/logbook/$id"
            params={{ id: String(lot.batchId) }}
            className="digits text-base font-bold text-primary underline"
          >
            {lot.code}
          </Link>
          <span className="ml-2 font-semibold">
            {lot.jars} {jarWord(lot.size, lot.jars)}
          </span>
          <span className="block text-soft">
            {formatDate(lot.cannedOn)}, {age(lot.cannedOn, today)}
          </span>
        </div>
        <Button
          size="small"
          icon={<Utensils size={18} />}
          disabled={move.isPending}
          aria-label={`Take one ${jarWord(lot.size, 1)} of ${lot.title}, lot ${lot.code}`}
          onClick={take}
        >
          Take one
        </Button>
        {past && <Tag tone="brick">past its best</Tag>}
        {lot.verdict === "own-judgement" && (
          <Tag tone="mustard" icon>
            own judgement
          </Tag>
        )}
      </div>
      <ProblemNote error={move.error} />
    </div>
  );
}

function age(cannedOn: string, today: string): string {
  const days = daysBetween(cannedOn, today);
  if (days < 1) {
    return "today";
  }
  if (days < 60) {
    return days === 1 ? "yesterday" : `${days} days ago`;
  }
  return `${Math.round(days / 30.4)} months ago`;
}
