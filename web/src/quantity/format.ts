import { type Notation, notation } from "./notation";
import { byTheKitchensClock, instantOf } from "./zone";

const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
];
const WEEKDAYS = ["Sunday", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday"];

const two = (value: number) => String(value).padStart(2, "0");
const short = (name: string) => name.slice(0, 3);

/** '16:42' or '4:42 pm'. */
export function formatTime(instant: string | number | Date, as: Notation = notation()): string {
  const at = byTheKitchensClock(instant);
  return clock(at.getUTCHours(), at.getUTCMinutes(), as);
}

function clock(hours: number, minutes: number, as: Notation): string {
  return as.hours === 24
    ? `${two(hours)}:${two(minutes)}`
    : `${hours % 12 || 12}:${two(minutes)} ${hours < 12 ? "am" : "pm"}`;
}

/** '11 October 2026', 'October 11, 2026' or '2026-10-11', for a day without a time. */
export function formatDate(day: string, as: Notation = notation()): string {
  const at = day.length === 10 ? new Date(`${day}T12:00Z`) : byTheKitchensClock(day);
  const month = MONTHS[at.getUTCMonth()] ?? "";
  switch (as.dates) {
    case "day":
      return `${at.getUTCDate()} ${month} ${at.getUTCFullYear()}`;
    case "month":
      return `${month} ${at.getUTCDate()}, ${at.getUTCFullYear()}`;
    case "year":
      return `${at.getUTCFullYear()}-${two(at.getUTCMonth() + 1)}-${two(at.getUTCDate())}`;
  }
}

/** 'Monday 23 November' or 'Monday, November 23'. */
export function formatToday(instant: string | number | Date, as: Notation = notation()): string {
  const at = byTheKitchensClock(instant);
  return weekdayAnd(
    WEEKDAYS[at.getUTCDay()] ?? "",
    inOrder(at.getUTCDate(), MONTHS[at.getUTCMonth()] ?? "", as),
    as,
  );
}

/** 'Mon 23 Nov' or 'Mon, Nov 23'. */
function formatShortDay(instant: string | number | Date, as: Notation = notation()): string {
  const at = byTheKitchensClock(instant);
  const day = inOrder(at.getUTCDate(), short(MONTHS[at.getUTCMonth()] ?? ""), as);
  return weekdayAnd(short(WEEKDAYS[at.getUTCDay()] ?? ""), day, as);
}

/** 'Mon 23 Nov, 16:42' */
export function formatDateTime(instant: string | number | Date, as: Notation = notation()): string {
  return `${formatShortDay(instant, as)}, ${formatTime(instant, as)}`;
}

/** 'Sun 21:00', for a time within a few days. */
export function formatDayTime(instant: string | number | Date, as: Notation = notation()): string {
  return `${short(WEEKDAYS[byTheKitchensClock(instant).getUTCDay()] ?? "")} ${formatTime(instant, as)}`;
}

function weekdayAnd(weekday: string, day: string, as: Notation): string {
  return `${weekday}${as.dates === "day" ? "" : ","} ${day}`;
}

function inOrder(day: number, month: string, as: Notation): string {
  return as.dates === "day" ? `${day} ${month}` : `${month} ${day}`;
}

/** The day of an instant in the kitchen, as days are sent: '2026-10-11'. */
export function dayOf(instant: string | number | Date): string {
  return forInput(instant).slice(0, 10);
}

/** As a date and time input wants it, by the kitchen's clock: '2026-10-11T16:42'. */
export function forInput(instant: string | number | Date): string {
  return byTheKitchensClock(instant).toISOString().slice(0, 16);
}

/** What was typed into such an input, as it is sent; undefined while it is no time. */
export function fromInput(typed: string): string | undefined {
  const at = Date.parse(`${typed}Z`);
  return Number.isNaN(at) ? undefined : new Date(instantOf(at)).toISOString();
}

/** Whole days from one day to another, each as 'YYYY-MM-DD'. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000);
}

/**
 * A whole number with its thousands apart: '3,150', or '3 150' with a thin space where a comma stands before decimals. A point never parts
 * thousands: '3.150' is what a kitchen must not misread.
 */
export function formatWhole(value: number, as: Notation = notation()): string {
  const apart = as.marks.decimal === "," ? "\u202f" : ",";
  return String(Math.round(value)).replace(/\B(?=(?:\d{3})+$)/g, apart);
}

/** '3,150 ft' or '960 m', as the kitchen measures. */
export function formatAltitude(
  feet: number,
  metres: number,
  units?: string,
  as: Notation = notation(),
): string {
  return (units ?? as.units) === "metric" ? `${formatWhole(metres, as)} m` : `${formatWhole(feet, as)} ft`;
}

/** The end of a band that the tables give in feet; in metres never more than it is. */
export function formatFeet(feet: number, as: Notation = notation()): string {
  return formatAltitude(feet, Math.floor(feet * 0.3048), as.units, as);
}

const ML_IN_A_QUART = 946.35;
const ML_IN_A_CUP = 236.59;

/** A volume as a kitchen says it, to a tenth: '3.5 qt', '1.5 cups' or '3.3 L'. */
export function formatVolume(millilitres: number, units: string = notation().units): string {
  const tenth = (value: number) => String(Math.round(value * 10) / 10);
  if (units !== "us") {
    return millilitres < 1000 ? `${Math.round(millilitres / 10) * 10} mL` : `${tenth(millilitres / 1000)} L`;
  }
  const cups = tenth(millilitres / ML_IN_A_CUP);
  return millilitres < ML_IN_A_QUART
    ? `${cups} ${cups === "1" ? "cup" : "cups"}`
    : `${tenth(millilitres / ML_IN_A_QUART)} qt`;
}
