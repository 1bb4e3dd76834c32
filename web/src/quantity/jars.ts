/** The sizes a cook picks from, largest first. */
export const JAR_SIZES = ["quart", "pint-and-a-half", "pint", "twelve-ounce", "half-pint"] as const;

const WORDS: Record<string, string> = { "twelve-ounce": "12 oz jar", "pint-and-a-half": "24 oz jar" };

/** 'quart', 'quarts', '12 oz jars'. */
export function jarWord(size: string, count: number): string {
  const word = WORDS[size] ?? size;
  return count === 1 ? word : `${word}s`;
}

/** '6 quarts and 2 pints'. */
export function countJars(jars: readonly { readonly size: string; readonly count: number }[]): string {
  const sizes = [...new Set(jars.map((jar) => jar.size))];
  const words = sizes
    .map((size) => ({
      size,
      count: jars.filter((jar) => jar.size === size).reduce((sum, jar) => sum + jar.count, 0),
    }))
    .filter((jar) => jar.count > 0)
    .map((jar) => `${jar.count} ${jarWord(jar.size, jar.count)}`);
  return words.length < 2 ? words.join("") : `${words.slice(0, -1).join(", ")} and ${words.at(-1)}`;
}
