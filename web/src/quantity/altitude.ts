import { formatWhole } from "./format";
import { wholeNumber } from "./wholeNumber";

/** What a typed altitude means: a number, nothing that can be read, or something to be asked about first. */
export type TypedAltitude =
  | { readonly kind: "empty" | "unreadable" }
  | { readonly kind: "height"; readonly height: number }
  | { readonly kind: "ask"; readonly question: string; readonly choices: readonly HeightChoice[] };

/** @param height undefined for "none of these" */
interface HeightChoice {
  readonly text: string;
  readonly height: number | undefined;
}

/** Who types the unit too means the same number. */
const OWN_UNIT = { ft: /\s*(?:ft|feet|foot|′)\.?$/i, m: /\s*(?:m|metres?|meters?)\.?$/i } as const;

/** Up to here the lowest pressure counts: a digit that was lost on the way is dearest here. */
const LOWEST_BAND = { ft: 1_000, m: 305 } as const;

/** Hardly any kitchen lies lower or higher than this; a slip of the finger often does. */
const USUAL = { ft: { low: 100, high: 8_000 }, m: { low: 30, high: 2_400 } } as const;

/**
 * Reads an altitude as it was typed. Too low a number is too little pressure, so nothing that could be two numbers is taken for one of them, and
 * a number out of the ordinary is asked about.
 *
 * @param first whether the kitchen had none before: then a low one is asked about once
 */
export function readAltitude(typed: string, unit: "ft" | "m", first = false): TypedAltitude {
  const text = typed.trim();
  if (text === "") {
    return { kind: "empty" };
  }
  const whole = wholeNumber(text.replace(unit === "ft" ? OWN_UNIT.ft : OWN_UNIT.m, ""));
  if (whole === undefined) {
    return { kind: "unreadable" };
  }
  // "3,150" is a thousands mark to a cook who counts feet; "3.150" and a metre's "1,200" could be decimals.
  const mark = unit === "ft" ? /^[-−]?\d{1,3}\.\d{3}$/ : /^[-−]?\d{1,3}[.,]\d{3}$/;
  if (mark.test(text)) {
    const decimal = Math.round(Number(text.replace("−", "-").replace(",", ".")));
    return {
      kind: "ask",
      question: `${text} can be read in two ways. Which is it?`,
      choices: [choice(whole, unit), { text: `about ${decimal} ${unit}`, height: decimal }],
    };
  }
  const { low, high } = USUAL[unit];
  const lowest = first && whole >= low && whole < LOWEST_BAND[unit];
  if (whole < low || whole > high || lowest) {
    return {
      kind: "ask",
      question: lowest
        ? `${said(whole, unit)}: then the lowest pressure counts. Is that the whole number?`
        : whole < low
          ? `Is your kitchen really only ${said(whole, unit)} above the sea? Too low a number gives too little pressure.`
          : `Is your kitchen really ${said(whole, unit)} above the sea?`,
      choices: [
        { text: "No, type it again", height: undefined },
        { text: `Yes, ${said(whole, unit)}`, height: whole },
      ],
    };
  }
  return { kind: "height", height: whole };
}

const choice = (height: number, unit: string): HeightChoice => ({ text: said(height, unit), height });

const said = (height: number, unit: string) => `${formatWhole(height)} ${unit}`;
