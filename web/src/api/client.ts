import createClient from "openapi-fetch";
import { Problem } from "./problem";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

const client = createClient<paths>({ baseUrl: "", headers: { Accept: "application/json" } });

/** Turns every answer that is not a success into a {@link Problem}, so that queries fail with words in hand. */
client.use({
  async onResponse({ response }) {
    if (!response.ok) {
      throw await Problem.of(response);
    }
    return undefined;
  },
});

/** The body of an answer that has one. */
export async function body<T>(answer: Promise<{ data?: T | undefined }>): Promise<T> {
  const { data } = await answer;
  if (data === undefined) {
    throw new Problem(500, "empty", "The server answered with nothing.", {});
  }
  return data;
}

export const api = client;
