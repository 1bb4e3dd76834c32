import { wrongAt } from "@/api/problem";
import { Button, Disclosure, Field, NumberField, ProblemNote, useKept, whenSent } from "@/kit";
import { dayOf, formatDate } from "@/quantity";
import { Link } from "@/routing";
import { type Canner, useCare, useInspection, useStrikeTest, useTest } from "./useKitchen";

/** The log of one canner: tests of its dial, and looks over it. Read only when somebody opens it. */
export function CannerCare({ canner }: { readonly canner: Canner }) {
  return (
    <div className="mt-2 flex flex-wrap gap-x-8">
      {canner.gauge === "dial" && (
        <Disclosure lazy title="Gauge tests" className="min-w-[min(16rem,100%)] flex-1">
          <Tests canner={canner} />
        </Disclosure>
      )}
      <Disclosure lazy title="Inspection" className="min-w-[min(16rem,100%)] flex-1">
        <Inspections canner={canner} />
      </Disclosure>
    </div>
  );
}

/** What a dial of a canner can show. */
const DIAL_PSI = { min: 0, max: 30 };

interface EntryProps {
  readonly label: string;
  readonly kind: "text" | "date";
  readonly value: string;
  readonly error: string | undefined;
  readonly maxLength?: number;
  readonly change: (typed: string) => void;
}

function Entry({ label, kind, value, error, maxLength, change }: EntryProps) {
  return (
    <Field label={label} error={error}>
      {(id) => (
        <input
          id={id}
          type={kind === "date" ? "date" : "text"}
          className={`input min-h-11 w-full ${kind === "text" ? "" : "digits"}`}
          maxLength={maxLength}
          value={value}
          onChange={(event) => change(event.target.value)}
        />
      )}
    </Field>
  );
}

function Tests({ canner }: { readonly canner: Canner }) {
  const care = useCare(canner.id);
  const test = useTest(canner.id);
  const strike = useStrikeTest(canner.id);
  const [on, setOn] = useKept(`test-${canner.id}-on`, dayOf(Date.now()));
  const [read, setRead] = useKept<number | undefined>(`test-${canner.id}-read`, undefined);
  const [master, setMaster] = useKept<number | undefined>(`test-${canner.id}-master`, 10);
  const [by, setBy] = useKept(`test-${canner.id}-by`, "");
  const off = read === undefined || master === undefined ? undefined : read - master;
  const field = (name: string) => wrongAt(test.error, name);
  return (
    <div className="flex flex-col gap-3">
      <form
        className="grid grid-cols-2 gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (read !== undefined && master !== undefined) {
            whenSent(test.mutateAsync({ on, readPsi: read, masterPsi: master, by }), () =>
              setRead(undefined),
            );
          }
        }}
      >
        <NumberField
          label="This dial read (psi)"
          bounds={DIAL_PSI}
          error={field("readPsi")}
          value={read}
          onChange={setRead}
          onEmpty={() => setRead(undefined)}
        />
        <NumberField
          label="The master gauge (psi)"
          bounds={DIAL_PSI}
          error={field("masterPsi")}
          value={master}
          onChange={setMaster}
          onEmpty={() => setMaster(undefined)}
        />
        <Entry label="On" kind="date" error={field("on")} value={on} change={setOn} />
        <Entry label="Tested by" kind="text" error={field("by")} value={by} change={setBy} maxLength={60} />
        <p className="self-center font-semibold">{off === undefined ? "" : offWords(off)}</p>
        <Button
          type="submit"
          look="main"
          disabled={off === undefined || by.trim() === "" || on === "" || test.isPending}
        >
          Write down
        </Button>
      </form>
      <ProblemNote error={test.error && !hasField(test.error) ? test.error : strike.error} />
      <ul>
        {care.data?.tests.map((each) => (
          <li
            key={each.id}
            className="flex flex-wrap items-center gap-x-3 border-b border-line py-1 last:border-0"
          >
            <span className={`min-w-0 flex-1 ${each.struck ? "text-soft line-through" : ""}`}>
              {formatDate(each.on)}: {offWords(each.errorPsi)} ({each.readPsi} at {each.masterPsi}), by{" "}
              {each.by}
              {each.counts && <strong>, counts now</strong>}
            </span>
            {!each.struck && (
              <Link
                to="/trace/:test"
                params={{ test: String(each.id) }}
                className="font-bold text-primary underline"
              >
                what it touches
              </Link>
            )}
            {!each.struck && (
              <Button look="quiet" size="small" onClick={() => strike.mutate(each.id)}>
                Strike out
              </Button>
            )}
          </li>
        ))}
      </ul>
      <p className="text-[0.85rem] text-soft">
        A dial is tested every year. More than 1 psi high or 2 low: the gauge is replaced, and no run before.
      </p>
    </div>
  );
}

function hasField(error: unknown): boolean {
  return ["readPsi", "masterPsi", "on", "by"].some((name) => wrongAt(error, name));
}

/** '0.5 psi high', 'true' */
export function offWords(error: number): string {
  const amount = Math.round(Math.abs(error) * 1000) / 1000;
  return error > 0 ? `${amount} psi high` : error < 0 ? `${amount} psi low` : "true";
}

const NOTHING: Record<string, string> = {};

const LOOKS = [
  { value: "good", text: "good" },
  { value: "worn", text: "worn" },
  { value: "mend", text: "mend first" },
] as const;

function Inspections({ canner }: { readonly canner: Canner }) {
  const care = useCare(canner.id);
  const inspect = useInspection(canner.id);
  const [found, setFound] = useKept<Record<string, string>>(`look-${canner.id}-found`, NOTHING);
  const [by, setBy] = useKept(`look-${canner.id}-by`, "");
  const [note, setNote] = useKept(`look-${canner.id}-note`, "");
  const looked = Object.entries(found).map(([part, look]) => ({ part, look }));
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        whenSent(inspect.mutateAsync({ on: dayOf(Date.now()), by, note, found: looked }), () => {
          setFound(NOTHING);
          setNote("");
        });
      }}
    >
      {care.data?.parts.map((part) => (
        <fieldset key={part.part} className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1">
          <legend className="float-left min-w-[min(10rem,100%)] flex-1">
            <span className="block leading-tight font-semibold">{part.label}</span>
            <span className="block text-[0.85rem] text-soft">
              {part.on == null
                ? `never looked at; ${part.lookFor}`
                : `${part.look}, ${formatDate(part.on)}${part.isDue ? ": due again" : ""}`}
            </span>
          </legend>
          <span className="inline-flex flex-wrap rounded-field border border-line bg-paper p-0.5">
            {LOOKS.map((look) => (
              <label
                key={look.value}
                className={`flex min-h-11 cursor-pointer items-center rounded-[0.6rem] px-2.5 text-[0.9rem] font-semibold has-focus-visible:outline-3 has-focus-visible:outline-primary ${
                  found[part.part] === look.value ? "bg-primary text-primary-content" : "text-primary"
                }`}
              >
                <input
                  type="radio"
                  className="sr-only"
                  name={`${canner.id}/${part.part}`}
                  checked={found[part.part] === look.value}
                  onChange={() => setFound({ ...found, [part.part]: look.value })}
                />
                {look.text}
              </label>
            ))}
          </span>
        </fieldset>
      ))}
      <div className="grid grid-cols-2 gap-3">
        <Entry
          label="Looked at by"
          kind="text"
          error={wrongAt(inspect.error, "by")}
          value={by}
          change={setBy}
          maxLength={60}
        />
        <Entry
          label="Note"
          kind="text"
          error={wrongAt(inspect.error, "note")}
          value={note}
          change={setNote}
          maxLength={400}
        />
      </div>
      <Button
        type="submit"
        look="main"
        className="self-end"
        disabled={looked.length === 0 || by.trim() === "" || inspect.isPending}
      >
        Write down
      </Button>
      <ProblemNote error={inspect.error} />
      <ul className="text-[0.95rem]">
        {care.data?.inspections.slice(0, 5).map((each) => (
          <li key={`${each.on}/${each.by}/${each.note}`} className="py-0.5">
            {formatDate(each.on)}, {each.by}: {foundWords(each.found)}
            {each.note && `. ${each.note}`}
          </li>
        ))}
      </ul>
    </form>
  );
}

function foundWords(found: readonly { readonly part: string; readonly look: string }[]): string {
  const not = found.filter((part) => part.look !== "good");
  return not.length === 0
    ? "all good"
    : not.map((part) => `${part.part} ${part.look === "worn" ? "worn" : "to be mended"}`).join(", ");
}
