import { Check } from "lucide-react";
import { Button, Card, ProblemNote, useKept, whenSent } from "@/kit";
import { formatDate } from "@/quantity";
import { type Recipe, useNote } from "./useRecipes";

/** Remarks for next time; they stand on the plan until they are done. */
export function NotesCard({ recipe }: { readonly recipe: Recipe }) {
  const { add, done } = useNote(recipe.id);
  const [text, setText] = useKept("note", "");
  return (
    <Card label="Notes for next time" className="py-4!">
      <h2 className="text-[0.9rem] font-semibold text-soft">Notes for next time</h2>
      <ul>
        {recipe.notes.map((note) => (
          <li key={note.id} className="flex items-start justify-between gap-3 border-b border-line py-2">
            <span>
              {note.text}
              <span className="block text-[0.85rem] text-soft">{formatDate(note.writtenAt)}</span>
            </span>
            <Button
              size="small"
              look="quiet"
              icon={<Check size={18} />}
              aria-label={`Done: ${note.text}`}
              onClick={() => done.mutate(note.id)}
            />
          </li>
        ))}
      </ul>
      <form
        className="mt-2 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim()) {
            whenSent(add.mutateAsync(text.trim()), () => setText(""));
          }
        }}
      >
        <input
          className="input w-full"
          aria-label="A note for next time"
          placeholder="less paprika"
          maxLength={500}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" size="small" disabled={!text.trim() || add.isPending}>
          Note
        </Button>
      </form>
      <ProblemNote error={add.error ?? done.error} />
    </Card>
  );
}
