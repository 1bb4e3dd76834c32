import { local } from "@/api/storage";
import { usualPaper } from "@/quantity";

/** A sheet of labels by its measures in millimetres. */
export interface Sheet {
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  readonly gapX: number;
  readonly gapY: number;
}

/** What is printed on: the paper, and the labels on it. */
export interface LabelPaper {
  readonly paper: string;
  readonly sheet: Sheet;
}

const A4: Sheet = { columns: 3, rows: 8, width: 64, height: 33.9, left: 7, top: 12.9, gapX: 2, gapY: 0 };
const LETTER: Sheet = {
  columns: 3,
  rows: 10,
  width: 66.7,
  height: 25.4,
  left: 4.8,
  top: 12.7,
  gapX: 3.1,
  gapY: 0,
};

/** The order in which the server is told. */
const ORDER: readonly (keyof Sheet)[] = ["columns", "rows", "width", "height", "left", "top", "gapX", "gapY"];
const KEPT = "mobrel.label-sheet";

export function usualOn(paper: string): LabelPaper {
  return { paper, sheet: paper === "letter" ? LETTER : A4 };
}

/** The one this device was told of; the usual one where it was told of none, or of one that makes no sense. */
export function keptPaper(): LabelPaper {
  try {
    const kept = JSON.parse(local.getItem(KEPT) ?? "null") as LabelPaper | null;
    if (kept && typeof kept.paper === "string" && ORDER.every((key) => Number.isFinite(kept.sheet[key]))) {
      return kept;
    }
  } catch {
    // Nothing that can be read.
  }
  return usualOn(usualPaper());
}

export function keepPaper(paper: LabelPaper) {
  local.setItem(KEPT, JSON.stringify(paper));
}

/** The paper and its labels, as an address has them. */
export function labelQuery({ paper, sheet }: LabelPaper): string {
  return `paper=${paper}&grid=${ORDER.map((key) => sheet[key]).join(",")}`;
}
