import { X } from "lucide-react";
import { useKept } from "@/kit";

interface Props {
  readonly tags: readonly string[];
  readonly onChange: (tags: readonly string[]) => void;
}

/** Words to find the recipe by. */
export function Tags({ tags, onChange }: Props) {
  const [text, setText] = useKept("tag", "");
  const add = () => {
    const tag = text.trim().slice(0, 30);
    if (tag && !tags.includes(tag)) {
      onChange([...tags, tag]);
    }
    setText("");
  };
  return (
    <span className="inline-flex flex-wrap items-center gap-1.5">
      {tags.map((tag) => (
        <span
          key={tag}
          className="inline-flex items-center rounded-selector bg-steam pl-2.5 text-[0.9rem] font-semibold"
        >
          {tag}
          <button
            type="button"
            className="flex size-8 items-center justify-center max-md:size-11 pointer-coarse:size-11"
            aria-label={`Remove tag ${tag}`}
            onClick={() => onChange(tags.filter((each) => each !== tag))}
          >
            <X size={14} />
          </button>
        </span>
      ))}
      {tags.length < 12 && (
        <input
          className="h-8 w-24 rounded-md max-md:h-11 pointer-coarse:h-11 bg-transparent px-1 text-[0.9rem] placeholder:text-soft"
          aria-label="Add a tag"
          placeholder="+ tag"
          maxLength={30}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={add}
          onKeyDown={(event) => {
            if (event.key === "Enter" || event.key === ",") {
              event.preventDefault();
              add();
            }
          }}
        />
      )}
    </span>
  );
}
