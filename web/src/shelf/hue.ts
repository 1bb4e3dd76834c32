/** Colours of soups and broths; a dish keeps its own wherever its jars are drawn. */
const HUES = ["#b4622d", "#8a3a22", "#6f8246", "#c79a3b", "#a8485b", "#9a7b4f", "#c4793f", "#5f7350"];

export function hueOf(dish: string): string {
  let sum = 7;
  for (const letter of dish) {
    sum = (sum * 31 + letter.charCodeAt(0)) % 9973;
  }
  return HUES[sum % HUES.length] ?? "#b4622d";
}
