import { BellRing, Flame, VolumeX } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { deviceName } from "@/api/device";
import { Button, placeNow } from "@/kit";
import { formatClock, formatTime } from "@/quantity";
import { Link, useNavigate, useShown } from "@/routing";
import { type Alarm, alarms, loudest } from "./alarms";
import { live, type Run, runNow, useLive } from "./live";
import { leaveLockScreen, showOnLockScreen } from "./lockScreen";
import { canAskToNotify, mayNotify, notify, shake } from "./notices";
import { projected } from "./project";
import { canSound, play, unlockSound } from "./sound";
import { useAwake } from "./useAwake";
import { cookName, useOutbox } from "./useOutbox";
import { useRuns, useTick } from "./useRuns";
import { say, speaks } from "./voice";

/**
 * Sounds until somebody answers, wherever on the pages the cook is and also when this one is in the background; keeps the screen awake;
 * carries the nearest clock in the title.
 */
export function Alarms() {
  const { runs } = useLive();
  const outbox = useOutbox();
  const [answered, setAnswered] = useState<ReadonlySet<string>>(new Set());
  const [ringing, setRinging] = useState<readonly Alarm[]>([]);
  const [heard, setHeard] = useState(true);
  const sounded = useRef(new Map<string, number>());
  const unheard = useRef(false);
  const notified = useRef(new Set<string>());
  const shown = useShown().split("?")[0];
  const navigate = useNavigate();
  const atTheStove = (runs ?? []).some((run) => run.atTheStove && run.stage !== "checks");
  useUnlock();
  useEffect(() => {
    // A notification was touched: whoever comes wants the stove.
    const come = ({ data }: MessageEvent) => data === "to-the-stove" && navigate({ to: "/stove" });
    navigator.serviceWorker?.addEventListener("message", come);
    return () => navigator.serviceWorker?.removeEventListener("message", come);
  }, [navigate]);
  useAwake(atTheStove);

  useEffect(() => {
    const look = () => {
      const now = known().map((run) => projected(run, outbox.list()));
      const open = alarms(now, runNow).filter((alarm) => !answered.has(alarm.key));
      setRinging((before) => (sameKeys(before, open) ? before : open));
      title(now, open);
      const first = loudest(open);
      // One that could not be heard, for nobody had touched the page yet, is heard as soon as it can be.
      if (first && unheard.current && canSound()) {
        sounded.current.set(first.key, Number.NEGATIVE_INFINITY);
      }
      if (first && performance.now() - (sounded.current.get(first.key) ?? -1e9) >= first.every) {
        if (!sounded.current.has(first.key) && speaks()) {
          say(`${first.canner}: ${first.text}`);
        }
        sounded.current.set(first.key, performance.now());
        unheard.current = !play(first.sound);
        setHeard(!unheard.current);
        shake(first.sound);
        if (mayNotify() && document.visibilityState === "hidden" && !notified.current.has(first.key)) {
          notified.current.add(first.key);
          void notify(first);
        }
      }
    };
    const worker = new Worker(new URL("./ticker.worker.ts", import.meta.url), { type: "module" });
    worker.onmessage = look;
    look();
    return () => worker.terminate();
  }, [answered, outbox.list]);

  const answer = () => {
    // Quiet here at once; it is an event of the run, so that it is quiet everywhere and after a reload.
    setAnswered(new Set([...[...answered].slice(-50), ...ringing.map((alarm) => alarm.key)]));
    setRinging([]);
    for (const { runId, what } of ringing) {
      const run = known().find((each) => each.id === runId);
      if (run) {
        void outbox
          .tap(run, { type: "alarm-answered", place: what, by: cookName(), note: deviceName() })
          .catch(() => undefined); // What is refused rings no more here, and goes on elsewhere.
      }
    }
  };
  const first = loudest(ringing);
  if (!first) {
    return atTheStove ? <NextAtStove /> : null;
  }
  const grave = first.sound === "heat-off" || first.sound === "lost";
  return (
    <div
      role="alert"
      data-sounded={heard}
      className={`stove-bar sticky top-0 z-20 flex h-16 items-center gap-x-2 px-3 shadow-md sm:gap-x-4 sm:px-5 print:hidden ${grave ? "bg-brick text-paper" : "bg-primary text-primary-content"}`}
    >
      <BellRing size={28} aria-hidden="true" className="hidden shrink-0 sm:block" />
      <p className="line-clamp-2 min-w-0 flex-1 text-base font-bold leading-tight sm:line-clamp-1 sm:text-2xl">
        {first.text}: {first.canner}
        {ringing.length > 1 && ` · and ${ringing.length - 1} more`}
      </p>
      {!heard && (
        <Button aria-label="Turn on sound" icon={<VolumeX size={20} />} onClick={unlockSound}>
          <span className="hidden sm:inline">Turn on sound</span>
        </Button>
      )}
      {shown !== "/stove" && (
        <Link to="/stove" className="flex min-h-14 shrink-0 items-center px-1 font-bold underline sm:text-lg">
          Open Stove
        </Link>
      )}
      <Button className="min-h-14! shrink-0 text-lg text-ink" onClick={answer}>
        Got it
      </Button>
    </div>
  );
}

/** While something is on the stove the place of the alarm is kept free: nothing jumps, and no button slips under it. */
function NextAtStove() {
  const { data } = useRuns();
  useTick();
  const next = (data ?? [])
    .filter((run) => run.atTheStove && run.clockEndsAt != null)
    .sort((one, two) => Date.parse(one.clockEndsAt ?? "") - Date.parse(two.clockEndsAt ?? ""))[0];
  const left = next ? Math.max(0, Date.parse(next.clockEndsAt ?? "") - runNow(next)) : 0;
  return (
    <div className="stove-bar sticky top-0 z-20 flex h-16 items-center border-b border-line bg-ground px-4 sm:px-7 print:hidden">
      <Link to="/stove" className="flex min-h-14 items-center gap-3 font-bold text-primary">
        <Flame size={24} aria-hidden="true" className="shrink-0" />
        {next ? (
          <span className="line-clamp-2 leading-tight">
            {next.cannerName}: <span className="digits">{formatClock(left)}</span> {CLOCKS[next.stage] ?? ""},
            until {formatTime(next.clockEndsAt ?? "")}
          </span>
        ) : (
          "On the stove"
        )}
      </Link>
    </div>
  );
}

function sameKeys(one: readonly Alarm[], two: readonly Alarm[]): boolean {
  return one.length === two.length && one.every((alarm, index) => alarm.key === two[index]?.key);
}

/** A phone that was carried out of the house, or a tablet whose server is long gone, knows nothing of a stove any more. */
const TOO_LONG_AGO_MS = 12 * 60 * 60_000;

function known(): readonly Run[] {
  const { runs, heardAt } = live();
  return heardAt !== undefined && Date.now() - heardAt > TOO_LONG_AGO_MS ? [] : (runs ?? []);
}

const CLOCKS: Record<string, string> = {
  venting: "vent",
  holding: "hold",
  settling: "settle",
  resting: "rest",
};

/** The tab says what is wanted, or how long still; also where only its title can be seen. */
function title(runs: readonly Run[], ringing: readonly Alarm[]) {
  const first = loudest(ringing);
  const running = runs
    .filter((run) => run.atTheStove && run.clockEndsAt != null && Date.parse(run.clockEndsAt) > runNow(run))
    .sort((one, two) => Date.parse(one.clockEndsAt ?? "") - Date.parse(two.clockEndsAt ?? ""))[0];
  const next = first
    ? `! ${first.text} · ${first.canner}`
    : running
      ? `${formatClock(Date.parse(running.clockEndsAt ?? "") - runNow(running))} ${CLOCKS[running.stage] ?? ""} · ${placeNow()}`
      : `${placeNow()} · Mobrel`;
  if (document.title !== next) {
    document.title = next;
  }
  if (first) {
    showOnLockScreen(first.text, first.canner);
  } else if (running) {
    const what = CLOCKS[running.stage] ?? running.stage;
    showOnLockScreen(`${what} until ${formatTime(running.clockEndsAt ?? "")}`, running.cannerName);
  } else {
    leaveLockScreen();
  }
}

/** The first touch anywhere lets alarms sound, and asks once whether they may be shown over other windows. */
function useUnlock() {
  useEffect(() => {
    const touched = () => {
      unlockSound();
      const stove = live().runs?.some((run) => run.atTheStove);
      if (stove && canAskToNotify()) {
        void Notification.requestPermission();
      }
      if (canSound()) {
        document.removeEventListener("pointerdown", touched);
      }
    };
    document.addEventListener("pointerdown", touched);
    document.addEventListener("keydown", unlockSound, { once: true });
    return () => document.removeEventListener("pointerdown", touched);
  }, []);
}
