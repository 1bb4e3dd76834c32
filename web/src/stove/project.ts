import type { EventRequest, Run, RunEvent } from "./live";
import type { Tap } from "./outbox";

/**
 * What a run looks like with the taps that wait on this device: only so that the clock goes on while the server cannot be reached. The
 * plain course alone is drawn, nothing is decided; the server decides when it is back, and its word replaces this. Whatever may end a vent or a
 * hold stops the clock here until it has decided.
 */
export function projected(run: Run, outbox: readonly Tap[]): Run {
  return outbox
    .filter((tap) => tap.runId === run.id && tap.kept && !tap.refused)
    .reduce((now, tap) => after(now, tap.event, tap.happenedAt), run);
}

/** What only the server can judge: whether the time counts on, begins anew or is at its end. */
const FOR_THE_SERVER = new Set([
  "interrupted",
  "boiled-dry",
  "weight-knocked",
  "canner-moved",
  "stop-early",
  "abandon",
  "held",
]);

function after(run: Run, event: EventRequest, at: string): Run {
  if (run.waits && event.type !== "alarm-answered") {
    return event.type === "heat-off"
      ? { ...run, heatOffAt: at }
      : event.type === "reading"
        ? { ...run, lastReading: readingOf(run, event, at) }
        : run;
  }
  if (FOR_THE_SERVER.has(event.type)) {
    return changesNothing(run, event)
      ? run
      : withoutClock({ ...run, dues: [], waits: { type: event.type, at }, lost: { code: event.type, at } });
  }
  const plus = (minutes: number) => new Date(Date.parse(at) + minutes * 60_000).toISOString();
  const due = (what: string, minutes: number) => [{ what, at: plus(minutes) }];
  switch (event.type) {
    case "check":
      return event.check == null || run.checks.some((each) => each.check === event.check)
        ? run
        : { ...run, checks: [...run.checks, { check: event.check, waived: event.waived ?? false }] };
    case "jar-in":
      return event.jar == null || run.loaded.includes(event.jar)
        ? run
        : { ...run, loaded: [...run.loaded, event.jar].sort((one, two) => one - two) };
    case "jar-left":
      return event.jar == null
        ? run
        : {
            ...run,
            loaded: run.loaded.filter((jar) => jar !== event.jar),
            leftOut: [...run.leftOut, { jar: event.jar, place: event.place ?? "" }],
            inCanner: run.inCanner.filter((jar) => jar !== event.jar),
          };
    case "jar-back":
      return { ...run, loaded: run.loaded.filter((jar) => jar !== event.jar) };
    case "jar-checked":
      return event.jar == null || run.checked.some(({ jar }) => jar === event.jar)
        ? run
        : {
            ...run,
            checked: [
              ...run.checked,
              {
                jar: event.jar,
                size: sizeOf(run, event.jar),
                sealed: event.sealed ?? false,
                loss: event.loss ?? "none",
                level: event.level ?? "right",
              },
            ],
          };
    case "alarm-answered":
      return {
        ...run,
        events: [...run.events, { number: run.events.length + 1, type: event.type, at, place: event.place }],
      };
    case "checks-done":
      return { ...run, stage: "loading" };
    case "lid-locked":
      return { ...run, stage: "heating", lidLockedAt: at, dues: [] };
    case "steam-steady":
      return {
        ...run,
        stage: "venting",
        clockSince: at,
        clockEndsAt: plus(10),
        dues: due("weight-on", 10),
      };
    case "steam-stopped":
      return ventAgain(run, "vent-interrupted", at);
    case "weight-on":
      return withoutClock({ ...run, stage: "rising", weightOnAt: at, dues: [] });
    case "reading":
      return read(run, event, at);
    case "heat-off":
      return withoutClock({ ...run, stage: "cooling", heatOffAt: at, dues: [] });
    case "pressure-zero":
      return { ...run, stage: "depressurised" };
    case "weight-off":
      return {
        ...run,
        stage: "settling",
        clockSince: at,
        clockEndsAt: plus(10),
        dues: due("lid-off", 10),
      };
    case "lid-off":
      return withoutClock({ ...run, stage: "opened", openedAt: at, dues: due("jars-inside", 30) });
    default:
      return run;
  }
}

/** Where no clock runs there is none to lose; a dial that was looked at says that the pressure held. */
function changesNothing(run: Run, event: EventRequest): boolean {
  const ends = event.type === "boiled-dry" || event.type === "stop-early" || event.type === "abandon";
  const runs = run.stage === "venting" || (run.stage === "holding" && !run.holdComplete);
  const held = run.stage === "holding" && event.psi != null && event.psi >= run.targetPsi;
  return !ends && (!runs || held) && run.doubtSince == null;
}

function ventAgain(run: Run, code: string, at: string): Run {
  return withoutClock({
    ...run,
    stage: "heating",
    lost: undefined,
    dues: [],
    deviations: [...run.deviations, { code, at }],
  });
}

/** Jars are numbered group by group. */
function sizeOf(run: Run, jar: number): string {
  let before = 0;
  for (const group of run.jars) {
    before += group.count;
    if (jar <= before) {
      return group.size;
    }
  }
  return "";
}

function readingOf(run: Run, event: EventRequest, at: string): RunEvent {
  return {
    number: run.events.length + 1,
    type: "reading",
    at,
    ...(event.psi == null ? {} : { psi: event.psi }),
    ...(event.weight == null ? {} : { weight: event.weight }),
    ...(event.jiggles == null ? {} : { jiggles: event.jiggles }),
    ...(event.by ? { by: event.by } : {}),
  };
}

function read(run: Run, event: EventRequest, at: string): Run {
  const seen = readingOf(run, event, at);
  const next: Run = {
    ...run,
    lastReading: seen,
    events: [...run.events, seen],
    askedSince: undefined,
    dues: run.dues.filter((due) => due.what !== "not-heard" && due.what !== "not-seen"),
  };
  const proper =
    event.psi != null
      ? event.psi >= run.targetPsi
      : event.jiggles != null
        ? event.jiggles >= Math.max(1, run.jiggles?.least ?? 1)
        : event.weight !== "still";
  const underWay = run.stage === "rising" || (run.stage === "holding" && !run.holdComplete);
  if (underWay && run.gauge === "dial" && event.psi === 0) {
    return ventAgain(next, run.stage === "holding" ? "pressure-lost" : "vent-interrupted", at);
  }
  if (run.stage === "rising" && proper) {
    const end = new Date(Date.parse(at) + run.minutes * 60_000).toISOString();
    return {
      ...next,
      stage: "holding",
      lost: undefined,
      clockSince: at,
      clockEndsAt: end,
      dues: [{ what: "heat-off", at: end }],
    };
  }
  if (run.stage === "holding" && !run.holdComplete && !proper) {
    return withoutClock({
      ...next,
      stage: "rising",
      weightOnAt: run.weightOnAt ?? at,
      lost: { code: "pressure-lost", at, ...(event.psi == null ? {} : { psi: event.psi }) },
      dues: [],
    });
  }
  return next;
}

function withoutClock({ clockSince: _since, clockEndsAt: _end, ...run }: Run): Run {
  return run;
}
