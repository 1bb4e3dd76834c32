import type { Schemas } from "@/api/client";

type Step = Schemas["StepResponse"];

/** What is done with the jars begins with one of these. */
const FILLS = /\b(fill|ladle|pack|pour|spoon)\w*\b.*\bjars?\b|\bjars?\b.*\b(fill|ladle|pack|pour)/i;

/** The cook's steps with more of them, each in its place: what comes before the board first, what fills the jars last. */
export function inWorkingOrder(method: readonly string[], added: readonly Step[]): string[] {
  const of = (...when: string[]) => added.filter((step) => when.includes(step.when)).map((step) => step.text);
  const filling = method.findIndex((step) => FILLS.test(step));
  const cut = filling < 0 ? method.length : filling;
  return [
    ...of("evening"),
    ...of("prepare"),
    ...method.slice(0, cut),
    ...of("cook"),
    ...method.slice(cut),
    ...of("fill"),
  ];
}
