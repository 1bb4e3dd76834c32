import createClient from "openapi-fetch";
import { kitchenNow } from "./edition";
import { Problem, Unreachable } from "./problem";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

/** What this page calls itself, so that it is not told of its own changes. */
export const thisPage = Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) =>
  byte.toString(16).padStart(2, "0"),
).join("");

const client = createClient<paths>({
  baseUrl: "",
  headers: { Accept: "application/json", "X-Mobrel-Page": thisPage },
});

const faults = new EventTarget();

/** Tells when the server could not do what it was asked; what is wrong is then worth asking. Gives back how to stop. */
export function onServerFault(then: () => void): () => void {
  faults.addEventListener("fault", then);
  return () => faults.removeEventListener("fault", then);
}

const strangers = new EventTarget();

/** Tells when this device is not let in, or not any more. Gives back how to stop. */
export function onNotLetIn(then: () => void): () => void {
  strangers.addEventListener("refused", then);
  return () => strangers.removeEventListener("refused", then);
}

/** Has it looked at whether this device is still let in, such as when its line was cut without a word. */
export function doubtAccess() {
  strangers.dispatchEvent(new Event("refused"));
}

/** What a page of the kitchen sends back and a page of anybody else cannot: else the cookie would be enough. */
export function ownPage(): Record<string, string> {
  const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
  return token === undefined ? {} : { "X-XSRF-TOKEN": token };
}

/** The header by which a change says which kitchen it is meant for. */
export const FOR_KITCHEN = "X-Mobrel-Kitchen";

/** Turns every answer that is not a success into a {@link Problem}, so that queries fail with words in hand. */
client.use({
  onRequest({ request }) {
    for (const [name, value] of Object.entries(ownPage())) {
      request.headers.set(name, value);
    }
    const kitchen = kitchenNow();
    if (kitchen !== undefined && request.method !== "GET" && !request.headers.has(FOR_KITCHEN)) {
      request.headers.set(FOR_KITCHEN, kitchen);
    }
    return request;
  },
  onError({ error, request }) {
    // What was given up on purpose is no matter of the server.
    return error instanceof DOMException && error.name === "AbortError"
      ? undefined
      : new Unreachable(request.method === "GET", error);
  },
  async onResponse({ response }) {
    if (response.status === 401) {
      doubtAccess();
    }
    if (response.status >= 500) {
      faults.dispatchEvent(new Event("fault"));
    }
    if (!response.ok) {
      throw await Problem.of(response);
    }
    return undefined;
  },
});

/** Sends the bytes of a file; answers as the others do. */
export async function sendFile(path: string, file: Blob): Promise<unknown> {
  const kitchen = kitchenNow();
  const answer = await fetch(path, {
    method: "POST",
    headers: {
      "Content-Type": "application/octet-stream",
      "X-Mobrel-Page": thisPage,
      ...ownPage(),
      ...(kitchen === undefined ? {} : { [FOR_KITCHEN]: kitchen }),
    },
    body: file,
  }).catch((error: unknown) => {
    throw new Unreachable(false, error);
  });
  if (answer.status === 401) {
    doubtAccess();
  }
  if (!answer.ok) {
    throw await Problem.of(answer);
  }
  return answer.json();
}

/** The body of an answer that has one. */
export async function body<T>(answer: Promise<{ data?: T | undefined }>): Promise<T> {
  const { data } = await answer;
  if (data === undefined) {
    throw new Problem(500, "empty", "The server answered with nothing.", {});
  }
  return data;
}

export const api = client;
