import { Printer, Snowflake } from "lucide-react";
import { useState } from "react";
import { wrongAt } from "@/api/problem";
import { Button, Card, Disclosure, Field, ProblemNote, Stepper, useKept, useToast, whenSent } from "@/kit";
import { keptPaper, labelQuery } from "@/prints";
import { daysBetween, formatDate } from "@/quantity";
import { type Frozen, useFreeze, useFreezer, usePutBack, useTakeOut } from "./useFreezer";

const CUP_ML = 236.59;
const LITRE_ML = 1_000;

/** The freezer beside the shelf: its boxes, what has to be eaten first, and one tap to take one out. */
export function FreezerBoard({ metric }: { readonly metric: boolean }) {
  const freezer = useFreezer();
  const boxes = freezer.data?.boxes ?? [];
  const all = boxes.reduce((sum, each) => sum + each.left, 0);
  return (
    <Card label="Freezer" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="flex items-center gap-2 text-lg font-bold">
          <Snowflake size={22} aria-hidden="true" /> Freezer
          {all > 0 && (
            <span className="text-[0.95rem] font-semibold text-soft">
              {all} {all === 1 ? "box" : "boxes"}
            </span>
          )}
        </h2>
        {all > 0 && (
          <a
            className="flex min-h-11 items-center gap-2 rounded-field px-3 font-bold text-primary hover:bg-steam"
            href={`/api/prints/freezer-labels.pdf?${labelQuery(keptPaper())}`}
            target="_blank"
            rel="noreferrer"
          >
            <Printer size={20} aria-hidden="true" /> Labels
          </a>
        )}
      </div>
      <ProblemNote error={freezer.error} retry={() => freezer.refetch()} />
      <ul>
        {boxes.map((each) => (
          <Boxes key={each.id} boxes={each} today={freezer.data?.today ?? each.frozenOn} />
        ))}
      </ul>
      <Disclosure title="Put something in">
        <PutIn metric={metric} />
      </Disclosure>
    </Card>
  );
}

function Boxes({ boxes, today }: { readonly boxes: Frozen; readonly today: string }) {
  const take = useTakeOut();
  const putBack = usePutBack();
  const toast = useToast();
  const late = daysBetween(boxes.bestBy, today) > 0;
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-2 last:border-0">
      <span className="digits w-14 text-2xl font-bold">
        {boxes.left}
        <span className="sr-only"> {boxes.left === 1 ? "box" : "boxes"}</span>
      </span>
      <span className="min-w-40 flex-1">
        <span className="block font-bold">{boxes.title}</span>
        <span className="block text-[0.9rem] text-soft">
          {boxes.each} a box, frozen {formatDate(boxes.frozenOn)},{" "}
          <span className={late ? "font-bold text-brick" : ""}>best by {formatDate(boxes.bestBy)}</span>
          {boxes.note !== "" && `, ${boxes.note}`}
        </span>
      </span>
      <Button
        size="small"
        aria-label={`Take one out: ${boxes.title}`}
        disabled={take.isPending}
        onClick={() =>
          take.mutate(
            { id: boxes.id, boxes: 1 },
            {
              onSuccess: ({ taken }) =>
                toast({
                  text: `One box of ${boxes.title} is out.`,
                  action: { text: "Undo", run: () => putBack.mutate(taken) },
                }),
            },
          )
        }
      >
        Take one out
      </Button>
      <ProblemNote error={take.error} />
    </li>
  );
}

function PutIn({ metric }: { readonly metric: boolean }) {
  const freeze = useFreeze();
  const [title, setTitle] = useKept("freezer", "");
  const [boxes, setBoxes] = useState(1);
  const [each, setEach] = useState(metric ? 0.5 : 2);
  return (
    <form
      className="flex flex-wrap items-end gap-x-5 gap-y-2 pb-1"
      onSubmit={(event) => {
        event.preventDefault();
        whenSent(
          freeze.mutateAsync({ title, boxes, volumeMl: boxes * each * (metric ? LITRE_ML : CUP_ML) }),
          () => setTitle(""),
        );
      }}
    >
      <Field label="What is in the boxes" error={wrongAt(freeze.error, "title")}>
        {(id) => (
          <input
            id={id}
            className="input min-h-12 w-64 font-bold"
            maxLength={160}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
          />
        )}
      </Field>
      <Stepper label="Boxes" value={boxes} min={1} max={100} onChange={setBoxes} />
      <Stepper
        label={metric ? "Litres in each" : "Cups in each"}
        value={each}
        min={metric ? 0.25 : 1}
        max={metric ? 4 : 16}
        step={metric ? 0.25 : 1}
        onChange={setEach}
      />
      <Button type="submit" disabled={freeze.isPending || title.trim() === ""}>
        Into the freezer
      </Button>
      {!wrongAt(freeze.error, "title") && <ProblemNote error={freeze.error} />}
    </form>
  );
}
