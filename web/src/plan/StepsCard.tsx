import { memo } from "react";
import type { Schemas } from "@/api/client";
import { Card } from "@/kit";

/** What the tables ask for before anything goes into a jar: a card is not issued without it. */
export const StepsCard = memo(function StepsCard({
  steps,
}: {
  readonly steps: readonly Schemas["PlanStep"][];
}) {
  if (steps.length === 0) {
    return null;
  }
  return (
    <Card label="Before the jars" className="py-4!">
      <h2 className="text-lg font-bold">Before the jars</h2>
      <ul>
        {steps.map((step) => (
          <li key={step.text} className="border-b border-line py-2 leading-snug last:border-0">
            {step.text}. <span className="text-[0.85rem] text-soft">{step.source}</span>
          </li>
        ))}
      </ul>
    </Card>
  );
});
