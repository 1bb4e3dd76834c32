import { useState } from "react";
import { wrongAt } from "@/api/problem";
import { Button, Card, Choice, Field, LinkButton, Place, ProblemNote, Stepper } from "@/kit";
import { useKitchen } from "@/kitchen";
import { formatDateTime, formatSpan, JAR_SIZES, jarWord } from "@/quantity";
import { type Done, type Hindsight, useHindsight } from "./useBatches";

/** 'YYYY-MM-DDTHH:MM' of a time on this device, as an input wants it. */
function local(at: Date): string {
  const two = (value: number) => String(value).padStart(2, "0");
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}`;
}

/** What was done without Mobrel, held against the tables; and how long something can still be done about it. */
export function OutsidePage() {
  const kitchen = useKitchen();
  const check = useHindsight();
  const [lines, setLines] = useState("");
  const [size, setSize] = useState("pint");
  const [count, setCount] = useState(7);
  const [minutes, setMinutes] = useState(60);
  const [psi, setPsi] = useState(10);
  const [gauge, setGauge] = useState("dial");
  const [vented, setVented] = useState("yes");
  const [unbroken, setUnbroken] = useState("yes");
  const [finished, setFinished] = useState(() => local(new Date(Date.now() - 3_600_000)));
  const done = (keep: boolean): Done => ({
    lines: lines
      .split("\n")
      .map((line) => line.trim())
      .filter((line) => line !== ""),
    jar: { size, count },
    minutes,
    psi,
    gauge,
    vented: vented === "yes",
    unbroken: unbroken === "yes",
    finishedAt: new Date(finished).toISOString(),
    keep,
  });
  const ready = lines.trim() !== "" && !Number.isNaN(Date.parse(finished));
  return (
    <Place
      title="I did it like this"
      lead="Canned without Mobrel? Say what was done, and see whether the published tables cover it"
      actions={<LinkButton to="/logbook">The logbook</LinkButton>}
    >
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <Card label="What was done">
          <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              check.mutate(done(false));
            }}
          >
            <Field
              label="What was in the jars"
              hint="A dish such as bean soup, or its ingredients, one a line."
              error={wrongAt(check.error, "lines")}
            >
              {(id, described) => (
                <textarea
                  id={id}
                  aria-describedby={described}
                  rows={3}
                  className="textarea w-full text-base"
                  value={lines}
                  onChange={(event) => setLines(event.target.value)}
                />
              )}
            </Field>
            <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
              <Field label="Jars">
                {(id) => (
                  <select
                    id={id}
                    className="select min-h-12"
                    value={size}
                    onChange={(event) => setSize(event.target.value)}
                  >
                    {JAR_SIZES.map((each) => (
                      <option key={each} value={each}>
                        {jarWord(each, 2)}
                      </option>
                    ))}
                  </select>
                )}
              </Field>
              <Stepper label="How many" value={count} min={1} max={100} onChange={setCount} />
            </div>
            <div className="grid gap-x-8 gap-y-2 sm:grid-cols-2">
              <Stepper label="Minutes" value={minutes} min={1} max={600} step={5} onChange={setMinutes} />
              <Stepper label="Pressure, psi" value={psi} min={0} max={30} step={0.5} onChange={setPsi} />
            </div>
            <Choice
              label="Read on"
              value={gauge}
              options={[
                { value: "dial", text: "A dial" },
                { value: "weighted", text: "The weight" },
              ]}
              onChange={setGauge}
            />
            <Choice
              label="Vented for ten minutes"
              value={vented}
              options={[
                { value: "yes", text: "Yes" },
                { value: "no", text: "No, or less" },
              ]}
              onChange={setVented}
            />
            <Choice
              label="The pressure never fell below"
              value={unbroken}
              options={[
                { value: "yes", text: "Never" },
                { value: "no", text: "It did" },
              ]}
              onChange={setUnbroken}
            />
            <Field label="When was the heat turned off" error={wrongAt(check.error, "finishedAt")}>
              {(id, described) => (
                <input
                  id={id}
                  aria-describedby={described}
                  type="datetime-local"
                  className="input min-h-12"
                  value={finished}
                  onChange={(event) => setFinished(event.target.value)}
                />
              )}
            </Field>
            {kitchen.data && kitchen.data.altitudeFt == null && (
              <p className="text-brick">Say in Kitchen how high you live: the pressure depends on it.</p>
            )}
            <Button type="submit" look="main" size="stove" disabled={!ready || check.isPending}>
              Is that covered?
            </Button>
          </form>
        </Card>
        <div className="flex flex-col gap-4">
          <ProblemNote error={check.error} />
          {check.data && (
            <Answer answer={check.data} onKeep={() => check.mutate(done(true))} busy={check.isPending} />
          )}
        </div>
      </div>
    </Place>
  );
}

interface AnswerProps {
  readonly answer: Hindsight;
  readonly onKeep: () => void;
  readonly busy: boolean;
}

function Answer({ answer, onKeep, busy }: AnswerProps) {
  return (
    <Card label="Answer" tone={answer.covered ? "plain" : "brick"} className="flex flex-col gap-3">
      <h2 className="text-3xl font-bold">{answer.covered ? "Covered" : "Not covered"}</h2>
      <p className="text-lg">{answer.headline}</p>
      {answer.covered && <p>The published tables cover what was done, if it was as you say.</p>}
      <ul className="ml-5 list-disc text-lg">
        {answer.shortfalls.map((shortfall) => (
          <li key={shortfall.code}>{shortfall.text}</li>
        ))}
      </ul>
      {!answer.covered &&
        (answer.leftMillis > 0 ? (
          <p className="text-lg">
            <strong>{formatSpan(answer.leftMillis)} left</strong>, until {formatDateTime(answer.decideBy)}:
            process again with new lids for the full {answer.minutesNeeded ?? ""}{" "}
            {answer.minutesNeeded ? "minutes" : "time"}, refrigerate and eat within a few days, or freeze.
            Keep the jars cold until then.
          </p>
        ) : (
          <p className="text-lg">
            <strong>The 24 hours are over.</strong> Jars that were not kept cold are discarded; do not taste
            them.
          </p>
        ))}
      {answer.id == null ? (
        <Button className="self-start" disabled={busy} onClick={onKeep}>
          {answer.covered ? "Write it into the logbook" : "Write it down, to be kept cold"}
        </Button>
      ) : (
        <p className="font-semibold">
          Written down.{" "}
          {answer.covered ? "" : "It gets no shelf label; the logbook asks what became of the jars."}
        </p>
      )}
    </Card>
  );
}
