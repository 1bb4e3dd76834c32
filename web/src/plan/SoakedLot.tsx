import { useState } from "react";
import { Card, Field } from "@/kit";
import { jarWord } from "@/quantity";
import { type Dish, onDish, type PlanEdit } from "./body";
import type { DishResponse } from "./usePlan";

interface Props {
  readonly answer: DishResponse;
  readonly dish: Dish;
  readonly metric: boolean;
  readonly edit: (edit: PlanEdit) => void;
}

/** Beans measured after soaking cannot be counted out: the lot on the scale, divided by the jars. */
export function SoakedLot({ answer, dish, metric, edit }: Props) {
  const [typing, setTyping] = useState<string | undefined>();
  // Beans that go into a pot with other things are shared out with them.
  const alone = answer.shareOut[0]?.lines.length === 1;
  const beans = answer.prep?.foods.some((food) => food.steps.some((step) => /soak/i.test(step.text)));
  if (!(beans && alone) && answer.soaked == null) {
    return null;
  }
  const shown = typing ?? dish.weighed ?? "";
  const unread = shown.trim() !== "" && answer.soaked == null && typing === undefined;
  return (
    <Card label="The soaked lot" className="px-5! py-4!">
      <Field
        label="The soaked beans weigh"
        error={unread ? "A weight, such as 14 lb 6 oz or 6.5 kg" : undefined}
        hint="Drained, all of them at once."
      >
        {(id, described) => (
          <input
            id={id}
            aria-describedby={described}
            className="input min-h-11 w-full text-lg font-bold"
            placeholder={metric ? "6.5 kg" : "14 lb 6 oz"}
            maxLength={40}
            value={shown}
            onChange={(event) => {
              const typed = event.target.value;
              setTyping(typed);
              edit(
                onDish(dish.key, ({ weighed: _, ...now }) =>
                  typed.trim() === "" ? now : { ...now, weighed: typed },
                ),
              );
            }}
            onBlur={() => setTyping(undefined)}
          />
        )}
      </Field>
      {answer.soaked?.perJar.map((jar) => (
        <p key={`${jar.size}/${jar.mouth}`} className="mt-1 text-lg" role="status">
          <strong>{jar.each}</strong> into each {jarWord(jar.size, 1)}
        </p>
      ))}
    </Card>
  );
}
