import { memo } from "react";
import { JarCutaway } from "@/jars";
import { Button, Card } from "@/kit";
import { countJars, jarWord } from "@/quantity";
import { counted, type Dish } from "./body";
import type { DishResponse } from "./usePlan";

interface Props {
  readonly answer: DishResponse;
  readonly fixed: boolean;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** What the pot makes: the jars cut open, and where what fills none may go. */
export const PotCard = memo(function PotCard({ answer, fixed, change }: Props) {
  const { amounts, forecast } = answer;
  if (!amounts || !forecast) {
    return null;
  }
  const shown = amounts.perJar.slice(0, 3);
  return (
    <Card label="What it makes" className="flex flex-col gap-2 px-4! py-4!">
      <Forecast answer={answer} />
      {shown.length > 0 && (
        <JarCutaway
          jars={shown}
          headspaceIn={answer.ruling?.headspaceIn ?? 1}
          solidsShare={shown[0] ? shown[0].solidsMl / shown[0].fillMl : 0}
        />
      )}
      {forecast.leftover != null && <Leftover answer={answer} fixed={fixed} change={change} />}
    </Card>
  );
});

function Forecast({ answer }: { readonly answer: DishResponse }) {
  const { forecast, jars } = answer;
  if (!forecast) {
    return null;
  }
  const size = jars[0]?.size ?? "quart";
  return (
    <div>
      <p className="text-[1.35rem] leading-snug font-bold" aria-live="polite">
        {jars.length === 0 ? "Not one jar full" : countJars(jars)}
        {forecast.keptBack != null && <>, and {forecast.keptBack} for dinner</>}
      </p>
      <p className="text-soft">
        Give or take {forecast.giveOrTake} {jarWord(size, forecast.giveOrTake)}: heat one spare.{" "}
        {forecast.meals >= 1 && <>About {Math.floor(forecast.meals)} meals for this household.</>}
      </p>
      {forecast.limitedByName != null && forecast.rests.length > 0 && (
        <p className="mt-1">
          <strong>{forecast.limitedByName}</strong> runs out first.{" "}
          {forecast.rests.map((rest) => `${rest.rest} of ${rest.name}`).join(", ")} stays.
        </p>
      )}
    </div>
  );
}

function Leftover({ answer, fixed, change }: Props) {
  const { forecast } = answer;
  if (!forecast) {
    return null;
  }
  return (
    <div className="rounded-field bg-steam px-4 py-3">
      <p className="font-bold">About {forecast.leftover} more, which fills no jar</p>
      <ul className="mt-1 flex flex-col gap-0.5 text-[0.95rem]">
        {forecast.routes.map((route) => (
          <li key={route.code} className="flex flex-wrap items-center gap-x-2">
            {route.text}
            {route.size != null && route.mouth != null && !fixed && (
              <Button
                look="quiet"
                size="small"
                className="px-2!"
                onClick={() =>
                  change((now) => ({
                    ...now,
                    jars: counted(now.jars, route.size ?? "", route.mouth ?? "", 0),
                  }))
                }
              >
                Use {jarWord(route.size, 2)} too
              </Button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
