import { Card, Figure } from "@/kit";
import type { Kitchen } from "@/kitchen";
import { formatAltitude, formatInches, jarWord } from "@/quantity";
import { Link } from "@/routing";
import type { Ruling } from "./useRulingPreview";
import { VerdictTag } from "./VerdictTag";

interface Props {
  readonly ruling: Ruling;
  readonly size: "quart" | "pint";
  readonly kitchen: Kitchen;
}

const TONES: Record<string, "brick" | "mustard" | "rim"> = {
  stop: "brick",
  ask: "rim",
  "own-judgement": "mustard",
};

/** The answer, as the largest thing on the page, with its reason under it. */
export function AnswerCard({ ruling, size, kitchen }: Props) {
  const other = size === "quart" ? "pint" : "quart";
  const otherMinutes = ruling.minutesBySize?.[other];
  return (
    <Card label="Ruling" tone={TONES[ruling.verdict] ?? "copper"} className="flex flex-col gap-3">
      <div>
        <VerdictTag verdict={ruling.verdict} />
      </div>
      {ruling.verdict === "ask" ? (
        <AskSentence ruling={ruling} size={size} />
      ) : ruling.minutes == null ? (
        <StopSentence ruling={ruling} />
      ) : (
        <>
          <div className="flex items-end gap-3">
            <output className="digits text-[5.5rem] font-bold" aria-label={`${ruling.minutes} minutes`}>
              {ruling.minutes}
            </output>
            <div className="pb-2">
              <div className="text-xl font-bold">min</div>
              <div className="text-soft">
                {jarWord(size, 2)} ·{" "}
                {otherMinutes == null
                  ? `no time for ${jarWord(other, 2)}`
                  : `${otherMinutes} in ${jarWord(other, 2)}`}
              </div>
            </div>
          </div>
          <p className="text-[1.1rem] leading-snug">
            <Headline ruling={ruling} />
          </p>
          <Pressure ruling={ruling} kitchen={kitchen} />
        </>
      )}
    </Card>
  );
}

/** The core's sentence, with the part before the colon in copper when an ingredient sets the time. */
function Headline({ ruling }: { readonly ruling: Ruling }) {
  const [who, ...rest] = ruling.headline.split(":");
  return (
    <>
      <strong className={ruling.setBy === "line" ? "text-copper" : ""}>{who}:</strong>
      {rest.join(":")}
    </>
  );
}

/** What it would come to, plainly as something that is not settled yet. */
function AskSentence({ ruling, size }: { readonly ruling: Ruling; readonly size: "quart" | "pint" }) {
  return (
    <div className="flex flex-col gap-2">
      <p className="text-2xl font-bold">{ruling.headline}</p>
      {ruling.minutesIfSettled != null && (
        <p className="text-[1.05rem]">
          On the most careful answers it would be{" "}
          <strong className="whitespace-nowrap">{ruling.minutesIfSettled} min</strong> in {jarWord(size, 2)}.
        </p>
      )}
      <p className="text-soft">There is no time, no card and no run until it is answered. One tap each.</p>
    </div>
  );
}

function StopSentence({ ruling }: { readonly ruling: Ruling }) {
  const whole = ruling.findings.filter((finding) => finding.severity === "stop" && finding.line == null);
  return (
    <div className="flex flex-col gap-2">
      <p className="text-2xl font-bold">{ruling.headline}</p>
      {whole.length === 0 && <p>The reason and the way out stand beside each ingredient.</p>}
      <p className="text-soft">
        There is no time, no card and no run until it is mended. When unsure, ask your local extension office.
      </p>
    </div>
  );
}

function Pressure({ ruling, kitchen }: { readonly ruling: Ruling; readonly kitchen: Kitchen }) {
  const canner = kitchen.canners.find((each) => each.trouble == null);
  if (kitchen.altitudeFt == null || kitchen.altitudeM == null || !canner) {
    return (
      <p className="border-t border-line pt-3">
        The pressure depends on your altitude and canner:{" "}
        <Link to="/kitchen" className="font-bold text-primary underline">
          say them in Kitchen
        </Link>
        .
      </p>
    );
  }
  const dial = canner.gauge === "dial";
  const raised = Number(ruling.targetReadingPsi) > Number(ruling.pressurePsi);
  return (
    <div className="border-t border-line pt-3">
      <div className="grid grid-cols-2 gap-4">
        <Figure
          label={dial ? `Read on ${canner.name}` : `Weight on ${canner.name}`}
          value={ruling.targetReadingPsi}
          unit={dial ? "psi" : "lb"}
        />
        <Figure label="Headspace" amount={formatInches(Number(ruling.headspaceIn))} />
      </div>
      <p className="mt-2 text-[0.9rem] text-soft">
        {ruling.pressurePsi} psi at {formatAltitude(kitchen.altitudeFt, kitchen.altitudeM, kitchen.units)}
        {raised && `, plus ${canner.gaugeErrorPsi} because this dial reads high`}. Never below it.
      </p>
    </div>
  );
}
