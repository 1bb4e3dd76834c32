import type { Run } from "./live";

/** One jar of a load. */
export interface NumberedJar {
  /** From 1; the same from the filling to the shelf. */
  readonly number: number;
  readonly size: string;
  readonly mouth: string;
  /** The dish with its variant. */
  readonly title: string;
  /** Which of several dishes and variants it holds, from 0. */
  readonly dish: number;
}

/** All jars of a load; they are numbered group by group. */
export function jarsOf(run: Run): readonly NumberedJar[] {
  const dishes = [...new Set(run.jarTitles)];
  return run.jars
    .flatMap((group, index) =>
      Array.from({ length: group.count }, () => ({
        size: group.size,
        mouth: group.mouth ?? "regular",
        title: run.jarTitles[index] ?? run.title,
        dish: Math.max(0, dishes.indexOf(run.jarTitles[index] ?? "")),
      })),
    )
    .map((jar, index) => ({ ...jar, number: index + 1 }));
}

/** The jars that were really in the canner, as sizes and counts. */
export function jarsInside(run: Run): readonly { readonly size: string; readonly count: number }[] {
  const inside = jarsOf(run).filter((jar) => run.inCanner.includes(jar.number));
  return [...new Set(inside.map((jar) => jar.size))].map((size) => ({
    size,
    count: inside.filter((jar) => jar.size === size).length,
  }));
}
