import { Link, useNavigate } from "@tanstack/react-router";
import { CalendarCheck2, Save, Trash2, Undo2 } from "lucide-react";
import { useMemo, useRef, useState } from "react";
import { Problem } from "@/api/problem";
import { Button, Card, Choice, LinkButton, Loading, Place, ProblemNote, useToast } from "@/kit";
import { useKitchen } from "@/kitchen";
import { formatDate } from "@/quantity";
import { AnswerCard, FindingNote, Ladder, longestFirst, useRuling } from "@/ruling";
import { ChangesCard } from "./ChangesCard";
import { AddRow, LineRow } from "./LineRow";
import { type Draft, useDraft } from "./useDraft";
import { type Recipe, useRecipe, useRecipeArchive, useRecipeSave } from "./useRecipes";

const SHARES = [
  { value: "0.5", text: "Half" },
  { value: "0.67", text: "Two thirds" },
  { value: "0.75", text: "Three quarters" },
  { value: "0.95", text: "Full" },
] as const;

/** A recipe and its ruling, which follows every edit. Without an id it is a new one. */
export function RecipePage({ id }: { readonly id: number | undefined }) {
  const recipe = useRecipe(id);
  if (id !== undefined && !recipe.data) {
    return (
      <Place title="Recipe">
        <ProblemNote error={recipe.error} retry={() => recipe.refetch()} />
        {!recipe.error && <Loading />}
      </Place>
    );
  }
  return <Editor id={id} recipe={recipe.data} />;
}

function asDraft(recipe: Recipe): Draft {
  return {
    title: recipe.title,
    lines: recipe.lines,
    pack: recipe.pack === "raw" ? "raw" : "hot",
    solidsShare: recipe.solidsShare,
    basedOn: recipe.version,
  };
}

function Editor({ id, recipe }: { readonly id: number | undefined; readonly recipe: Recipe | undefined }) {
  const saved = useMemo(() => (recipe ? asDraft(recipe) : undefined), [recipe]);
  const { draft, dirty, change, undo, forget } = useDraft(id, saved);
  const [size, setSize] = useState<"quart" | "pint">("quart");
  const kitchen = useKitchen();
  const ruling = useRuling(
    { lines: draft.lines, pack: draft.pack, solidsShare: draft.solidsShare, size },
    kitchen.data,
  );
  const shown = draft.lines.length > 0 ? ruling.data : undefined;
  const order = useCalmOrder(longestFirst(shown, size, draft.lines.length));
  const without = (index: number) => change({ lines: draft.lines.filter((_, at) => at !== index) });
  const whole = shown?.findings.filter((finding) => finding.line == null) ?? [];

  return (
    <Place
      title={draft.title || (id === undefined ? "New recipe" : "Recipe without a name")}
      heading={
        <h1>
          <textarea
            rows={1}
            className={`field-sizing-content w-full resize-none bg-transparent placeholder:text-soft ${draft.title ? "rounded-md" : "border-b-2 border-dashed border-bar"}`}
            aria-label="Name of the recipe"
            placeholder="Name of the recipe"
            maxLength={120}
            value={draft.title}
            onChange={(event) => change({ title: event.target.value.replace(/\n/g, " ") })}
          />
        </h1>
      }
      lead={
        recipe
          ? `Version ${recipe.version}, saved ${formatDate(recipe.savedAt)}${dirty ? " · changed since" : ""}`
          : "Not saved yet: it needs a name and one line"
      }
      actions={<Actions id={id} draft={draft} dirty={dirty} undo={undo} forget={forget} />}
    >
      <ProblemNote error={ruling.error ?? kitchen.error} retry={() => ruling.refetch()} />
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <Card label="Ingredients" className="p-0!">
          <div className="flex flex-wrap items-center justify-between gap-3 border-b border-line px-5 py-3">
            <h2 className="text-lg font-bold">What is in it, and how long each needs</h2>
            <Choice
              hideLabel
              label="Jar size shown"
              value={size}
              options={[
                { value: "quart", text: "Quarts" },
                { value: "pint", text: "Pints" },
              ]}
              onChange={setSize}
            />
          </div>
          <Ladder ruling={shown} size={size} order={order.order} onLeaveOut={without}>
            {(index, answer) => (
              <LineRow
                text={draft.lines[index] ?? ""}
                answer={answer}
                onEditing={order.hold}
                onChange={(text) =>
                  change({ lines: draft.lines.map((line, at) => (at === index ? text : line)) })
                }
                onRemove={() => without(index)}
              />
            )}
          </Ladder>
          <AddRow
            first={draft.lines.length === 0}
            onAdd={(lines) => change({ lines: [...draft.lines, ...lines] })}
          />
          <div className="flex flex-wrap gap-x-8 gap-y-3 border-t border-line px-5 py-3">
            <Choice
              label="Packed"
              value={draft.pack}
              options={[
                { value: "hot", text: "Hot" },
                { value: "raw", text: "Raw" },
              ]}
              onChange={(pack) => change({ pack })}
            />
            <Choice
              label="Solids in the jar"
              value={String(draft.solidsShare)}
              options={withOwn(draft.solidsShare)}
              onChange={(share) => change({ solidsShare: Number(share) })}
            />
          </div>
          <FreeToChange />
        </Card>
        <div className="flex flex-col gap-4" aria-live="polite">
          {shown && kitchen.data ? (
            <>
              <AnswerCard ruling={shown} size={size} kitchen={kitchen.data} />
              {whole.map((finding) => (
                <FindingNote key={finding.code} finding={finding} />
              ))}
              <ChangesCard ruling={shown} size={size} />
            </>
          ) : (
            <FirstWords />
          )}
        </div>
      </div>
    </Place>
  );
}

/** A share that was saved otherwise stays in the list as it is. */
function withOwn(share: number): readonly { readonly value: string; readonly text: string }[] {
  const known = SHARES.some((option) => Number(option.value) === share);
  return known ? SHARES : [...SHARES, { value: String(share), text: `${Math.round(share * 100)} %` }];
}

/** Rows do not jump while a line is being typed; they settle, the longest first, when it is done. */
function useCalmOrder(settled: readonly number[]) {
  const [editing, setEditing] = useState(false);
  const kept = useRef(settled);
  if (!editing) {
    kept.current = settled;
  }
  const held = kept.current.filter((index) => index < settled.length);
  const added = settled.filter((index) => !held.includes(index));
  return { order: editing ? [...held, ...added] : settled, hold: setEditing };
}

interface ActionsProps {
  readonly id: number | undefined;
  readonly draft: Draft;
  readonly dirty: boolean;
  readonly undo: () => void;
  readonly forget: () => void;
}

function Actions({ id, draft, dirty, undo, forget }: ActionsProps) {
  const navigate = useNavigate();
  const save = useRecipeSave(id);
  const saveAsNew = useRecipeSave(undefined);
  const late = save.error instanceof Problem && save.error.code === "someone-was-first";
  const archive = useRecipeArchive();
  const toast = useToast();
  const ready = draft.title.trim() !== "" && draft.lines.some((line) => line.trim() !== "");
  const onSave = () =>
    save.mutate(
      {
        title: draft.title,
        lines: [...draft.lines],
        pack: draft.pack,
        solidsShare: draft.solidsShare,
        basedOn: draft.basedOn,
      },
      {
        onSuccess: (recipe) => {
          forget();
          toast({ text: `Saved as version ${recipe.version}.` });
          if (id === undefined) {
            void navigate({ to: "/recipes/$id", params: { id: String(recipe.id) }, replace: true });
          }
        },
      },
    );
  const onSaveAsNew = () =>
    saveAsNew.mutate(
      { title: draft.title, lines: [...draft.lines], pack: draft.pack, solidsShare: draft.solidsShare },
      {
        onSuccess: (recipe) => {
          forget();
          toast({ text: `Yours is saved as a recipe of its own.` });
          void navigate({ to: "/recipes/$id", params: { id: String(recipe.id) } });
        },
      },
    );
  const onArchive = (recipe: number) =>
    archive.mutate(
      { id: recipe, archived: true },
      {
        onSuccess: () => {
          toast({
            text: `“${draft.title}” is out of the book.`,
            action: { text: "Undo", run: () => archive.mutate({ id: recipe, archived: false }) },
          });
          void navigate({ to: "/recipes" });
        },
      },
    );
  return (
    <>
      <ProblemNote error={saveAsNew.error ?? save.error ?? archive.error} />
      {late && <Button onClick={onSaveAsNew}>Save mine as a new recipe</Button>}
      {dirty && (
        <Button look="quiet" icon={<Undo2 size={20} />} onClick={undo}>
          Undo
        </Button>
      )}
      {id !== undefined && (
        <Button
          look="quiet"
          icon={<Trash2 size={20} />}
          aria-label="Take out of the book"
          onClick={() => onArchive(id)}
        />
      )}
      {(dirty || id === undefined) && (
        <Button
          look={id === undefined ? "main" : "plain"}
          icon={<Save size={20} />}
          disabled={!ready || save.isPending}
          title={ready ? undefined : "A name and at least one line, please"}
          onClick={onSave}
        >
          Save
        </Button>
      )}
      {id !== undefined && !dirty && (
        <LinkButton
          to="/plan/$id"
          params={{ id: String(id) }}
          look="main"
          icon={<CalendarCheck2 size={20} />}
        >
          Plan jars
        </LinkButton>
      )}
    </>
  );
}

function FreeToChange() {
  return (
    <p className="rounded-b-box border-t border-line bg-steam/60 px-5 py-3 text-[0.9rem]">
      <strong>Change freely:</strong> salt, dried herbs and spices, garlic, less of a vegetable, more broth,
      vinegar, wine or lemon. <strong className="text-brick">Never in the jar:</strong> noodles, rice, flour,
      cream, cheese, butter, purée.
    </p>
  );
}

function FirstWords() {
  return (
    <Card label="Ruling">
      <p className="text-xl font-bold">The answer stands here.</p>
      <p className="mt-2 text-soft">
        As soon as there is one line, you see whether it may be canned, how long, at what pressure, and which
        ingredient sets the time.
      </p>
      <p className="mt-3">
        <Link to="/tables" className="font-bold text-primary underline">
          May I can … ? Look into the tables
        </Link>
      </p>
    </Card>
  );
}
