import { Button, Card, ProblemNote } from "@/kit";
import { signOut, useAccess, useComingIn } from "./useAccess";

const MAY: Record<string, string> = {
  guest: "may look",
  helper: "may tap at the stove, tick lists and take from the shelf",
  cook: "may do everything",
};

/** Who is at this device, where somebody is. */
export function SignedInCard() {
  const access = useAccess().data;
  const leave = useComingIn(signOut);
  if (access?.person == null) {
    return null;
  }
  return (
    <Card label="At this device" className="flex flex-wrap items-center justify-between gap-3">
      <div>
        <h2 className="text-xl font-bold">{access.person}</h2>
        <p className="text-soft">{MAY[access.role ?? "guest"]}</p>
      </div>
      <Button disabled={leave.isPending} onClick={() => leave.mutate(undefined)}>
        Sign out
      </Button>
      {leave.error && <ProblemNote error={leave.error} />}
    </Card>
  );
}
