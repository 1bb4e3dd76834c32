import { useMemo, useRef, useState } from "react";
import { flushSync } from "react-dom";
import { awaited } from "@/api/awaited";
import { Card, Choice, PageFrame, ProblemNote, Spinner } from "@/kit";
import { useKitchen } from "@/kitchen";
import { formatDate } from "@/quantity";
import {
  AnswerCard,
  AskStrip,
  type Edit,
  type Finding,
  FindingNote,
  type GivenAnswer,
  Ladder,
  longestFirst,
  type OpenQuestion,
  useRulingPreview,
  VerdictStrip,
} from "@/ruling";
import { useForgetAnswer } from "@/tables";
import { AddRow } from "./AddRow";
import { applied, withAnswer, withLine, withoutAnswer } from "./applied";
import { ChangesCard } from "./ChangesCard";
import { Correction } from "./Correction";
import { AwaitedRuling, EmptyBook } from "./EmptyBook";
import { FreezerCard } from "./FreezerCard";
import { JudgementCard } from "./JudgementCard";
import { LineRow } from "./LineRow";
import { MethodCard } from "./MethodCard";
import { NotesCard } from "./NotesCard";
import { FreeToChange, PackChoices } from "./PackChoices";
import { PageLook } from "./PageLook";
import { fromParts, type PageRead, readLine, readPage } from "./page";
import { QuestionsCard } from "./QuestionsCard";
import { RecipeActions } from "./RecipeActions";
import { Tags } from "./Tags";
import { useDraft } from "./useDraft";
import { asDraft, type Recipe, useRecipe } from "./useRecipes";
import { VariantsCard } from "./VariantsCard";
import { VersionsCard } from "./VersionsCard";
import { WaitingDraft } from "./WaitingDraft";

/** A recipe and its ruling, which follows every edit. Without an id it is a new one. */
export function RecipePage({ id }: { readonly id: number | undefined }) {
  const recipe = useRecipe(id);
  if (id !== undefined && !recipe.data) {
    return (
      <PageFrame title="Recipe">
        <ProblemNote error={recipe.error} retry={() => recipe.refetch()} />
        {!recipe.error && <Spinner />}
      </PageFrame>
    );
  }
  return <Editor id={id} recipe={recipe.data} />;
}

function Editor({ id, recipe }: { readonly id: number | undefined; readonly recipe: Recipe | undefined }) {
  const saved = useMemo(() => (recipe ? asDraft(recipe) : undefined), [recipe]);
  const { draft, dirty, change, undo, forget, waiting } = useDraft(id, saved);
  const [size, setSize] = useState<"quart" | "pint">("quart");
  const [page, setPage] = useState<Extract<PageRead, { kind: "look" }> | undefined>();
  const latest = useRef(draft);
  latest.current = draft;
  const pending = useRef(Promise.resolve());
  const [correcting, setCorrecting] = useState<number | undefined>();
  const kitchen = useKitchen();
  const look = useRulingPreview({
    lines: draft.lines,
    pack: draft.pack,
    solidsShare: draft.solidsShare,
    method: draft.method,
    variants: draft.variants.filter((variant) => variant.name.trim() !== ""),
    settled: draft.settled,
    answers: draft.answers,
    size,
  });
  const shown = draft.lines.length > 0 ? look.data : undefined;
  const ruling = shown?.ruling;
  // Of empty lines nothing is asked, so nothing is waited for.
  const unruled = draft.lines.some((line) => line.trim() !== "") && !(shown && kitchen.data);
  const waits = unruled && awaited(look, kitchen);
  const order = useCalmOrder(longestFirst(ruling, size, draft.lines.length));
  const setLine = (index: number, text: string | undefined) =>
    change({ lines: withLine(draft.lines, index, text) });
  // An answer that is older than the page names lines by places that may be others' now.
  const isOf = (line: number | null | undefined) =>
    line == null || ruling?.lines[line]?.text === draft.lines[line];
  const isOfStep = ({ step, words }: Finding) =>
    step == null || (draft.method[step]?.includes(words ?? "") ?? false);
  const carryOut = (edits: readonly Edit[], finding: Finding) => {
    if (!isOf(finding.line) || !isOfStep(finding)) {
      return;
    }
    const next = applied(edits, finding, { draft, size });
    change(next.draft);
    setSize(next.size);
  };
  const forgetAnswer = useForgetAnswer();
  const askAgain = (index: number, given: GivenAnswer) => {
    const line = draft.lines[index] ?? "";
    const here = withoutAnswer(draft.answers, { line, ...given });
    if (here.length < draft.answers.length) {
      change({ answers: here });
    }
    forgetAnswer.mutate({ code: given.code, words: given.words, line });
  };
  // What stops it stands above what is left to the cook's judgement.
  const whole = (ruling?.findings.filter((finding) => finding.line == null) ?? []).sort(
    (one, other) => Number(other.severity === "stop") - Number(one.severity === "stop"),
  );

  return (
    <PageFrame
      title={draft.title || (id === undefined ? "New recipe" : "Recipe without a name")}
      heading={
        <h1>
          <textarea
            rows={1}
            className={`field-sizing-content w-full resize-none bg-transparent max-md:py-1.5 pointer-coarse:py-1.5 placeholder:text-soft ${draft.title ? "rounded-md" : "border-b-2 border-dashed border-bar"}`}
            aria-label="Name of the recipe"
            placeholder="Name of the recipe"
            maxLength={120}
            value={draft.title}
            onChange={(event) => change({ title: event.target.value.replace(/\n/g, " ") })}
          />
        </h1>
      }
      lead={
        <span className="flex flex-wrap items-center gap-x-3">
          <span>
            {recipe
              ? `Version ${recipe.version}, saved ${formatDate(recipe.savedAt)}${dirty ? " · changed since" : ""}`
              : draft.title !== "" && draft.lines.length > 0
                ? "Not saved yet"
                : "Not saved yet: it needs a name and one line"}
          </span>
          <Tags tags={draft.tags} onChange={(tags) => change({ tags })} />
        </span>
      }
      actions={
        <RecipeActions
          id={id}
          draft={draft}
          whole={async () => {
            await pending.current;
            return latest.current;
          }}
          dirty={dirty}
          rebase={(version) => change({ basedOn: version })}
          undo={undo}
          forget={forget}
        />
      }
    >
      <ProblemNote error={look.error ?? kitchen.error} retry={() => look.refetch()} />
      {ruling && <VerdictStrip ruling={ruling} size={size} />}
      {!ruling && waits && <div className="min-h-12 lg:hidden" />}
      {waiting.draft && <WaitingDraft waiting={waiting.draft} onTake={waiting.take} onDrop={waiting.drop} />}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="flex min-w-0 flex-col gap-4">
          {page && (
            <PageLook
              parts={page.parts}
              onUse={(parts) => {
                change({ ...page.part, ...fromParts(parts, draft) });
                setPage(undefined);
              }}
              onClose={() => setPage(undefined)}
            />
          )}
          {!page && (
            <>
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
                <AskStrip
                  asked={[
                    ...(ruling?.questions ?? []).map((question) => ({
                      text:
                        question.line == null
                          ? quoteOf(question, draft.method)
                          : ruling?.lines[question.line]?.text,
                      question,
                    })),
                    ...(shown?.variants ?? []).flatMap((variant) => variant.questions),
                  ]}
                  onAnswer={({ text, question: { code, step, words } }, choice) => {
                    if (choice.edits.length > 0) {
                      // An answer that sets something in the recipe is kept there; a line of it is one more ingredient.
                      const added = choice.edits.flatMap((edit) =>
                        edit.part === "line" && edit.to != null ? [edit.to] : [],
                      );
                      change({
                        ...applied(choice.edits, {}, { draft, size }).draft,
                        lines: [...draft.lines, ...added],
                      });
                    } else if (text !== undefined) {
                      const answer = { line: step == null ? text : words, code, words, choice: choice.code };
                      change({ answers: withAnswer(draft.answers, answer) });
                    }
                  }}
                />
                <Ladder
                  ruling={ruling}
                  size={size}
                  order={order.order}
                  below={(index, answer) =>
                    correcting === index &&
                    answer && (
                      <Correction
                        key={answer.text}
                        line={draft.lines[index] ?? ""}
                        answer={answer}
                        onChange={(text) => setLine(index, text)}
                        onClose={() => {
                          setCorrecting(undefined);
                          order.hold(false);
                        }}
                      />
                    )
                  }
                  onRemedy={(remedy, finding) => carryOut(remedy.edits, finding)}
                >
                  {(index, answer) => (
                    <LineRow
                      text={draft.lines[index] ?? ""}
                      answer={answer}
                      onEditing={(editing) => order.hold(editing || correcting !== undefined)}
                      correcting={correcting === index}
                      onCorrect={() => {
                        const open = correcting === index ? undefined : index;
                        setCorrecting(open);
                        order.hold(open !== undefined);
                      }}
                      onChange={(text) => setLine(index, text)}
                      onRemove={() => setLine(index, undefined)}
                      onAskAgain={(given) => askAgain(index, given)}
                    />
                  )}
                </Ladder>
                <AddRow
                  first={draft.lines.length === 0}
                  pending={pending}
                  onAdd={async (line) => {
                    const placed = await readLine(line);
                    // At once: whoever waits for it looks at the draft next.
                    flushSync(() => change(placed(latest.current)));
                  }}
                  onPage={async (text) => {
                    const read = await readPage(text, latest.current);
                    if (read.kind === "look") {
                      setPage(read);
                    } else {
                      change({ lines: [...latest.current.lines, ...read.lines] });
                    }
                  }}
                />
                <PackChoices draft={draft} change={change} said={shown?.said} />
                <FreeToChange />
              </Card>
              {shown && (
                <>
                  <MethodCard
                    method={draft.method}
                    steps={ruling?.verdict === "stop" ? [] : shown.steps}
                    stopped={(ruling?.findings ?? []).flatMap((finding) => finding.step ?? [])}
                    remarks={shown.remarks}
                    openingNotes={shown.openingNotes}
                    onChange={(method) => change({ method })}
                  />
                  <VariantsCard
                    variants={draft.variants}
                    answers={shown.variants}
                    onChange={(variants) => change({ variants })}
                  />
                </>
              )}
            </>
          )}
        </div>
        <div className="flex flex-col gap-4" aria-live="polite">
          {shown && ruling && kitchen.data && !page ? (
            <>
              <div id="ruling" className="scroll-mt-20">
                <AnswerCard ruling={ruling} size={size} kitchen={kitchen.data} />
              </div>
              {whole.map((finding) => (
                <FindingNote
                  key={`${finding.code}/${finding.step}/${finding.words}/${finding.text}`}
                  finding={finding}
                  onRemedy={(remedy) => carryOut(remedy.edits, finding)}
                />
              ))}
              {recipe && <JudgementCard recipe={recipe} ruling={ruling} dirty={dirty} />}
              <QuestionsCard
                questions={shown.questions}
                lines={draft.lines}
                onAnswer={(question, answer) => {
                  if (answer.line == null) {
                    change({ settled: [...new Set([...draft.settled, question.key])] });
                  } else if (isOf(answer.line)) {
                    setLine(answer.line, answer.to ?? undefined);
                  }
                }}
              />
              {shown.freezer && (
                <FreezerCard
                  freezer={shown.freezer}
                  lines={draft.lines}
                  title={draft.title}
                  recipeId={recipe?.id}
                  onBase={(lines) => draft.lines.every((_, line) => isOf(line)) && change({ lines })}
                />
              )}
              <ChangesCard ruling={ruling} size={size} />
            </>
          ) : unruled && !page ? (
            <AwaitedRuling failed={!waits} />
          ) : (
            <EmptyBook />
          )}
          {recipe && !waits && <NotesCard recipe={recipe} />}
          {recipe && !waits && (
            <VersionsCard
              id={recipe.id}
              onTake={(version) => {
                const { basedOn: _, ...rest } = asDraft(version);
                change(rest);
              }}
            />
          )}
        </div>
      </div>
    </PageFrame>
  );
}

/** The step that a question is about; its words alone where they are not found in it. */
function quoteOf({ step, words }: OpenQuestion, steps: readonly string[]): string | undefined {
  if (step == null) {
    return undefined;
  }
  const whole = steps[step];
  return whole?.toLowerCase().includes(words.toLowerCase()) ? whole : words;
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
