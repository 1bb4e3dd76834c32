import { Flame } from "lucide-react";
import { Button, LinkButton } from "@/kit";
import { useNavigate } from "@/routing";
import { type Plan, useToTheStove } from "./usePlan";

interface Props {
  readonly plan: Plan;
  /** Whether a tap is still on its way to the server. */
  readonly behind: boolean;
  readonly onError: (error: unknown) => void;
}

/** Takes every dish of the plan to the stove. */
export function ToTheStove({ plan, behind, onError }: Props) {
  const navigate = useNavigate();
  const stove = useToTheStove(plan.id);
  if (plan.atStove) {
    return (
      <LinkButton to="/stove" look="main" icon={<Flame size={20} />}>
        At the stove
      </LinkButton>
    );
  }
  const why = whyNot(plan);
  return (
    <>
      {why !== undefined && <p className="max-w-48 self-center text-[0.9rem] font-semibold">{why}.</p>}
      <Button
        look="main"
        icon={<Flame size={20} />}
        disabled={why !== undefined || behind || stove.isPending}
        onClick={() =>
          stove.mutate(undefined, {
            onSuccess: () => navigate({ to: "/stove" }),
            onError,
          })
        }
      >
        To the stove
      </Button>
    </>
  );
}

function whyNot(plan: Plan): string | undefined {
  for (const dish of plan.dishes.filter((each) => each.batch == null)) {
    if (dish.trouble || dish.jars.length === 0) {
      return "Count the jars first";
    }
    if (dish.ruling?.verdict === "ask") {
      const open = dish.ruling.questions.length;
      return open === 1 ? "One question of the recipe is open" : `${open} questions of the recipe are open`;
    }
    if (dish.loads.length === 0) {
      return "Something stops this plan";
    }
    if (dish.ruling?.verdict === "own-judgement" && !dish.takenOn) {
      return "Part of this is outside the tables: somebody has to take it on";
    }
  }
  return plan.dishes.length === 0 ? "Choose a recipe first" : undefined;
}
