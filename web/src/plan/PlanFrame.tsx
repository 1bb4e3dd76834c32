import type { ReactNode } from "react";
import { Card, LinkButton, PageFrame, ProblemNote, Spinner } from "@/kit";
import { type Kitchen, useKitchen } from "@/kitchen";
import type { PlanBody } from "./body";
import { type Plan, type PlanInHand, usePlan } from "./usePlan";

/** A plan that is there, with the kitchen it is for. */
export interface Ready extends PlanInHand {
  readonly plan: Plan;
  readonly body: PlanBody;
  readonly kitchen: Kitchen;
}

interface Props {
  readonly id: number;
  readonly title: string;
  readonly children: (ready: Ready) => ReactNode;
}

/** Waits for plan and kitchen, or says what has to come first. */
export function PlanFrame({ id, title, children }: Props) {
  const kitchen = useKitchen();
  const hand = usePlan(id);
  if (kitchen.data && (kitchen.data.altitudeFt == null || kitchen.data.canners.length === 0)) {
    return <KitchenFirst kitchen={kitchen.data} />;
  }
  if (!kitchen.data || !hand.plan || !hand.body) {
    const error = kitchen.error ?? hand.error;
    return (
      <PageFrame title={title}>
        <ProblemNote error={error} retry={hand.retry} />
        {!error && <Spinner />}
      </PageFrame>
    );
  }
  return children({ ...hand, plan: hand.plan, body: hand.body, kitchen: kitchen.data });
}

function KitchenFirst({ kitchen }: { readonly kitchen: Kitchen }) {
  const missing = [
    kitchen.altitudeFt == null ? "your altitude" : "",
    kitchen.canners.length === 0 ? "a canner" : "",
  ].filter(Boolean);
  return (
    <PageFrame title="Plan" lead="One thing first">
      <Card className="flex max-w-xl flex-col items-start gap-4">
        <p>
          A plan needs <strong>{missing.join(" and ")}</strong>: pressure goes by altitude, loads go by what a
          canner holds.
        </p>
        <LinkButton to="/kitchen" look="main">
          Set up the kitchen
        </LinkButton>
      </Card>
    </PageFrame>
  );
}
