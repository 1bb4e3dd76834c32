import { Link } from "@tanstack/react-router";
import { CircleSlash } from "lucide-react";
import { Card, LinkButton } from "@/kit";
import { useHolds } from "./useShelf";
import { holdWords } from "./words";

/** Lots that nobody is to use for now, and why; nothing where there are none. */
export function Holds() {
  const holds = useHolds();
  const open = holds.data ?? [];
  const lots = [...new Set(open.map((hold) => hold.lot))];
  if (lots.length === 0) {
    return null;
  }
  return (
    <Card label="On hold" tone="brick" className="flex flex-col gap-2 py-4!">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="flex items-center gap-2 text-lg font-bold">
          <CircleSlash size={22} className="text-brick" aria-hidden="true" />
          {lots.length === 1 ? "One lot is" : `${lots.length} lots are`} on hold: do not use{" "}
          {lots.length === 1 ? "it" : "them"} yet
        </h2>
        <LinkButton to="/prints">Print the list</LinkButton>
      </div>
      <ul className="flex flex-col gap-1.5">
        {lots.map((lot) => (
          <li key={lot}>
            <Link
              to="/shelf/$code"
              params={{ code: lot }}
              className="digits mr-2 font-bold text-primary underline"
            >
              {lot}
            </Link>
            {open
              .filter((hold) => hold.lot === lot)
              .map(holdWords)
              .join(" ")}
          </li>
        ))}
      </ul>
    </Card>
  );
}
