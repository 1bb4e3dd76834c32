import type { Draft } from "./useDraft";
import { readPasted } from "./useRecipes";

/** A page that was pasted is parted by the server; if that fails, every line is taken as an ingredient, so that nothing is lost. */
export async function pastePage(text: string, draft: Draft, change: (part: Partial<Draft>) => void) {
  const plain = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean);
  const read = await readPasted(text).catch(() => undefined);
  const page = read?.recipes[0];
  change(
    page
      ? {
          title: draft.title || page.title,
          lines: [...draft.lines, ...page.lines],
          method: [...draft.method, ...page.method],
          ...(page.imported != null && draft.lines.length === 0 ? { imported: page.imported } : {}),
        }
      : { lines: [...draft.lines, ...plain] },
  );
}
