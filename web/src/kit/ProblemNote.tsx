import { TriangleAlert } from "lucide-react";
import { Unreachable, wordsOf } from "@/api/problem";
import { useOutOfReach } from "@/api/reach";
import { Button } from "./Button";

interface Props {
  readonly error: unknown;
  readonly retry?: (() => void) | undefined;
  /** A word behind the problem's own, such as how long still. */
  readonly more?: string | undefined;
}

/** What went wrong, in words, and what can be done about it. Nothing that was typed is lost by it. */
export function ProblemNote({ error, retry, more }: Props) {
  const outOfReach = useOutOfReach();
  // That nobody answers stands at the top of the page already; a step that was not done is said here all the same.
  if (!error || (outOfReach && error instanceof Unreachable && error.asked)) {
    return null;
  }
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-3 rounded-field border-2 border-brick bg-brick-wash px-4 py-3"
    >
      <TriangleAlert size={22} className="shrink-0 text-brick" aria-hidden="true" />
      <p className="min-w-0 flex-1 font-semibold">
        {wordsOf(error)}
        {more && ` ${more}`}
      </p>
      {retry && (
        <Button size="small" onClick={retry}>
          Try again
        </Button>
      )}
    </div>
  );
}
