import { useMutation, useQuery } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";
import { useChanged } from "@/api/useChanged";
import { Button, ProblemNote } from "@/kit";
import { countJars } from "@/quantity";
import { Link } from "@/routing";

const trace = (hold: boolean) => body(api.POST("/api/trace/altitude", { body: { hold } }));

/** Jars on the shelf that were held at less than a corrected altitude asks for; nothing where there are none. Only the cook knows whether it was wrong then. */
export function MadeLower({ onDone }: { readonly onDone: () => void }) {
  const made = useQuery({ queryKey: keys.madeLower, queryFn: () => trace(false), gcTime: 0 });
  const changed = useChanged("shelf");
  const hold = useMutation({
    mutationFn: () => trace(true),
    onSuccess: async () => {
      await changed();
      onDone();
    },
  });
  const lots = made.data?.lots.filter(({ lot }) => lot.holds.length === 0) ?? [];
  if (lots.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="Jars made at a lower pressure"
      className="rounded-box border-l-4 border-brick bg-brick-wash p-3"
    >
      <p className="font-bold">
        {lots.length === 1 ? "One lot" : `${lots.length} lots`} on the shelf had less pressure than this
        altitude needs. Was the old altitude wrong when they were made?
      </p>
      <ul className="my-2 max-h-48 overflow-y-auto">
        {lots.map(({ lot, hadPsi, neededPsi }) => (
          <li key={lot.code}>
            <Link to="/shelf/:code" params={{ code: lot.code }} className="font-bold text-primary underline">
              {lot.code}
            </Link>{" "}
            {lot.title}, {countJars([{ size: lot.size, count: lot.jars }])}: {hadPsi}, needs {neededPsi}
          </li>
        ))}
      </ul>
      <ProblemNote error={hold.error} />
      <div className="flex flex-wrap gap-2">
        <Button look="loss" disabled={hold.isPending} onClick={() => hold.mutate()}>
          It was wrong: put them on hold
        </Button>
        <Button onClick={onDone}>No, I moved here</Button>
      </div>
    </section>
  );
}
