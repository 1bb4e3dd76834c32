import type { ButtonHTMLAttributes, ReactNode } from "react";
import { type LinkProps, useLink } from "@/routing";

type Look = "main" | "plain" | "loss" | "quiet";
type Size = "normal" | "stove" | "small";

// An outlined button that has the focus would take the colour of a filled one, on paper that is not filled: unreadable.
const LOOKS: Record<Look, string> = {
  main: "btn-primary",
  plain:
    "btn-outline border-line bg-paper text-primary hover:bg-steam hover:text-primary focus-visible:bg-steam focus-visible:text-primary",
  loss: "btn-outline btn-error bg-paper hover:bg-brick-wash hover:text-brick focus-visible:bg-brick-wash focus-visible:text-brick",
  quiet: "btn-ghost text-primary",
};
const SIZES: Record<Size, string> = {
  normal: "min-h-11 px-5 py-1.5 text-base",
  stove: "min-h-17 px-6 py-3 text-xl",
  small: "min-h-11 px-3 py-1.5 text-[0.95rem]",
};

interface Shape {
  readonly look?: Look;
  readonly size?: Size;
  readonly icon?: ReactNode;
}

/** What makes a label or a plain link look like a button. */
export function buttonClasses({ look = "plain", size = "normal" }: Shape, more = "") {
  // What is longer than the screen is wide goes on in a second line: remedies are whole sentences.
  return `btn h-auto max-w-full whitespace-normal font-bold ${LOOKS[look]} ${SIZES[size]} ${more}`;
}

export function Button({
  look,
  size,
  icon,
  className,
  children,
  type = "button",
  ...rest
}: Shape & ButtonHTMLAttributes<HTMLButtonElement>) {
  return (
    <button type={type} className={buttonClasses({ look, size }, className)} {...rest}>
      {icon}
      {children}
    </button>
  );
}

/** A link that goes to another place and looks like a button. */
export function LinkButton({ look, size, icon, className, ...props }: Shape & LinkProps) {
  const { children, ...anchor } = useLink(props as LinkProps);
  return (
    <a className={buttonClasses({ look, size }, className)} {...anchor}>
      {icon}
      {children}
    </a>
  );
}
