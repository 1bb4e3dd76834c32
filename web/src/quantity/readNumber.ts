/** What a number may be: bounds count as within, in the field's own unit. */
export interface Bounds {
  readonly min: number;
  readonly max: number;
  /** Only whole numbers. */
  readonly whole?: boolean;
}

/**
 * The marks of a notation: '1,234.5' has a comma between thousands and a point before the decimals. A notation is only ever a reason to take
 * a number the ordinary way, never one to drop the other reading of a number that could be too low.
 */
export interface Marks {
  readonly decimal: "." | ",";
}

export const POINT: Marks = { decimal: "." };

/** What was typed: nothing yet, something that is no such number and why, a number, or one that can be read in two ways. */
export type TypedNumber =
  | { readonly kind: "empty" }
  | { readonly kind: "wrong"; readonly why: string }
  | { readonly kind: "number"; readonly value: number }
  | { readonly kind: "ask"; readonly values: readonly [number, number] };

const FRACTIONS: Readonly<Record<string, number>> = {
  "½": 1 / 2,
  "⅓": 1 / 3,
  "⅔": 2 / 3,
  "¼": 1 / 4,
  "¾": 3 / 4,
  "⅛": 1 / 8,
  "⅜": 3 / 8,
  "⅝": 5 / 8,
  "⅞": 7 / 8,
};

/**
 * Reads a number in either notation, with fractions. A single mark with three digits behind it ('3.150', '1,200') can be thousands or
 * decimals; if both are within the bounds the cook is asked, unless it is the notation's own mark for thousands. Whatever else could be meant
 * in two ways is not taken at all.
 */
export function readNumber(typed: string, bounds: Bounds, marks: Marks = POINT): TypedNumber {
  const text = typed.trim().replace("−", "-");
  if (text === "") {
    return { kind: "empty" };
  }
  const values = readings(text);
  if (values.length === 0) {
    return { kind: "wrong", why: `A number ${between(bounds)}, please` };
  }
  const fitting = values.filter((value) => whyNot(value, bounds) === undefined);
  const [one, other] = fitting;
  if (one === undefined) {
    return { kind: "wrong", why: whyNot(values[0] ?? 0, bounds) ?? "" };
  }
  if (other === undefined) {
    return { kind: "number", value: one };
  }
  const ownThousands = text.includes(marks.decimal === "." ? "," : ".");
  return ownThousands ? { kind: "number", value: one } : { kind: "ask", values: [one, other] };
}

/** The numbers a text can stand for, the larger first. */
function readings(text: string): readonly number[] {
  const mixed = /^(-?)(?:(\d+)\s*)?([½⅓⅔¼¾⅛⅜⅝⅞])$/.exec(text);
  if (mixed) {
    const value = Number(mixed[2] ?? 0) + (FRACTIONS[mixed[3] ?? ""] ?? 0);
    return [mixed[1] ? -value : value];
  }
  const fraction = /^(-?)(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*([1-9]\d?)$/.exec(text);
  if (fraction) {
    const value = Number(fraction[2] ?? 0) + Number(fraction[3]) / Number(fraction[4]);
    return [fraction[1] ? -value : value];
  }
  const plain = text.replace(/(?<=\d)[\s’'](?=\d{3}(?:\D|$))/g, "");
  const both = /^-?\d{1,3}(?:([.,])\d{3})+(?!\1)[.,]\d+$/.exec(plain);
  if (both) {
    return [Number(plain.replaceAll(both[1] ?? "", "").replace(",", "."))];
  }
  if (/^-?\d{1,3}([.,])\d{3}(?:\1\d{3})+$/.test(plain)) {
    return [Number(plain.replace(/[.,]/g, ""))];
  }
  if (!/^-?(?:\d+(?:[.,]\d+)?|[.,]\d+)$/.test(plain)) {
    return [];
  }
  const decimal = Number(plain.replace(",", "."));
  const grouped = /^-?[1-9]\d{0,2}[.,]\d{3}$/.test(plain) ? [Number(plain.replace(/[.,]/, ""))] : [];
  return [...grouped, decimal];
}

function whyNot(value: number, bounds: Bounds): string | undefined {
  if (value < bounds.min) {
    return `${bounds.min} or more`;
  }
  if (value > bounds.max) {
    return `${bounds.max} at most`;
  }
  return bounds.whole && !Number.isInteger(value) ? "A whole number, please" : undefined;
}

function between({ min, max }: Bounds): string {
  return Number.isFinite(max) ? `from ${min} to ${max}` : `of ${min} or more`;
}
