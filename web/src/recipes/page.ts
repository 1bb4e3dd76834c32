import type { Schemas } from "@/api/client";
import type { Draft } from "./useDraft";
import { readPasted } from "./useRecipes";

export type PagePart = Schemas["PastedPart"];

/** Where a line of a page can go. */
export type Place = "title" | "ingredient" | "group" | "step" | "remark" | "out";

export const PLACES: readonly { readonly value: Place; readonly text: string }[] = [
  { value: "title", text: "Name" },
  { value: "ingredient", text: "Ingredient" },
  { value: "group", text: "Heading" },
  { value: "step", text: "Step" },
  { value: "remark", text: "Remark" },
  { value: "out", text: "Leave out" },
];

/** Whether a part of the page becomes part of the recipe. */
export function isTaken(kind: string): boolean {
  return kind !== "other" && kind !== "out";
}

/** The parts with one of them moved; a page has one name. */
export function asMoved(parts: readonly PagePart[], index: number, place: Place): readonly PagePart[] {
  return parts.map((part, at) => {
    if (at === index) {
      return { ...part, kind: place };
    }
    return place === "title" && part.kind === "title" ? { ...part, kind: "remark" } : part;
  });
}

/** What a page adds to a draft, part by part; yields, stated times and tips are kept as notes beside the steps. */
export function fromParts(parts: readonly PagePart[], draft: Draft): Partial<Draft> {
  const of = (...kinds: readonly string[]) =>
    parts.filter((part) => kinds.includes(part.kind)).map((part) => part.text);
  return {
    title: draft.title || (of("title")[0] ?? ""),
    lines: [...draft.lines, ...of("ingredient", "group")],
    method: [
      ...draft.method,
      ...of("step"),
      ...of("remark", "yield", "process").map((text) => `Note: ${text}`),
    ],
  };
}

/** A page that was read: to be looked at where it holds more than ingredients, and else to be taken as it is. */
export type PageRead =
  | { readonly kind: "look"; readonly parts: readonly PagePart[]; readonly part: Partial<Draft> }
  | { readonly kind: "lines"; readonly lines: readonly string[] };

/** Reads a page; if the server is away every line is taken as an ingredient, so that nothing is lost. */
export async function readPage(text: string, draft: Draft): Promise<PageRead> {
  const plain = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean);
  const read = await readPasted(text, draft.title).catch(() => undefined);
  const page = read?.recipes[0];
  const parts = page?.parts ?? read?.parts ?? [];
  if (!page || parts.every((part) => part.kind === "ingredient")) {
    return page || parts.length === 0
      ? { kind: "lines", lines: page?.lines ?? plain }
      : { kind: "look", parts, part: {} };
  }
  // What the page says of pack and fill is set with its first lines; later ones do not unset what the cook has chosen.
  const set =
    draft.lines.length === 0
      ? {
          pack: page.pack === "raw" ? ("raw" as const) : ("hot" as const),
          solidsShare: page.solidsShare,
          ...(page.imported == null ? {} : { imported: page.imported }),
        }
      : {};
  return { kind: "look", parts, part: set };
}

/** Where a line that was typed goes: the same place as it would have on a page. */
export async function readLine(text: string): Promise<(draft: Draft) => Partial<Draft>> {
  const read = await readPasted(text).catch(() => undefined);
  const parts = read?.recipes[0]?.parts ?? read?.parts ?? [];
  const only = parts.length === 1 ? parts[0] : undefined;
  return (draft) => {
    if (only?.kind === "step") {
      return { method: [...draft.method, only.text] };
    }
    return only?.kind === "title" && draft.title === "" && draft.lines.length === 0
      ? { title: only.text }
      : { lines: [...draft.lines, text] };
  };
}
