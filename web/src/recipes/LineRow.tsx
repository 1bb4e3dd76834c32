import { X } from "lucide-react";
import { useState } from "react";
import type { LineAnswer } from "@/ruling";

interface Props {
  readonly text: string;
  readonly answer: LineAnswer | undefined;
  readonly onChange: (text: string) => void;
  readonly onRemove: () => void;
  readonly onEditing: (editing: boolean) => void;
}

/** One ingredient: the cook's own words, edited where they stand, and under them what was understood. */
export function LineRow({ text, answer, onChange, onRemove, onEditing }: Props) {
  return (
    <div className="flex min-w-0 items-start gap-1">
      <div className="min-w-0 flex-1 py-1">
        <textarea
          className="field-sizing-content block w-full resize-none rounded-md bg-transparent leading-snug font-semibold"
          aria-label="Ingredient line"
          rows={1}
          value={text}
          onFocus={() => onEditing(true)}
          onBlur={() => onEditing(false)}
          onChange={(event) => onChange(event.target.value.replace(/\n/g, " "))}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              event.preventDefault();
              event.currentTarget.blur();
            }
          }}
        />
        <Understood answer={answer} />
      </div>
      <button
        type="button"
        className="btn btn-ghost h-11 min-h-11 w-11 px-0 text-soft"
        aria-label={`Remove: ${text}`}
        onClick={onRemove}
      >
        <X size={18} />
      </button>
    </div>
  );
}

function Understood({ answer }: { readonly answer: LineAnswer | undefined }) {
  if (!answer || answer.role === "heading") {
    return <span className="block text-[0.85rem] text-soft">{answer ? "not an ingredient" : "\u00a0"}</span>;
  }
  const words = [answer.foodName, answer.form].filter(Boolean).join(" · ");
  return (
    <span className="block text-[0.85rem] text-soft">
      {words || (answer.role === "stopped" ? "may not go in" : "not in the tables")}
    </span>
  );
}

interface AddProps {
  readonly first: boolean;
  readonly onAdd: (lines: readonly string[]) => void;
}

/** The last row: type a line and press Enter, or paste a whole recipe. */
export function AddRow({ first, onAdd }: AddProps) {
  const [text, setText] = useState("");
  const add = (all: string) => {
    const lines = all
      .split(/\r?\n/)
      .map((line) => line.trim())
      .filter(Boolean);
    if (lines.length > 0) {
      onAdd(lines);
    }
    setText("");
  };
  return (
    <div className="px-5 py-3">
      <textarea
        className={`textarea w-full resize-none border-dashed border-bar bg-transparent text-[1.05rem] ${first ? "min-h-40" : "min-h-14"}`}
        aria-label="Add a line, or paste a whole recipe"
        placeholder={
          first
            ? "Type an ingredient and press Enter, or paste a whole recipe:\n2 lb dried kidney beans, soaked overnight\n3 cups carrots, diced\n3 qt pork stock"
            : "Add a line, or paste a whole recipe"
        }
        rows={first ? 5 : 1}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData("text");
          if (pasted.includes("\n")) {
            event.preventDefault();
            add(text + pasted);
          }
        }}
        onKeyDown={(event) => {
          if (event.key === "Enter" && !event.shiftKey) {
            event.preventDefault();
            add(text);
          }
        }}
        onBlur={() => add(text)}
      />
    </div>
  );
}
