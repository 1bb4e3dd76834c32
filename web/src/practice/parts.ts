/** What can be practised, in the order a beginner meets it. */
export const PARTS = [
  { id: "begin", title: "Begin" },
  { id: "water", title: "With water" },
  { id: "stove", title: "Free stove" },
  { id: "drills", title: "Drills" },
  { id: "lines", title: "Ten lines" },
  { id: "inside", title: "Inside a jar" },
  { id: "record", title: "Record" },
  { id: "device", title: "Practice device" },
] as const;

export type PracticePart = (typeof PARTS)[number]["id"];

export function practicePart(wanted: unknown): PracticePart {
  return PARTS.find((part) => part.id === wanted)?.id ?? "begin";
}
