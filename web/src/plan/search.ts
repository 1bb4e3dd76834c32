/** What a plan is about lives in its address: a reload, a second device or a bookmark shows the same plan. */
export interface PlanSearch {
  readonly quarts?: number;
  readonly pints?: number;
  readonly halfPints?: number;
  readonly mouth?: "regular" | "wide";
  readonly canner?: number;
}

export const MOST_JARS = 60;

function count(value: unknown): number | undefined {
  const number = Number(value);
  return Number.isInteger(number) && number >= 0 && number <= MOST_JARS ? number : undefined;
}

export function planSearch(search: Record<string, unknown>): PlanSearch {
  return {
    quarts: count(search["quarts"]),
    pints: count(search["pints"]),
    halfPints: count(search["halfPints"]),
    mouth: search["mouth"] === "wide" ? "wide" : search["mouth"] === "regular" ? "regular" : undefined,
    canner: search["canner"] === undefined ? undefined : (count(search["canner"]) ?? undefined),
  };
}

/** The jars that are asked for; none at all is seven quarts, the common load, until the cook says otherwise. */
export function jarsOf(search: PlanSearch) {
  const untouched =
    search.quarts === undefined && search.pints === undefined && search.halfPints === undefined;
  const mouth = search.mouth ?? "regular";
  return [
    { size: "quart", mouth, count: untouched ? 7 : (search.quarts ?? 0) },
    { size: "pint", mouth, count: search.pints ?? 0 },
    { size: "half-pint", mouth, count: search.halfPints ?? 0 },
  ];
}
