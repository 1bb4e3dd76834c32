import { type QueryClient, queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { Problem } from "@/api/problem";
import { useChanged } from "@/api/useChanged";
import { ofKept, type PlanBody, type PlanEdit } from "./body";
import { forgetEdits, keepEdit, keptEditsOf, takeInHand } from "./keptEdits";
import { latestPlan, savePlan } from "./save";

export type Plan = Schemas["PlanResponse"];
export type DishResponse = Schemas["DishResponse"];
export type Amounts = Schemas["AmountsResponse"];
export type Load = Schemas["LoadResponse"];
export type LoadPictureData = Schemas["LoadPictureResponse"];
export type Day = Schemas["DayResponse"];

/** A day that has not begun cannot begin in the past: it moves with the clock, and is asked for again this often. */
const DAY_MOVES_MS = 60_000;

/** How soon an edit goes out again that did not reach the server, in milliseconds. */
const TRY_AGAIN_MS = 2_000;

const planList = queryOptions({ queryKey: keys.planList, queryFn: () => body(api.GET("/api/plans")) });

export function usePlans() {
  return useQuery(planList);
}

/** So many plans are taken along; of those before, nobody is likely to want one in a shop. */
const ALONG = 4;

/** Asks for the latest plans, with their lists and cards, so that this device has them where nobody can be asked. */
export async function takePlansAlong(queries: QueryClient, freshMs: number): Promise<void> {
  const plans = await queries.fetchQuery({ ...planList, staleTime: freshMs });
  for (const { id } of plans.slice(0, ALONG)) {
    await queries.prefetchQuery({
      queryKey: keys.plan(id),
      queryFn: () => latestPlan(id),
      staleTime: freshMs,
    });
  }
}

export interface PlanInHand {
  /** As the server worked it out last. */
  readonly plan: Plan | undefined;
  /** What the cook set, with the taps the server has not seen yet. */
  readonly body: PlanBody | undefined;
  readonly edit: (change: PlanEdit) => void;
  /** Whether the shown amounts are still those before the last tap. */
  readonly behind: boolean;
  readonly error: unknown;
  readonly retry: () => void;
}

/** An edit on its way, with the number of its copy on this device. */
interface Pending {
  readonly edit: PlanEdit;
  readonly kept?: Promise<number | undefined>;
}

/**
 * A plan and its edits. Every edit is saved at once; those made while one is under way go out together after it. An edit that
 * the server refuses stays in hand with its reason, so that what was typed is not lost. Ticks are kept on the device too, and go out from there
 * when the page is left before the server could be reached.
 */
export function usePlan(id: number): PlanInHand {
  const queries = useQueryClient();
  const query = useQuery({
    queryKey: keys.plan(id),
    queryFn: async () => {
      const seen = await latestPlan(id);
      // A look that was under way while a tap was saved must not take the tap back.
      const known = queries.getQueryData<Plan>(keys.plan(id));
      return known && known.revision > seen.revision ? known : seen;
    },
    refetchInterval: DAY_MOVES_MS,
  });
  const [pending, setPending] = useState<readonly Pending[]>([]);
  const [error, setError] = useState<unknown>();
  const saving = useRef(false);
  const plan = query.data;

  const save = useCallback(
    async (edits: readonly Pending[], base: Plan) => {
      saving.current = true;
      try {
        await queries.cancelQueries({ queryKey: keys.plan(id) });
        const next = await savePlan(
          id,
          edits.map(({ edit }) => edit),
          base,
        );
        queries.setQueryData(keys.plan(id), next);
        setPending((all) => all.slice(edits.length));
        setError(undefined);
        void forget(edits);
      } catch (wrong) {
        setError(wrong);
        if (isRefused(wrong)) {
          // It stays in hand with its reason, but is not sent again from elsewhere.
          void forget(edits);
        }
      } finally {
        saving.current = false;
      }
    },
    [id, queries],
  );

  useEffect(() => {
    if (pending.length > 0 && plan && !saving.current && error === undefined) {
      void save(pending, plan);
    }
  }, [pending, plan, error, save]);

  // What the server could not even hear is said to it again; what it refused waits for the cook.
  useEffect(() => {
    if (pending.length === 0 || error === undefined || isRefused(error)) {
      return undefined;
    }
    const again = window.setTimeout(() => setError(undefined), TRY_AGAIN_MS);
    return () => window.clearTimeout(again);
  }, [pending, error]);

  const edit = useCallback(
    (change: PlanEdit) => {
      // A new edit is a new try: it may be what mends the one that was refused.
      setError(undefined);
      setPending((all) => [
        ...all,
        { edit: change, ...(change.keeps ? { kept: keepEdit(id, change.keeps) } : {}) },
      ]);
    },
    [id],
  );

  // What an earlier page could not send comes first.
  useEffect(() => {
    const putDown = takeInHand(id);
    let left = false;
    void keptEditsOf(id).then((before) => {
      if (!left && before.length > 0) {
        setPending((all) => [
          ...before.map(({ number, what }) => ({ edit: ofKept(what.change), kept: Promise.resolve(number) })),
          ...all,
        ]);
      }
    });
    return () => {
      left = true;
      putDown();
    };
  }, [id]);

  return {
    plan,
    body: plan && pending.reduce((now, { edit: change }) => change(now), plan.body),
    edit,
    behind: pending.length > 0,
    error: error ?? (plan ? undefined : query.error),
    retry: () => {
      setError(undefined);
      void query.refetch();
    },
  };
}

function isRefused(error: unknown): boolean {
  return error instanceof Problem && error.status < 500;
}

async function forget(edits: readonly Pending[]) {
  const numbers = await Promise.all(edits.flatMap(({ kept }) => kept ?? []));
  await forgetEdits(numbers.filter((number) => number !== undefined));
}

/** Other recipes that would share a load. */
export function useCompany({ id, revision }: Plan, number: number) {
  return useQuery({
    queryKey: keys.planCompany(id, number, revision),
    queryFn: () =>
      body(api.GET("/api/plans/{id}/loads/{number}/company", { params: { path: { id, number } } })),
  });
}

/** A change that answers the whole plan. */
function usePlanChange<W>(id: number, change: (request: W) => Promise<Plan>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: (plan) => queries.setQueryData(keys.plan(id), plan),
  });
}

export function usePantry(id: number) {
  return usePlanChange(id, (says: Schemas["PantryRequest"]) =>
    body(api.PUT("/api/plans/{id}/pantry", { params: { path: { id } }, body: says })),
  );
}

export function useMade(id: number, dish: string) {
  return usePlanChange(id, (made: Schemas["ReallyMade"]) =>
    body(api.POST("/api/plans/{id}/dishes/{key}/made", { params: { path: { id, key: dish } }, body: made })),
  );
}

/** Strikes a day out of what a recipe learnt, or counts it again. */
export function useStrike(id: number) {
  return usePlanChange(id, ({ entry, struck }: { readonly entry: number; readonly struck: boolean }) => {
    const path = { params: { path: { id, yield: entry } } };
    return body(
      struck
        ? api.DELETE("/api/plans/{id}/yields/{yield}", path)
        : api.PUT("/api/plans/{id}/yields/{yield}", path),
    );
  });
}

export function usePutAway() {
  const changed = useChanged("plans");
  return useMutation({
    mutationFn: ({ id, away }: { readonly id: number; readonly away: boolean }) =>
      api.PUT("/api/plans/{id}/away", { params: { path: { id } }, body: { away } }),
    onSuccess: () => changed(),
  });
}

export function useToTheStove(id: number) {
  const changed = useChanged("batches");
  return useMutation({
    mutationFn: () => body(api.POST("/api/batches/of-plan/{planId}", { params: { path: { planId: id } } })),
    onSuccess: () => changed(),
  });
}
