import type { ReactNode } from "react";

interface Props {
  readonly picture: ReactNode;
  readonly title: string;
  readonly children: ReactNode;
  readonly action?: ReactNode;
}

/** Nothing here yet: what would be here, and the one thing to do about it. */
export function Empty({ picture, title, children, action }: Props) {
  return (
    <div className="mx-auto flex max-w-lg flex-col items-center gap-3 py-14 text-center">
      <div className="text-bar" aria-hidden="true">
        {picture}
      </div>
      <h2 className="text-xl font-bold">{title}</h2>
      <p className="text-soft">{children}</p>
      {action}
    </div>
  );
}
