import { Tag } from "@/kit";
import { type MayIResponse, useMayI } from "./useTables";

/** The answer to "may I can …?", for each thing the words name. */
export function MayI({ words }: { readonly words: string }) {
  const answers = useMayI(words);
  if (words.trim() === "" || !answers.data) {
    return null;
  }
  return (
    <section
      aria-label="May I can this?"
      aria-live="polite"
      className="rounded-box border-2 border-primary bg-paper px-5 py-2"
    >
      <ul>
        {answers.data.map((answer) => (
          <li key={answer.name} className="border-b border-line py-3 last:border-0">
            <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
              <strong className="inline-block text-lg first-letter:uppercase">{answer.name}</strong>
              <Verdict answer={answer} />
            </p>
            <p className="first-letter:uppercase">{answer.text}</p>
            {answer.rows.map((row) => (
              <p key={`${row.form}/${row.pack}`} className="text-soft">
                {row.form}, packed {row.pack}: <strong className="text-ink">{row.pint ?? "no"}</strong> min in
                pints, <strong className="text-ink">{row.quart ?? "no tested time"}</strong> in quarts.{" "}
                {row.source}
              </p>
            ))}
            {answer.instead.length > 0 && (
              <p className="font-semibold first-letter:uppercase">{answer.instead.join("; ")}.</p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Verdict({ answer }: { readonly answer: MayIResponse }) {
  switch (answer.verdict) {
    case "yes":
      return <Tag icon>Yes</Tag>;
    case "in-soup":
      return <Tag icon>In a soup</Tag>;
    case "own-judgement":
      return (
        <Tag tone="mustard" icon>
          Your own judgement
        </Tag>
      );
    case "ask":
      return (
        <Tag tone="rim" icon>
          It depends
        </Tag>
      );
    default:
      return (
        <Tag tone="brick" icon>
          No
        </Tag>
      );
  }
}
