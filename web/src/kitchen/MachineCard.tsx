import { useQuery } from "@tanstack/react-query";
import { CircleAlert, CircleCheck, CircleHelp, RefreshCw } from "lucide-react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { Problem } from "@/api/problem";
import { Button, Card, Disclosure, ProblemNote, Spinner } from "@/kit";

type Finding = Schemas["MachineCheckResponse"];

/** What a cook calls what is looked at. */
const NAMES: Readonly<Record<string, string>> = {
  program: "Program",
  service: "Mobrel",
  database: "Database",
  disk: "Disk",
  clock: "Clock",
  zone: "Time zone",
  "home-network": "Home network",
  ports: "Ports",
  backups: "Backups",
  permissions: "Privacy of the data",
};

/** How the machine is that Mobrel runs on: what is wrong first, what is well on a tap. */
export function MachineCard() {
  const look = useQuery({
    queryKey: keys.machine,
    queryFn: () => body(api.GET("/api/health/machine")),
    // It takes a second or two, and nobody waits for it elsewhere.
    staleTime: 60_000,
    retry: false,
  });
  if (look.error instanceof Problem && look.error.code === "no-doctor") {
    return null;
  }
  const wrong = (look.data ?? []).filter((finding) => finding.state === "wrong");
  const rest = (look.data ?? []).filter((finding) => finding.state !== "wrong");
  return (
    <Card label="This machine" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-xl font-bold">The machine Mobrel runs on</h2>
        <Button
          look="quiet"
          size="small"
          icon={<RefreshCw size={18} />}
          disabled={look.isFetching}
          onClick={() => look.refetch()}
        >
          Look again
        </Button>
      </div>
      <ProblemNote error={look.error} />
      {look.isPending && !look.error && <Spinner />}
      <div aria-live="polite">
        {look.data && wrong.length === 0 && (
          <p className="flex items-center gap-2 font-semibold">
            <CircleCheck size={22} className="shrink-0 text-primary" aria-hidden="true" />
            Nothing wrong was found.
          </p>
        )}
        <Findings findings={wrong} />
      </div>
      {rest.length > 0 && (
        <Disclosure title={`What was looked at (${rest.length})`}>
          <Findings findings={rest} />
        </Disclosure>
      )}
    </Card>
  );
}

const SIGNS = {
  ok: <CircleCheck size={20} className="mt-0.5 shrink-0 text-primary" role="img" aria-label="well" />,
  wrong: <CircleAlert size={20} className="mt-0.5 shrink-0 text-brick" role="img" aria-label="wrong" />,
  unknown: <CircleHelp size={20} className="mt-0.5 shrink-0 text-soft" role="img" aria-label="not known" />,
};

function Findings({ findings }: { readonly findings: readonly Finding[] }) {
  return (
    <ul>
      {findings.map((finding) => (
        <li
          key={`${finding.check}/${finding.words}`}
          className="flex gap-3 border-b border-line py-2 last:border-0"
        >
          {SIGNS[finding.state]}
          <span className="min-w-0">
            <strong>{NAMES[finding.check] ?? finding.check}:</strong>{" "}
            <span className="break-words">{finding.words}</span>
            {finding.remedy != null && (
              <span className="block break-words">
                To do: <span className="font-semibold">{finding.remedy}</span>
              </span>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
