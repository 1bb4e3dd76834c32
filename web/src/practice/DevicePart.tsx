import { FlaskConical } from "lucide-react";
import { Card, Empty, LinkButton, Spinner } from "@/kit";
import { countJars } from "@/quantity";
import { Simulator, SimulatorOffer, useRuns, useSimulationOffered } from "@/stove";

/** The demo kitchen's loads, on a canner that is only simulated; what comes of them is marked as practice wherever it is shown. */
export function DevicePart() {
  const runs = useRuns();
  const offered = useSimulationOffered();
  if (offered === undefined || (runs.data === undefined && !runs.offline)) {
    return <Spinner />;
  }
  const open = (runs.data ?? []).filter(
    (run) => run.simulated || run.stage === "checks" || run.stage === "loading",
  );
  if (!offered && !open.some((run) => run.simulated)) {
    return (
      <Empty
        picture={<FlaskConical size={56} />}
        title="Only in the demo kitchen"
        action={<LinkButton to="/practice">To practice</LinkButton>}
      >
        Real jars want a real canner.
      </Empty>
    );
  }
  if (open.length === 0) {
    return (
      <Empty
        picture={<FlaskConical size={56} />}
        title="No load waits at the stove"
        action={<LinkButton to="/plan">To the plans</LinkButton>}
      >
        Send one there, and it can be put on the practice device before its lid is locked.
      </Empty>
    );
  }
  return (
    <>
      {open.map((run) => (
        <Card key={run.id} label={`Practice device: ${run.cannerName}`} className="flex flex-col gap-3">
          <h2 className="text-lg font-bold">
            {run.title}, {countJars(run.jars)} in {run.cannerName}
          </h2>
          {run.simulated ? <Simulator run={run} /> : <SimulatorOffer run={run} />}
          {run.simulated && (
            <p>
              <LinkButton to="/stove">To the stove</LinkButton>
            </p>
          )}
        </Card>
      ))}
    </>
  );
}
