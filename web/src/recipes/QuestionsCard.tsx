import { CircleHelp } from "lucide-react";
import type { Schemas } from "@/api/client";
import { Button, Card } from "@/kit";

type Question = Schemas["QuestionResponse"];
type Tap = Schemas["QuestionTap"];

interface Props {
  readonly questions: readonly Question[];
  readonly lines: readonly string[];
  readonly onAnswer: (question: Question, answer: Tap) => void;
}

/** What the recipe leaves open: asked, never guessed. */
export function QuestionsCard({ questions, lines, onAnswer }: Props) {
  if (questions.length === 0) {
    return null;
  }
  return (
    <Card label="Questions about the recipe" className="py-4!">
      <h2 className="flex items-center gap-2 font-bold">
        <CircleHelp size={20} aria-hidden="true" />
        {questions.length === 1 ? "One question" : `${questions.length} questions`}
      </h2>
      <ul>
        {questions.map((question) => (
          <li key={question.key} className="border-b border-line py-2.5 last:border-0 last:pb-0">
            {question.lines.length > 0 && (
              <p className="font-semibold">{question.lines.map((line) => lines[line]).join(" · ")}</p>
            )}
            <p>{question.text}</p>
            {question.answers.length > 0 && (
              <p className="mt-1.5 flex flex-wrap gap-2">
                {question.answers.map((answer) => (
                  <Button
                    key={answer.text}
                    size="small"
                    className="text-left"
                    onClick={() => onAnswer(question, answer)}
                  >
                    {answer.text}
                  </Button>
                ))}
              </p>
            )}
          </li>
        ))}
      </ul>
    </Card>
  );
}
