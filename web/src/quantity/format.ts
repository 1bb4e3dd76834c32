const TIME = new Intl.DateTimeFormat(undefined, { hour: "2-digit", minute: "2-digit", hourCycle: "h23" });
const DATE = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long", year: "numeric" });
const WEEKDAY = new Intl.DateTimeFormat("en-GB", { weekday: "short" });
const DAY = new Intl.DateTimeFormat("en-GB", { weekday: "short", day: "numeric", month: "short" });

/** '16:42' */
export function formatTime(instant: string | number | Date): string {
  return TIME.format(new Date(instant));
}

/** '11 October 2026', for a day without a time. */
export function formatDate(day: string): string {
  return DATE.format(new Date(day.length === 10 ? `${day}T12:00` : day));
}

/** 'Mon 23 Nov, 16:42' */
export function formatDateTime(instant: string | number | Date): string {
  const at = new Date(instant);
  return `${DAY.format(at)}, ${TIME.format(at)}`;
}

/** 'Sun 21:00', for a time within a few days. */
export function formatDayTime(instant: string | number | Date): string {
  const at = new Date(instant);
  return `${WEEKDAY.format(at)} ${TIME.format(at)}`;
}

/** Whole days from one day to another, each as 'YYYY-MM-DD'. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000);
}

/** '3,150 ft' or '960 m', as the kitchen measures. */
export function formatAltitude(feet: number, metres: number, units: string): string {
  return units === "metric"
    ? `${Math.round(metres).toLocaleString("en-US")} m`
    : `${Math.round(feet).toLocaleString("en-US")} ft`;
}

const ML_IN_A_QUART = 946.35;
const ML_IN_A_CUP = 236.59;

/** A volume as a kitchen says it, to a tenth: '3.5 qt', '1.5 cups' or '3.3 L'. */
export function formatVolume(millilitres: number, units: string): string {
  const tenth = (value: number) => String(Math.round(value * 10) / 10);
  if (units !== "us") {
    return millilitres < 1000 ? `${Math.round(millilitres / 10) * 10} mL` : `${tenth(millilitres / 1000)} L`;
  }
  const cups = tenth(millilitres / ML_IN_A_CUP);
  return millilitres < ML_IN_A_QUART
    ? `${cups} ${cups === "1" ? "cup" : "cups"}`
    : `${tenth(millilitres / ML_IN_A_QUART)} qt`;
}
