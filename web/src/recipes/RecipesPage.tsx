import { Archive, BookOpenText, FileDown, FileUp, Plus, Table2 } from "lucide-react";
import { useState } from "react";
import { Button, Card, Empty, LinkButton, PageFrame, ProblemNote, Spinner } from "@/kit";
import { formatDate } from "@/quantity";
import { Link } from "@/routing";
import { VerdictTag } from "@/ruling";
import { type RecipeEntry, useRecipeArchive, useRecipes } from "./useRecipes";

/** The recipe book: what may be canned, how long it takes, when it was last made. */
export function RecipesPage() {
  const [words, setWords] = useState("");
  const [tag, setTag] = useState<string | undefined>();
  const [archived, setArchived] = useState(false);
  const recipes = useRecipes(words, archived);
  const all = recipes.data ?? [];
  const tags = [...new Set(all.flatMap((recipe) => recipe.tags))].sort();
  const shown = tag === undefined ? all : all.filter((recipe) => recipe.tags.includes(tag));
  const empty = recipes.data?.length === 0 && words === "" && !archived;
  return (
    <PageFrame
      title="Recipes"
      lead="May it be canned, and what sets its time?"
      actions={
        <>
          <LinkButton to="/tables" icon={<Table2 size={20} />}>
            Tested times
          </LinkButton>
          <LinkButton to="/recipes/import" icon={<FileUp size={20} />}>
            Import
          </LinkButton>
          <LinkButton to="/recipes/:id" params={{ id: "new" }} look="main" icon={<Plus size={20} />}>
            New recipe
          </LinkButton>
        </>
      }
    >
      <ProblemNote error={recipes.error} retry={() => recipes.refetch()} />
      {recipes.isPending && !recipes.error && <Spinner />}
      {empty && <NoRecipes />}
      {recipes.data && !empty && (
        <>
          <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
            <input
              type="search"
              maxLength={200}
              className="input min-h-12 min-w-[min(15rem,100%)] flex-1 text-lg"
              aria-label="Search the book"
              placeholder="A dish, an ingredient, a tag"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
            {tags.map((each) => (
              <button
                key={each}
                type="button"
                aria-pressed={each === tag}
                className={`min-h-11 rounded-selector px-3 font-semibold ${each === tag ? "bg-primary text-primary-content" : "bg-steam text-primary"}`}
                onClick={() => setTag(each === tag ? undefined : each)}
              >
                {each}
              </button>
            ))}
          </div>
          {shown.length === 0 && (
            <p className="py-6 text-center text-lg">
              {archived ? "Nothing is out of the book." : "No recipe holds that."}
            </p>
          )}
          {shown.length > 0 && (
            <Card label="Recipe book" className="p-0!">
              <ul>
                {shown.map((recipe) => (
                  <RecipeRow key={recipe.id} recipe={recipe} archived={archived} />
                ))}
              </ul>
            </Card>
          )}
          <div className="flex flex-wrap gap-3">
            <Button look="quiet" icon={<Archive size={20} />} onClick={() => setArchived(!archived)}>
              {archived ? "Back to the book" : "Out of the book"}
            </Button>
            <a
              className="btn h-auto max-w-full whitespace-normal btn-ghost min-h-11 px-5 text-base font-bold text-primary"
              href="/api/formats/recipes.jsonld"
              download
            >
              <FileDown size={20} /> All as one file
            </a>
          </div>
        </>
      )}
    </PageFrame>
  );
}

function RecipeRow({ recipe, archived }: { readonly recipe: RecipeEntry; readonly archived: boolean }) {
  const { quart, pint } = recipe.minutesBySize ?? {};
  const archive = useRecipeArchive();
  return (
    <li className="flex items-center border-b border-line last:border-0">
      <Link
        to="/recipes/:id"
        params={{ id: String(recipe.id) }}
        className="grid min-h-19 min-w-0 flex-1 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-5 gap-y-1 px-5 py-3 hover:bg-steam md:grid-cols-[minmax(0,1fr)_11rem_6rem_6rem]"
      >
        <span className="min-w-0">
          <span className="block text-lg font-bold">{recipe.title}</span>
          <span className="block text-soft">{recipe.headline}</span>
          <span className="block text-[0.85rem] text-soft">
            {recipe.lastMade == null ? "not made yet" : `last made ${formatDate(recipe.lastMade)}`}
            {recipe.variants > 0 && ` · ${recipe.variants} ${recipe.variants === 1 ? "variant" : "variants"}`}
            {recipe.tags.length > 0 && ` · ${recipe.tags.join(", ")}`}
          </span>
        </span>
        <span>
          <VerdictTag verdict={recipe.verdict} short />
        </span>
        <Minutes minutes={quart} size="quarts" />
        <Minutes minutes={pint} size="pints" />
      </Link>
      {archived && (
        <Button
          size="small"
          className="mr-4"
          onClick={() => archive.mutate({ id: recipe.id, archived: false })}
        >
          Put back
        </Button>
      )}
    </li>
  );
}

function Minutes({ minutes, size }: { readonly minutes: number | null | undefined; readonly size: string }) {
  return (
    <span className="hidden text-right md:block">
      {minutes == null ? (
        <span className="text-soft">none</span>
      ) : (
        <span className="digits text-2xl font-bold">{minutes}</span>
      )}
      <span className="block text-[0.85rem] text-soft">min in {size}</span>
    </span>
  );
}

function NoRecipes() {
  return (
    <Empty
      picture={<BookOpenText size={60} strokeWidth={1.5} />}
      title="No recipe yet"
      action={
        <LinkButton to="/recipes/:id" params={{ id: "new" }} look="main">
          Type or paste one
        </LinkButton>
      }
    >
      Paste three ingredient lines, and you see at once whether they may be canned and which of them sets the
      time.
    </Empty>
  );
}
