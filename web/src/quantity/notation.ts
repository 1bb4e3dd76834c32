import { type Marks, POINT } from "./readNumber";

/** How days, times, numbers and measures are written where somebody lives. The words are English everywhere. */
export interface Notation {
  readonly hours: 12 | 24;
  readonly dates: DateOrder;
  /** What is measured is given in these. */
  readonly units: "us" | "metric";
  /** What stands before decimals where numbers are typed. */
  readonly marks: Marks;
}

/** Which part of a date comes first. */
export type DateOrder = "day" | "month" | "year";

/** What a language with its region, such as 'de-DE', stands for. An unknown one writes as the page is written. */
export function notationOf(language: string): Notation {
  const locale = known(language);
  const parts = new Intl.DateTimeFormat(locale, {
    year: "numeric",
    month: "numeric",
    day: "numeric",
  }).formatToParts(0);
  const first = parts.find((part) => ["year", "month", "day"].includes(part.type))?.type;
  const hours = new Intl.DateTimeFormat(locale, { hour: "numeric" }).resolvedOptions().hourCycle;
  const decimal = new Intl.NumberFormat(locale).formatToParts(1.5).find((part) => part.type === "decimal");
  return {
    units: "us",
    hours: hours === "h11" || hours === "h12" ? 12 : 24,
    dates: first === "month" || first === "year" ? first : "day",
    marks: decimal?.value === "," ? { decimal: "," } : POINT,
  };
}

/** Where printers take Letter. */
const LETTER_IN = new Set([
  "US",
  "CA",
  "MX",
  "PH",
  "CL",
  "CO",
  "CR",
  "DO",
  "GT",
  "NI",
  "PA",
  "PR",
  "SV",
  "VE",
]);

/** The sheet that printers usually take where a language with its region is from. */
export function usualPaper(language: string = navigator.language): "a4" | "letter" {
  return LETTER_IN.has(language.split("-").at(-1)?.toUpperCase() ?? "") ? "letter" : "a4";
}

function known(language: string): string {
  try {
    return Intl.DateTimeFormat.supportedLocalesOf(language)[0] ?? "en-GB";
  } catch {
    return "en-GB";
  }
}

const device = notationOf(typeof navigator === "undefined" ? "en-GB" : navigator.language);
let used = device;

/** What the pages are written in now. */
export function notation(): Notation {
  return used;
}

/** What the kitchen says, where it says something else than "as the device does". */
export function writeAs(kitchen: {
  readonly units: string;
  readonly hours: string;
  readonly dates: string;
}): void {
  const { units, hours, dates } = kitchen;
  used = {
    units: units === "metric" ? "metric" : "us",
    marks: device.marks,
    hours: hours === "12" ? 12 : hours === "24" ? 24 : device.hours,
    dates: dates === "day" || dates === "month" || dates === "year" ? dates : device.dates,
  };
}
