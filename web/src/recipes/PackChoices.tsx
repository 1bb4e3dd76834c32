import type { Schemas } from "@/api/client";
import { Button, Choice } from "@/kit";
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
  /** How the recipe's own words pack it. */
  readonly said: Schemas["SaidResponse"] | undefined;
}

/** How the food goes into the jars. */
export function PackChoices({ draft, change, said }: PackProps) {
  // Two thirds come as 0.67 or as 0.666667, a full jar as anything from 0.95.
  const set = SHARES.find((option) =>
    option.value === "0.95"
      ? draft.solidsShare >= 0.95
      : Math.abs(Number(option.value) - draft.solidsShare) < 0.01,
  );
  const known = set !== undefined;
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
        value={set?.value ?? String(draft.solidsShare)}
        options={shares}
        onChange={(share) => change({ solidsShare: Number(share) })}
      />
      <Said draft={draft} said={said} change={change} />
    </div>
  );
}

/** Where the setting comes from, and a tap to take what the recipe itself says. */
function Said({ draft, said, change }: PackProps) {
  const saysPack = said?.packFrom === "steps";
  const saysShare = said?.from === "steps" || said?.from === "amounts";
  if (!said || (!saysPack && !saysShare)) {
    return null;
  }
  const words = said.from === "amounts" ? "The amounts for each jar add up to" : "Your steps say";
  const claims = [
    ...(saysPack ? [`packed ${said.pack}`] : []),
    ...(saysShare ? [`${Math.round(said.solidsShare * 100)} % solids`] : []),
  ].join(", ");
  const same =
    (!saysShare || Math.abs(said.solidsShare - draft.solidsShare) < 0.02) &&
    (!saysPack || said.pack === draft.pack);
  return (
    <p className="flex basis-full flex-wrap items-center gap-3 text-[0.95rem] text-soft">
      {words} {claims}
      {same ? ": that is how it is set." : "."}
      {!same && (
        <Button
          size="small"
          onClick={() =>
            change({
              ...(saysShare ? { solidsShare: said.solidsShare } : {}),
              ...(saysPack ? { pack: said.pack === "raw" ? "raw" : "hot" } : {}),
            })
          }
        >
          Set it so
        </Button>
      )}
    </p>
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
