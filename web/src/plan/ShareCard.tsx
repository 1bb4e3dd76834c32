import { memo } from "react";
import { Card, Disclosure, Stepper } from "@/kit";
import { jarWord } from "@/quantity";
import type { Dish } from "./body";
import type { DishResponse } from "./usePlan";

interface Props {
  readonly metric: boolean;
  readonly answer: DishResponse;
}

/** What one jar gets of everything, so that the seventh jar is not all carrots. */
export const ShareCard = memo(function ShareCard({ metric, answer }: Props) {
  if (answer.shareOut.length === 0 && answer.doses.length === 0) {
    return null;
  }
  return (
    <Card label={`Shared out: ${answer.title}`} className="px-4! py-3!">
      <h2 className="text-lg font-bold">Into each jar</h2>
      <div className="grid gap-x-8 gap-y-3 md:grid-cols-2">
        {answer.shareOut.map((share) => (
          <table key={`${share.size}/${share.mouth}`} className="w-full self-start">
            <caption className="py-1 text-left font-bold">
              A {share.mouth} {jarWord(share.size, 1)}
            </caption>
            <tbody>
              {share.lines.map((line) => (
                <tr key={line.line} className="border-b border-line">
                  <td className="py-1.5">{line.name}</td>
                  <td className="digits px-2 py-1.5 text-right font-bold whitespace-nowrap">
                    {line.grams} g
                  </td>
                  <td className="py-1.5 text-right text-soft">
                    {metric ? line.byCup : `${line.weighed} · ${line.byCup}`}
                  </td>
                </tr>
              ))}
              <tr>
                <td className="py-1.5 font-bold">Solids</td>
                <td className="digits px-2 py-1.5 text-right font-bold">{share.totalG} g</td>
                <td className="py-1.5 text-right text-soft">{metric ? "" : share.total}</td>
              </tr>
            </tbody>
          </table>
        ))}
      </div>
      {answer.doses.length > 0 && (
        <Disclosure title="Season jar by jar instead" className="mt-1">
          <ul>
            {answer.doses.map((dose) => (
              <li
                key={dose.line}
                className="flex flex-wrap justify-between gap-x-4 border-b border-line py-1.5"
              >
                <span>{dose.name}</span>
                <span>
                  {dose.perJar.map((each) => (
                    <span key={`${each.size}/${each.mouth}`} className="mr-3">
                      <strong>{each.dose}</strong> a {jarWord(each.size, 1)}
                    </span>
                  ))}
                  <span className="text-soft">{dose.total} in all</span>
                </span>
              </li>
            ))}
          </ul>
        </Disclosure>
      )}
    </Card>
  );
});

interface VariantProps {
  readonly answer: DishResponse;
  readonly wishes: Dish["variants"];
  readonly fixed: boolean;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** How many of the jars get which add-in. */
export const VariantCounts = memo(function VariantCounts({ answer, wishes, fixed, change }: VariantProps) {
  if (answer.variants.length === 0) {
    return null;
  }
  const all = answer.jars.reduce((sum, jar) => sum + jar.count, 0);
  const taken = answer.variants.reduce((sum, variant) => sum + variant.jars, 0);
  return (
    <Card label="Variants" className="px-4! py-3!">
      <h2 className="text-lg font-bold">Something added to some jars</h2>
      <p className="text-soft">
        {taken === 0
          ? "All of them stay as the recipe is."
          : `${Math.max(0, all - taken)} of ${all} stay as the recipe is.`}
      </p>
      <fieldset disabled={fixed} className="mt-1 flex flex-col gap-2">
        {answer.variants.map((variant) => (
          <div key={variant.name}>
            <Stepper
              label={variant.name}
              value={wishes.find((each) => each.name === variant.name)?.jars ?? 0}
              max={all}
              onChange={(jars) =>
                change((now) => ({
                  ...now,
                  variants: [
                    ...now.variants.filter((each) => each.name !== variant.name),
                    { name: variant.name, jars },
                  ],
                }))
              }
            />
            {variant.jars > 0 && <p className="text-[0.9rem] text-soft">{variant.addIns.join(", ")}</p>}
          </div>
        ))}
      </fieldset>
      {taken > all && (
        <p role="alert" className="font-semibold text-brick">
          That is more than there are jars.
        </p>
      )}
    </Card>
  );
});
