import { Choice } from "@/kit";
import type { Level } from "./findings";

interface Props {
  readonly level: Level;
  readonly onChange: (level: Level) => void;
}

/** Food that floats and liquid that is gone look alike; the canner's own water tells them apart. */
export function LowLevel({ level, onChange }: Props) {
  return (
    <div className="flex flex-col gap-2 rounded-field bg-steam p-4">
      <Choice
        label="Why does it stand low?"
        value={level}
        options={[
          { value: "right", text: "Cannot tell" },
          { value: "floating", text: "It floats" },
          { value: "siphoned", text: "Siphoned" },
        ]}
        onChange={onChange}
      />
      <LevelPictures />
      <ul className="ml-5 list-disc text-[0.95rem]">
        <li>
          <strong>Floating:</strong> food rides up, clear broth below, and the canner water stayed clear.
          Nothing is lost; raw packs hold air.
        </li>
        <li>
          <strong>Siphoned:</strong> the canner water is cloudy or greasy, food sticks to the rim or the
          outside. The pressure swung, or was let off too fast.
        </li>
        <li>
          A sealed jar that lost some keeps well; one that lost more than half is eaten first, from the
          refrigerator.
        </li>
      </ul>
    </div>
  );
}

/** A jar whose food floats, and one that lost its liquid: food up under the lid over clear broth, or air over food that sits low. */
function LevelPictures() {
  return (
    <div className="flex gap-8" aria-hidden="true">
      {(["Floating", "Siphoned"] as const).map((name) => (
        <figure key={name} className="flex flex-col items-center">
          <svg viewBox="0 0 60 90" className="h-22" aria-hidden="true">
            <path
              d="M16 14 H44 V20 Q54 24 54 34 V80 Q54 86 48 86 H12 Q6 86 6 80 V34 Q6 24 16 20 Z"
              className="fill-paper stroke-glass"
              strokeWidth="3"
            />
            {name === "Floating" ? (
              <>
                <rect x="9" y="30" width="42" height="53" rx="4" className="fill-steam" />
                <rect x="9" y="28" width="42" height="26" rx="4" className="fill-bar" />
              </>
            ) : (
              <>
                <rect x="9" y="56" width="42" height="27" rx="4" className="fill-bar" />
                <path
                  d="M44 8 q6 -4 4 10 M50 12 q6 0 2 12"
                  className="stroke-brick"
                  strokeWidth="2"
                  fill="none"
                />
              </>
            )}
            <rect x="14" y="6" width="32" height="9" rx="2" className="fill-ink" />
          </svg>
          <figcaption className="text-[0.9rem] font-semibold">{name}</figcaption>
        </figure>
      ))}
    </div>
  );
}
