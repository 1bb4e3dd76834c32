import { daysBetween, jarWord } from "@/quantity";
import type { Hold, LedgerLine, Lot } from "./useShelf";

/** 'Bean soup, with rosemary'. */
export function lotName(lot: { readonly title: string; readonly variant: string }): string {
  return lot.variant ? `${lot.title}, ${lot.variant}` : lot.title;
}

/** 'today', '5 days ago', '8 months ago'. */
export function ageOf(cannedOn: string, today: string): string {
  const days = daysBetween(cannedOn, today);
  if (days < 1) {
    return "today";
  }
  if (days < 60) {
    return days === 1 ? "yesterday" : `${days} days ago`;
  }
  return `${Math.round(days / 30.4)} months ago`;
}

const REASONS: Record<string, string> = {
  "forced-cooling": "Its canner was cooled by force, which can draw jars empty and break seals.",
  "early-zero": "Its pressure was gone sooner than a canner cools by itself.",
  "not-heard":
    "A device no longer heard the weight in its hold, and for two minutes nobody said whether it moved.",
  "not-seen":
    "A device no longer saw the needle at its mark in its hold, and for two minutes nobody said what the dial read.",
  "may-be-dry": "By the estimate its canner may have boiled dry, and nobody said that water was left.",
  "boiled-dry": "Its canner boiled dry.",
  "under-pressure": "It was held at less than the kitchen's altitude or dial asks for.",
  "hold-unsupported": "What came to light later does not support the full time at pressure.",
};

/** Why a lot is on hold, in a sentence. */
export function holdLabel(hold: Hold): string {
  return hold.text || REASONS[hold.reason] || hold.reason;
}

/** What a line of the ledger says, such as '2 quarts from Shelf to Cellar'. */
export function lineLabel(line: LedgerLine, lot: Lot): string {
  const jars = `${line.jars} ${jarWord(lot.size, line.jars)}`;
  const words: Record<string, string> = {
    shelved: `${jars} came to ${line.to}`,
    eaten: `${jars} eaten, from ${line.from}`,
    given: `${jars} given away, from ${line.from}`,
    spoiled: `${jars} found spoiled, from ${line.from}`,
    used: `${jars} went into another batch, from ${line.from}`,
    moved: `${jars} moved from ${line.from} to ${line.to}`,
    missing: `${jars} not there when counted, ${line.from}`,
    found: `${jars} found when counted, ${line.to}`,
    "put-back": `${jars} came back to ${line.to}`,
    undone: "Taken back: the line above that is struck out",
  };
  return words[line.kind] ?? line.kind;
}
