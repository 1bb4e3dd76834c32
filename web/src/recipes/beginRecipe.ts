import { fromParts, readPage } from "./page";
import { EMPTY_DRAFT, keepDraft, kept } from "./useDraft";

/** Puts what was typed elsewhere on the page of a new recipe, read as that page would read it; nothing of it is dropped. */
export async function beginRecipe(text: string): Promise<void> {
  // What somebody began there and did not save stays, and this comes after it.
  const before = kept(undefined) ?? EMPTY_DRAFT;
  const read = await readPage(text, before);
  keepDraft(
    undefined,
    read.kind === "lines"
      ? { ...before, lines: [...before.lines, ...read.lines] }
      : { ...before, ...read.part, ...fromParts(read.parts, before) },
  );
}
