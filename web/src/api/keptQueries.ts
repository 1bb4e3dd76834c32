import {
  type DehydratedState,
  dehydrate,
  hydrate,
  type Query,
  type QueryClient,
} from "@tanstack/react-query";
import { keep, kept, onForgotten } from "./kept";
import { onReach } from "./reach";

const NAME = "answers";
const DAY_MS = 24 * 60 * 60_000;

/** What is asked of places that are worth seeing without a line; the first words of their keys. */
const WORTH_KEEPING: ReadonlySet<string> = new Set([
  "access",
  "kitchen",
  "cupboard",
  "recipes",
  "plans",
  "batches",
  "shelf",
  "freezer",
  "outside",
  "tables",
  "reading",
]);

/** Answers to what was searched for are many and soon forgotten. */
const LONGEST_KEY = 90;

/** What is older says nothing about a kitchen any more. */
const OLDEST_MS = 60 * DAY_MS;
const MOST = 400;
const PAUSE_MS = 1_000;

type Answer = DehydratedState["queries"][number];

function isWorthKeeping({ state, queryKey, queryHash }: Query): boolean {
  return (
    state.status === "success" &&
    WORTH_KEEPING.has(String(queryKey[0])) &&
    queryKey[1] !== "may-i" &&
    queryHash.length < LONGEST_KEY
  );
}

/**
 * Keeps what the pages of this device were answered, each with the time it is of. While the server can be reached nothing of it is shown; when
 * it cannot, the pages show what was known.
 */
export function keepQueries(queries: QueryClient): void {
  let earlier = kept<Answer[]>(NAME);
  let all = new Map<string, Answer>();
  let writing: ReturnType<typeof setTimeout> | undefined;
  const write = async () => {
    const asked = earlier;
    const before = await asked;
    if (asked !== earlier) {
      return; // Everything was forgotten meanwhile.
    }
    const now = dehydrate(queries, { shouldDehydrateQuery: isWorthKeeping }).queries;
    all = new Map([...(before ?? []), ...all.values(), ...now].map((answer) => [answer.queryHash, answer]));
    const latest = [...all.values()]
      .filter(({ state }) => state.dataUpdatedAt > Date.now() - OLDEST_MS)
      .sort((one, other) => other.state.dataUpdatedAt - one.state.dataUpdatedAt)
      .slice(0, MOST);
    await keep(NAME, latest);
  };
  queries.getQueryCache().subscribe(({ type }) => {
    if (type === "updated") {
      writing ??= setTimeout(() => {
        writing = undefined;
        void write();
      }, PAUSE_MS);
    }
  });
  onForgotten(() => {
    earlier = Promise.resolve(undefined);
    all = new Map();
    clearTimeout(writing);
    writing = undefined;
  });
  onReach(async (reached) => {
    if (!reached) {
      const before = await earlier;
      // What is under way would set an answer back to what it was before: none.
      await queries.cancelQueries({ predicate: ({ state }) => state.data === undefined });
      hydrate(queries, { queries: [...(before ?? []), ...all.values()], mutations: [] });
    }
  });
}
