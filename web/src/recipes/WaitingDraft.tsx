import { Button } from "@/kit";
import type { Draft } from "./useDraft";

interface Props {
  readonly waiting: Draft;
  readonly onTake: () => void;
  readonly onDrop: () => void;
}

/** A new recipe that was begun and not saved: it waits until the cook says what becomes of it. */
export function WaitingDraft({ waiting, onTake, onDrop }: Props) {
  const lines = waiting.lines.length;
  return (
    <section
      aria-label="A recipe you did not save"
      className="mb-4 flex flex-wrap items-center gap-3 rounded-box bg-steam px-5 py-3"
    >
      <p className="min-w-0 flex-1 basis-64">
        <strong>{waiting.title || "A recipe without a name"}</strong> with {lines}{" "}
        {lines === 1 ? "line" : "lines"} was begun here and not saved.
      </p>
      <Button size="small" onClick={onTake}>
        Go on with it
      </Button>
      <Button size="small" look="quiet" onClick={onDrop}>
        Throw it away
      </Button>
    </section>
  );
}
