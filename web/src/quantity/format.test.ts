import { expect, test } from "vitest";
import {
  dayOf,
  daysBetween,
  forInput,
  formatAltitude,
  formatDate,
  formatDateTime,
  formatDayTime,
  formatFeet,
  formatTime,
  formatToday,
  formatVolume,
  formatWhole,
  fromInput,
} from "./format";
import { countJars, jarWord } from "./jars";
import { formatInches, formatInchSpan, withLengths } from "./length";
import { notationOf, usualPaper, writeAs } from "./notation";
import { formatClock, formatSpan } from "./time";
import { deviceAhead, goByZone } from "./zone";

test.each([
  [0, "us", "0 cups"],
  [118.3, "us", "0.5 cups"],
  [236.59, "us", "1 cup"],
  [946.2, "us", "4 cups"],
  [946.35, "us", "1 qt"],
  [3312, "us", "3.5 qt"],
  [984, "metric", "980 mL"],
  [996, "metric", "1000 mL"],
  [1000, "metric", "1 L"],
  [3312, "metric", "3.3 L"],
])("%d mL in %s measures are %s", (millilitres, units, words) => {
  expect(formatVolume(millilitres, units)).toBe(words);
});

test.each([
  [3150, 960.12, "us", "3,150 ft"],
  [3150, 960.12, "metric", "960 m"],
  [-20, -6.1, "us", "-20 ft"],
  [12_000, 3657.6, "metric", "3,658 m"],
])("%d ft, %d m, in %s measures are %s", (feet, metres, units, words) => {
  expect(formatAltitude(feet, metres, units)).toBe(words);
});

test.each([
  [-5_000, "0:00"],
  [0, "0:00"],
  [1, "0:01"],
  [999, "0:01"],
  [1_000, "0:01"],
  [59_001, "1:00"],
  [375_000, "6:15"],
  [3_599_999, "1:00:00"],
  [4_360_000, "1:12:40"],
  [86_400_000, "24:00:00"],
])("a clock at %d ms shows %s: a second that has begun counts", (milliseconds, shown) => {
  expect(formatClock(milliseconds)).toBe(shown);
});

test.each([
  [30_000, "less than a minute"],
  [-30_000, "less than a minute"],
  [60_000, "1 min"],
  [3_540_000, "59 min"],
  [3_600_000, "1 h"],
  [7_500_000, "2 h 5 min"],
  [-7_500_000, "2 h 5 min"],
])("%d ms are %s", (milliseconds, words) => {
  expect(formatSpan(milliseconds)).toBe(words);
});

const AT = new Date(2026, 10, 23, 16, 2, 5);
const NIGHT = new Date(2026, 0, 4, 0, 5);

test.each([
  [
    "en-US",
    "4:02 pm",
    "12:05 am",
    "November 23, 2026",
    "Mon, Nov 23, 4:02 pm",
    "Monday, November 23",
    "12,500",
  ],
  ["en-GB", "16:02", "00:05", "23 November 2026", "Mon 23 Nov, 16:02", "Monday 23 November", "12,500"],
  ["de-DE", "16:02", "00:05", "23 November 2026", "Mon 23 Nov, 16:02", "Monday 23 November", "12\u202f500"],
  ["fr-FR", "16:02", "00:05", "23 November 2026", "Mon 23 Nov, 16:02", "Monday 23 November", "12\u202f500"],
  ["en-AU", "4:02 pm", "12:05 am", "23 November 2026", "Mon 23 Nov, 4:02 pm", "Monday 23 November", "12,500"],
  ["en-CA", "4:02 pm", "12:05 am", "2026-11-23", "Mon, Nov 23, 4:02 pm", "Monday, November 23", "12,500"],
  ["no language", "16:02", "00:05", "23 November 2026", "Mon 23 Nov, 16:02", "Monday 23 November", "12,500"],
])(
  "a device of %s writes times, days and thousands its way",
  (language, time, night, day, both, today, whole) => {
    const as = notationOf(language);
    expect(formatTime(AT, as)).toBe(time);
    expect(formatTime(NIGHT, as)).toBe(night);
    expect(formatDate("2026-11-23", as)).toBe(day);
    expect(formatDateTime(AT, as)).toBe(both);
    expect(formatDayTime(AT, as)).toBe(`Mon ${time}`);
    expect(formatToday(AT, as)).toBe(today);
    expect(formatWhole(12_500, as)).toBe(whole);
    expect(formatWhole(999, as)).toBe("999");
  },
);

test("a kitchen can say otherwise than its device", () => {
  writeAs({ units: "us", hours: "12", dates: "month" });
  expect(formatDateTime(AT)).toBe("Mon, Nov 23, 4:02 pm");
  writeAs({ units: "us", hours: "24", dates: "year" });
  expect(formatDate("2026-11-23")).toBe("2026-11-23");
  writeAs({ units: "us", hours: "device", dates: "device" });
  expect(formatDateTime(AT)).toBe("Mon 23 Nov, 16:02");
});

test.each([
  [1, "1 inch", "25 mm"],
  [1.25, "1 1/4 inches", "32 mm"],
  [0.5, "1/2 inch", "13 mm"],
  [0.3, "0.3 inch", "8 mm"],
])("%d in are %s or %s", (inches, us, metric) => {
  expect(formatInches(inches, { ...notationOf("en-GB"), units: "us" })).toBe(us);
  expect(formatInches(inches, { ...notationOf("en-GB"), units: "metric" })).toBe(metric);
});

test("measures follow the kitchen, and a band of the tables is never said to reach higher than it does", () => {
  writeAs({ units: "metric", hours: "device", dates: "device" });
  expect([formatVolume(3312), formatInchSpan(2, 3), formatFeet(2_000), formatInches(1)]).toEqual([
    "3.3 L",
    "5 to 8 cm",
    "609 m",
    "25 mm",
  ]);
  writeAs({ units: "us", hours: "device", dates: "device" });
  expect([formatVolume(3312), formatInchSpan(2, 3), formatFeet(2_000)]).toEqual([
    "3.5 qt",
    "2 to 3 inches",
    "2,000 ft",
  ]);
});

test("a day is that day wherever the device is, and an input's time is the device's own", () => {
  expect(formatDate("2026-01-01")).toBe("1 January 2026");
  expect(dayOf(NIGHT)).toBe("2026-01-04");
  expect(forInput(AT)).toBe("2026-11-23T16:02");
});

test.each([
  ["2026-11-23", "2026-11-23", 0],
  ["2026-11-23", "2026-11-24", 1],
  ["2026-03-28", "2026-03-30", 2],
  ["2028-02-28", "2028-03-01", 2],
  ["2026-12-31", "2026-01-01", -364],
])("from %s to %s are %d days, whatever the clocks do in between", (from, to, days) => {
  expect(daysBetween(from, to)).toBe(days);
});

test.each([
  ["quart", 1, "quart"],
  ["quart", 7, "quarts"],
  ["twelve-ounce", 1, "12 oz jar"],
  ["pint-and-a-half", 2, "24 oz jars"],
])("%s, %d of it: %s", (size, count, words) => {
  expect(jarWord(size, count)).toBe(words);
});

test("jars are counted kind by kind", () => {
  expect(countJars([{ size: "quart", count: 7 }])).toBe("7 quarts");
  expect(
    countJars([
      { size: "quart", count: 1 },
      { size: "pint", count: 2 },
    ]),
  ).toBe("1 quart and 2 pints");
});

test.each([
  ["en-US", "letter"],
  ["fr-CA", "letter"],
  ["en-GB", "a4"],
  ["de-DE", "a4"],
  ["en", "a4"],
])("paper where %s is from: %s", (language, paper) => {
  expect(usualPaper(language)).toBe(paper);
});

test.each([
  ["cut it in 1 in cubes", "cut it in 1 inch cubes", "cut it in 25 mm cubes"],
  ["cover by 2 in, boil 2 min", "cover by 2 inches, boil 2 min", "cover by 51 mm, boil 2 min"],
  [
    "1/2 in cubes; of 1 to 2 in may stay",
    "1/2 inch cubes; of 1 to 2 inches may stay",
    "13 mm cubes; of 25 to 51 mm may stay",
  ],
  ["broth to 1 in below the rim", "broth to 1 inch below the rim", "broth to 25 mm below the rim"],
  ["75 in pints, 8 in, boil", "75 in pints, 8 inches, boil", "75 in pints, 203 mm, boil"],
])("a step that says %s is read in both measures", (step, us, metric) => {
  expect(withLengths(step, { ...notationOf("en-GB"), units: "us" })).toBe(us);
  expect(withLengths(step, { ...notationOf("en-GB"), units: "metric" })).toBe(metric);
});

test("times go by the kitchen's zone, whatever the device's", () => {
  // The last instants of a summer and of a winter time, and the first of the next.
  const instants = [
    "2026-03-29T00:59:59Z",
    "2026-03-29T01:00:00Z",
    "2026-10-25T00:59:00Z",
    "2026-10-25T01:00:00Z",
  ];
  const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
  goByZone("Europe/Berlin");
  expect(instants.map(forInput)).toEqual([
    "2026-03-29T01:59",
    "2026-03-29T03:00",
    "2026-10-25T02:59",
    "2026-10-25T02:00",
  ]);
  expect(fromInput("2026-12-24T18:30")).toBe("2026-12-24T17:30:00.000Z");
  expect(dayOf("2026-12-31T23:30:00Z")).toBe("2027-01-01");
  goByZone("America/Denver");
  expect(formatTime("2026-12-24T18:30:00Z", notationOf("en-US"))).toBe("11:30 am");
  expect(fromInput("2026-06-24T11:30")).toBe("2026-06-24T17:30:00.000Z");
  expect(deviceAhead(0)).toBe(7 * 60 - new Date(0).getTimezoneOffset());
  goByZone("No/Such");
  expect(deviceAhead(0)).toBe(0);
  goByZone(own);
});
