import { ChevronRight } from "lucide-react";
import type { ReactNode } from "react";

interface Props {
  readonly title: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** Something nobody needs this minute: its name, and the rest on a tap. */
export function Fold({ title, className = "", children }: Props) {
  return (
    <details className={`group ${className}`}>
      <summary className="flex min-h-11 cursor-pointer list-none items-center gap-1.5 font-bold text-primary [&::-webkit-details-marker]:hidden">
        <ChevronRight
          size={20}
          className="shrink-0 transition-transform group-open:rotate-90"
          aria-hidden="true"
        />
        {title}
      </summary>
      {children}
    </details>
  );
}
