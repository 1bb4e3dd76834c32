import { ChevronLeft, ChevronRight } from "lucide-react";
import { type ReactNode, useRef } from "react";
import { Link } from "@/routing";
import type { PlanBody } from "./body";
import { beside, PARTS, type PartId, stateOf } from "./parts";
import type { Plan } from "./usePlan";

interface Props {
  readonly plan: Plan;
  readonly body: PlanBody;
  readonly part: PartId;
}

/** All parts with what each has to say; on a tablet beside the one that is open. */
export function PartList({ plan, body, part }: Props) {
  return (
    <nav aria-label="Parts of the plan" className="hidden md:block">
      <ol className="overflow-hidden rounded-box border border-line bg-paper">
        {PARTS.map((each) => (
          <li key={each.id} className="border-b border-line last:border-0">
            <Link
              to="/plan/:id"
              params={{ id: String(plan.id) }}
              search={{ part: each.id }}
              resetScroll={false}
              aria-current={each.id === part ? "page" : undefined}
              className={`flex min-h-12 items-center justify-between gap-3 px-4 py-1.5 ${
                each.id === part ? "bg-primary text-primary-content" : "hover:bg-steam"
              }`}
            >
              <span className="font-bold">{each.title}</span>
              <span
                className={`text-right text-[0.9rem] leading-tight text-balance ${each.id === part ? "" : "text-soft"}`}
              >
                {stateOf(each.id, plan, body)}
              </span>
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  );
}

/** On a phone one part is the screen: its name, and the ones before and after. */
export function PartPager({ plan, part }: Pick<Props, "plan" | "part">) {
  const here = PARTS.findIndex((each) => each.id === part);
  return (
    <nav aria-label="Part of the plan" className="flex items-center gap-2 md:hidden">
      <Step plan={plan} to={beside(part, -1)} back />
      <h2 className="min-w-0 flex-1 text-center text-xl leading-tight font-bold">
        {PARTS[here]?.title}
        <span className="digits block text-[0.8rem] font-semibold text-soft">
          {here + 1} of {PARTS.length}
        </span>
      </h2>
      <Step plan={plan} to={beside(part, 1)} />
    </nav>
  );
}

interface StepProps {
  readonly plan: Plan;
  readonly to: (typeof PARTS)[number] | undefined;
  readonly back?: boolean;
}

function Step({ plan, to, back = false }: StepProps) {
  if (!to) {
    return <span className="w-14" />;
  }
  return (
    <Link
      to="/plan/:id"
      params={{ id: String(plan.id) }}
      search={{ part: to.id }}
      replace
      aria-label={`${back ? "Back to" : "On to"} ${to.title}`}
      className="btn h-12 min-h-12 w-14 rounded-field border-line bg-paper px-0 text-primary"
    >
      {back ? <ChevronLeft size={26} /> : <ChevronRight size={26} />}
    </Link>
  );
}

/** A finger that goes this far to the side means another part, in CSS pixels. */
const SWIPE = 70;

interface SwipeProps {
  readonly part: PartId;
  readonly go: (part: PartId) => void;
  readonly children: ReactNode;
}

/** Turns the page with a finger; what is dragged or typed into is left alone. */
export function Swiped({ part, go, children }: SwipeProps) {
  const from = useRef<{ readonly x: number; readonly y: number } | undefined>(undefined);
  return (
    <div
      className="min-w-0"
      onTouchStart={(event) => {
        const touch = event.touches[0];
        const taken = (event.target as Element).closest("input, select, textarea, [data-drag], table");
        from.current =
          touch && !taken && event.touches.length === 1 ? { x: touch.clientX, y: touch.clientY } : undefined;
      }}
      onTouchEnd={(event) => {
        const touch = event.changedTouches[0];
        if (!touch || !from.current) {
          return;
        }
        const across = touch.clientX - from.current.x;
        const down = Math.abs(touch.clientY - from.current.y);
        const next =
          Math.abs(across) > SWIPE && Math.abs(across) > 2 * down
            ? beside(part, across < 0 ? 1 : -1)
            : undefined;
        if (next) {
          go(next.id);
        }
      }}
    >
      {children}
    </div>
  );
}
