import { Printer } from "lucide-react";
import type { ReactNode } from "react";
import { Button, LinkButton, PageFrame, ProblemNote } from "@/kit";
import { PlanFrame, type Ready } from "./PlanFrame";

interface Props {
  readonly id: number;
  readonly title: string;
  readonly children: (ready: Ready) => ReactNode;
}

/** A list of a plan, to be carried about: back to the plan, or onto paper. */
export function ListPage({ id, title, children }: Props) {
  return (
    <PlanFrame id={id} title={title}>
      {(ready) => (
        <PageFrame
          title={title}
          lead={ready.plan.title}
          actions={
            <>
              <LinkButton to="/plan/$id" params={{ id: String(id) }}>
                The plan
              </LinkButton>
              <Button icon={<Printer size={20} />} onClick={() => window.print()}>
                Print
              </Button>
            </>
          }
        >
          <ProblemNote error={ready.error} retry={ready.retry} />
          {children(ready)}
        </PageFrame>
      )}
    </PlanFrame>
  );
}
