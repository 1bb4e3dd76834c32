import { useState } from "react";
import { Card, Choice, PageFrame, ProblemNote, Spinner, Tag } from "@/kit";
import { formatFeet, formatInches, jarWord } from "@/quantity";
import { Compared, type ComparingState, PrintedCopy, useComparing } from "./Comparing";
import { FoodList } from "./FoodList";
import { KitchenVocabulary } from "./KitchenVocabulary";
import { MayI } from "./MayI";
import { RowTrace } from "./RowTrace";
import { type Tables, useTables } from "./useTables";

/** The published rows every ruling rests on, to be compared with a printed copy. */
export function TablesPage() {
  const tables = useTables();
  const comparing = useComparing();
  const [search, setSearch] = useState("");
  const [part, setPart] = useState<"foods" | "processes" | "never" | "own">("foods");
  return (
    <PageFrame
      title="Tested times"
      lead={tables.data && `${tables.data.edition} · transcription ${tables.data.version}`}
    >
      <ProblemNote error={tables.error} retry={() => tables.refetch()} />
      {tables.isPending && !tables.error && <Spinner />}
      {tables.data && (
        <>
          <p className="hatched rounded-box bg-mustard-wash px-5 py-4">
            <strong>Compare before you rely on them.</strong> These figures were written down from memory of
            the public guide and checked twice, but not against a printed copy. Lay a current copy beside them
            before your first batch, and ask your local extension office where they differ.
          </p>
          <input
            type="search"
            maxLength={200}
            className="input min-h-12 w-full text-lg"
            aria-label="May I can …?"
            placeholder="May I can …? carrots, pasta, fish"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <MayI words={search} />
          <Choice
            hideLabel
            label="What to look at"
            value={part}
            options={[
              { value: "foods", text: "Foods" },
              { value: "processes", text: "Tested processes" },
              { value: "never", text: "Never in the jar" },
              { value: "own", text: "Your own words" },
            ]}
            onChange={setPart}
          />
          {part === "foods" && <FoodList tables={tables.data} search={search.trim().toLowerCase()} />}
          {part === "processes" && <PrintedCopy tables={tables.data} comparing={comparing} />}
          {(part === "processes" || part === "never") && (
            <Found
              tables={tables.data}
              part={part}
              search={search.trim().toLowerCase()}
              comparing={comparing}
            />
          )}
          {part === "processes" && <RowTrace tables={tables.data} />}
          {part === "own" && <KitchenVocabulary />}
        </>
      )}
    </PageFrame>
  );
}

interface FoundProps {
  readonly tables: Tables;
  readonly part: "processes" | "never";
  readonly search: string;
  readonly comparing: ComparingState;
}

function Found({ tables, part, search, comparing }: FoundProps) {
  const has = (...texts: readonly string[]) => texts.some((text) => text.toLowerCase().includes(search));
  const rows =
    part === "processes" ? tables.processes.filter((row) => has(row.food, row.form, row.note)) : [];
  const stops = part === "never" ? tables.stopped.filter((stop) => has(stop.group, ...stop.words)) : [];
  return (
    <>
      {rows.length === 0 && stops.length === 0 && (
        <p className="py-6 text-center text-lg">Nothing here holds these words.</p>
      )}
      {rows.length > 0 && (
        <Card label="Tested processes" className="overflow-x-auto p-0!">
          <table className="w-full min-w-2xl">
            <caption className="px-5 py-3 text-left text-lg font-bold">
              Tested processes, minutes at pressure
            </caption>
            <thead>
              <tr className="border-y border-line text-left text-[0.85rem] text-soft">
                <th className="px-5 py-1.5">Food and cut</th>
                <th className="py-1.5">Pack</th>
                <th className="px-3 py-1.5 text-right">Pint</th>
                <th className="px-3 py-1.5 text-right">Quart</th>
                <th className="px-3 py-1.5 text-right">Headspace</th>
                <th className="px-5 py-1.5">Source, and your copy</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.id} className="border-b border-line align-top last:border-0">
                  <td className="px-5 py-2">
                    <strong className="inline-block first-letter:uppercase">{row.food}</strong>, {row.form}
                    {row.note && <span className="block text-[0.85rem] text-soft">{row.note}</span>}
                  </td>
                  <td className="py-2">{row.pack}</td>
                  <td className="px-3 py-2 text-right text-lg font-bold">{row.pint ?? "–"}</td>
                  <td className="px-3 py-2 text-right text-lg font-bold">{row.quart ?? "–"}</td>
                  <td className="px-3 py-2 text-right whitespace-nowrap">
                    {formatInches(Number(row.headspaceIn))}
                  </td>
                  <td className="px-5 py-2">
                    <span className="text-soft">{row.source}</span>
                    <Compared
                      id={row.id}
                      name={`${row.food}, ${row.form}, packed ${row.pack}`}
                      comparison={row.comparison}
                      comparing={comparing}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </Card>
      )}
      {stops.length > 0 && (
        <Card label="Never in the jar">
          <h2 className="text-lg font-bold">Never in the jar</h2>
          <ul>
            {stops.map((stop) => (
              <li key={stop.group} className="border-b border-line py-3 last:border-0">
                <Tag tone="brick" icon>
                  {stop.group}
                </Tag>
                <p className="mt-1">
                  {stop.words.join(", ")}. <span className="text-soft">{stop.why}.</span>
                </p>
                <p className="font-semibold">Instead: {stop.remedies.join("; ")}.</p>
              </li>
            ))}
          </ul>
        </Card>
      )}
      {search === "" && part === "processes" && <OtherRows tables={tables} comparing={comparing} />}
    </>
  );
}

interface OtherProps {
  readonly tables: Tables;
  readonly comparing: ComparingState;
}

function OtherRows({ tables, comparing }: OtherProps) {
  return (
    <>
      <Pressures tables={tables} comparing={comparing} />
      <JarSizes tables={tables} comparing={comparing} />
    </>
  );
}

function JarSizes({ tables, comparing }: OtherProps) {
  return (
    <Card label="Sizes of jars">
      <h2 className="text-lg font-bold">Sizes that go by a larger one's time</h2>
      <ul className="mt-1">
        {tables.jarSizes.map((row) => {
          const name = `${jarWord(row.size, 2)} as ${jarWord(row.timedAs, 2)}`;
          return (
            <li
              key={row.id}
              className="flex flex-wrap items-center justify-between gap-x-4 border-b border-line py-2"
            >
              <span className="first-letter:uppercase">{name}</span>
              <Compared id={row.id} name={name} comparison={row.comparison} comparing={comparing} />
            </li>
          );
        })}
      </ul>
    </Card>
  );
}

function Pressures({ tables, comparing }: OtherProps) {
  return (
    <Card label="Pressure by altitude">
      <h2 className="text-lg font-bold">Pressure by altitude, at least</h2>
      <ul className="mt-1 grid gap-x-10 sm:grid-cols-2">
        {tables.pressures.map((band) => (
          <li key={band.id} className="border-b border-line py-2">
            <span className="flex justify-between">
              <span>
                {band.gauge === "dial" ? "Dial" : "Weight"}, up to {formatFeet(band.upToFt)}
              </span>
              <strong>{band.psi} psi</strong>
            </span>
            <Compared
              id={band.id}
              name={`${band.gauge === "dial" ? "Dial" : "Weight"} up to ${formatFeet(band.upToFt)}`}
              comparison={band.comparison}
              comparing={comparing}
            />
          </li>
        ))}
      </ul>
    </Card>
  );
}
