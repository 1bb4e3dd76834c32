import { useCallback, useEffect, useRef, useState } from "react";
import { local, session } from "@/api/storage";
import type { QuestionAnswer } from "@/ruling";

export interface Variant {
  readonly name: string;
  readonly lines: readonly string[];
}

/** What is on the recipe page and not saved yet. */
export interface Draft {
  readonly title: string;
  readonly lines: readonly string[];
  readonly pack: "hot" | "raw";
  readonly solidsShare: number;
  readonly method: readonly string[];
  readonly tags: readonly string[];
  readonly variants: readonly Variant[];
  /** Keys of the questions that were answered with "as it stands". */
  readonly settled: readonly string[];
  /** What was answered to the questions of the lines; an answer belongs to the words of its line. */
  readonly answers: readonly QuestionAnswer[];
  /** The document it came from, given back on export. */
  readonly imported?: string | undefined;
  /** The version it was made from; absent for a new recipe. */
  readonly basedOn?: number | undefined;
}

export const EMPTY_DRAFT: Draft = {
  title: "",
  lines: [],
  pack: "hot",
  solidsShare: 0.5,
  method: [],
  tags: [],
  variants: [],
  settled: [],
  answers: [],
};

const key = (id: number | undefined) => `mobrel.draft.${id ?? "new"}`;

/** What is kept of a recipe that was not saved: first what this tab wrote, then any other; undefined where there is nothing. */
export function kept(id: number | undefined): Draft | undefined {
  try {
    const text = session.getItem(key(id)) ?? local.getItem(key(id));
    return text ? { ...EMPTY_DRAFT, ...(JSON.parse(text) as Partial<Draft>) } : undefined;
  } catch {
    return undefined;
  }
}

/** Puts a draft where the recipe page of that id finds it. */
export function keepDraft(id: number | undefined, draft: Draft) {
  const text = JSON.stringify(draft);
  local.setItem(key(id), text);
  session.setItem(key(id), text);
  if (id === undefined) {
    session.setItem(OPEN, "yes");
  }
}

function forgetDraft(id: number | undefined) {
  local.removeItem(key(id));
  session.removeItem(key(id));
}

/** While the page of a new recipe is open in this window; a reload finds it set, another visit does not. */
const OPEN = "mobrel.draft.new.open";
const WAITING = "mobrel.draft.new.waiting";

/** A new recipe begins empty: what an earlier visit left unsaved waits beside it. */
function begun(id: number | undefined): Draft | undefined {
  if (id !== undefined || session.getItem(OPEN) === "yes") {
    return kept(id);
  }
  const left = kept(undefined);
  if (left && (left.lines.length > 0 || left.title !== "")) {
    local.setItem(WAITING, JSON.stringify(left));
  }
  forgetDraft(undefined);
  return undefined;
}

function waitingDraft(): Draft | undefined {
  try {
    const text = local.getItem(WAITING);
    return text ? { ...EMPTY_DRAFT, ...(JSON.parse(text) as Partial<Draft>) } : undefined;
  } catch {
    return undefined;
  }
}

/**
 * The draft of a recipe: what is saved, until the cook changes it. Changes are kept on this device at every keystroke, so that a
 * reload, a flat battery or a server that is away loses nothing.
 */
export function useDraft(id: number | undefined, saved: Draft | undefined) {
  const [draft, setDraft] = useState<Draft | undefined>(() => begun(id));
  const [left, setLeft] = useState<Draft | undefined>(() => (id === undefined ? waitingDraft() : undefined));
  const earlier = useRef<Draft[]>([]);
  const current = draft ?? saved ?? EMPTY_DRAFT;

  const change = useCallback(
    (part: Partial<Draft>) => {
      setDraft((before) => {
        const from = before ?? saved ?? EMPTY_DRAFT;
        earlier.current = [...earlier.current.slice(-49), from];
        return { ...from, ...part };
      });
    },
    [saved],
  );

  const undo = useCallback(() => {
    const last = earlier.current.pop();
    if (last) {
      setDraft(last);
    }
  }, []);

  const forget = useCallback(() => {
    forgetDraft(id);
    earlier.current = [];
    setDraft(undefined);
  }, [id]);

  useEffect(() => {
    if (draft) {
      keepDraft(id, draft);
    }
  }, [draft, id]);

  useEffect(() => {
    if (id !== undefined) {
      return;
    }
    session.setItem(OPEN, "yes");
    return () => session.removeItem(OPEN);
  }, [id]);

  const drop = useCallback(() => {
    local.removeItem(WAITING);
    setLeft(undefined);
  }, []);
  const take = useCallback(() => {
    if (left) {
      change(left);
    }
    drop();
  }, [left, change, drop]);

  const dirty = draft !== undefined && (!saved || !sameWords(draft, saved));
  return { draft: current, dirty, change, undo, forget, waiting: { draft: left, take, drop } };
}

/** Whether two drafts say the same, whatever they were made from. */
export function sameWords(one: Draft, other: Draft): boolean {
  const words = ({ basedOn: _, imported: __, ...rest }: Draft) => JSON.stringify(Object.entries(rest).sort());
  return words(one) === words(other);
}
