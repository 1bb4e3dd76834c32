import { ChevronRight } from "lucide-react";
import { type ReactNode, useState } from "react";

interface Props {
  readonly title: string;
  readonly className?: string;
  /** Whether what is inside asks the server: then it is made only once somebody opens it. */
  readonly lazy?: boolean;
  readonly children: ReactNode;
}

/** Something nobody needs this minute: its name, and the rest on a tap. */
export function Disclosure({ title, className = "", lazy = false, children }: Props) {
  const [opened, setOpened] = useState(false);
  return (
    <details className={`group ${className}`} onToggle={() => setOpened(true)}>
      <summary className="flex min-h-11 cursor-pointer list-none items-center gap-1.5 font-bold text-primary [&::-webkit-details-marker]:hidden">
        <ChevronRight
          size={20}
          className="shrink-0 transition-transform group-open:rotate-90"
          aria-hidden="true"
        />
        {title}
      </summary>
      {(opened || !lazy) && children}
    </details>
  );
}
