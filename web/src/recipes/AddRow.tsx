import type { RefObject } from "react";
import { useKept } from "@/kit";

interface Props {
  readonly first: boolean;
  /** Lines that are typed and not in the recipe yet: who saves waits for them. */
  readonly pending: RefObject<Promise<void>>;
  /** A line that was typed; it goes where it belongs. */
  readonly onAdd: (line: string) => Promise<void>;
  /** Takes a whole page of text, to be parted into ingredients and method. */
  readonly onPage: (text: string) => void;
}

/** The last row: type a line and press Enter, or paste a whole recipe. */
export function AddRow({ first, pending, onAdd, onPage }: Props) {
  const [text, setText] = useKept("line", "");
  const add = (all: string) => {
    setText("");
    if (all.trim().includes("\n")) {
      onPage(all);
    } else if (all.trim()) {
      // One after the other: a line's place may hang on those before it.
      pending.current = pending.current.then(() => onAdd(all.trim()));
    }
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
          if (pasted.trim().includes("\n")) {
            event.preventDefault();
            setText("");
            onPage(text + pasted);
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
