import { Choice } from "@/kit";
import type { Draft } from "./useDraft";

const SHARES = [
  { value: "0.5", text: "Half" },
  { value: "0.67", text: "Two thirds" },
  { value: "0.75", text: "Three quarters" },
  { value: "0.95", text: "Full" },
] as const;

interface PackProps {
  readonly draft: Draft;
  readonly change: (part: Partial<Draft>) => void;
}

/** How the food goes into the jars. */
export function PackChoices({ draft, change }: PackProps) {
  const known = SHARES.some((option) => Number(option.value) === draft.solidsShare);
  // A share that was saved otherwise stays in the list as it is.
  const shares = known
    ? SHARES
    : [...SHARES, { value: String(draft.solidsShare), text: `${Math.round(draft.solidsShare * 100)} %` }];
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-3 border-t border-line px-5 py-3">
      <Choice
        label="Packed"
        value={draft.pack}
        options={[
          { value: "hot", text: "Hot" },
          { value: "raw", text: "Raw" },
        ]}
        onChange={(pack) => change({ pack })}
      />
      <Choice
        label="Solids in the jar"
        value={String(draft.solidsShare)}
        options={shares}
        onChange={(share) => change({ solidsShare: Number(share) })}
      />
    </div>
  );
}

/** What may be changed without another time, and what never goes in. */
export function FreeToChange() {
  return (
    <p className="rounded-b-box border-t border-line bg-steam/60 px-5 py-3 text-[0.9rem]">
      <strong>Change freely:</strong> salt, dried herbs and spices, garlic, less of a vegetable, more broth,
      vinegar, wine or lemon. <strong className="text-brick">Never in the jar:</strong> noodles, rice, flour,
      cream, cheese, butter, purée.
    </p>
  );
}
