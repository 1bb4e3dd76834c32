import { ShelfJar } from "@/jars";
import { jarWord } from "@/quantity";
import { useJarColours } from "@/shelf";
import type { NumberedJar, Run } from "@/stove";
import type { Finding } from "./findings";
import { isPlain } from "./findings";

interface Props {
  readonly jars: readonly NumberedJar[];
  readonly run: Run;
  /** What is otherwise than sealed and full, by the number of the jar. */
  readonly findings?: ReadonlyMap<number, Finding>;
  readonly chosen?: number | undefined;
  /** Jars can be tapped where this is given. */
  readonly onTap?: (jar: number) => void;
}

const FAILED = { solids: "var(--color-brick)", broth: "var(--color-brick)" };

/** The jars of a load in a row, each with its number and what was found. */
export function JarRow({ jars, run, findings, chosen, onTap }: Props) {
  const colours = useJarColours();
  const several = new Set(jars.map((jar) => jar.title)).size > 1;
  return (
    // On a tablet there is room for jars that are told apart, and hit, from farther away.
    <ol className="flex flex-wrap items-end gap-x-3 gap-y-4 md:[&_svg]:[zoom:1.6]">
      {jars.map((jar) => {
        const check = run.checked.find((done) => done.jar === jar.number);
        const found = findings?.get(jar.number);
        const failed = check ? !check.sealed : found !== undefined && !found.sealed;
        const words = check ? (check.sealed ? "sealed" : "not sealed") : foundWords(found, jar.size);
        const picture = (
          <>
            <ShelfJar
              size={jar.size}
              mouth={jar.mouth}
              colour={failed ? FAILED : colours(several ? jar.title : run.title)}
              height={92}
              empty={failed}
            />
            <span
              className={`block text-[0.9rem] leading-tight md:text-lg font-bold ${failed ? "text-brick" : ""}`}
            >
              <span className="sr-only">Jar </span>
              {jar.number}
              {several && ` ${letterOf(jar.dish)}`}: {words}
              {several && <span className="sr-only">, {jar.title}</span>}
            </span>
          </>
        );
        return (
          <li key={jar.number}>
            {onTap && !check ? (
              <button
                type="button"
                aria-pressed={found !== undefined && !isPlain(found)}
                className={`flex min-h-14 min-w-18 md:min-w-31 cursor-pointer flex-col items-center gap-1 rounded-field border-2 p-2 ${chosen === jar.number ? "border-primary bg-steam" : "border-line bg-paper"}`}
                onClick={() => onTap(jar.number)}
              >
                {picture}
              </button>
            ) : (
              <span className="flex min-w-18 md:min-w-31 flex-col items-center gap-1 p-2">{picture}</span>
            )}
          </li>
        );
      })}
      {several && (
        <li className="basis-full text-soft">
          {[...new Map(jars.map((jar) => [jar.title, jar.dish]))].map(([title, dish]) => (
            <span key={title} className="mr-4">
              <strong>{letterOf(dish)}</strong> {title}
            </span>
          ))}
        </li>
      )}
    </ol>
  );
}

/** Dishes and variants of a load go by letters, the same in every picture of it. */
export function letterOf(dish: number): string {
  return String.fromCharCode(65 + dish);
}

function foundWords(found: Finding | undefined, size: string): string {
  if (!found || isPlain(found)) {
    return jarWord(size, 1);
  }
  return [
    found.sealed ? "" : "not sealed",
    found.loss === "some" ? "some lost" : found.loss === "more-than-half" ? "over half lost" : "",
    found.level === "right" ? "" : found.level,
    found.leaked ? "leaked" : "",
  ]
    .filter(Boolean)
    .join(", ");
}
