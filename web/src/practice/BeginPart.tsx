import { Droplets, Flame, ListChecks, Microscope, NotebookText, Target } from "lucide-react";
import type { ReactNode } from "react";
import { Card, LinkButton, ProblemNote, Spinner } from "@/kit";
import { Link } from "@/routing";
import { useSimulationOffered } from "@/stove";
import type { PracticePart } from "./parts";
import { type Practice, usePractice } from "./usePractice";

/** What to do next, in one sentence and one button; and everything else there is. */
export function BeginPart() {
  const practice = usePractice();
  const offered = useSimulationOffered();
  if (!practice.data) {
    return practice.isPending ? (
      <Spinner />
    ) : (
      <ProblemNote error={practice.error} retry={() => practice.refetch()} />
    );
  }
  return (
    <>
      <Next practice={practice.data} />
      <ul className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        <Way part="water" icon={<Droplets />} title="With water">
          A whole evening with your own canner, water only, step by step.
        </Way>
        <Way part="stove" icon={<Flame />} title="Free stove">
          Turn the knob, lift the weight, open the lid. See what that does.
        </Way>
        <Way part="drills" icon={<Target />} title="Drills">
          {practice.data.drills.length} moments in which it went wrong for somebody.
        </Way>
        <Way part="lines" icon={<ListChecks />} title="Ten lines">
          Which line sets the time? Which may not go in?
        </Way>
        <Way part="inside" icon={<Microscope />} title="Inside a jar">
          Why a thick jar takes longer than a thin one.
        </Way>
        <Way part="record" icon={<NotebookText />} title="Record">
          What you tried, and what comes again.
        </Way>
      </ul>
      {offered && (
        <p className="text-soft">
          This demo kitchen can also run a planned load on a{" "}
          <Link
            to="/practice"
            search={{ part: "device" }}
            className="inline-flex min-h-11 items-center font-bold text-primary underline"
          >
            practice device
          </Link>
          .
        </p>
      )}
    </>
  );
}

function Next({ practice }: { readonly practice: Practice }) {
  const first = practice.rehearsals.find((offer) => !offer.held);
  const drill = practice.drills.find((each) => each.code === practice.next);
  const tried = practice.drills.some((each) => each.tries > 0);
  if (first && !tried) {
    return (
      <Card label="Next" tone="rim" className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <div className="min-w-[min(16rem,100%)] flex-1">
          <h2 className="text-2xl font-bold">First evening with {first.name}</h2>
          <p className="mt-1 text-lg">
            Water only, nothing can be spoilt. You light the burner, hear it rattle, and hold the pressure for
            ten minutes. At quick time it takes about five.
          </p>
        </div>
        <LinkButton to="/practice" search={{ part: "water" }} look="main" size="stove">
          Rehearse it
        </LinkButton>
      </Card>
    );
  }
  if (!drill) {
    return (
      <Card label="Next" tone="rim">
        <h2 className="text-2xl font-bold">Nothing is due</h2>
        <p className="mt-1 text-lg">
          You know all {practice.drills.length} drills. They come again, later and later.
        </p>
      </Card>
    );
  }
  return (
    <Card label="Next" tone="rim" className="flex flex-wrap items-center gap-x-6 gap-y-3">
      <div className="min-w-[min(16rem,100%)] flex-1">
        <h2 className="text-2xl font-bold">{drill.title}</h2>
        <p className="mt-1 text-lg">
          {drill.tries === 0
            ? `A drill of ${drill.minutes} minutes.`
            : drill.inARow === 0
              ? "You missed it. Now is the time for another try."
              : "You knew it. Do you still?"}
        </p>
      </div>
      <LinkButton to="/practice/drills/:code" params={{ code: drill.code }} look="main" size="stove">
        Begin
      </LinkButton>
    </Card>
  );
}

interface WayProps {
  readonly part: PracticePart;
  readonly icon: ReactNode;
  readonly title: string;
  readonly children: ReactNode;
}

function Way({ part, icon, title, children }: WayProps) {
  return (
    <li>
      <Link
        to="/practice"
        search={{ part }}
        className="flex h-full min-h-24 items-start gap-4 rounded-box border border-line bg-paper p-4 hover:border-primary"
      >
        <span className="mt-0.5 text-primary" aria-hidden="true">
          {icon}
        </span>
        <span>
          <span className="block text-lg font-bold">{title}</span>
          <span className="block text-soft">{children}</span>
        </span>
      </Link>
    </li>
  );
}
