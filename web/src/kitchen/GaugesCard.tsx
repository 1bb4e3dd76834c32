import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";
import { wrongAt } from "@/api/problem";
import { Button, Card, Field, ProblemNote, Spinner, useKept, whenSent } from "@/kit";
import { formatDate } from "@/quantity";

/** Gauges that send their readings by themselves, and the key each is let in with. */
export function GaugesCard() {
  const queries = useQueryClient();
  const gauges = useQuery({ queryKey: keys.devices, queryFn: () => body(api.GET("/api/kitchen/devices")) });
  const again = () => queries.invalidateQueries({ queryKey: keys.devices });
  const add = useMutation({
    mutationFn: (name: string) => body(api.POST("/api/kitchen/devices", { body: { name } })),
    onSuccess: again,
  });
  const shutOut = useMutation({
    mutationFn: (id: number) => body(api.DELETE("/api/kitchen/devices/{id}", { params: { path: { id } } })),
    onSuccess: (left) => queries.setQueryData(keys.devices, left),
  });
  const [name, setName] = useKept("gauge", "");
  return (
    <Card label="Gauges that send" className="flex flex-col gap-3">
      <div>
        <h2 className="text-xl font-bold">Gauges that send</h2>
        <p className="text-soft">
          A pressure gauge that can send its readings writes them into the run by itself, and the run minds
          them like your own.
        </p>
      </div>
      <ProblemNote error={gauges.error ?? shutOut.error} />
      {gauges.isPending && !gauges.error && <Spinner />}
      {gauges.data && gauges.data.length > 0 && (
        <ul>
          {gauges.data.map((gauge) => (
            <li
              key={gauge.id}
              className="flex min-h-12 flex-wrap items-center gap-x-4 border-b border-line py-1"
            >
              <span className="min-w-0 flex-1">
                <strong>{gauge.name}</strong>
                <span className="ml-2 text-soft">let in on {formatDate(gauge.madeAt)}</span>
              </span>
              <Button
                look="quiet"
                size="small"
                disabled={shutOut.isPending}
                aria-label={`Remove ${gauge.name}`}
                onClick={() => shutOut.mutate(gauge.id)}
              >
                Remove
              </Button>
            </li>
          ))}
        </ul>
      )}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          whenSent(add.mutateAsync(name.trim()), () => setName(""));
        }}
      >
        <Field
          label="The name of another gauge"
          error={wrongAt(add.error, "name")}
          hint="It gets a key, shown once."
        >
          {(id, described) => (
            <div className="flex gap-3">
              <input
                id={id}
                aria-describedby={described}
                className="input min-h-12 w-full max-w-96"
                maxLength={60}
                value={name}
                onChange={(event) => setName(event.target.value)}
              />
              <Button type="submit" className="min-h-12" disabled={name.trim() === "" || add.isPending}>
                Pair
              </Button>
            </div>
          )}
        </Field>
      </form>
      {add.error && !wrongAt(add.error, "name") && <ProblemNote error={add.error} />}
      {add.data && (
        <div role="status" className="rounded-field bg-steam px-4 py-3">
          <p>
            The key of <strong>{add.data.device.name}</strong>. Write it into the gauge now; it is not shown
            again.
          </p>
          <code className="mt-1 block select-all break-all text-lg font-bold">{add.data.key}</code>
        </div>
      )}
    </Card>
  );
}
