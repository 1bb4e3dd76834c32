import { jarWord } from "@/quantity";
import type { Ruling } from "./useRulingPreview";
import { VerdictTag } from "./VerdictTag";

interface Props {
  readonly ruling: Ruling;
  readonly size: "quart" | "pint";
}

/** The answer in one line, which stays in sight while the ingredients are typed where the screen is too narrow for both. */
export function VerdictStrip({ ruling, size }: Props) {
  return (
    <button
      type="button"
      className="sticky top-2 z-10 [body:has(.alarm)_&]:top-18 flex min-h-12 w-full items-center gap-2 overflow-hidden rounded-field border border-line bg-paper px-3 text-left lg:hidden"
      onClick={() =>
        document.getElementById("ruling")?.scrollIntoView({
          behavior: matchMedia("(prefers-reduced-motion: reduce)").matches ? "instant" : "smooth",
        })
      }
    >
      <span className="min-w-0 shrink-[0.2]">
        <VerdictTag verdict={ruling.verdict} short />
      </span>
      {ruling.minutes != null && (
        <strong className="min-w-0 shrink-[0.2] truncate">
          {ruling.minutes} min in {jarWord(size, 2)}
        </strong>
      )}
      <span className="min-w-0 flex-1 truncate text-soft">{ruling.headline}</span>
    </button>
  );
}
