import { CircleSlash } from "lucide-react";
import { Card, LinkButton } from "@/kit";
import { Link } from "@/routing";
import { holdLabel } from "./labels";
import { type Hold, useHolds } from "./useShelf";

/** Lots that nobody is to use for now, and why; nothing where there are none. */
export function Holds() {
  const holds = useHolds();
  const open = holds.data ?? [];
  const lots = new Set(open.map((hold) => hold.lot)).size;
  if (lots === 0) {
    return null;
  }
  return (
    <Card label="On hold" tone="brick" className="flex flex-col gap-2 py-4!">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="flex items-center gap-2 text-lg font-bold">
          <CircleSlash size={22} className="text-brick" aria-hidden="true" />
          {lots === 1
            ? "One lot is on hold: do not use it yet"
            : `${lots} lots are on hold: do not use them yet`}
        </h2>
        <LinkButton to="/prints">Print the list</LinkButton>
      </div>
      {byCause(open).map(([cause, own]) => (
        <div key={cause}>
          <p>{own[0] && (own.length === 1 ? holdLabel(own[0]) : firstSentence(holdLabel(own[0])))}</p>
          <p className="flex flex-wrap gap-x-4 gap-y-1">
            {own.map((hold) => (
              <Link
                key={hold.id}
                to="/shelf/:code"
                params={{ code: hold.lot }}
                className="digits flex min-h-11 items-center font-bold text-primary underline"
              >
                {hold.lot}
              </Link>
            ))}
          </p>
        </div>
      ))}
    </Card>
  );
}

/** One thing that came to light often touches many lots. */
function byCause(holds: readonly Hold[]) {
  const causes = new Map<string, Hold[]>();
  for (const hold of holds) {
    const cause = `${hold.reason}/${hold.cause}`;
    causes.set(cause, [...(causes.get(cause) ?? []), hold]);
  }
  return [...causes];
}

/** What is true of all of them; the rest of the words is about one. */
function firstSentence(words: string): string {
  const end = words.search(/[a-z0-9)]\. /);
  return end < 0 ? words : words.slice(0, end + 2);
}
