import { memo } from "react";
import { FreezeButton } from "@/freezer";
import { JarCutaway } from "@/jars";
import { Button, Card } from "@/kit";
import { counted, type Dish } from "./body";
import type { DishResponse } from "./usePlan";

interface Props {
  readonly answer: DishResponse;
  readonly fixed: boolean;
  readonly change: (change: (dish: Dish) => Dish) => void;
}

/** The jars cut open, and where what fills none may go. */
export const PotCard = memo(function PotCard({ answer, fixed, change }: Props) {
  const { amounts, forecast } = answer;
  if (!amounts || !forecast) {
    return null;
  }
  const shown = amounts.perJar.slice(0, 3);
  if (shown.length === 0 && forecast.leftover == null) {
    return null;
  }
  return (
    <Card label="The jars" className="flex flex-col gap-2 px-4! py-4!">
      {shown.length > 0 && (
        <JarCutaway
          jars={shown}
          headspaceIn={answer.ruling?.headspaceIn ?? 1}
          solidsShare={shown[0] ? shown[0].solidsMl / shown[0].fillMl : 0}
        />
      )}
      {forecast.meals >= 1 && (
        <p className="text-soft">
          About {Math.floor(forecast.meals)} meals for this household. Heat one spare jar.
        </p>
      )}
      {forecast.leftover != null && <Leftover answer={answer} fixed={fixed} change={change} />}
    </Card>
  );
});

function Leftover({ answer, fixed, change }: Props) {
  const { forecast } = answer;
  if (!forecast) {
    return null;
  }
  return (
    <div className="rounded-field bg-steam px-4 py-3">
      <p className="font-bold">{forecast.leftover} is over</p>
      <ul className="mt-1 flex flex-col gap-0.5 text-[0.95rem]">
        {forecast.routes.map((route) => (
          <li key={route.code} className="flex flex-wrap items-center gap-x-2">
            {route.text}
            {route.code === "freezer" && (
              <FreezeButton
                key={forecast.leftoverMl}
                title={answer.title}
                recipeId={answer.recipeId}
                volumeMl={Math.max(50, Math.round(forecast.leftoverMl))}
              />
            )}
            {route.jars.length > 0 && !fixed && (
              <Button
                look="quiet"
                size="small"
                className="px-2!"
                onClick={() =>
                  change((now) => ({
                    ...now,
                    jars: route.jars.reduce<Dish["jars"]>(
                      (all, jar) => counted(all, jar.size, jar.mouth ?? "regular", 0),
                      now.jars,
                    ),
                  }))
                }
              >
                Fill {route.jars.length === 1 && route.jars[0]?.count === 1 ? "it" : "them"}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
