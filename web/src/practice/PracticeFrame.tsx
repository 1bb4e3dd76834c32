import { type ReactNode, useEffect, useRef } from "react";
import { PageFrame } from "@/kit";
import { Link } from "@/routing";
import { PARTS, type PracticePart } from "./parts";

interface Props {
  readonly part: PracticePart;
  readonly children: ReactNode;
}

/** The place Practice: what can be practised, and the part that is open. */
export function PracticeFrame({ part, children }: Props) {
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // On a phone the list is wider than the screen.
    const list = here.current?.closest("nav");
    if (part !== "begin" && list && here.current) {
      list.scrollLeft = here.current.offsetLeft - list.clientWidth / 3;
    }
  }, [part]);
  return (
    <PageFrame
      title="Practice"
      {...(part === "begin" && {
        lead: "A canner to learn on. Nothing here is canned, timed or written into the logbook.",
      })}
    >
      <nav aria-label="Parts of practice" className="relative -mx-4 overflow-x-auto px-4 md:mx-0 md:px-0">
        <ul className="flex gap-1.5">
          {PARTS.filter((each) => each.id !== "device" || part === "device").map((each) => (
            <li key={each.id} ref={each.id === part ? here : undefined}>
              <Link
                to="/practice"
                search={each.id === "begin" ? {} : { part: each.id }}
                aria-current={each.id === part ? "page" : undefined}
                className={`flex min-h-12 items-center rounded-field px-4 font-bold whitespace-nowrap ${
                  each.id === part
                    ? "bg-primary text-primary-content"
                    : "bg-paper text-primary hover:bg-steam"
                }`}
              >
                {each.title}
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      {children}
    </PageFrame>
  );
}
