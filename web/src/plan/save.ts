import { api, body, type Schemas } from "@/api/client";
import { Problem } from "@/api/problem";
import type { PlanEdit } from "./body";

type Plan = Schemas["PlanResponse"];

export function latestPlan(id: number): Promise<Plan> {
  return body(api.GET("/api/plans/{id}", { params: { path: { id } } }));
}

/** Saves edits on top of what the server has; if another device was first, on top of that. */
export async function savePlan(id: number, edits: readonly PlanEdit[], base: Plan): Promise<Plan> {
  const path = { params: { path: { id } } };
  const change = (from: Plan) => ({
    basedOn: from.revision,
    body: edits.reduce((now, change) => change(now), from.body),
  });
  try {
    return await body(api.PUT("/api/plans/{id}", { ...path, body: change(base) }));
  } catch (wrong) {
    if (wrong instanceof Problem && wrong.code === "someone-was-first") {
      return body(api.PUT("/api/plans/{id}", { ...path, body: change(await latestPlan(id)) }));
    }
    throw wrong;
  }
}
