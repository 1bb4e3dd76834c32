import { useId, useState } from "react";
import { session } from "@/api/storage";
import { Button, ProblemNote } from "@/kit";
import type { Kitchen } from "@/kitchen";
import { formatAltitude, formatFeet } from "@/quantity";
import { beginRecipe } from "@/recipes";
import { useNavigate } from "@/routing";
import { type Ruling, useRulingPreview, VerdictTag } from "@/ruling";
import { useTables } from "@/tables";

const KEPT = "mobrel.first-lines";

/** The first question of a kitchen that knows nothing: the tables answer at once, and the rest is asked when the answer needs it. */
export function WhatFirst({ kitchen }: { readonly kitchen: Kitchen }) {
  const id = useId();
  const navigate = useNavigate();
  const [text, setText] = useState(() => session.getItem(KEPT) ?? "");
  const [opening, setOpening] = useState(false);
  const lines = text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
  const look = useRulingPreview({
    lines,
    pack: "hot",
    solidsShare: 0.5,
    method: [],
    variants: [],
    settled: [],
    answers: [],
    size: "quart",
  });
  const ruling = lines.length > 0 ? look.data?.ruling : undefined;
  return (
    <div className="flex flex-col gap-3">
      <label htmlFor={id} className="text-2xl font-bold">
        What are you canning?
      </label>
      <textarea
        id={id}
        className="textarea field-sizing-content min-h-14 w-full max-w-3xl text-xl"
        placeholder="2 lb dried kidney beans, soaked overnight"
        rows={1}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          session.setItem(KEPT, event.target.value);
        }}
      />
      <div
        aria-live="polite"
        aria-busy={look.isPlaceholderData}
        // What stands there is still the answer to what was typed before.
        className={`flex flex-col gap-3 ${look.isPlaceholderData ? "opacity-40" : ""}`}
      >
        <ProblemNote error={look.error} retry={() => look.refetch()} />
        {ruling && <Answer ruling={ruling} kitchen={kitchen} />}
      </div>
      {ruling && (
        <div>
          <Button
            look="main"
            disabled={opening || look.isPlaceholderData}
            onClick={() => {
              setOpening(true);
              void beginRecipe(text).then(() => {
                session.removeItem(KEPT);
                return navigate({ to: "/recipes/:id", params: { id: "new" } });
              });
            }}
          >
            {ruling.verdict === "covered" ? "Open it as a recipe" : "See why, and what would do"}
          </Button>
        </div>
      )}
    </div>
  );
}

function Answer({ ruling, kitchen }: { readonly ruling: Ruling; readonly kitchen: Kitchen }) {
  const { quart, pint } = ruling.minutesBySize ?? {};
  return (
    <>
      <div>
        <VerdictTag verdict={ruling.verdict} />
      </div>
      {ruling.minutes == null ? (
        <>
          <p className="text-xl font-bold">{ruling.headline}</p>
          {ruling.questions.slice(0, 1).map((question) => (
            <p key={question.code}>{question.text}</p>
          ))}
          {ruling.findings
            .filter((finding) => finding.severity === "stop")
            .slice(0, 2)
            .map((finding) => (
              <p key={`${finding.code}/${finding.line}`}>{finding.text}</p>
            ))}
        </>
      ) : (
        <>
          <p className="flex flex-wrap items-baseline gap-x-5">
            {[
              { minutes: quart, jars: "quarts" },
              { minutes: pint, jars: "pints" },
            ].map(({ minutes, jars }) => (
              <span key={jars} className="whitespace-nowrap">
                {minutes == null ? (
                  `no tested time in ${jars}`
                ) : (
                  <>
                    <strong className="digits text-5xl">{minutes}</strong> min in {jars}
                  </>
                )}
              </span>
            ))}
          </p>
          <p className="text-lg">{ruling.headline}</p>
          <PressureSaid kitchen={kitchen} />
        </>
      )}
    </>
  );
}

/** The pressure where the kitchen lies; of a kitchen that has not said it, the highest there is in the tables. */
function PressureSaid({ kitchen }: { readonly kitchen: Kitchen }) {
  const tables = useTables();
  const known = kitchen.altitudeFt != null && kitchen.altitudeM != null;
  const bands = known ? kitchen.bands : (tables.data?.pressures ?? []);
  const highest = (gauge: string) => bands.filter((band) => band.gauge === gauge).at(-1);
  const [dial, weight] = [highest("dial"), highest("weighted")];
  if (!dial || !weight) {
    return null;
  }
  const where = known
    ? `At ${formatAltitude(kitchen.altitudeFt ?? 0, kitchen.altitudeM ?? 0)}`
    : `At ${formatFeet(dial.upToFt)} until you say otherwise`;
  return (
    <p className="text-lg">
      {where}: <strong>{dial.psi} psi</strong> on a dial, or the <strong>{weight.psi} lb</strong> weight.
    </p>
  );
}
