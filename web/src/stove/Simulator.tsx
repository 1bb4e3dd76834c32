import { useMutation, useQuery } from "@tanstack/react-query";
import { FlaskConical } from "lucide-react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { Button, Choice, ProblemNote } from "@/kit";
import { formatVolume } from "@/quantity";
import { change, live, type Run, type Simulation, useLive } from "./live";

type Turn = Schemas["SimulationRequest"];

const PACES = [1, 10, 30, 60, 120] as const;
const BURNER = [0, 10, 20, 25, 30, 40, 60, 100] as const;

function useTurn(run: Run) {
  return useMutation({
    mutationFn: (turn: Turn) =>
      body(api.POST("/api/runs/{id}/simulation", { params: { path: { id: run.id } }, body: turn })),
    onSuccess: (told: Simulation) =>
      change({ simulations: new Map(live().simulations).set(told.runId, told) }),
  });
}

/** Whether this kitchen lends the practice device; undefined until it is known. */
export function useSimulationOffered(): boolean | undefined {
  return useQuery({
    queryKey: keys.simulationOffer,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => body(api.GET("/api/simulation")),
  }).data?.offered;
}

/** Before the lid is on: the offer to try this load on a canner that is only simulated. */
export function SimulatorOffer({ run }: { readonly run: Run }) {
  const offered = useSimulationOffered();
  const turn = useTurn(run);
  if (!offered || run.simulated) {
    return null;
  }
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <FlaskConical size={20} className="text-soft" aria-hidden="true" />
      <span className="text-soft">
        Only before its lid is locked. Its jars stay practice: none of them reaches the shelf.
      </span>
      <Button size="small" disabled={turn.isPending} onClick={() => turn.mutate({ pace: 60 })}>
        Use the practice device
      </Button>
      <ProblemNote error={turn.error} />
    </div>
  );
}

/** The knobs of a simulated canner: how fast time goes, the burner, and what can go wrong. */
export function Simulator({ run }: { readonly run: Run }) {
  const seen = useLive().simulations.get(run.id);
  const asked = useQuery({
    queryKey: keys.simulation(run.id),
    enabled: seen === undefined,
    queryFn: () => body(api.GET("/api/runs/{id}/simulation", { params: { path: { id: run.id } } })),
  });
  const turn = useTurn(run);
  const simulation = seen ?? asked.data;
  if (!simulation) {
    return null;
  }
  const faults = [
    ["gasOut", "Gas out"],
    ["leaking", "Gasket leaks"],
    ["dialStuck", "Dial sticks"],
  ] as const;
  return (
    <section
      aria-label={`Practice device of ${run.cannerName}`}
      className="flex flex-col gap-2 rounded-field bg-steam px-3 py-2"
    >
      <p className="flex flex-wrap items-baseline gap-x-4">
        <strong>Practice device</strong>
        <span>{sight(run, simulation)}</span>
      </p>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <Choice
          label="Time goes"
          value={run.pace}
          options={PACES.map((pace) => ({ value: pace, text: `${pace}×` }))}
          onChange={(pace) => turn.mutate({ pace })}
        />
        <Choice
          label="Burner, percent"
          value={simulation.burnerPercent}
          options={BURNER.map((percent) => ({ value: percent, text: String(percent) }))}
          onChange={(burnerPercent) => turn.mutate({ burnerPercent })}
        />
        <div className="flex flex-wrap gap-2">
          {faults.map(([name, text]) => (
            <Button
              key={name}
              size="small"
              look={simulation[name] ? "loss" : "plain"}
              aria-pressed={simulation[name]}
              onClick={() => turn.mutate({ [name]: !simulation[name] })}
            >
              {text}
            </Button>
          ))}
        </div>
      </div>
      <ProblemNote error={turn.error} />
    </section>
  );
}

function sight(run: Run, simulation: Simulation): string {
  if (simulation.needlePsi == null) {
    return "It begins when the lid is locked.";
  }
  const steam =
    simulation.plume === "steady"
      ? "a steady plume"
      : simulation.plume === "wisp"
        ? "a wisp of steam"
        : "no steam at the vent";
  const weight = simulation.weightOn
    ? run.gauge === "weighted"
      ? simulation.jiggles === 0
        ? "the weight is still"
        : `the weight jiggles ${simulation.jiggles} times a minute`
      : "the weight is on"
    : steam;
  const wrong = simulation.plugOpen ? " The plug has blown." : simulation.dry ? " It has boiled dry." : "";
  const dial = run.gauge === "dial" ? `dial ${simulation.needlePsi}, ` : "";
  return `You see: ${dial}${weight}; ${formatVolume(simulation.waterMl)} of water left.${wrong}`;
}
