import { useCallback, useRef, useState } from "react";
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
  const latest = useRef(value);
  latest.current = value;
  const set = useCallback(
    (next: Next<T>) => {
      const value = typeof next === "function" ? (next as (before: T) => T)(latest.current) : next;
      latest.current = value;
      // At once, and not as React comes to it: what is sent is forgotten also when its page is gone by then.
      keepTyped(key, value, beginning);
      setHeld({ key, value });
    },
    [key, beginning],
  );
  return [value, set];
}

/**
 * Forgets what was typed once it has been sent, also where its page is gone by then: what a mutation is given for one call is dropped with the
 * page. What could not be sent stays, and the mutation says why.
 */
export function whenSent(sent: Promise<unknown>, then: () => void): void {
  sent.then(then, () => undefined);
}
