import { useEffect, useRef, useState } from "react";
import { Button } from "@/kit";
import type { Burst } from "./detector";
import { Deaf, type Ear, openEar } from "./ear";
import { JIGGLE_TOGETHER_S, KNOCK_TOGETHER_S, type Lesson, learn } from "./learn";

interface Props {
  /** Whether this weight jiggles now and then, so that a finger can follow it. */
  readonly jiggles: boolean;
  readonly onLearned: (lesson: Lesson) => void;
  readonly onClose: () => void;
}

const ROCKING_S = 12;
const JIGGLING_S = 60;
const TAPS_ENOUGH = 6;

/** Teaches this device what the weight sounds like: a quiet minute beside it. */
export function Calibration({ jiggles, onLearned, onClose }: Props) {
  const [seconds, setSeconds] = useState<number | undefined>();
  const [taps, setTaps] = useState<readonly number[]>([]);
  const [problem, setProblem] = useState<string | undefined>();
  const [lesson, setLesson] = useState<Lesson | undefined>();
  const ear = useRef<Ear | undefined>(undefined);
  const bursts = useRef<Burst[]>([]);
  const heardAt = useRef({ seconds: 0, at: 0 });
  const gone = useRef(false);
  const opening = useRef(false);
  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
      ear.current?.stop();
    };
  }, []);
  const lasts = jiggles ? JIGGLING_S : ROCKING_S;
  const begin = async () => {
    // A second tap opens no second microphone.
    if (opening.current) {
      return;
    }
    opening.current = true;
    setProblem(undefined);
    setLesson(undefined);
    setTaps([]);
    bursts.current = [];
    try {
      ear.current = await openEar({ learning: true }, (word) => {
        if (word.what === "burst") {
          bursts.current.push(word.burst);
        } else if (word.what === "time") {
          heardAt.current = { seconds: word.seconds, at: performance.now() };
          setSeconds(word.seconds);
        }
      });
      if (gone.current) {
        ear.current.stop();
        return;
      }
      setSeconds(0);
    } catch (error) {
      setProblem(error instanceof Deaf ? error.message : "The microphone could not be opened.");
    } finally {
      opening.current = false;
    }
  };
  const end = () => {
    ear.current?.stop();
    ear.current = undefined;
    setSeconds(undefined);
    const learned = learn(
      bursts.current,
      jiggles ? taps : [],
      jiggles ? JIGGLE_TOGETHER_S : KNOCK_TOGETHER_S,
    );
    if (learned && learned.heard >= learned.of * 0.7 && learned.heard >= TAPS_ENOUGH - 1) {
      setLesson(learned);
    } else {
      setProblem(
        "It does not stand out here. Put this device within an arm's length of the canner, away from the hood, and try again when it is quiet.",
      );
    }
  };
  const over = seconds !== undefined && seconds >= lasts;
  useEffect(() => {
    if (over) {
      end();
    }
  });
  if (lesson) {
    return (
      <div className="flex flex-col gap-3" role="status">
        <p className="text-xl font-bold">
          {jiggles
            ? `Heard ${lesson.heard} of the ${lesson.of} you tapped`
            : `Heard it ${lesson.heard} times in ${ROCKING_S} seconds`}
        </p>
        <div className="flex flex-wrap gap-3">
          <Button size="stove" look="main" onClick={() => onLearned(lesson)}>
            Listen with it
          </Button>
          <Button size="stove" onClick={begin}>
            Teach it again
          </Button>
        </div>
      </div>
    );
  }
  if (seconds === undefined) {
    return (
      <div className="flex flex-col gap-3">
        <p>
          {jiggles
            ? "While it jiggles as it should: keep the kitchen quiet for a minute, and tap each time it does."
            : `While it rocks as it should: keep the kitchen quiet for ${ROCKING_S} seconds.`}
        </p>
        {problem && (
          <p role="alert" className="border-l-4 border-brick pl-3 font-semibold">
            {problem}
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          <Button size="stove" look="main" onClick={begin}>
            Begin
          </Button>
          <Button size="stove" look="quiet" onClick={onClose}>
            Back
          </Button>
        </div>
      </div>
    );
  }
  const left = Math.max(0, Math.ceil(lasts - seconds));
  return (
    <div className="flex flex-wrap items-stretch gap-3">
      {jiggles && (
        <button
          type="button"
          className="btn btn-primary h-32 min-h-32! flex-1 basis-64 text-3xl font-bold"
          onClick={() => {
            const { seconds: told, at } = heardAt.current;
            const tap = told + (performance.now() - at) / 1_000;
            setTaps((before) => [...before, tap]);
          }}
        >
          Tap each jiggle
        </button>
      )}
      <p className="flex min-w-40 flex-1 flex-col justify-center" role="timer">
        <strong className="digits text-5xl">{left}</strong>
        <span className="text-soft">
          seconds to listen{jiggles && `, ${taps.length} ${taps.length === 1 ? "jiggle" : "jiggles"} tapped`}
        </span>
      </p>
      <div className="flex w-full gap-3">
        {jiggles && (
          <Button size="stove" disabled={taps.length < TAPS_ENOUGH} onClick={end}>
            {taps.length < TAPS_ENOUGH ? `${TAPS_ENOUGH - taps.length} more at least` : "That is enough"}
          </Button>
        )}
        <Button
          size="stove"
          look="quiet"
          onClick={() => {
            ear.current?.stop();
            onClose();
          }}
        >
          Stop
        </Button>
      </div>
    </div>
  );
}
