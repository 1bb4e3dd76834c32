export type Loss = "none" | "some" | "more-than-half";
export type Level = "right" | "floating" | "siphoned";

/** What was found of a jar. */
export interface Finding {
  readonly sealed: boolean;
  readonly loss: Loss;
  readonly level: Level;
  /** Whether food came out onto it or the jars below. */
  readonly leaked: boolean;
}

export const PLAIN: Finding = { sealed: true, loss: "none", level: "right", leaked: false };

/** Sealed, and full to its headspace. */
export function isPlain(found: Finding): boolean {
  return found.sealed && found.loss === "none" && found.level === "right" && !found.leaked;
}
