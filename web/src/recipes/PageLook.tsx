import { useState } from "react";
import { Button, Card } from "@/kit";
import { asMoved, isTaken, type PagePart, PLACES, type Place } from "./page";

interface Props {
  readonly parts: readonly PagePart[];
  readonly onUse: (parts: readonly PagePart[]) => void;
  readonly onClose: () => void;
}

/**
 * A page parted into what it holds, shown once before anything is said about it: what went where, each line moved by a tap. Nothing of
 * the page is left out of the look.
 */
export function PageLook({ parts: read, onUse, onClose }: Props) {
  const [parts, setParts] = useState(read);
  const left = parts.filter((part) => !isTaken(part.kind)).length;
  const ingredients = parts.filter((part) => part.kind === "ingredient").length;
  return (
    <Card label="What went where" className="p-0!">
      <div className="flex flex-wrap items-center justify-between gap-3 border-b border-line px-5 py-3">
        <h2 className="text-lg font-bold">What went where</h2>
        <div className="flex flex-wrap gap-2">
          <Button look="quiet" onClick={onClose}>
            Do not take it
          </Button>
          <Button look="main" disabled={ingredients === 0} onClick={() => onUse(parts)}>
            That is right
          </Button>
        </div>
        <p className="basis-full text-soft">
          {ingredients} {ingredients === 1 ? "ingredient" : "ingredients"},{" "}
          {count(parts, "step", "step", "steps")}
          {left > 0 && `, ${left} left out`}. Tap a line's place to move it.
        </p>
      </div>
      <ul>
        {parts.map((part, index) => (
          <li
            key={index}
            className={`flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line px-5 py-1 last:border-0 ${isTaken(part.kind) ? "" : "text-soft"}`}
          >
            <span
              className={`min-w-0 flex-1 basis-48 ${part.kind === "title" ? "text-lg font-bold" : ""} ${part.kind === "step" ? "border-l-3 border-primary pl-3" : ""} ${isTaken(part.kind) ? "" : "line-through decoration-1"}`}
            >
              {part.text}
            </span>
            <label className="shrink-0">
              <span className="sr-only">Place of “{part.text}”</span>
              <select
                className="select min-h-11 w-36 bg-paper"
                value={placeOf(part.kind)}
                onChange={(event) => setParts(asMoved(parts, index, event.target.value as Place))}
              >
                {PLACES.map((place) => (
                  <option key={place.value} value={place.value}>
                    {place.text}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
    </Card>
  );
}

function placeOf(kind: PagePart["kind"]): Place {
  return kind === "yield" || kind === "process" ? "remark" : kind === "other" ? "out" : (kind as Place);
}

function count(parts: readonly PagePart[], kind: string, one: string, many: string): string {
  const number = parts.filter((part) => part.kind === kind).length;
  return `${number} ${number === 1 ? one : many}`;
}
