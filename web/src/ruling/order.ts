import type { Ruling } from "./useRulingPreview";

/** Longest first; lines without a time keep their order behind them, headings last. */
export function longestFirst(
  ruling: Ruling | undefined,
  size: "quart" | "pint",
  count: number,
): readonly number[] {
  const rank = (index: number) => {
    const answer = ruling?.lines[index];
    if (answer?.role === "stopped" || answer?.role === "unknown") {
      return 1_000;
    }
    return (
      answer?.minutesBySize?.[size] ?? (answer?.role === "not-ingredient" || answer?.role === "step" ? -1 : 0)
    );
  };
  return Array.from({ length: count }, (_, index) => index).sort((a, b) => rank(b) - rank(a) || a - b);
}
