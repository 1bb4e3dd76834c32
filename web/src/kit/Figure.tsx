import type { ReactNode } from "react";

interface Props {
  readonly label: string;
  readonly value?: ReactNode;
  /** A number and its unit as one text, such as "1 inch", in place of both. */
  readonly amount?: string;
  readonly unit?: string;
  readonly note?: ReactNode;
  readonly tone?: "ink" | "copper";
}

/** A number to be read from where one stands: large digits, a small unit, its name above. */
export function Figure({ label, amount, note, tone = "ink", ...rest }: Props) {
  const end = amount?.lastIndexOf(" ") ?? 0;
  const value = amount === undefined ? rest.value : amount.slice(0, end);
  const unit = amount === undefined ? rest.unit : amount.slice(end + 1);
  return (
    <div className="min-w-0">
      <div className="text-[0.85rem] font-semibold text-soft">{label}</div>
      <div className={`digits mt-1 text-3xl font-bold ${tone === "copper" ? "text-copper" : ""}`}>
        {value}
        {unit && <span className="ml-1.5 text-base font-semibold text-soft">{unit}</span>}
      </div>
      {note && <div className="mt-1 text-[0.85rem] text-soft">{note}</div>}
    </div>
  );
}
