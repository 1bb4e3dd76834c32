import { Utensils } from "lucide-react";
import { useState } from "react";
import { ShelfJar } from "@/jars";
import { Button, ProblemNote, Tag, useToast } from "@/kit";
import { useKitchen } from "@/kitchen";
import { formatDate, jarWord } from "@/quantity";
import { Link } from "@/routing";
import { ageOf, lotName } from "./labels";
import { OpeningCard } from "./OpeningCard";
import { useJarColours } from "./useJarColours";
import { type Lot, useMovement } from "./useShelf";

/** Jars that nobody may open are grey, besides what is written on them. */
const HELD = { solids: "var(--color-bar)", broth: "var(--color-bar)" };

/** The jars of a lot as they stand on the board, with the way to take one. */
export function LotStand({ lot, today }: { readonly lot: Lot; readonly today: string }) {
  const kitchen = useKitchen();
  const colours = useJarColours();
  const move = useMovement();
  const toast = useToast();
  const [opening, setOpening] = useState(false);
  const held = lot.holds.length > 0;
  const take = (kind: "eaten" | "spoiled") =>
    move.mutate(
      { code: lot.code, kind },
      {
        onSuccess: (done) => {
          setOpening(false);
          toast({
            text:
              kind === "eaten"
                ? `One ${jarWord(lot.size, 1)} of ${lot.title} taken. Boil before tasting.`
                : `One ${jarWord(lot.size, 1)} of ${lot.title} written off. Discard it where nobody eats of it.`,
            action: {
              text: "Take that back",
              run: () => move.mutate({ code: lot.code, kind: "undone", undoes: done.id }),
            },
          });
        },
      },
    );
  return (
    <div className="max-w-full min-w-0 grow">
      <div
        className="flex flex-wrap items-end gap-1.5 border-b-[7px] border-[#c9ae86] px-2 dark:border-[#5a4936]"
        role="img"
        aria-label={`${lot.jars} ${jarWord(lot.size, lot.jars)}${held ? ", on hold" : ""}`}
      >
        {Array.from({ length: Math.min(lot.jars, 40) }, (_, jar) => (
          <ShelfJar key={jar} size={lot.size} mouth={lot.mouth} colour={held ? HELD : colours(lot.batchId)} />
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-1 pt-1.5">
        <div className="text-[0.92rem] leading-snug">
          <Link
            to="/shelf/:code"
            params={{ code: lot.code }}
            className="digits inline-flex min-h-11 items-center text-base font-bold text-primary underline"
          >
            {lot.code}
          </Link>
          <span className="ml-2 font-semibold">
            {lot.jars} {jarWord(lot.size, lot.jars)}
            {lot.variant && `, ${lot.variant}`}
          </span>
          <span className="block text-soft">
            {formatDate(lot.cannedOn)}, {ageOf(lot.cannedOn, today)}
            {lot.places.length > 0 &&
              (lot.places.length > 1 || lot.places[0]?.place !== "Shelf") &&
              ` · ${lot.places.map((stand) => (lot.places.length > 1 ? `${stand.jars} in ${stand.place}` : stand.place)).join(", ")}`}
          </span>
        </div>
        {!held && !opening && (
          <Button
            size="small"
            icon={<Utensils size={18} />}
            disabled={move.isPending}
            aria-label={`Take one ${jarWord(lot.size, 1)} of ${lotName(lot)}, lot ${lot.code}`}
            onClick={() => setOpening(true)}
          >
            Take one
          </Button>
        )}
        {held && (
          <Link to="/shelf/:code" params={{ code: lot.code }}>
            <Tag tone="brick" icon>
              on hold
            </Tag>
          </Link>
        )}
        {lot.missing.length > 0 && (
          <Link to="/shelf/:code" params={{ code: lot.code }}>
            <Tag tone="brick" icon>
              count it
            </Tag>
          </Link>
        )}
        {today > lot.bestBy && <Tag tone="brick">past its best</Tag>}
        {lot.verdict === "own-judgement" && (
          <Tag tone="mustard" icon>
            own judgement
          </Tag>
        )}
      </div>
      {opening && (
        <OpeningCard
          lot={lot.code}
          boilMin={kitchen.data?.boilToTasteMin ?? undefined}
          finish={lot.finish}
          onGood={() => take("eaten")}
          onSpoiled={() => take("spoiled")}
          onClose={() => setOpening(false)}
        />
      )}
      <ProblemNote error={move.error} />
    </div>
  );
}
