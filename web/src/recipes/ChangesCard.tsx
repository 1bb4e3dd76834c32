import { Card, Disclosure } from "@/kit";
import type { Ruling } from "@/ruling";

interface Props {
  readonly ruling: Ruling;
  readonly size: "quart" | "pint";
}

/** What would change the time, each a ruling of its own, and the rows the answer rests on. */
export function ChangesCard({ ruling, size }: Props) {
  if (ruling.minutes == null) {
    return null;
  }
  const other = size === "quart" ? "pint" : "quart";
  const rows: { readonly text: string; readonly minutes: number | null | undefined }[] = [
    {
      text: size === "quart" ? "Pints instead of quarts" : "Quarts instead of pints",
      minutes: ruling.minutesBySize?.[other],
    },
    ...ruling.changes.map((change) => ({ text: change.text, minutes: change.minutes })),
  ];
  if (ruling.otherSchoolMinutes != null) {
    rows.push({
      text:
        ruling.setBy === "soup-table" && ruling.otherSchoolMinutes > ruling.minutes
          ? "By the longest ingredient"
          : "By the soup table alone",
      minutes: ruling.otherSchoolMinutes,
    });
  }
  return (
    <Card label="What would change the time" className="py-4!">
      <h2 className="text-[0.9rem] font-semibold text-soft">What would change the time</h2>
      <ul className="mt-1">
        {rows.map((row) => (
          <li
            key={row.text}
            className="flex items-baseline justify-between gap-4 border-b border-line py-2 last:border-0"
          >
            <span>{row.text}</span>
            <span className={`digits text-lg font-bold ${row.minutes === ruling.minutes ? "text-soft" : ""}`}>
              {row.minutes ?? "none"}
            </span>
          </li>
        ))}
      </ul>
      <LineByLine ruling={ruling} />
      <Why ruling={ruling} />
    </Card>
  );
}

/** Each line's own time, and what the whole would get without it. */
function LineByLine({ ruling }: { readonly ruling: Ruling }) {
  if (ruling.without.length === 0) {
    return null;
  }
  return (
    <Disclosure title="Line by line: the time without it" className="border-t border-line pt-1">
      <table className="w-full text-[0.9rem]">
        <thead>
          <tr className="border-b border-line text-left text-soft">
            <th className="py-1 font-semibold">Without</th>
            <th className="px-2 py-1 text-right font-semibold">quarts</th>
            <th className="py-1 text-right font-semibold">pints</th>
          </tr>
        </thead>
        <tbody>
          {ruling.without.map((row) => (
            <tr key={row.line} className="border-b border-line align-top last:border-0">
              <td className="py-1.5 leading-snug">{ruling.lines[row.line]?.rest}</td>
              <Minute now={ruling.minutesBySize?.quart} then={row.minutesBySize?.quart} />
              <Minute now={ruling.minutesBySize?.pint} then={row.minutesBySize?.pint} />
            </tr>
          ))}
        </tbody>
      </table>
    </Disclosure>
  );
}

interface MinuteProps {
  readonly now: number | null | undefined;
  readonly then: number | null | undefined;
}

function Minute({ now, then }: MinuteProps) {
  return (
    <td className={`px-2 py-1.5 text-right last:pr-0 ${then === now ? "text-soft" : "font-bold"}`}>
      {then ?? "none"}
    </td>
  );
}

function Why({ ruling }: { readonly ruling: Ruling }) {
  const rows = ruling.lines
    .map((line, index) => ({ ...line, compared: comparedOf(ruling, index) }))
    .filter((line) => line.minutesBySize != null);
  return (
    <Disclosure title={`Why ${ruling.minutes}? The rows behind it`} className="border-t border-line pt-1">
      <ul className="flex flex-col gap-2 text-[0.9rem]">
        {rows.map((line) => (
          <li key={line.text}>
            <strong>{line.foodName}</strong>, {line.form}: {minutesIn(line.minutesBySize)}
            <span className="block text-soft">
              {line.source}; {line.compared}
            </span>
          </li>
        ))}
        {ruling.considered.map((row) => (
          <li key={`${row.what}/${row.outcome}`}>
            <strong className="inline-block first-letter:uppercase">{row.what}</strong>:{" "}
            {minutesIn(row.minutesBySize)}
            <span className="block text-soft">
              {row.outcome} {row.source}
            </span>
          </li>
        ))}
        <li className="text-soft">
          Tables {ruling.tableVersion}. {compared(ruling.rows)} Compare with a current copy before relying on
          them.
        </li>
      </ul>
    </Disclosure>
  );
}

function minutesIn(
  sizes: { readonly pint?: number | null; readonly quart?: number | null } | null | undefined,
): string {
  const pint = sizes?.pint == null ? "no tested time in pints" : `${sizes.pint} in pints`;
  const quart = sizes?.quart == null ? "no tested time in quarts" : `${sizes.quart} in quarts`;
  return `${pint}, ${quart}`;
}

/** What is known of the rows of a line. */
function comparedOf(ruling: Ruling, line: number): string {
  const found = new Set(ruling.rows.filter((row) => row.line === line).map((row) => row.compared));
  return [...found].join("; ");
}

/** How many of the rows it rests on somebody has laid beside a printed copy. */
function compared(rows: Ruling["rows"]): string {
  const ids = [...new Set(rows.map((row) => row.row))];
  const done = ids.filter((id) =>
    rows.some((row) => row.row === id && row.compared.startsWith("row compared")),
  );
  return ids.length === 0
    ? ""
    : `Of the ${ids.length} rows this rests on, ${done.length === 0 ? "none was" : done.length === 1 ? "1 was" : `${done.length} were`} compared here.`;
}
