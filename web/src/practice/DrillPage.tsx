import { useState } from "react";
import { Button, Card, LinkButton, ProblemNote, Spinner } from "@/kit";
import { formatDateTime } from "@/quantity";
import { DrillScene } from "./DrillScene";
import { JarPicture } from "./JarPicture";
import { PracticeFrame } from "./PracticeFrame";
import { type Drill, type DrillTry, useDrill, usePractice, useTryDrill } from "./usePractice";

export function DrillPage({ code }: { readonly code: string }) {
  const [round, setRound] = useState(() => Date.now());
  const drill = useDrill(code, round);
  return (
    <PracticeFrame part="drills">
      {drill.data ? (
        <Moment key={drill.data.seed} drill={drill.data} again={() => setRound(round + 1)} />
      ) : drill.isPending ? (
        <Spinner />
      ) : (
        <ProblemNote error={drill.error} retry={() => drill.refetch()} />
      )}
    </PracticeFrame>
  );
}

/** The moment of decision: what is the matter, what can be done, and what comes of it. */
function Moment({ drill, again }: { readonly drill: Drill; readonly again: () => void }) {
  const tried = useTryDrill(drill.code);
  const [chosen, setChosen] = useState<string | undefined>();
  const outcome = tried.data?.over ? tried.data : undefined;
  const choose = (choice: string) => {
    setChosen(choice);
    tried.mutate({ seed: drill.seed, choice, lastedMillis: 0 });
  };
  const beside = drill.canner != null || drill.picture != null;
  return (
    <Card label={drill.title} className="flex flex-col gap-4">
      <div className={beside ? "grid gap-x-8 gap-y-4 lg:grid-cols-[1fr_21rem]" : "max-w-3xl"}>
        <div className="flex flex-col gap-3">
          <h2 className="text-2xl font-bold">{drill.title}</h2>
          <p className="text-xl leading-relaxed">{drill.moment}</p>
          {drill.lines.length > 0 && <Recipe drill={drill} />}
          <p className="text-xl font-bold">{drill.ask}</p>
          {drill.choices.length > 0 && !outcome && (
            <ul className="flex flex-col gap-2.5" aria-label="What can be done">
              {drill.choices.map((choice) => (
                <li key={choice.code}>
                  <button
                    type="button"
                    disabled={tried.isPending}
                    aria-pressed={choice.code === chosen}
                    className="min-h-15 w-full rounded-field border-2 border-line bg-paper px-5 py-2.5 text-left text-lg font-semibold text-primary hover:border-primary"
                    onClick={() => choose(choice.code)}
                  >
                    {choice.text}
                  </button>
                </li>
              ))}
            </ul>
          )}
          <ProblemNote error={tried.error} />
          {outcome && (
            <Outcome
              drill={drill}
              did={drill.choices.find((choice) => choice.code === chosen)?.text}
              outcome={outcome}
              again={again}
            />
          )}
        </div>
        {drill.picture && <JarPicture what={drill.picture} />}
        {drill.canner && <DrillScene drill={drill} tried={tried} />}
      </div>
    </Card>
  );
}

function Recipe({ drill }: { readonly drill: Drill }) {
  return (
    <ul className="border-l-4 border-line pl-4 text-lg" aria-label="In the jars">
      {[...drill.lines, ...drill.steps].map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}

interface OutcomeProps {
  readonly drill: Drill;
  readonly did: string | undefined;
  readonly outcome: DrillTry;
  readonly again: () => void;
}

function Outcome({ drill, did, outcome, again }: OutcomeProps) {
  const practice = usePractice();
  const next = practice.data?.next;
  return (
    <section aria-label="What comes of it" aria-live="polite" className="flex flex-col gap-3">
      {did && (
        <p className="text-lg">
          You: <strong>{did}</strong>
        </p>
      )}
      <div className={`border-l-4 pl-4 ${outcome.passed ? "border-primary" : "border-brick"}`}>
        <p className={`text-lg font-bold ${outcome.passed ? "text-primary" : "text-brick"}`}>
          {outcome.passed ? "Right" : "Not that"}
        </p>
        <p className="text-lg">{outcome.text}</p>
        {outcome.right && (
          <p className="mt-1 text-lg">
            Right would be: <strong>{outcome.right}</strong>
          </p>
        )}
      </div>
      <blockquote className="rounded-field bg-steam px-4 py-3">
        <p className="font-semibold">{outcome.rule.text}</p>
        <footer className="text-[0.9rem] text-soft">{outcome.rule.source}</footer>
      </blockquote>
      {outcome.dueAt && <p className="text-soft">It comes again {comesAgain(outcome.dueAt)}.</p>}
      <div className="flex flex-wrap gap-3">
        <Button look={outcome.passed ? "plain" : "main"} onClick={again}>
          Try it again
        </Button>
        {next && next !== drill.code ? (
          <LinkButton
            to="/practice/drills/:code"
            params={{ code: next }}
            look={outcome.passed ? "main" : "plain"}
          >
            Next drill
          </LinkButton>
        ) : (
          <LinkButton to="/practice" search={{ part: "drills" }} look={outcome.passed ? "main" : "plain"}>
            All drills
          </LinkButton>
        )}
      </div>
    </section>
  );
}

function comesAgain(due: string): string {
  const minutes = (Date.parse(due) - Date.now()) / 60_000;
  return minutes < 60 ? "in ten minutes" : minutes < 36 * 60 ? "tomorrow" : formatDateTime(due);
}
