import type { ReactNode } from "react";

interface Props {
  readonly label?: string;
  readonly tone?: "plain" | "copper" | "mustard" | "brick" | "rim";
  readonly className?: string;
  readonly children: ReactNode;
}

const TONES = {
  plain: "border border-line",
  copper: "border-2 border-copper",
  mustard: "border-2 border-mustard",
  brick: "border-2 border-brick",
  rim: "border-2 border-primary",
};

/** A sheet of paper on the ground; the only box there is, so none is put inside another. */
export function Card({ label, tone = "plain", className = "", children }: Props) {
  return (
    <section aria-label={label} className={`rounded-box bg-paper p-5 ${TONES[tone]} ${className}`}>
      {children}
    </section>
  );
}
