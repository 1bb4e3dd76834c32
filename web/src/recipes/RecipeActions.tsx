import { CalendarCheck2, Copy, FileDown, Save, Trash2, Undo2 } from "lucide-react";
import { useRef } from "react";
import { Problem } from "@/api/problem";
import { Button, ProblemNote, useToast } from "@/kit";
import { useNavigate } from "@/routing";
import { type Draft, keepDraft, sameWords } from "./useDraft";
import { usePlanBegin, useRecipeArchive, useRecipeCopy, useRecipeSave } from "./useRecipes";

interface Props {
  readonly id: number | undefined;
  readonly draft: Draft;
  /** The draft with every line that was typed, also one that is still being read. */
  readonly whole: () => Promise<Draft>;
  readonly dirty: boolean;
  /** The draft goes on from another version. */
  readonly rebase: (version: number) => void;
  readonly undo: () => void;
  readonly forget: () => void;
}

/** What can be done with a recipe from its page. */
export function RecipeActions({ id, draft, whole, dirty, rebase, undo, forget }: Props) {
  const navigate = useNavigate();
  const save = useRecipeSave(id);
  const saveAsNew = useRecipeSave(undefined);
  const late = save.error instanceof Problem && save.error.code === "someone-was-first";
  const toast = useToast();
  const ready = draft.title.trim() !== "" && draft.lines.some((line) => line.trim() !== "");
  // While a typed line is waited for, another tap on Save is the same tap.
  const waiting = useRef(false);
  const typed = async () => {
    if (waiting.current) {
      return undefined;
    }
    waiting.current = true;
    try {
      return await whole();
    } finally {
      waiting.current = false;
    }
  };
  const onSave = async () => {
    const sent = await typed();
    if (!sent) {
      return;
    }
    save.mutate(sent, {
      onSuccess: async (recipe) => {
        const now = await whole();
        // What was typed while it was saved is the beginning of the next version.
        const more = !sameWords(now, sent);
        if (more && id !== undefined) {
          rebase(recipe.version);
        } else {
          forget();
        }
        if (more && id === undefined) {
          keepDraft(recipe.id, { ...now, basedOn: recipe.version });
        }
        toast({ text: `Saved as version ${recipe.version}.` });
        if (id === undefined) {
          navigate({ to: "/recipes/:id", params: { id: String(recipe.id) }, replace: true });
        }
      },
    });
  };
  const onSaveAsNew = async () => {
    const sent = await typed();
    if (!sent) {
      return;
    }
    saveAsNew.mutate(
      { ...sent, basedOn: undefined },
      {
        onSuccess: (recipe) => {
          forget();
          toast({ text: "Yours is saved as a recipe of its own." });
          navigate({ to: "/recipes/:id", params: { id: String(recipe.id) } });
        },
      },
    );
  };
  return (
    <>
      <ProblemNote error={saveAsNew.error ?? save.error} />
      {late && <Button onClick={() => void onSaveAsNew()}>Save mine as a new recipe</Button>}
      {dirty && (
        <Button look="quiet" icon={<Undo2 size={20} />} onClick={undo}>
          Undo
        </Button>
      )}
      {id !== undefined && !dirty && <BookActions id={id} title={draft.title} />}
      {(dirty || id === undefined) && (
        <Button
          look={id === undefined ? "main" : "plain"}
          icon={<Save size={20} />}
          disabled={!ready || save.isPending}
          title={ready ? undefined : "A name and at least one line, please"}
          onClick={() => void onSave()}
        >
          Save
        </Button>
      )}
      {id !== undefined && !dirty && <PlanJars id={id} />}
    </>
  );
}

/** Opens the plan of this recipe: the one there is, or a new one. */
function PlanJars({ id }: { readonly id: number }) {
  const navigate = useNavigate();
  const begin = usePlanBegin();
  return (
    <Button
      look="main"
      icon={<CalendarCheck2 size={20} />}
      disabled={begin.isPending}
      onClick={() =>
        begin.mutate(id, {
          onSuccess: (plan) => navigate({ to: "/plan/:id", params: { id: String(plan.id) } }),
        })
      }
    >
      Plan jars
    </Button>
  );
}

/** Copying, sending out, taking out of the book: for a recipe that is as it was saved. */
function BookActions({ id, title }: { readonly id: number; readonly title: string }) {
  const navigate = useNavigate();
  const toast = useToast();
  const archive = useRecipeArchive();
  const copy = useRecipeCopy();
  const onArchive = () =>
    archive.mutate(
      { id, archived: true },
      {
        onSuccess: () => {
          toast({
            text: `“${title}” is out of the book.`,
            action: { text: "Undo", run: () => archive.mutate({ id, archived: false }) },
          });
          navigate({ to: "/recipes" });
        },
      },
    );
  return (
    <>
      <ProblemNote error={archive.error ?? copy.error} />
      <Button
        look="quiet"
        icon={<Copy size={20} />}
        disabled={copy.isPending}
        aria-label="Make a copy"
        title="Make a copy"
        onClick={() =>
          copy.mutate(id, {
            onSuccess: (made) => {
              toast({ text: "This is the copy." });
              navigate({ to: "/recipes/:id", params: { id: String(made.id) } });
            },
          })
        }
      />
      <a
        className="btn h-auto max-w-full whitespace-normal btn-ghost min-h-11 px-5 text-primary"
        href={`/api/formats/recipes/${id}.jsonld`}
        download
        aria-label="Save as a file"
        title="Save as a file that other programs read"
      >
        <FileDown size={20} />
      </a>
      <Button
        look="quiet"
        icon={<Trash2 size={20} />}
        aria-label="Take out of the book"
        title="Take out of the book"
        onClick={onArchive}
      />
    </>
  );
}
