import { diffArrays } from "diff";
import { Button, Card, Disclosure, ProblemNote } from "@/kit";
import { formatDate } from "@/quantity";
import { type RecipeVersion, useVersions } from "./useRecipes";

interface Props {
  readonly id: number;
  readonly onTake: (version: RecipeVersion) => void;
}

/** Every save is a version; what changed from one to the next, and the way back to any. */
export function VersionsCard({ id, onTake }: Props) {
  const versions = useVersions(id);
  const all = versions.data ?? [];
  if (all.length < 2) {
    return <ProblemNote error={versions.error} />;
  }
  return (
    <Card label="Versions" className="py-2!">
      <Disclosure title={`${all.length} versions`}>
        <ol reversed start={all.length} className="pb-2">
          {all.map((version, index) => {
            const before = all[index + 1];
            return (
              <li key={version.version} className="border-t border-line py-2">
                <div className="flex flex-wrap items-center justify-between gap-2">
                  <strong>
                    Version {version.version}, {formatDate(version.savedAt)}
                  </strong>
                  {index > 0 && (
                    <Button size="small" look="quiet" onClick={() => onTake(version)}>
                      Go back to this
                    </Button>
                  )}
                </div>
                {before ? <Difference from={before} to={version} /> : <p className="text-soft">the first</p>}
              </li>
            );
          })}
        </ol>
      </Disclosure>
    </Card>
  );
}

/** A version as lines that can be compared. */
function words(version: RecipeVersion): string[] {
  return [
    version.title,
    ...version.lines,
    `packed ${version.pack}, solids ${Math.round(version.solidsShare * 100)} %`,
    ...version.method,
    ...version.variants.map((variant) => `${variant.name}: ${variant.lines.join(", ")}`),
    ...version.tags.map((tag) => `tag ${tag}`),
  ];
}

function Difference({ from, to }: { readonly from: RecipeVersion; readonly to: RecipeVersion }) {
  const parts = diffArrays(words(from), words(to)).filter((part) => part.added || part.removed);
  if (parts.length === 0) {
    return <p className="text-soft">only answers to questions</p>;
  }
  return (
    <ul>
      {parts.flatMap((part) =>
        part.value.map((line) => (
          <li key={`${part.added}/${line}`} className="flex gap-2 leading-snug">
            <span className="w-3 shrink-0 font-bold">
              <span className="sr-only">{part.added ? "added" : "removed"}</span>
              <span aria-hidden="true">{part.added ? "+" : "−"}</span>
            </span>
            <span className={part.added ? "font-semibold" : "text-soft line-through"}>{line}</span>
          </li>
        )),
      )}
    </ul>
  );
}
