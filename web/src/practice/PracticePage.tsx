import { BeginPart } from "./BeginPart";
import { DevicePart } from "./DevicePart";
import { DrillsPart } from "./DrillsPart";
import { InsidePart } from "./InsidePart";
import { LinesPart } from "./LinesPart";
import { PracticeFrame } from "./PracticeFrame";
import type { PracticePart } from "./parts";
import { RecordPart } from "./RecordPart";
import { StovePart } from "./StovePart";
import { WaterPart } from "./WaterPart";

const CONTENT: Readonly<Record<PracticePart, () => React.ReactNode>> = {
  begin: BeginPart,
  water: WaterPart,
  stove: StovePart,
  drills: DrillsPart,
  lines: LinesPart,
  inside: InsidePart,
  record: RecordPart,
  device: DevicePart,
};

export function PracticePage({ part }: { readonly part: PracticePart }) {
  const Content = CONTENT[part];
  return (
    <PracticeFrame part={part}>
      <Content />
    </PracticeFrame>
  );
}
