import { Check, CircleHelp, CircleSlash, Hand } from "lucide-react";
import type { ReactNode } from "react";

type Tone = "ink" | "copper" | "mustard" | "brick" | "rim";

const TONES: Record<Tone, string> = {
  ink: "bg-steam text-ink",
  copper: "bg-copper-wash text-copper",
  mustard: "bg-mustard-wash text-ink hatched",
  brick: "bg-brick-wash text-brick",
  rim: "bg-steam text-primary",
};

const ICONS: Partial<Record<Tone, ReactNode>> = {
  ink: <Check size={16} strokeWidth={2.5} aria-hidden="true" />,
  mustard: <Hand size={16} aria-hidden="true" />,
  brick: <CircleSlash size={16} aria-hidden="true" />,
  rim: <CircleHelp size={16} aria-hidden="true" />,
};

interface Props {
  readonly tone?: Tone;
  readonly icon?: boolean;
  readonly children: ReactNode;
}

/** A quiet word on a state; its sign says it as well as its colour. */
export function Tag({ tone = "ink", icon = false, children }: Props) {
  return (
    <span
      className={`inline-flex items-center gap-1.5 rounded-selector px-2.5 py-1 text-[0.9rem] font-bold ${TONES[tone]}`}
    >
      {icon && ICONS[tone]}
      {children}
    </span>
  );
}
