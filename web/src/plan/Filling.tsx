import { Check, Undo2 } from "lucide-react";
import { ShelfJar } from "@/jars";
import { Button, Card, useTyped } from "@/kit";
import { formatInches, jarWord } from "@/quantity";
import { type Dish, fill, onDish, type PlanEdit } from "./body";
import type { Ready } from "./PlanFrame";
import { ShareCard } from "./ShareCard";
import { SoakedLot } from "./SoakedLot";
import type { DishResponse } from "./usePlan";

/** Tap each jar as it is filled: the count is never a question, and the kettle says how far it goes. */
export function Filling({ plan, body, kitchen, edit }: Pick<Ready, "plan" | "body" | "kitchen" | "edit">) {
  return (
    <div className="flex flex-col gap-4">
      {plan.dishes.map((answer) => {
        const dish = body.dishes.find((each) => each.key === answer.key);
        return dish && answer.jars.length > 0 ? (
          <DishFilling
            key={answer.key}
            dish={dish}
            answer={answer}
            several={plan.dishes.length > 1}
            metric={kitchen.units === "metric"}
            edit={edit}
          />
        ) : (
          <p key={answer.key} className="text-soft">
            {answer.title}: count the jars first.
          </p>
        );
      })}
    </div>
  );
}

interface Props {
  readonly dish: Dish;
  readonly answer: DishResponse;
  readonly several: boolean;
  readonly metric: boolean;
  readonly edit: (edit: PlanEdit) => void;
}

function DishFilling({ dish, answer, several, metric, edit }: Props) {
  const filled = (size: string, mouth: string) =>
    dish.filled.find((jar) => jar.size === size && jar.mouth === mouth)?.count ?? 0;
  const set = (size: string, mouth: string, count: number) => edit(fill(dish.key, size, mouth, count));
  const done = answer.jars.reduce((sum, jar) => sum + filled(jar.size, jar.mouth ?? "regular"), 0);
  const all = answer.jars.reduce((sum, jar) => sum + jar.count, 0);
  return (
    <section aria-label={answer.title} className="grid items-start gap-4 xl:grid-cols-[minmax(0,1fr)_22rem]">
      <Card className="px-5! py-4!">
        {several && <h2 className="text-lg font-bold">{answer.title}</h2>}
        <p className="digits text-[1.6rem] font-bold" aria-live="polite">
          {done} of {all} filled
        </p>
        <p className="text-soft">
          Pieces first, then broth, to {formatInches(answer.ruling?.headspaceIn ?? 1)} below the rim. Bubbles
          out, look again, rim wiped, lid on, band fingertip-tight. Then tap the jar.
        </p>
        {answer.jars.map((jar) => {
          const mouth = jar.mouth ?? "regular";
          const now = filled(jar.size, mouth);
          return (
            <ul
              key={`${jar.size}/${mouth}`}
              aria-label={jarWord(jar.size, 2)}
              className="mt-3 flex flex-wrap gap-2"
            >
              {answer.jars.length > 1 && (
                <li aria-hidden="true" className="w-full font-bold text-soft">
                  {jar.count} {jarWord(jar.size, jar.count)}
                </li>
              )}
              {Array.from({ length: jar.count }, (_, index) => (
                <li key={index}>
                  <Jar
                    size={jar.size}
                    mouth={mouth}
                    number={index + 1}
                    colour={answer.colour ?? UNKNOWN}
                    filled={index < now}
                    tap={() => set(jar.size, mouth, index < now ? index : now + 1)}
                  />
                </li>
              ))}
            </ul>
          );
        })}
        {done > 0 && (
          <Button
            look="quiet"
            size="small"
            className="mt-2"
            icon={<Undo2 size={18} />}
            onClick={() => edit(onDish(dish.key, (now) => ({ ...now, filled: [] })))}
          >
            Begin the count anew
          </Button>
        )}
      </Card>
      <div className="flex flex-col gap-4">
        <KettleCard answer={answer} dish={dish} metric={metric} edit={edit} />
        <SoakedLot answer={answer} dish={dish} metric={metric} edit={edit} />
      </div>
      <div className="xl:col-span-2">
        <ShareCard metric={metric} answer={answer} />
      </div>
    </section>
  );
}

interface JarProps {
  readonly size: string;
  readonly mouth: string;
  readonly number: number;
  readonly colour: { readonly solids: string; readonly broth: string };
  readonly filled: boolean;
  readonly tap: () => void;
}

/** Of a dish whose lines do not say how much there is of what. */
const UNKNOWN = { solids: "var(--color-bar)", broth: "var(--color-bar)" };

function Jar({ size, mouth, number, colour, filled, tap }: JarProps) {
  return (
    <button
      type="button"
      aria-pressed={filled}
      aria-label={`${jarWord(size, 1)} ${number}${filled ? ", filled" : ""}`}
      className={`relative flex min-h-36 min-w-24 cursor-pointer flex-col items-center justify-end rounded-field border-2 px-2 py-1.5 ${filled ? "border-primary" : "border-line"}`}
      onClick={tap}
    >
      <ShelfJar size={size} mouth={mouth} colour={colour} height={116} empty={!filled} />
      <span className="digits mt-1 flex items-center gap-1 font-bold">
        {filled && <Check size={16} strokeWidth={3} aria-hidden="true" />}
        {number}
      </span>
    </button>
  );
}

/** In quarts or litres: more than nothing, and less than a kettle of a kitchen ever holds. */
const KETTLE = { min: 0.1, max: 100 };

function KettleCard({
  answer,
  dish,
  metric,
  edit,
}: {
  readonly answer: DishResponse;
  readonly dish: Dish;
  readonly metric: boolean;
  readonly edit: (edit: PlanEdit) => void;
}) {
  const { kettle, amounts } = answer;
  const start = useTyped({
    value: dish.kettle?.value,
    bounds: KETTLE,
    onChange: (value) =>
      edit(
        onDish(dish.key, (now) => ({
          ...now,
          kettle: { value, unit: now.kettle?.unit ?? (metric ? "L" : "qt") },
        })),
      ),
    onEmpty: () => edit(onDish(dish.key, ({ kettle: _, ...now }) => now)),
  });
  if (!kettle || !amounts || amounts.brothNeededMl === 0) {
    return null;
  }
  const level = Math.max(0, Math.min(1, 1 - used(answer, dish) / Math.max(1, kettle.boilingMl)));
  const unit = dish.kettle?.unit ?? (metric ? "L" : "qt");
  return (
    <Card label="Kettle" tone={kettle.missing != null ? "brick" : "plain"} className="px-5! py-4!">
      <div className="flex items-center gap-4">
        <KettlePicture level={level} />
        <div>
          <p className="text-[1.35rem] leading-snug font-bold" role="status">
            {kettle.text}
          </p>
          <p className="text-soft">
            {kettle.left} left of {kettle.boiling}.
          </p>
        </div>
      </div>
      <label className="mt-3 flex flex-wrap items-center gap-2">
        <span className="w-full font-semibold">Boiling at the start</span>
        <input
          {...start.input}
          className="input digits min-h-11 w-22 font-bold"
          placeholder={kettle.boiling}
        />
        <select
          aria-label="Measured in"
          className="select min-h-11 w-26"
          value={unit}
          onChange={(event) => {
            const next = event.target.value;
            edit(
              onDish(dish.key, (now) =>
                now.kettle ? { ...now, kettle: { ...now.kettle, unit: next } } : now,
              ),
            );
          }}
        >
          {(metric || unit === "L") && <option value="L">litres</option>}
          {(!metric || unit === "qt") && <option value="qt">quarts</option>}
        </select>
      </label>
      {start.note}
      <p className="mt-2 text-[0.9rem] text-soft">
        Each jar takes its share of broth; a third is reserve, for jars take more than the sum says, never
        less.
      </p>
    </Card>
  );
}

/** What the filled jars have taken, in mL. */
function used(answer: DishResponse, dish: Dish): number {
  return (answer.amounts?.perJar ?? []).reduce((sum, jar) => {
    const count = dish.filled.find((each) => each.size === jar.size && each.mouth === jar.mouth)?.count ?? 0;
    return sum + jar.brothMl * count;
  }, 0);
}

/** A pot of boiling broth and how high it stands. */
function KettlePicture({ level }: { readonly level: number }) {
  const top = 26 + (1 - level) * 52;
  return (
    <svg viewBox="0 0 100 92" className="h-24 w-26 shrink-0" aria-hidden="true">
      <clipPath id="kettle-inside">
        <path d="M 16 24 H 84 V 72 Q 84 82 74 82 H 26 Q 16 82 16 72 Z" />
      </clipPath>
      <rect x="16" y={top} width="68" height="60" className="fill-broth" clipPath="url(#kettle-inside)" />
      <path
        d="M 16 22 V 72 Q 16 82 26 82 H 74 Q 84 82 84 72 V 22 M 10 22 H 90 M 16 36 H 7 M 84 36 H 93"
        fill="none"
        className="stroke-glass"
        strokeWidth="3"
        strokeLinecap="round"
      />
    </svg>
  );
}
