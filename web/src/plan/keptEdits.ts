import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { useEffect, useSyncExternalStore } from "react";
import { allWaiting, forgetWaiting, keepWaiting, type Waiting } from "@/api/kept";
import { keys } from "@/api/keys";
import { Problem } from "@/api/problem";
import { onReach } from "@/api/reach";
import { type KeptChange, ofKept } from "./body";
import { latestPlan, savePlan } from "./save";

/** A tick that has not reached the server. */
interface KeptEdit {
  readonly plan: number;
  readonly change: KeptChange;
}

/** Ticks that wait on this device, as far as this page knows. */
let waiting: readonly Waiting<KeptEdit>[] = [];
const hearers = new Set<() => void>();

/** Plans that a page has in hand, which sends for itself. */
const inHand = new Map<number, number>();

function now(all: readonly Waiting<KeptEdit>[]) {
  waiting = all;
  for (const hear of hearers) {
    hear();
  }
}

async function reread(): Promise<readonly Waiting<KeptEdit>[]> {
  now(await allWaiting<KeptEdit>());
  return waiting;
}

/** How many ticks wait on this device. */
export function useWaitingTicks(): number {
  return useSyncExternalStore(
    (hear) => {
      hearers.add(hear);
      void reread();
      return () => hearers.delete(hear);
    },
    () => waiting.length,
  );
}

/** What waits for one plan, in the order it was tapped. */
export async function keptEditsOf(plan: number): Promise<readonly Waiting<KeptEdit>[]> {
  return (await reread()).filter(({ what }) => what.plan === plan);
}

/** Keeps a tick until the server has it; answers its number. */
export async function keepEdit(plan: number, change: KeptChange): Promise<number | undefined> {
  const number = await keepWaiting({ plan, change } satisfies KeptEdit);
  await reread();
  return number;
}

export async function forgetEdits(numbers: readonly number[]): Promise<void> {
  if (numbers.length > 0) {
    await forgetWaiting(numbers);
    await reread();
  }
}

/** A page has this plan in hand until it says otherwise. */
export function takeInHand(plan: number): () => void {
  inHand.set(plan, (inHand.get(plan) ?? 0) + 1);
  return () => inHand.set(plan, (inHand.get(plan) ?? 1) - 1);
}

/** Sends the ticks of plans that no page has in hand. What the server refuses is of a plan that is no more, and is let go. */
export async function sendKeptEdits(queries: QueryClient): Promise<void> {
  const all = await reread();
  for (const plan of new Set(all.map(({ what }) => what.plan))) {
    if ((inHand.get(plan) ?? 0) > 0) {
      continue;
    }
    const mine = all.filter(({ what }) => what.plan === plan);
    try {
      const saved = await savePlan(
        plan,
        mine.map(({ what }) => ofKept(what.change)),
        await latestPlan(plan),
      );
      queries.setQueryData(keys.plan(plan), saved);
      await forgetEdits(mine.map(({ number }) => number));
    } catch (wrong) {
      if (wrong instanceof Problem && wrong.status < 500 && wrong.status !== 401 && wrong.status !== 403) {
        await forgetEdits(mine.map(({ number }) => number));
      }
    }
  }
}

const TRY_EVERY_MS = 15_000;

/** Sends what waits as soon as the server is back, whatever page is open. */
export function useSendKeptEdits() {
  const queries = useQueryClient();
  const some = useWaitingTicks() > 0;
  useEffect(() => {
    if (!some) {
      return undefined;
    }
    const send = () => void sendKeptEdits(queries);
    const timer = setInterval(send, TRY_EVERY_MS);
    const quiet = onReach((reached) => reached && send());
    send();
    return () => {
      clearInterval(timer);
      quiet();
    };
  }, [some, queries]);
}
