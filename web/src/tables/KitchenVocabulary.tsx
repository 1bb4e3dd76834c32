import { Button, Card, Field, ProblemNote, useKept, useToast, whenSent } from "@/kit";
import { useForgetAnswer, useOwnFood, useReading, useUnteach } from "./useTables";

/** Foods of the cook's own, and what the cook's words were taught to mean. */
export function KitchenVocabulary() {
  const reading = useReading();
  const unteach = useUnteach();
  const forget = useForgetAnswer();
  const { add, remove } = useOwnFood();
  const toast = useToast();
  const [name, setName] = useKept("food", "");
  return (
    <>
      <ProblemNote error={reading.error ?? add.error ?? remove.error ?? unteach.error ?? forget.error} />
      <Card label="Foods of your own" className="flex flex-col gap-2">
        <h2 className="text-lg font-bold">Foods of your own</h2>
        <p className="text-soft">
          No published table lists them, so they have no tested time, and a recipe with one is stopped. A time
          cannot be typed in: ask your local extension office for a tested process.
        </p>
        <ul>
          {reading.data?.ownFoods.map((food) => (
            <li key={food.id} className="flex items-center justify-between border-b border-line py-1">
              <strong>{food.name}</strong>
              <Button
                size="small"
                look="quiet"
                onClick={() =>
                  remove.mutate(food.id, {
                    onSuccess: () =>
                      toast({
                        text: `${food.name} is removed.`,
                        action: {
                          text: "Undo",
                          run: () => add.mutate({ name: food.name, note: food.note }),
                        },
                      }),
                  })
                }
              >
                Remove
              </Button>
            </li>
          ))}
        </ul>
        <form
          className="flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            whenSent(add.mutateAsync({ name: name.trim() }), () => setName(""));
          }}
        >
          <Field label="Its name">
            {(id) => (
              <input
                id={id}
                className="input w-64"
                maxLength={80}
                placeholder="sea kale shoots"
                value={name}
                onChange={(event) => setName(event.target.value)}
              />
            )}
          </Field>
          <Button type="submit" className="mb-1" disabled={!name.trim() || add.isPending}>
            Add a food
          </Button>
        </form>
      </Card>
      <Card label="What your words mean">
        <h2 className="text-lg font-bold">What your words mean</h2>
        {reading.data?.wordings.length === 0 && reading.data.answers.length === 0 && (
          <p className="text-soft">
            Nothing yet. Under each line of a recipe stands what was understood; tap it to correct it, and it
            is remembered here.
          </p>
        )}
        <ul aria-label="Answers remembered">
          {reading.data?.answers.map((answer) => (
            <li
              key={`${answer.code}/${answer.words}/${answer.wording}`}
              className="flex items-center justify-between gap-3 border-b border-line py-1"
            >
              <span>
                “{answer.words}”{answer.wording !== "" && ` in “${answer.wording}”`}:{" "}
                <strong>{answer.text}</strong>
              </span>
              <Button
                size="small"
                look="quiet"
                onClick={() =>
                  forget.mutate({ code: answer.code, words: answer.words, line: answer.wording })
                }
              >
                Ask again
              </Button>
            </li>
          ))}
        </ul>
        <ul>
          {reading.data?.wordings.map((wording) => (
            <li
              key={wording.words}
              className="flex items-center justify-between gap-3 border-b border-line py-1"
            >
              <span>
                “{wording.words}” is read as <strong>{wording.meaning}</strong>
              </span>
              <Button size="small" look="quiet" onClick={() => unteach.mutate(wording.words)}>
                Forget
              </Button>
            </li>
          ))}
        </ul>
      </Card>
    </>
  );
}
