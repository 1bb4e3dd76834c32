import { type ReactNode, useEffect } from "react";
import { setPlace } from "./place";

interface Props {
  readonly title: string;
  /** What the window calls it, where that is not its title. */
  readonly place?: string;
  /** In place of the plain title, such as a title that can be edited. */
  readonly heading?: ReactNode;
  readonly lead?: ReactNode;
  readonly actions?: ReactNode;
  /** Whether the title is so short that the actions stand beside it on a phone too. */
  readonly short?: boolean;
  readonly children: ReactNode;
}

/** A place of the kitchen: its name, one line under it, what can be done from here. */
export function PageFrame({ title, place = title, heading, lead, actions, short = false, children }: Props) {
  useEffect(() => {
    setPlace(place);
  }, [place]);
  return (
    <div className="mx-auto flex w-full max-w-[76rem] flex-col gap-4 px-4 pt-5 pb-6 md:px-7">
      <header className="flex flex-wrap items-start justify-between gap-3">
        <div className={`${short ? "min-w-40" : "min-w-[min(100%,17rem)]"} flex-1`}>
          {heading ?? <h1>{title}</h1>}
          {lead && <p className="mt-0.5 text-soft">{lead}</p>}
        </div>
        {actions && <div className="no-print flex flex-wrap gap-3">{actions}</div>}
      </header>
      {children}
    </div>
  );
}
