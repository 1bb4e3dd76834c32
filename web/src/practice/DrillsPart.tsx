import { Check, RotateCcw } from "lucide-react";
import { Card, LinkButton, ProblemNote, Spinner, Tag } from "@/kit";
import { Link } from "@/routing";
import { type DrillEntry, usePractice } from "./usePractice";

/** All drills: those whose time has come first, then those never tried. */
export function DrillsPart() {
  const practice = usePractice();
  if (!practice.data) {
    return practice.isPending ? (
      <Spinner />
    ) : (
      <ProblemNote error={practice.error} retry={() => practice.refetch()} />
    );
  }
  const { drills, next } = practice.data;
  const due = drills.filter((drill) => drill.due);
  const fresh = drills.filter((drill) => drill.tries === 0);
  const known = drills.filter((drill) => drill.tries > 0 && !drill.due);
  return (
    <>
      {next && (
        <p>
          <LinkButton to="/practice/drills/:code" params={{ code: next }} look="main" size="stove">
            {due.length > 0 ? "Begin with what is due" : "Begin with the first"}
          </LinkButton>
        </p>
      )}
      <Group title="Due again" drills={due} />
      <Group title="Not tried yet" drills={fresh} />
      <Group title="Tried" drills={known} />
    </>
  );
}

function Group({ title, drills }: { readonly title: string; readonly drills: readonly DrillEntry[] }) {
  if (drills.length === 0) {
    return null;
  }
  return (
    <Card label={title}>
      <h2 className="text-lg font-bold">
        {title} <span className="digits font-semibold text-soft">{drills.length}</span>
      </h2>
      <ul className="mt-1 grid gap-x-8 md:grid-cols-2">
        {drills.map((drill) => (
          <li key={drill.code} className="border-b border-line">
            <Link
              to="/practice/drills/:code"
              params={{ code: drill.code }}
              className="flex min-h-13 items-center justify-between gap-3 py-1.5"
            >
              <span className="font-semibold">{drill.title}</span>
              <State drill={drill} />
            </Link>
          </li>
        ))}
      </ul>
    </Card>
  );
}

function State({ drill }: { readonly drill: DrillEntry }) {
  if (drill.tries === 0) {
    return (
      <span className="shrink-0 text-soft">{drill.atTheKnobs ? "at the knobs" : `${drill.minutes} min`}</span>
    );
  }
  return drill.inARow === 0 ? (
    <Tag tone="mustard">
      <RotateCcw size={15} aria-hidden="true" /> missed
    </Tag>
  ) : (
    <span className="flex shrink-0 items-center gap-1 font-semibold text-primary">
      <Check size={18} aria-hidden="true" /> {drill.inARow === 1 ? "known" : `${drill.inARow} times in a row`}
    </span>
  );
}
