import { Button } from "@/kit";
import { PhotoButton } from "@/photos";

interface Props {
  readonly lot: string;
  /** Minutes to boil it at this altitude; undefined where nobody knows how high the kitchen lies. */
  readonly boilMin: number | undefined;
  readonly finish: string;
  readonly onGood: () => void;
  readonly onSpoiled: () => void;
  readonly onClose: () => void;
}

/** Before a jar is opened: what to look for, and how long to boil it. A doubtful jar is never tasted. */
export function OpeningCard({ lot, boilMin, finish, onGood, onSpoiled, onClose }: Props) {
  return (
    <div className="flex flex-col gap-3 rounded-field bg-steam p-4">
      <p className="text-lg font-bold">Look before you open it</p>
      <ul className="ml-5 list-disc">
        <li>Lid sunk, not bulging; nothing leaks; nothing dried on under the lid.</li>
        <li>As it opens: it does not spurt, foam or smell odd; no mould, no unusual cloudiness.</li>
        <li>
          Boil it{" "}
          <strong>
            {boilMin === undefined ? "at least 10 minutes, more above 1,000 ft" : `${boilMin} minutes`}
          </strong>{" "}
          before anybody tastes it.
        </li>
        {finish && (
          <li>
            Then: <strong>{finish}</strong>.
          </li>
        )}
      </ul>
      <div className="flex flex-wrap gap-3">
        <Button look="main" className="min-h-14" onClick={onGood}>
          It is good: take it
        </Button>
        <Button look="loss" className="min-h-14" onClick={onSpoiled}>
          Something is wrong with it
        </Button>
        <Button look="quiet" onClick={onClose}>
          Leave it
        </Button>
      </div>
      <PhotoButton of={{ lot }} moment="opening" what="this jar" />
    </div>
  );
}
