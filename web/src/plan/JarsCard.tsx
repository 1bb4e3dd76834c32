import type { ReactNode } from "react";
import { Card, Choice, Disclosure, Stepper } from "@/kit";
import type { Kitchen } from "@/kitchen";
import { jarWord } from "@/quantity";
import { countJar, type Dish, onlyMouth, type WantedJars, withMouth } from "./body";
import { KeepBack } from "./KeepBack";
import { PotAsItIs } from "./PotAsItIs";
import { amountOf, Sizes, UseUp } from "./UseUp";
import type { DishResponse, Plan } from "./usePlan";

/** More jars of one size than anybody fills in a day. */
const MOST_JARS = 500;
const MORE_SIZES = [
  { size: "pint-and-a-half", mouth: "wide" },
  { size: "twelve-ounce", mouth: "regular" },
] as const;

interface Props {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly dish: Dish;
  readonly answer: DishResponse;
  /** Whether it is at the stove, where its jars stay as they are. */
  readonly fixed: boolean;
  readonly wrong: (field: string) => string | undefined;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

const BEGINNINGS = [
  { value: "jars", text: "So many jars" },
  { value: "all", text: "The recipe as written" },
  { value: "times", text: "So many times the recipe" },
  { value: "use", text: "Use up what I have" },
  { value: "pot", text: "The pot as it is" },
] as const;

/** How many jars: so many, or as many as there turn out to be. */
export function JarsCard({ plan, kitchen, dish, answer, fixed, wrong, change }: Props) {
  const counted = dish.mode === "jars";
  return (
    <Card label="Jars" className="flex flex-col gap-3 px-4! py-4!">
      <fieldset disabled={fixed} className="flex flex-col gap-3 disabled:opacity-70">
        <select
          aria-label="Start from"
          className="select min-h-12 w-full text-lg font-bold"
          value={dish.mode}
          onChange={(event) => {
            const mode = event.target.value;
            change((now) => begin({ ...now, mode }, answer));
          }}
        >
          {BEGINNINGS.map((way) => (
            <option key={way.value} value={way.value}>
              {way.text}
            </option>
          ))}
        </select>
        {dish.mode === "use" && <UseUp dish={dish} answer={answer} wrong={wrong} change={change} />}
        {dish.mode === "times" && (
          <Stepper
            label="Times the recipe"
            value={dish.times ?? 1}
            min={0.5}
            max={50}
            step={0.5}
            onChange={(times) => change((now) => ({ ...now, times }))}
          />
        )}
        {dish.mode === "pot" && (
          <PotAsItIs dish={dish} metric={kitchen.units === "metric"} wrong={wrong} change={change} />
        )}
        {counted ? (
          <Counts plan={plan} dish={dish} wrong={wrong} change={change} />
        ) : (
          <Sizes dish={dish} change={change} />
        )}
        <Disclosure title={more(dish)}>
          <div className="flex flex-col gap-3 pb-1">
            {!counted && (
              <>
                <Check
                  checked={dish.oneLoad ?? false}
                  onChange={(oneLoad) => change((now) => ({ ...now, oneLoad }))}
                >
                  Only one load of {plan.cannerName}
                </Check>
                <Check
                  checked={dish.onHand ?? false}
                  onChange={(onHand) => change((now) => ({ ...now, onHand }))}
                >
                  Only jars that stand empty in the cupboard
                </Check>
              </>
            )}
            {counted && <MoreSizes dish={dish} change={change} />}
            <Mouth dish={dish} change={change} />
            <KeepBack dish={dish} kitchen={kitchen} wrong={wrong("keepBack")} change={change} />
          </div>
        </Disclosure>
      </fieldset>
      {fixed && <p className="text-[0.9rem] text-soft">At the stove already: its jars stay as they are.</p>}
    </Card>
  );
}

/** What is set behind the fold is said on it. */
function more(dish: Dish): string {
  const set = [
    dish.keepBack?.value == null ? "" : "dinner kept back",
    mouthOf(dish) === "wide" ? "wide mouth" : "",
    dish.mode !== "jars" && dish.oneLoad ? "one load" : "",
    dish.mode !== "jars" && dish.onHand ? "jars on hand" : "",
  ].filter(Boolean);
  return set.length === 0 ? "More" : `More: ${set.join(", ")}`;
}

interface CheckProps {
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  readonly children: ReactNode;
}

function Check({ checked, onChange, children }: CheckProps) {
  return (
    <label className="flex min-h-11 cursor-pointer items-center gap-2.5 leading-tight font-semibold">
      <input
        type="checkbox"
        className="checkbox"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>{children}</span>
    </label>
  );
}

/** The first thing to use up is the first that can be weighed, else the first with an amount; as much as the recipe has. */
function begin(dish: Dish, answer: DishResponse): Dish {
  if (dish.mode !== "use" || dish.hands.length > 0) {
    return dish;
  }
  const lines = answer.amounts?.lines ?? [];
  const first = lines.find((line) => line.mass != null) ?? lines.find((line) => line.kitchen != null);
  return first ? { ...dish, hands: [{ line: first.line, amount: amountOf(first), asBought: false }] } : dish;
}

interface CountsProps {
  readonly plan: Plan;
  readonly dish: Dish;
  readonly wrong: (field: string) => string | undefined;
  readonly change: Props["change"];
}

function Counts({ plan, dish, wrong, change }: CountsProps) {
  return (
    <>
      {dish.jars.map((jar, index) => (
        <div key={`${jar.size}/${jar.mouth}`}>
          <Stepper
            label={nameOf(jar, dish)}
            value={jar.count}
            max={MOST_JARS}
            onChange={(count) => change(countJar(jar.size, jar.mouth, count))}
          />
          {wrong(`jars[${index}]`) && (
            <p className="text-[0.85rem] font-semibold text-brick">{wrong(`jars[${index}]`)}</p>
          )}
        </div>
      ))}
      <p className="text-[0.95rem] leading-8">
        <span className="text-soft">One load is </span>
        {plan.fullLoads.map((load, index) => (
          <span key={load.size}>
            {index > 0 && <span className="text-soft"> or </span>}
            <Word onClick={() => change(fill(load.size, load.count))}>
              {load.count} {jarWord(load.size, load.count)}
            </Word>
          </span>
        ))}
      </p>
    </>
  );
}

/** Sizes that few use. */
function MoreSizes({ dish, change }: { readonly dish: Dish; readonly change: Props["change"] }) {
  const more = MORE_SIZES.filter((kind) => dish.jars.every((jar) => jar.size !== kind.size));
  return more.length === 0 ? null : (
    <p>
      <span className="text-soft">Also </span>
      {more.map((kind, index) => (
        <span key={kind.size}>
          {index > 0 && <span className="text-soft"> or </span>}
          <Word onClick={() => change(countJar(kind.size, kind.mouth, 1))}>{jarWord(kind.size, 2)}</Word>
        </span>
      ))}
    </p>
  );
}

/** A word in a sentence that does something. */
function Word({ onClick, children }: { readonly onClick: () => void; readonly children: ReactNode }) {
  return (
    <button
      type="button"
      className="inline-flex min-h-11 min-w-11 cursor-pointer items-center justify-center rounded-[0.4rem] px-0.5 leading-6 font-bold text-primary underline underline-offset-4 hover:bg-steam"
      onClick={onClick}
    >
      {children}
    </button>
  );
}

/** One canner load exactly, of one size alone. */
function fill(size: string, count: number): (dish: Dish) => Dish {
  return (dish) => {
    const mouth = dish.jars.find((jar) => jar.size === size)?.mouth ?? mouthOf(dish);
    return countJar(size, mouth, count)({ ...dish, jars: dish.jars.map((jar) => ({ ...jar, count: 0 })) });
  };
}

export function mouthOf(dish: Dish): "regular" | "wide" {
  return dish.jars.some((jar) => !onlyMouth(jar.size) && jar.mouth === "wide") ? "wide" : "regular";
}

/** 'Quarts'; the mouth is said only where two kinds of one size stand side by side. */
function nameOf(jar: WantedJars, dish: Dish): string {
  const words = jarWord(jar.size, 2);
  const word = words.charAt(0).toUpperCase() + words.slice(1);
  return dish.jars.filter((each) => each.size === jar.size).length > 1 ? `${word}, ${jar.mouth}` : word;
}

function Mouth({ dish, change }: { readonly dish: Dish; readonly change: Props["change"] }) {
  return (
    <Choice
      label="Mouth"
      value={mouthOf(dish)}
      options={[
        { value: "regular", text: "Regular" },
        { value: "wide", text: "Wide" },
      ]}
      onChange={(mouth) => change(withMouth(mouth))}
    />
  );
}
