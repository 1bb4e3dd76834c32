import { useEffect, useState } from "react";
import { Button, Stepper } from "@/kit";
import { type Dial, type Grey, readDial } from "./dial";
import { Blind, type Eye, openEye } from "./eye";
import { LivePicture } from "./LivePicture";
import { learnDial, type NotLearned } from "./learnDial";
import type { Spot } from "./plane";
import { TapPicture } from "./TapPicture";

interface Props {
  /** The reading to hold: the lesson is best near it. */
  readonly mark: number;
  readonly onLearned: (dial: Dial) => void;
  readonly onClose: () => void;
}

const NOT_LEARNED: Record<NotLearned, string> = {
  small: "The dial is too small in the picture. Bring this device nearer.",
  rim: "The rim of the dial does not stand out. Put this device straighter before it, with more light.",
  marks: "The marks do not fit what you tapped. Tap them again, each on its mark at the edge.",
  needle: "The needle does not stand out. Wipe the glass, or turn the dial's gleam away.",
};

/** Teaches this device where a dial is in its picture: three taps on a still. */
export function TeachDial({ mark, onLearned, onClose }: Props) {
  const [eye, setEye] = useState<Eye | undefined>();
  const [problem, setProblem] = useState<string | undefined>();
  const [still, setStill] = useState<Grey | undefined>();
  const [taps, setTaps] = useState<readonly Spot[]>([]);
  const [markPsi, setMarkPsi] = useState(mark > 10 ? 15 : 10);
  const [dial, setDial] = useState<Dial | undefined>();
  useEffect(() => {
    let gone = false;
    let opened: Eye | undefined;
    openEye().then(
      (open) => {
        opened = open;
        if (gone) {
          open.stop();
        } else {
          setEye(open);
        }
      },
      (error: unknown) =>
        setProblem(error instanceof Blind ? error.message : "The camera could not be opened."),
    );
    return () => {
      gone = true;
      opened?.stop();
    };
  }, []);
  const again = (words?: string) => {
    setTaps([]);
    setDial(undefined);
    setProblem(words);
  };
  const tap = (spot: Spot) => {
    const [middle, zero] = taps;
    if (!middle || !zero || !still) {
      setProblem(undefined);
      setTaps([...taps, spot]);
      return;
    }
    const learned = learnDial(still, { middle, zero, mark: spot, markPsi });
    if ("problem" in learned) {
      again(NOT_LEARNED[learned.problem]);
    } else {
      setTaps([...taps, spot]);
      setDial(learned);
    }
  };
  const read = still && dial ? readDial(still, dial) : undefined;
  return (
    <div className="flex flex-col gap-3">
      {problem && (
        <p role="alert" className="border-l-4 border-brick pl-3 font-semibold">
          {problem}
        </p>
      )}
      {still ? (
        <div className="flex flex-col gap-3">
          <p className="text-xl font-bold" role="status">
            {dial
              ? read && "psi" in read
                ? `It reads ${read.psi.toFixed(1)} here. Does the dial?`
                : "It does not see the needle."
              : asks(taps.length, markPsi)}
          </p>
          {dial && <p className="text-soft">The dots lie on every fifth mark, if it has understood.</p>}
          <TapPicture picture={still} taps={taps} dial={dial} onTap={dial ? undefined : tap} />
          <div className="flex flex-wrap items-center gap-3">
            {dial ? (
              <>
                <Button
                  size="stove"
                  look="main"
                  disabled={!(read && "psi" in read)}
                  onClick={() => {
                    // It is opened anew to look: two streams of one camera would be one too many.
                    eye?.stop();
                    onLearned(dial);
                  }}
                >
                  Yes, look with it
                </Button>
                <Button size="stove" onClick={() => again()}>
                  No, tap again
                </Button>
              </>
            ) : (
              <>
                <Stepper label="Third mark" value={markPsi} min={5} max={30} step={5} onChange={setMarkPsi} />
                {taps.length > 0 && (
                  <Button size="stove" onClick={() => again()}>
                    Tap again
                  </Button>
                )}
              </>
            )}
            <Button size="stove" look="quiet" onClick={() => [again(), setStill(undefined)]}>
              Another picture
            </Button>
          </div>
        </div>
      ) : (
        <>
          <p>
            Stand this device where it can stay, straight before the dial, so that the dial fills about half
            the height of the picture.
          </p>
          {eye && (
            <LivePicture
              stream={eye.stream}
              className="max-h-[50vh] w-full rounded-field bg-black object-contain"
            />
          )}
          <div className="flex flex-wrap gap-3">
            <Button
              size="stove"
              look="main"
              disabled={!eye}
              onClick={() => {
                const picture = eye?.look();
                again(picture ? undefined : "The camera shows no picture yet. Try again.");
                setStill(picture);
              }}
            >
              Take the picture
            </Button>
            <Button size="stove" look="quiet" onClick={onClose}>
              Back
            </Button>
          </div>
        </>
      )}
    </div>
  );
}

function asks(taps: number, markPsi: number): string {
  return (
    ["Tap the middle, where the needle turns.", "Tap the mark of 0, at the edge."][taps] ??
    `Tap the mark of ${markPsi}, at the edge.`
  );
}
