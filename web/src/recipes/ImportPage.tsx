import { FileUp } from "lucide-react";
import { useState } from "react";
import { forgetTyped } from "@/api/typed";
import { Button, buttonClasses, Card, PageFrame, ProblemNote, useKept, useToast } from "@/kit";
import { useNavigate } from "@/routing";
import { type PastedDraft, pastedDraft, readPasted, useRecipeSave } from "./useRecipes";

interface Read {
  readonly recipes: readonly PastedDraft[];
  readonly problems: readonly string[];
}

const NONE: readonly number[] = [];

/** Recipes out of files, saved web pages or pasted text: looked at first, then put into the book. */
export function ImportPage() {
  const [text, setText] = useKept("text", "");
  const [read, setRead] = useKept<Read | undefined>("read", undefined);
  const [left, setLeft] = useKept<readonly number[]>("left", NONE);
  const [error, setError] = useState<Error | null>(null);
  // Over all of them: between two saves nothing is pending, and a second tap would put them in twice.
  const [putting, setPutting] = useState(false);
  const save = useRecipeSave(undefined);
  const navigate = useNavigate();
  const toast = useToast();

  const look = async (texts: readonly string[]) => {
    setError(null);
    try {
      const answers = await Promise.all(texts.filter((each) => each.trim()).map((each) => readPasted(each)));
      setRead({
        recipes: answers.flatMap((answer) => answer.recipes),
        problems: answers.flatMap((answer) => answer.problems),
      });
      setLeft([]);
    } catch (problem) {
      setError(problem as Error);
    }
  };
  const chosen = read?.recipes.filter((_, index) => !left.includes(index)) ?? [];
  const nameless = chosen.some((recipe) => recipe.title.trim() === "");
  const putIn = async () => {
    setPutting(true);
    try {
      let last = 0;
      for (const [index, recipe] of read?.recipes.entries() ?? []) {
        if (chosen.includes(recipe)) {
          last = (await save.mutateAsync(pastedDraft(recipe))).id;
          // One that is in is not put in again if a later one fails.
          setLeft((before) => [...before, index]);
        }
      }
      forgetTyped("");
      toast({
        text: chosen.length === 1 ? "It is in the book." : `${chosen.length} recipes are in the book.`,
      });
      void (chosen.length === 1
        ? navigate({ to: "/recipes/:id", params: { id: String(last) } })
        : navigate({ to: "/recipes" }));
    } catch {
      // The mutation keeps the problem, and the page shows it.
      setPutting(false);
    }
  };
  return (
    <PageFrame
      title="Import recipes"
      lead="A file, a saved web page, or pasted text. Nothing is saved before you have looked."
    >
      <ProblemNote error={error ?? save.error} />
      <Card label="Where from" className="flex flex-col gap-3">
        <label className={buttonClasses({}, "min-h-14 w-fit cursor-pointer has-focus-visible:outline-3")}>
          <FileUp size={20} aria-hidden="true" /> Choose files
          <input
            type="file"
            className="sr-only"
            multiple
            accept=".json,.jsonld,.html,.htm,.txt,application/json,application/ld+json,text/html,text/plain"
            onChange={async (event) =>
              look(await Promise.all([...(event.target.files ?? [])].map((file) => file.text())))
            }
          />
        </label>
        <textarea
          className="textarea min-h-36 w-full"
          aria-label="Or paste it here"
          placeholder="Or paste it here: JSON-LD, the source of a page, or a recipe as plain text"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button className="w-fit" disabled={!text.trim()} onClick={() => look([text])}>
          Read it
        </Button>
      </Card>
      {read && (
        <Card label="What was read">
          {read.problems.map((problem) => (
            <p
              key={problem}
              role="alert"
              className="mb-2 rounded-field bg-brick-wash px-4 py-2 font-semibold"
            >
              {problem}
            </p>
          ))}
          <ul>
            {read.recipes.map((recipe, index) => (
              <li key={index} className="flex items-start gap-3 border-b border-line py-3 last:border-0">
                <input
                  type="checkbox"
                  className="checkbox mt-1.5"
                  aria-label={`Take ${recipe.title || "this recipe"}`}
                  checked={!left.includes(index)}
                  onChange={() =>
                    setLeft(left.includes(index) ? left.filter((each) => each !== index) : [...left, index])
                  }
                />
                <div className="min-w-0 flex-1">
                  <input
                    className="w-full rounded-md bg-transparent text-lg font-bold placeholder:text-brick"
                    aria-label="Name of the recipe"
                    placeholder="It needs a name"
                    maxLength={120}
                    value={recipe.title}
                    onChange={(event) =>
                      setRead({
                        ...read,
                        recipes: read.recipes.map((each, at) =>
                          at === index ? { ...each, title: event.target.value } : each,
                        ),
                      })
                    }
                  />
                  <p className="text-soft">
                    {counted(recipe.lines.length, "ingredient")}, {counted(recipe.method.length, "step")}:{" "}
                    {recipe.lines.slice(0, 3).join(" · ")}
                    {recipe.lines.length > 3 && " …"}
                  </p>
                </div>
              </li>
            ))}
          </ul>
          {read.recipes.length > 0 && (
            <Button
              look="main"
              className="mt-3"
              disabled={chosen.length === 0 || nameless || putting}
              onClick={putIn}
            >
              {chosen.length === 1 ? "Put it into the book" : `Put ${chosen.length} into the book`}
            </Button>
          )}
        </Card>
      )}
    </PageFrame>
  );
}

function counted(count: number, what: string): string {
  return `${count} ${what}${count === 1 ? "" : "s"}`;
}
