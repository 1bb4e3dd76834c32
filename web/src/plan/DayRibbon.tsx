import { type PointerEvent, useRef, useState } from "react";
import { useWidth } from "@/kit";
import { byTheKitchensClock, formatTime } from "@/quantity";
import type { Day, Plan } from "./usePlan";

interface Props {
  readonly plan: Plan;
  readonly day: Day;
  /** Moves the start; missing where the day stays as it is. */
  readonly move?: (start: Date) => void;
}

const MINUTE = 60_000;
const LABELS = 118;
const NARROWEST = 640;
const ROW = 44;
const TOP = 30;
const BAR = 32;

/** A start falls on five minutes when it is dragged, on a quarter when it is stepped. */
const DRAG_MINUTES = 5;
const STEP_MINUTES = 15;

type Task = Day["tasks"][number];

interface Row {
  readonly name: string;
  readonly tasks: readonly Task[];
}

/** The day as one ribbon: hands above, pots and canners below, the time on watch outlined. */
export function DayRibbon({ plan, day, move }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const room = useWidth(frame, 1000);
  const width = Math.max(NARROWEST, room);
  // Where the ribbon is wider than the screen a finger scrolls it; the start is moved by steps.
  const dragged = move !== undefined && room >= NARROWEST;
  const [shift, setShift] = useState(0);
  const from = useRef<number | undefined>(undefined);
  const start = Date.parse(day.start);
  const minutes = Math.max(1, (Date.parse(day.end) - start) / MINUTE);
  const scale = (width - LABELS - 12) / minutes;
  const x = (instant: string) => LABELS + ((Date.parse(instant) - start) / MINUTE) * scale;
  const rows = rowsOf(plan, day);
  const height = TOP + rows.length * ROW + 6;
  const moved = (by: number) => new Date(start + by * MINUTE);
  const drag = (event: PointerEvent) => {
    if (from.current !== undefined) {
      const by = (event.clientX - from.current) / scale;
      setShift(Math.round(by / DRAG_MINUTES) * DRAG_MINUTES);
    }
  };
  const drop = () => {
    if (from.current !== undefined && shift !== 0) {
      move?.(moved(shift));
    }
    from.current = undefined;
    setShift(0);
  };
  return (
    <div ref={frame} data-drag className="overflow-x-auto">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`${day.lead} ${rows.map((row) => row.name).join(", ")}`}
        className={`block select-none print:h-auto print:w-full ${dragged ? "cursor-ew-resize touch-pan-y" : ""}`}
        onPointerDown={(event) => {
          if (dragged) {
            from.current = event.clientX;
            event.currentTarget.setPointerCapture(event.pointerId);
          }
        }}
        onPointerMove={drag}
        onPointerUp={drop}
        // A finger that began to scroll has moved nothing.
        onPointerCancel={() => {
          from.current = undefined;
          setShift(0);
        }}
      >
        <Hours start={start + shift * MINUTE} minutes={minutes} scale={scale} height={height} />
        <Watches day={day} rows={rows} x={x} />
        {rows.map((row, index) => (
          <g key={row.name} transform={`translate(0 ${TOP + index * ROW})`}>
            <text x="0" y={BAR / 2} dy="0.36em" className="fill-soft font-semibold" fontSize="14">
              {row.name}
            </text>
            {row.tasks.map((task) => (
              <Bar key={task.id} task={task} x={x(task.start)} width={x(task.end) - x(task.start)} />
            ))}
          </g>
        ))}
      </svg>
      <Key />
      {move && <Handle day={day} shift={shift} start={start} move={(by) => move(moved(by))} />}
    </div>
  );
}

function rowsOf(plan: Plan, day: Day): readonly Row[] {
  const today = day.tasks.filter((task) => Date.parse(task.start) >= Date.parse(day.start));
  const canners = plan.loads.canners.map((canner, index) => ({
    name: canner.name,
    tasks: today.filter((task) => task.canner === index && task.attention !== "hands"),
  }));
  return [
    { name: "Your hands", tasks: today.filter((task) => task.attention === "hands") },
    { name: "Pots", tasks: today.filter((task) => task.canner < 0 && task.attention !== "hands") },
    ...canners,
  ].filter((row) => row.tasks.length > 0);
}

interface HourProps {
  readonly start: number;
  readonly minutes: number;
  readonly scale: number;
  readonly height: number;
}

function Hours({ start, minutes, scale, height }: HourProps) {
  const every = minutes > 600 ? 120 : 60;
  const shown = byTheKitchensClock(start).getTime();
  const first = start + ((every * MINUTE - (shown % (every * MINUTE))) % (every * MINUTE));
  const hours = [];
  for (let at = first; at <= start + minutes * MINUTE; at += every * MINUTE) {
    hours.push(at);
  }
  return (
    <>
      {hours.map((at) => {
        const x = LABELS + ((at - start) / MINUTE) * scale;
        return (
          <g key={at}>
            <line x1={x} x2={x} y1="22" y2={height} className="stroke-line" />
            <text x={x} y="14" textAnchor="middle" className="digits fill-soft" fontSize="13.5">
              {formatTime(at)}
            </text>
          </g>
        );
      })}
    </>
  );
}

const BARS: Record<string, string> = {
  hold: "fill-copper",
  cool: "fill-steam stroke-line",
  wait: "fill-steam stroke-line",
  heat: "fill-bar",
  vent: "fill-primary",
  rise: "fill-bar",
};

/** Words for a bar, the longest first; the first that fits is written. */
const WORDS: Record<string, readonly string[]> = {
  fill: ["fill", ""],
  unload: ["out", ""],
  heat: ["heat up", "heat", ""],
  vent: ["vent", ""],
  rise: [""],
  cool: ["cools by itself", "cools", ""],
  wait: [""],
  prep: ["peel and cut", "cut", ""],
  "jars-hot": ["jars hot", "jars", ""],
  "boil-beans": ["boil beans", "beans", ""],
  "boil-together": ["boil together", "boil", ""],
};

function Bar({ task, x, width }: { readonly task: Task; readonly x: number; readonly width: number }) {
  const free = task.attention === "free";
  const pot = task.canner < 0 && task.attention === "kitchen";
  const look = BARS[task.code] ?? (free ? "fill-steam stroke-line" : pot ? "fill-bar" : "fill-primary");
  const dark = look.startsWith("fill-steam");
  const words =
    task.code === "hold"
      ? [`hold ${minutesOf(task)} min`, `${minutesOf(task)} min`, String(minutesOf(task)), ""]
      : (WORDS[task.code] ?? [task.title.toLowerCase(), task.title.toLowerCase().split(" ")[0] ?? "", ""]);
  const word = words.find((each) => each.length * 7.4 + 12 <= width) ?? "";
  return (
    <g>
      <title>{`${task.title}, ${formatTime(task.start)} to ${formatTime(task.end)}`}</title>
      <rect x={x + 0.75} width={Math.max(2, width - 1.5)} height={BAR} rx="5" className={look} />
      {word && (
        <text
          x={dark ? x + width - 7 : x + 7}
          y={BAR / 2}
          dy="0.36em"
          fontSize="14"
          textAnchor={dark ? "end" : "start"}
          className={`font-semibold ${dark ? "fill-soft" : "fill-primary-content"}`}
        >
          {word}
        </text>
      )}
    </g>
  );
}

function minutesOf(task: Task): number {
  return Math.round((Date.parse(task.end) - Date.parse(task.start)) / MINUTE);
}

interface WatchProps {
  readonly day: Day;
  readonly rows: readonly Row[];
  readonly x: (instant: string) => number;
}

/** The hours on watch, around the canners. */
function Watches({ day, rows, x }: WatchProps) {
  const canners = rows.findIndex((row) => row.tasks.some((task) => task.code === "heat"));
  const top = TOP + canners * ROW - 5;
  const height = (rows.length - canners) * ROW - 2;
  return (
    <>
      {day.watches.map((watch) => (
        <rect
          key={watch.start}
          x={x(watch.start) - 3}
          y={top}
          width={x(watch.end) - x(watch.start) + 6}
          height={height}
          rx="8"
          className="fill-none stroke-ink [stroke-dasharray:5_4]"
          strokeWidth="1.75"
        />
      ))}
    </>
  );
}

const KEY = [
  { look: "bg-primary", text: "hands: cut, fill, take out; canner: vent" },
  { look: "bg-bar", text: "heats, boils, comes up" },
  { look: "bg-copper", text: "holds its pressure" },
  { look: "bg-steam border border-line", text: "by itself" },
  { look: "border-2 border-dashed border-ink", text: "on watch" },
] as const;

/** What the bars mean that are too short for a word. */
function Key() {
  return (
    <ul className="sticky left-0 flex flex-wrap gap-x-5 gap-y-1 pt-2 text-[0.9rem] text-soft">
      {KEY.map(({ look, text }) => (
        <li key={text} className="flex items-center gap-2">
          <span className={`h-3.5 w-6 shrink-0 rounded ${look}`} aria-hidden="true" />
          {text}
        </li>
      ))}
    </ul>
  );
}

interface HandleProps {
  readonly day: Day;
  readonly shift: number;
  readonly start: number;
  readonly move: (minutes: number) => void;
}

/** The start by steps, for fingers and keys. */
function Handle({ day, shift, start, move }: HandleProps) {
  const shown = formatTime(start + shift * MINUTE);
  return (
    <div className="flex items-center gap-2 pt-1 text-[0.95rem]">
      <button
        type="button"
        className="btn h-auto max-w-full whitespace-normal btn-ghost min-h-11 px-3 text-primary"
        onClick={() => move(-STEP_MINUTES)}
      >
        15 min sooner
      </button>
      <output className="digits font-bold" aria-label="Begins at">
        {shown}
      </output>
      <button
        type="button"
        className="btn h-auto max-w-full whitespace-normal btn-ghost min-h-11 px-3 text-primary"
        onClick={() => move(STEP_MINUTES)}
      >
        15 min later
      </button>
      <span className="text-soft max-sm:hidden">or drag the ribbon; on watch {spanOf(day)}</span>
    </div>
  );
}

function spanOf(day: Day): string {
  const minutes = day.watches.reduce(
    (sum, watch) => sum + (Date.parse(watch.end) - Date.parse(watch.start)) / MINUTE,
    0,
  );
  return `${Math.floor(minutes / 60)} h ${Math.round(minutes % 60)} min in all`;
}
