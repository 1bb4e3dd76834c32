import { session } from "./storage";

/**
 * What is typed into a form and not sent yet, by the address of its page and a name: kept for this tab, so that a reload loses nothing and
 * two tabs do not mix. It ends with the tab, or when it is sent.
 */
const PREFIX = "mobrel.typed.";

export function typedKey(name: string): string {
  return `${PREFIX}${location.pathname}#${name}`;
}

/** What was kept; undefined where there is nothing, or nothing that can be read. */
export function typed<T>(key: string): T | undefined {
  try {
    const text = session.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

/** Keeps a value, or forgets it where it is what the form begins with. */
export function keepTyped(key: string, value: unknown, beginning: unknown) {
  const text = JSON.stringify(value);
  try {
    if (text === undefined || text === JSON.stringify(beginning)) {
      session.removeItem(key);
    } else {
      session.setItem(key, text);
    }
  } catch {
    // A tab that may keep nothing, or no more, works without.
  }
}

/** Forgets what is kept under every name of this page that begins so; of all pages where no name is given. */
export function forgetTyped(name?: string) {
  forgetting(name)();
}

/** The same, to be done later: it means the page that is open now. */
export function forgetting(name?: string): () => void {
  const beginning = name === undefined ? PREFIX : typedKey(name);
  return () => forget(beginning);
}

function forget(beginning: string) {
  for (const key of session.keys()) {
    if (key.startsWith(beginning)) {
      session.removeItem(key);
    }
  }
}
