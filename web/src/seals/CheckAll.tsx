import { useEffect, useRef, useState } from "react";
import { Button, Card, LinkButton, Panel, ProblemNote } from "@/kit";
import { type NumberedJar, type Run, useRecordEvent } from "@/stove";
import { type Finding, isPlain, PLAIN } from "./findings";
import { JarRow } from "./JarRow";
import { forgetCheck, keepCheck, keptCheck } from "./kept";
import { OneJar } from "./OneJar";

interface Props {
  readonly run: Run;
  readonly jars: readonly NumberedJar[];
}

/** So long a check can be taken back before it is written down. */
const UNDO_MS = 6_000;

/** So long a load that was written down is waited for. */
const AGAIN_MS = 10_000;

/** Two taps for a good load: bands off, all sealed. Only what is otherwise is said jar by jar. */
export function CheckAll({ run, jars }: Props) {
  const recording = useRecordEvent(run);
  const [kept] = useState(() => keptCheck(run.id));
  const [bandsOff, setBandsOff] = useState(kept !== undefined);
  const [findings, setFindings] = useState<ReadonlyMap<number, Finding>>(kept?.findings ?? new Map());
  const [chosen, setChosen] = useState<number | undefined>();
  const [waiting, setWaiting] = useState(kept?.goesOn ?? false);
  const [written, setWritten] = useState(false);
  const open = jars.filter((jar) => !run.checked.some((done) => done.jar === jar.number));
  const failed = open.filter((jar) => findings.get(jar.number)?.sealed === false);
  const write = () => {
    forgetCheck(run.id);
    for (const jar of open) {
      const { sealed, loss, level, leaked } = findings.get(jar.number) ?? PLAIN;
      void recording
        .record({
          type: "jar-checked",
          jar: jar.number,
          sealed,
          loss,
          level,
          bandOff: true,
          ...(leaked ? { note: "food came out of it, onto it or the jars below" } : {}),
        })
        .catch(() => undefined); // Shown above the jars.
    }
  };
  // Whoever leaves the page meanwhile meant it.
  const pending = useRef<(() => void) | undefined>(undefined);
  pending.current = waiting ? write : undefined;
  const goOn = useRef<() => void>(() => undefined);
  goOn.current = () => {
    if (pending.current) {
      pending.current();
      pending.current = undefined;
      setWaiting(false);
      setWritten(true);
    }
  };
  useEffect(() => {
    // A page that is reloaded, closed or left by its address is not taken down.
    const leave = () => goOn.current();
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      pending.current?.();
    };
  }, []);
  useEffect(() => {
    if (!waiting) {
      return undefined;
    }
    const timer = setTimeout(() => {
      goOn.current();
    }, UNDO_MS);
    return () => clearTimeout(timer);
  }, [waiting]);
  const sending = written && open.length > 0 && !recording.error;
  useEffect(() => {
    // What was not taken is open still, and can be said again.
    const timer = written ? setTimeout(() => setWritten(false), AGAIN_MS) : undefined;
    return () => clearTimeout(timer);
  }, [written]);
  const change = (jar: number, found: Finding) => {
    const next = new Map(findings);
    if (isPlain(found)) {
      next.delete(jar);
    } else {
      next.set(jar, found);
    }
    setFindings(next);
  };
  const jar = open.find((each) => each.number === chosen);
  return (
    <Card label="Check the jars" className="flex flex-col gap-4">
      <ProblemNote error={recording.error} />
      {sending ? (
        // Jar after jar goes out: a second tap meanwhile would say it all again.
        <p role="status" className="text-2xl font-bold">
          Writing it down …
        </p>
      ) : waiting ? (
        <Panel
          onClose={() => {
            forgetCheck(run.id);
            setWaiting(false);
          }}
          className="flex flex-wrap items-center gap-4"
        >
          <p role="status" className="min-w-[min(100%,16rem)] flex-1 text-2xl font-bold">
            {verdict(open, failed)}
          </p>
          <Button
            size="stove"
            onClick={() => {
              forgetCheck(run.id);
              setWaiting(false);
            }}
          >
            Undo
          </Button>
          {failed.length > 0 ? (
            <Button
              size="stove"
              look="main" // The second of two quick taps was meant for what stood here before.
              onClick={(event) => event.detail < 2 && goOn.current()}
            >
              What to do with {failed.length === 1 ? "it" : "them"}
            </Button>
          ) : (
            <LinkButton
              to="/shelf"
              size="stove"
              look="main"
              onClick={(event) => event.detail > 1 && event.preventDefault()}
            >
              To the shelf
            </LinkButton>
          )}
        </Panel>
      ) : bandsOff ? (
        <>
          <p className="text-xl leading-snug">
            Press the middle of each lid: sunk, and it does not give? Lift each jar a little by its lid. Tap
            the jars of which something else is true.
          </p>
          <Button
            size="stove"
            look={failed.length > 0 ? "loss" : "main"}
            onClick={() => {
              keepCheck(run.id, findings);
              setWaiting(true);
            }}
          >
            {verdict(open, failed)}
          </Button>
        </>
      ) : (
        <>
          <p className="text-xl leading-snug">
            First all the bands: one may hold a lid down that has not sealed.
          </p>
          <Button size="stove" look="main" onClick={() => setBandsOff(true)}>
            {open.length === 1 ? "The band is off" : `All ${open.length} bands are off`}
          </Button>
        </>
      )}
      <JarRow
        jars={jars}
        run={run}
        findings={findings}
        chosen={jar?.number}
        {...(bandsOff && !waiting && !sending
          ? { onTap: (tapped: number) => setChosen(chosen === tapped ? undefined : tapped) }
          : {})}
      />
      {jar && bandsOff && !waiting && !sending && (
        <OneJar
          runId={run.id}
          key={jar.number}
          jar={jar}
          found={findings.get(jar.number) ?? PLAIN}
          onChange={(found) => change(jar.number, found)}
        />
      )}
    </Card>
  );
}

/** 'All 7 sealed', or 'All sealed but jars 2 and 5'. */
function verdict(open: readonly NumberedJar[], failed: readonly NumberedJar[]): string {
  if (failed.length === 0) {
    return open.length === 1 ? "It is sealed" : `All ${open.length} sealed`;
  }
  if (failed.length === open.length) {
    return open.length === 1 ? "It is not sealed" : "None of them sealed";
  }
  const numbers = failed.map((jar) => jar.number);
  return numbers.length === 1
    ? `All sealed but jar ${numbers[0]}`
    : `All sealed but jars ${numbers.slice(0, -1).join(", ")} and ${numbers.at(-1)}`;
}
