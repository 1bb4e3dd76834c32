import { type Notation, notation } from "./notation";

const MM_IN_AN_INCH = 25.4;

const PARTS: Readonly<Record<string, string>> = {
  "0.25": "1/4",
  "0.5": "1/2",
  "0.75": "3/4",
};

/** A headspace or a piece as the kitchen measures: '1 inch', '1 1/4 inches', or '25 mm'. */
export function formatInches(inches: number, as: Notation = notation()): string {
  if (as.units === "metric") {
    return `${Math.round(inches * MM_IN_AN_INCH)} mm`;
  }
  const whole = Math.floor(inches);
  const part = PARTS[String(inches - whole)];
  const number = part === undefined ? String(inches) : whole === 0 ? part : `${whole} ${part}`;
  return `${number} ${inches > 1 ? "inches" : "inch"}`;
}

/** A span of lengths: 'two to three inches' is '2 to 3 inches', or '5 to 8 cm'. */
export function formatInchSpan(from: number, to: number, as: Notation = notation()): string {
  const cm = (inches: number) => Math.round((inches * MM_IN_AN_INCH) / 10);
  return as.units === "metric" ? `${cm(from)} to ${cm(to)} cm` : `${from} to ${to} inches`;
}

/** Lengths in the steps of the published tables: '1/2 in cubes', '1 to 2 in may', '2 in,', '1 inch pieces'. Other words 'in' follow a number too. */
const LENGTHS =
  /(\d+(?:\/\d+)?)(?: to (\d+(?:\/\d+)?))?[ -](?:inch(?:es)?\b|in(?=[,.;)]|$| (?:cubes|pieces|below|may|or less)\b))/g;

/** A sentence of the tables with its lengths as the kitchen measures. A row's own name stays as it is printed. */
export function withLengths(sentence: string, as: Notation = notation()): string {
  return sentence.replace(LENGTHS, (_, from: string, to: string | undefined) =>
    to === undefined ? formatInches(number(from), as) : formatLengths(number(from), number(to), as),
  );
}

/** '1 to 2 inches', or '25 to 51 mm'. */
function formatLengths(from: number, to: number, as: Notation): string {
  const mm = (inches: number) => Math.round(inches * MM_IN_AN_INCH);
  return as.units === "metric" ? `${mm(from)} to ${mm(to)} mm` : `${from} to ${to} inches`;
}

function number(text: string): number {
  const [above, below = "1"] = text.split("/");
  return Number(above) / Number(below);
}
