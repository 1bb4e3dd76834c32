import { LoadPicture } from "@/jars";
import { useKitchen } from "@/kitchen";
import { PhotoButton } from "@/photos";
import { formatVolume } from "@/quantity";
import { placeLabel } from "./labels";
import type { EventRequest, Run } from "./live";
import { OneMoreJar } from "./OneMoreJar";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => Promise<void>;
}

/** A reserve of about a third: broth is spilt, soaked up and left in the ladle. */
const RESERVE = 1.35;

/** One tap for each jar that goes in, so that the count is never a question; and what the rest still needs from the kettle. */
export function LoadingStage({ run, onEvent }: Props) {
  const units = useKitchen().data?.units ?? "us";
  const dishes = [...new Set(run.jarTitles)];
  const jars = run.jars.map((jar, index) => ({
    size: jar.size,
    count: jar.count,
    dish: dishes.indexOf(run.jarTitles[index] ?? ""),
  }));
  const broth = run.jars.flatMap((jar, index) =>
    Array.from({ length: jar.count }, () => run.brothMl[index] ?? undefined),
  );
  const missing = broth.filter((_, index) => !run.loaded.includes(index + 1));
  const known = missing.every((each) => each !== undefined);
  const needed = missing.reduce<number>((sum, each) => sum + (each ?? 0), 0);
  // Jars go in quickly one after the other: none waits for the one before.
  const tap = (jar: number) => onEvent({ type: run.loaded.includes(jar) ? "jar-back" : "jar-in", jar });
  return (
    <div className="flex flex-wrap items-center justify-center gap-x-6 gap-y-2">
      <LoadPicture
        jars={jars}
        className="h-64"
        taken={run.loaded}
        letters={dishes.length > 1}
        onTap={(jar) => void tap(jar)}
      />
      <div className="min-w-40 flex-1">
        <p className="text-3xl font-bold">
          {run.loaded.length === 0
            ? `${run.jarTotal - run.leftOut.length} to go in`
            : `${run.loaded.length} of ${run.jarTotal} in`}
        </p>
        <p className="text-soft">
          Tap each jar as it goes in; tap again if it comes back out. Or count none, and lock the lid with all
          of them in.
        </p>
        <OneMoreJar run={run} />
        {!run.simulated && <PhotoButton of={{ run: run.id }} moment="loading" what="this load" />}
        {run.leftOut.map((left) => (
          <p key={left.jar} className="font-semibold">
            Jar {left.jar} stays out: {placeLabel(left.place)}.
          </p>
        ))}
        {missing.length > 0 && known && needed > 0 && (
          <p className="mt-2 text-lg">
            Kettle: {missing.length === 1 ? "the other one takes" : `the other ${missing.length} take`}{" "}
            <strong>{formatVolume(needed, units)}</strong> of broth. Have{" "}
            <strong>{formatVolume(needed * RESERVE, units)}</strong> boiling.
          </p>
        )}
        {dishes.length > 1 && (
          <ul className="mt-2">
            {dishes.map((dish, index) => (
              <li key={dish}>
                <strong>{String.fromCharCode(65 + index)}</strong> {dish}
              </li>
            ))}
          </ul>
        )}
      </div>
    </div>
  );
}
