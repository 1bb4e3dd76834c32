const MINUTE = 60_000;

let zone: string | undefined;
let clock: Intl.DateTimeFormat | undefined;

/** Times are written by this zone's clock; where this browser knows none of that name, by the device's. */
export function goByZone(named: string): void {
  if (named !== zone) {
    zone = named;
    clock = clockOf(named);
  }
}

function clockOf(named: string): Intl.DateTimeFormat | undefined {
  try {
    return new Intl.DateTimeFormat("en-US", {
      timeZone: named,
      hourCycle: "h23",
      year: "numeric",
      month: "numeric",
      day: "numeric",
      hour: "numeric",
      minute: "numeric",
      second: "numeric",
    });
  } catch {
    return undefined;
  }
}

/** How far the kitchen's clock is ahead of UTC at an instant, in milliseconds. */
function ahead(instant: number): number {
  if (!clock) {
    return -new Date(instant).getTimezoneOffset() * MINUTE;
  }
  const whole = Math.floor(instant / 1000) * 1000;
  const part = Object.fromEntries(
    clock.formatToParts(whole).map(({ type, value }) => [type, Number(value)]),
  ) as Record<"year" | "month" | "day" | "hour" | "minute" | "second", number>;
  return Date.UTC(part.year, part.month - 1, part.day, part.hour, part.minute, part.second) - whole;
}

/** A date whose UTC fields are what the kitchen's clock and calendar show at an instant. */
export function byTheKitchensClock(instant: string | number | Date): Date {
  const at = new Date(instant).getTime();
  return new Date(at + (Number.isNaN(at) ? 0 : ahead(at)));
}

/** The instant at which the kitchen's clock shows what a clock in UTC shows at {@code shown}. */
export function instantOf(shown: number): number {
  return shown - ahead(shown - ahead(shown));
}

/** How many minutes this device's clock is ahead of the kitchen's now; 0 where they agree. */
export function deviceAhead(now: number): number {
  return Math.round(-new Date(now).getTimezoneOffset() - ahead(now) / MINUTE);
}
