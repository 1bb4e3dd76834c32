import { useQuery } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";
import { Card } from "@/kit";
import { dayOf, formatTime } from "@/quantity";
import { Link } from "@/routing";
import { DayRibbon } from "./DayRibbon";
import { usePlans } from "./usePlan";

/** The ribbons of the plans that are for today; nothing where there are none. */
export function TodaysDay({ today }: { readonly today: string }) {
  const plans = usePlans();
  const ofToday = (plans.data ?? []).filter((plan) => plan.dayAt != null && dayOf(plan.dayAt) === today);
  return ofToday.map((plan) => <TodaysPlan key={plan.id} id={plan.id} />);
}

function TodaysPlan({ id }: { readonly id: number }) {
  const plan = useQuery({
    queryKey: keys.plan(id),
    queryFn: () => body(api.GET("/api/plans/{id}", { params: { path: { id } } })),
  });
  if (!plan.data?.day) {
    return null;
  }
  return (
    <Card label={`Today: ${plan.data.title}`} className="flex flex-col gap-2">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-lg font-bold">
          Today, {formatTime(plan.data.day.start)} to {formatTime(plan.data.day.end)}: {plan.data.title}
        </h2>
        <Link to="/plan/:id" params={{ id: String(id) }} className="font-bold text-primary underline">
          The plan
        </Link>
      </div>
      <DayRibbon plan={plan.data} day={plan.data.day} />
    </Card>
  );
}
