import { Choice } from "@/kit";
import type { Level } from "./SealsPage";

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
