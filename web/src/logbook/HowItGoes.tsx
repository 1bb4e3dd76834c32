import { useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { Card, Disclosure, useWidth } from "@/kit";
import { formatDate } from "@/quantity";

type Point = Schemas["RunFigure"];

/** How each canner has been doing: come-up and cool-down of its clean runs, and how many jars sealed; and how near yields came. */
export function HowItGoes() {
  const figures = useQuery({
    queryKey: keys.figures,
    queryFn: () => body(api.GET("/api/figures")),
  });
  const canners = (figures.data?.canners ?? []).filter((canner) => canner.runs.length > 1);
  if (canners.length === 0) {
    return null;
  }
  const yields = figures.data?.yields ?? [];
  return (
    <div className="grid gap-4 lg:grid-cols-2">
      {canners.map(({ canner, runs }) => {
        const checked = runs.reduce((sum, run) => sum + run.checked, 0);
        const sealed = runs.reduce((sum, run) => sum + run.sealed, 0);
        return (
          <Card key={canner} label={`How ${canner} goes`} className="flex flex-col gap-2">
            <h2 className="flex items-baseline justify-between gap-3 text-lg font-bold">
              {canner}
              {checked > 0 && (
                <span className="text-base">
                  {Math.round((sealed / checked) * 100)} % sealed
                  <span className="ml-2 font-normal text-soft">
                    {sealed} of {checked}
                  </span>
                </span>
              )}
            </h2>
            <Line name="Come-up" runs={runs} of={(run) => run.comeUpMin ?? undefined} />
            <Line name="Cool-down" runs={runs} of={(run) => run.coolDownMin ?? undefined} />
            <Runs canner={canner} runs={runs} />
          </Card>
        );
      })}
      {yields.length > 0 && (
        <Card label="Yields" className="flex flex-col gap-1">
          <h2 className="text-lg font-bold">Jars made, of those foreseen</h2>
          <ul>
            {yields.map((made) => (
              <li key={`${made.title}/${made.at}`} className="flex justify-between gap-4">
                <span>
                  {made.title}, {formatDate(made.at)}
                </span>
                <strong className="digits">{Math.round(made.share * 100)} %</strong>
              </li>
            ))}
          </ul>
        </Card>
      )}
    </div>
  );
}

/** What the dots show, to be read, the latest first. */
function Runs({ canner, runs }: { readonly canner: string; readonly runs: readonly Point[] }) {
  return (
    <Disclosure title="Run by run">
      <table className="w-full text-right">
        <caption className="sr-only">The runs of {canner}, the latest first</caption>
        <thead className="text-soft">
          <tr>
            <th className="text-left font-semibold">Day</th>
            <th className="font-semibold">Come-up</th>
            <th className="font-semibold">Cool-down</th>
            <th className="font-semibold">Sealed</th>
          </tr>
        </thead>
        <tbody className="digits">
          {[...runs].reverse().map((run) => (
            <tr key={run.at} className="border-t border-line">
              <th className="py-2 text-left font-semibold">{formatDate(run.at)}</th>
              <td>{run.comeUpMin == null ? "–" : `${run.comeUpMin} min`}</td>
              <td>{run.coolDownMin == null ? "–" : `${run.coolDownMin} min`}</td>
              <td>{run.checked === 0 ? "–" : `${run.sealed} of ${run.checked}`}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Disclosure>
  );
}

interface LineProps {
  readonly name: string;
  readonly runs: readonly Point[];
  readonly of: (run: Point) => number | undefined;
}

const HEIGHT = 56;

/** A row of dots, the oldest left; the last one is told in words. */
function Line({ name, runs, of }: LineProps) {
  const frame = useRef<SVGSVGElement>(null);
  const width = useWidth(frame, 300);
  const points = runs
    .map((run) => ({ at: run.at, value: of(run) }))
    .filter((point) => point.value !== undefined) as {
    at: string;
    value: number;
  }[];
  const last = points.at(-1);
  if (!last) {
    return null;
  }
  const top = Math.max(...points.map((point) => point.value), 1);
  const x = (index: number) =>
    points.length === 1 ? width / 2 : 8 + (index / (points.length - 1)) * (width - 16);
  const y = (value: number) => HEIGHT - 8 - (value / top) * (HEIGHT - 20);
  return (
    <div className="grid grid-cols-[minmax(0,6rem)_minmax(0,1fr)_minmax(0,5rem)] items-center gap-3">
      <span className="font-semibold text-soft">{name}</span>
      <svg
        ref={frame}
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        className="block w-full"
        role="img"
        aria-label={`${name} in minutes, the oldest first: ${points.map((point) => point.value).join(", ")}`}
      >
        <line x1="0" x2={width} y1={HEIGHT - 8} y2={HEIGHT - 8} className="stroke-line" />
        <polyline
          points={points.map((point, index) => `${x(index)},${y(point.value)}`).join(" ")}
          className="fill-none stroke-bar"
          strokeWidth="2"
        />
        {points.map((point, index) => (
          <circle key={point.at} cx={x(index)} cy={y(point.value)} r="4.5" className="fill-primary" />
        ))}
      </svg>
      <span className="text-right">
        <strong className="digits text-xl">{last.value}</strong> min
      </span>
    </div>
  );
}
