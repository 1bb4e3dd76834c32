import { useState } from "react";
import { Button, Stepper } from "@/kit";
import type { EventRequest, Run } from "./live";

interface Props {
  readonly run: Run;
  readonly onEvent: (...events: EventRequest[]) => void;
  readonly onClose: () => void;
}

interface Found {
  readonly text: string;
  readonly does: string;
  readonly events: readonly EventRequest[];
  readonly loss?: boolean;
}

/** The phone, the children, the gas bottle: how long, and what is found on coming back. Nothing is guessed. */
export function Away({ run, onEvent, onClose }: Props) {
  const [minutes, setMinutes] = useState<number | undefined>();
  const [low, setLow] = useState<number | undefined>();
  const away = (words: string): EventRequest => ({ type: "away", note: `away ${minutes} min, ${words}` });
  if (minutes === undefined) {
    return (
      <div className="flex flex-col gap-3">
        <p className="text-xl font-bold">How long was nobody at the stove?</p>
        <div className="flex flex-wrap gap-3">
          {[2, 5, 10, 20, 40].map((each) => (
            <Button key={each} size="stove" className="flex-1" onClick={() => setMinutes(each)}>
              {each} min
            </Button>
          ))}
          <Button size="stove" look="quiet" onClick={onClose}>
            Back
          </Button>
        </div>
      </div>
    );
  }
  if (low !== undefined) {
    return (
      <div className="flex flex-col gap-3">
        <Stepper label="The dial reads" value={low} min={0} max={25} step={0.5} onChange={setLow} />
        <div className="flex gap-3">
          <Button
            size="stove"
            look="loss"
            className="flex-1"
            onClick={() => onEvent(away(`${low} when back`), { type: "reading", psi: low })}
          >
            Write down {low}
          </Button>
          <Button size="stove" onClick={() => setLow(undefined)}>
            Back
          </Button>
        </div>
      </div>
    );
  }
  return (
    <div className="flex flex-col gap-3">
      <p className="text-xl font-bold">What do you find?</p>
      <ul className="flex flex-col gap-2">
        {found(run, away).map((each) => (
          <li key={each.text}>
            <Button
              size="stove"
              look={each.loss ? "loss" : "plain"}
              className="w-full flex-col items-start! gap-0 text-left"
              onClick={() =>
                each.events.length === 0 ? setLow(Math.max(0, run.targetPsi - 2)) : onEvent(...each.events)
              }
            >
              <span>{each.text}</span>
              <span className="text-base font-normal">{each.does}</span>
            </Button>
          </li>
        ))}
      </ul>
      <Button look="quiet" onClick={onClose}>
        Back
      </Button>
    </div>
  );
}

function found(run: Run, away: (words: string) => EventRequest): readonly Found[] {
  const again = `the full ${run.minutes} minutes begin again`;
  if (run.stage === "venting") {
    return [
      {
        text: "A steady plume, and it never stopped",
        does: "The vent goes on. The absence is written down.",
        events: [away("steam steady all the time")],
      },
      {
        text: "The steam is weak, or the heat was out",
        does: "The vent is void: ten minutes begin again at the next steady plume.",
        events: [away("the steam had stopped"), { type: "steam-stopped" }],
        loss: true,
      },
    ];
  }
  const atPressure = run.stage === "rising" || (run.stage === "holding" && !run.holdComplete);
  if (!atPressure) {
    return [{ text: "All as it was", does: "The absence is written down.", events: [away("all as it was")] }];
  }
  const onMark: EventRequest =
    run.gauge === "dial" ? { type: "reading", psi: run.targetPsi } : { type: "reading", weight: "proper" };
  return [
    {
      text: run.gauge === "dial" ? `On the mark: ${run.targetPsi} or more` : "The weight moves properly",
      does: "The clock goes on. The stretch without a look stays in the record.",
      events: [away("on the mark when back"), onMark],
    },
    run.gauge === "dial"
      ? { text: "Below the mark", does: `Say what it reads: ${again}.`, events: [], loss: true }
      : {
          text: "The weight is still",
          does: `Pressure was lost: ${again}.`,
          events: [away("the weight was still"), { type: "reading", weight: "still" }],
          loss: true,
        },
    {
      text: "The heat was out: gas, fuse, power cut",
      does: `Nobody can say what the pressure did: ${again} at the mark.`,
      events: [away("the heat was out"), { type: "interrupted" }],
      loss: true,
    },
    ...(run.gauge === "dial"
      ? [
          {
            text: "The dial is at zero",
            does: "Air may be back in: vent for ten minutes again, then the full time.",
            events: [away("the dial was at zero"), { type: "reading", psi: 0 }],
            loss: true,
          },
        ]
      : []),
  ];
}
