/**
 * A whole number as it is typed in either notation: '3150', '3,150', '3.150' and '3 150' are the same. Anything else, such as '3.15' or '1,2',
 * is undefined: of a number that can be read in two ways neither is taken.
 */
export function wholeNumber(typed: string): number | undefined {
  const text = typed.trim();
  return /^[-−]?(?:\d+|\d{1,3}(?:[.,\s’']\d{3})+)$/.test(text)
    ? Number(text.replace("−", "-").replace(/[.,\s’']/g, ""))
    : undefined;
}
