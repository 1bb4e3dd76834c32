import { useCallback, useState } from "react";
import { keepTyped, typed, typedKey } from "@/api/typed";

type Next<T> = T | ((before: T) => T);

/**
 * A state of a form that a reload of its page does not lose; as useState otherwise. What stands at its beginning again is forgotten.
 *
 * @param name tells it from others of the same page; forms that are there more than once carry a number in it
 */
export function useKept<T>(name: string, beginning: T): readonly [T, (next: Next<T>) => void] {
  const key = typedKey(name);
  const [held, setHeld] = useState(() => ({ key, value: typed<T>(key) ?? beginning }));
  const value = held.key === key ? held.value : (typed<T>(key) ?? beginning);
  const set = useCallback(
    (next: Next<T>) =>
      setHeld((before) => {
        const from = before.key === key ? before.value : (typed<T>(key) ?? beginning);
        const value = typeof next === "function" ? (next as (before: T) => T)(from) : next;
        keepTyped(key, value, beginning);
        return { key, value };
      }),
    [key, beginning],
  );
  return [value, set];
}
