import { useState } from "react";
import { forgetting } from "@/api/typed";
import { ShelfJar } from "@/jars";
import {
  Button,
  Card,
  Field,
  LinkButton,
  PageFrame,
  ProblemNote,
  Spinner,
  Stepper,
  Tag,
  useKept,
  whenSent,
} from "@/kit";
import { PhotoButton, Photos } from "@/photos";
import { countJars, formatDate, formatDateTime, jarWord } from "@/quantity";
import { Link } from "@/routing";
import { holdLabel, lineLabel, lotName } from "./labels";
import { useJarColours } from "./useJarColours";
import {
  type Hold,
  type LotLedger,
  useFinish,
  useLot,
  useMovement,
  useRelease,
  useStocktake,
} from "./useShelf";

const FINISHES = [
  "Thicken",
  "Add cream",
  "Shred the meat",
  "Unsalted: salt it",
  "Keep the liquid",
  "Cook noodles in it",
];

/** One lot: what its label says, where its jars are, and every line of its ledger. */
export function LotPage({ code }: { readonly code: string }) {
  const page = useLot(code);
  if (!page.data) {
    return (
      <PageFrame title={`Lot ${code}`}>
        <ProblemNote error={page.error} retry={() => page.refetch()} />
        {!page.error && <Spinner />}
      </PageFrame>
    );
  }
  const { lot } = page.data;
  return (
    <PageFrame
      title={lotName(lot)}
      lead={
        <>
          Lot <strong className="digits">{lot.code}</strong> · canned {formatDate(lot.cannedOn)} · best by{" "}
          {formatDate(lot.bestBy)}
        </>
      }
      actions={
        <>
          <LinkButton to="/prints" search={{ lot: lot.code }}>
            Print its labels
          </LinkButton>
          <LinkButton to="/logbook/:id" params={{ id: String(lot.batchId) }}>
            The batch
          </LinkButton>
        </>
      }
    >
      {page.data.holds
        .filter((hold) => hold.releasedAt == null)
        .map((hold) => (
          <OnHold key={hold.id} hold={hold} />
        ))}
      {lot.missing.map(({ place, jars }) => (
        <Broken key={place} code={lot.code} place={place} jars={jars} />
      ))}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
        <div className="flex flex-col gap-4">
          <Jars page={page.data} />
          <Label page={page.data} />
        </div>
        <div className="flex flex-col gap-4">
          <Ledger page={page.data} />
          <Card label="Photos" className="flex flex-col gap-3">
            <h2 className="text-lg font-bold">Photos</h2>
            <Photos of={{ lot: code }} />
            <PhotoButton of={{ lot: code }} moment="other" what="this lot" />
          </Card>
        </div>
      </div>
    </PageFrame>
  );
}

/** By its ledger more jars left a place than stood there; what is counted now becomes a line of it. */
function Broken({
  code,
  place,
  jars,
}: {
  readonly code: string;
  readonly place: string;
  readonly jars: number;
}) {
  const count = useStocktake();
  return (
    <Card label="Ledger" tone="brick" className="flex flex-col gap-3">
      <p className="text-lg">
        <strong>
          By the ledger {jars} more {jars === 1 ? "jar" : "jars"} left {place} than stood there.
        </strong>{" "}
        Look there: is it empty?
      </p>
      <ProblemNote error={count.error} />
      <div>
        <Button
          look="main"
          disabled={count.isPending}
          onClick={() => count.mutate({ place, counted: [{ lot: code, jars: 0 }] })}
        >
          Yes, no jar of it stands in {place}
        </Button>
      </div>
    </Card>
  );
}

function OnHold({ hold }: { readonly hold: Hold }) {
  const release = useRelease();
  const [by, setBy] = useKept(`release-${hold.id}-by`, "");
  const [why, setWhy] = useKept(`release-${hold.id}-why`, "");
  const [asking, setAsking] = useState(false);
  return (
    <Card label="On hold" tone="brick" className="flex flex-col gap-3">
      <p className="text-lg">
        <strong>On hold: nobody is to use it.</strong> {holdLabel(hold)}
      </p>
      <ProblemNote error={release.error} />
      {asking ? (
        <form
          className="flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            release.mutate({ id: hold.id, by: by.trim(), why: why.trim() });
          }}
        >
          <Field label="Who says so">
            {(id) => (
              <input
                id={id}
                className="input min-h-12"
                maxLength={60}
                value={by}
                onChange={(event) => setBy(event.target.value)}
              />
            )}
          </Field>
          <div className="min-w-[min(15rem,100%)] flex-1">
            <Field label="Why it may be used after all">
              {(id) => (
                <input
                  id={id}
                  className="input min-h-12 w-full"
                  maxLength={400}
                  value={why}
                  onChange={(event) => setWhy(event.target.value)}
                />
              )}
            </Field>
          </div>
          <Button
            type="submit"
            look="loss"
            disabled={by.trim() === "" || why.trim() === "" || release.isPending}
          >
            Release it
          </Button>
          <Button look="quiet" onClick={() => setAsking(false)}>
            Back
          </Button>
        </form>
      ) : (
        <div className="flex flex-wrap items-center gap-4">
          <Button onClick={() => setAsking(true)}>Release it, with a reason</Button>
          {hold.cause.startsWith("test:") && (
            <Link
              to="/trace/:test"
              params={{ test: hold.cause.slice(5) }}
              className="font-bold text-primary underline"
            >
              Every lot that gauge test touches
            </Link>
          )}
        </div>
      )}
    </Card>
  );
}

/** Where the jars are, and the ways to take, give and move them. */
function Jars({ page: { lot } }: { readonly page: LotLedger }) {
  const move = useMovement();
  const colours = useJarColours();
  const [to, setTo] = useKept("move-to", "");
  const [jars, setJars] = useState(1);
  const [place, setPlace] = useState<string | undefined>();
  const from = place ?? lot.places[0]?.place;
  const there = lot.places.find((stand) => stand.place === from)?.jars ?? 0;
  const taken = Math.min(jars, Math.max(1, there));
  const say = (kind: string, more = {}) =>
    from !== undefined && move.mutate({ code: lot.code, kind, jars: taken, place: from, ...more });
  return (
    <Card label="Its jars" className="flex flex-col gap-3">
      <div className="flex items-end justify-between gap-3">
        <h2 className="text-lg font-bold">
          {lot.jars === 0
            ? "No jar is left"
            : `${lot.jars} of ${lot.shelved} ${jarWord(lot.size, lot.shelved)} left`}
        </h2>
        <ShelfJar
          size={lot.size}
          mouth={lot.mouth}
          colour={colours(lot.batchId)}
          height={70}
          empty={lot.jars === 0}
        />
      </div>
      <ProblemNote error={move.error} />
      {lot.jars > 0 && (
        <>
          <div className="flex flex-wrap gap-2">
            {lot.places.map((stand) => (
              <Button
                key={stand.place}
                size="small"
                aria-pressed={stand.place === from}
                look={stand.place === from ? "main" : "plain"}
                onClick={() => setPlace(stand.place)}
              >
                {stand.place} · {stand.jars}
              </Button>
            ))}
          </div>
          <Stepper label="How many" value={taken} min={1} max={Math.max(1, there)} onChange={setJars} />
          <div className="flex flex-wrap gap-3">
            <Button disabled={move.isPending} onClick={() => say("eaten")}>
              Eaten
            </Button>
            <Button disabled={move.isPending} onClick={() => say("given")}>
              Given away
            </Button>
            <Button look="loss" disabled={move.isPending} onClick={() => say("spoiled")}>
              Spoiled
            </Button>
          </div>
          <form
            className="flex items-end gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              say("moved", { to: to.trim() });
            }}
          >
            <div className="min-w-0 flex-1">
              <Field label="Move them to">
                {(id) => (
                  <input
                    id={id}
                    className="input min-h-12 w-full"
                    maxLength={40}
                    placeholder="Cellar, left"
                    value={to}
                    onChange={(event) => setTo(event.target.value)}
                  />
                )}
              </Field>
            </div>
            <Button type="submit" className="mb-5 min-h-12" disabled={to.trim() === "" || move.isPending}>
              Move
            </Button>
          </form>
        </>
      )}
    </Card>
  );
}

/** What is written on the jar besides dish and date. */
function Label({ page: { lot } }: { readonly page: LotLedger }) {
  const save = useFinish(lot.code);
  const [text, setText] = useKept("label", lot.finish);
  const forget = forgetting("label");
  const keep = (next: string) => {
    setText(next);
    whenSent(save.mutateAsync(next), forget);
  };
  return (
    <Card label="On the label" className="flex flex-col gap-2">
      <h2 className="text-lg font-bold">When it is opened</h2>
      <p className="text-soft">This stands on its label, and is said when a jar is taken.</p>
      <form
        className="flex gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          keep(text.trim());
        }}
      >
        <input
          aria-label="What is done when it is opened"
          className="input min-h-12 w-full"
          maxLength={200}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" className="min-h-12" disabled={text.trim() === lot.finish || save.isPending}>
          Save
        </Button>
      </form>
      <div className="flex flex-wrap gap-1">
        {FINISHES.filter((each) => !text.includes(each)).map((each) => (
          <Button
            key={each}
            size="small"
            look="quiet"
            onClick={() => keep(text === "" ? each : `${text}; ${each.toLowerCase()}`)}
          >
            {each}
          </Button>
        ))}
      </div>
      <ProblemNote error={save.error} />
    </Card>
  );
}

function Ledger({ page }: { readonly page: LotLedger }) {
  const move = useMovement();
  return (
    <Card label="Ledger" className="flex flex-col gap-2">
      <h2 className="text-lg font-bold">What happened to its jars</h2>
      <ProblemNote error={move.error} />
      <ol>
        {page.ledger.map((line) => (
          <li
            key={line.id}
            className="flex flex-wrap items-center gap-x-4 border-b border-line py-2 last:border-0"
          >
            <span className={`min-w-0 flex-1 ${line.undone ? "text-soft line-through" : ""}`}>
              {lineLabel(line, page.lot)}
              {line.note && ` (${line.note})`}
              <span className="block text-[0.9rem] text-soft">
                {formatDateTime(line.at)}
                {line.by && `, ${line.by}`}
              </span>
            </span>
            {line.batchId != null && (
              <Link
                to="/logbook/:id"
                params={{ id: String(line.batchId) }}
                className="font-bold text-primary underline"
              >
                which
              </Link>
            )}
            {line.undoable && (
              <Button
                size="small"
                look="quiet"
                disabled={move.isPending}
                aria-label={`Take back: ${lineLabel(line, page.lot)}`}
                onClick={() => move.mutate({ code: page.lot.code, kind: "undone", undoes: line.id })}
              >
                Take back
              </Button>
            )}
          </li>
        ))}
      </ol>
      {page.wentInto.length > 0 && (
        <p>
          It went into{" "}
          {page.wentInto.map((into, index) => (
            <span key={into.code}>
              {index > 0 && ", "}
              <Link
                to="/shelf/:code"
                params={{ code: into.code }}
                className="font-bold text-primary underline"
              >
                {into.code}
              </Link>{" "}
              ({lotName(into)}, {countJars([{ size: into.size, count: into.jars }]) || "none left"})
            </span>
          ))}
          .
        </p>
      )}
      {page.holds
        .filter((hold) => hold.releasedAt != null)
        .map((hold) => (
          <p key={hold.id} className="text-[0.95rem] text-soft">
            <Tag>released</Tag> {holdLabel(hold)} {hold.releasedBy}: “{hold.releasedWhy}”
          </p>
        ))}
    </Card>
  );
}
