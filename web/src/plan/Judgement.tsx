import { Button, Card } from "@/kit";
import { forgettingTakeOn, type Ruling, type TakenOn, TakeOnForm } from "@/ruling";

interface Props {
  /** The key of the dish in its plan. */
  readonly dish: string;
  readonly ruling: Ruling;
  readonly accepted: TakenOn | undefined;
  readonly onAccept: (acceptance: TakenOn | undefined) => void;
  /** Whether it was taken on with the recipe, and is taken back there. */
  readonly fixed: boolean;
}

/** What departs from the tables is taken on by name, or not canned. The mark stays on batch and jars. */
export function Judgement({ dish, ruling, accepted, onAccept, fixed }: Props) {
  const judged = ruling.findings.filter((finding) => finding.severity === "own-judgement");
  return (
    <Card label="Your own judgement" tone="mustard" className="hatched">
      <h2 className="text-xl font-bold">Outside the published tables</h2>
      <ul className="my-2 ml-5 list-disc">
        {judged.map((finding) => (
          <li key={`${finding.code}/${finding.line}`}>
            {finding.line != null && <strong>{ruling.lines[finding.line]?.text}: </strong>}
            {finding.text}
          </li>
        ))}
      </ul>
      {accepted ? (
        <p>
          <strong>{accepted.by}</strong> takes it on: “{accepted.reason}”. Batch and jars keep the mark.{" "}
          {fixed ? (
            "It was taken on with this version of the recipe."
          ) : (
            <Button look="quiet" size="small" onClick={() => onAccept(undefined)}>
              Take back
            </Button>
          )}
        </p>
      ) : (
        <TakeOnForm
          wide
          name={dish}
          onTake={(taken) => {
            onAccept(taken);
            forgettingTakeOn(dish)();
          }}
        />
      )}
      <p className="mt-2 text-[0.9rem]">
        When unsure, ask your local extension office or food-safety authority first.
      </p>
    </Card>
  );
}
