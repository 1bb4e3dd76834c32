import { type Marks, POINT } from "./readNumber";

/** How days, times and numbers are written where somebody lives. The words are English everywhere. */
export interface Notation {
  readonly hours: 12 | 24;
  readonly dates: DateOrder;
  /** What stands before decimals where numbers are typed. */
  readonly marks: Marks;
  /** 1 is Monday, 7 is Sunday. */
  readonly firstDay: number;
}

/** Which part of a date comes first. */
export type DateOrder = "day" | "month" | "year";

/** Week information is newer than the type of a locale. */
type WeekLocale = Intl.Locale & {
  readonly getWeekInfo?: () => { readonly firstDay: number };
  readonly weekInfo?: { readonly firstDay: number };
};

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
  const week = new Intl.Locale(locale) as WeekLocale;
  return {
    hours: hours === "h11" || hours === "h12" ? 12 : 24,
    dates: first === "month" || first === "year" ? first : "day",
    marks: decimal?.value === "," ? { decimal: "," } : POINT,
    firstDay: (week.getWeekInfo?.() ?? week.weekInfo)?.firstDay ?? 1,
  };
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

/** What a kitchen says instead of its device; undefined is as the device does. */
export function writeAs(kitchen: {
  readonly hours?: 12 | 24 | undefined;
  readonly dates?: DateOrder | undefined;
}): void {
  used = {
    ...device,
    ...(kitchen.hours ? { hours: kitchen.hours } : {}),
    ...(kitchen.dates ? { dates: kitchen.dates } : {}),
  };
}
