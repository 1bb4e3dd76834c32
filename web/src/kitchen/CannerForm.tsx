import { useId } from "react";
import { Problem } from "@/api/problem";
import { forgetting } from "@/api/typed";
import { Button, Choice, Disclosure, Field, ProblemNote, Stepper, useKept, whenSent } from "@/kit";
import { jarWord, notation } from "@/quantity";
import { type Canner, type CannerChange, useCannerChange } from "./useKitchen";
import { WeightLook } from "./WeightPicture";

interface Props {
  readonly canner?: Canner;
  /** Of the kitchen that this form is opened on. */
  readonly version: number;
  readonly onDone?: () => void;
  /** Whether there is no way back to something else. */
  readonly first?: boolean;
}

const NOTHING = () => undefined;

type Places = Canner["capacity"][number];

/** Kinds that are asked for one by one only where they differ from the plain quarts and pints. */
const KINDS = [
  { size: "quart", mouth: "wide" },
  { size: "pint-and-a-half", mouth: "wide" },
  { size: "pint", mouth: "wide" },
  { size: "half-pint", mouth: "regular" },
  { size: "half-pint", mouth: "wide" },
] as const;

/** Water is poured in quarts or litres. */
const POURED = { us: { name: "quarts", ml: 946.35 }, metric: { name: "litres", ml: 1_000 } } as const;

/** What belongs together in a canner: of two devices one may change one, and the other another. */
const PARTS: Readonly<Record<string, readonly (keyof CannerChange)[]>> = {
  name: ["name"],
  gauge: ["gauge"],
  capacity: ["quarts", "pints", "shortLayers", "upperLayer", "capacity"],
  weight: ["weight"],
  startWater: ["startWaterMl"],
  burner: ["burner"],
};

/** What stands in the form. */
interface CannerDraft {
  readonly name: string;
  readonly gauge: Instrument;
  readonly quarts: number;
  readonly pints: number;
  readonly others: readonly Places[];
  readonly layers: number;
  readonly upper: "short" | "any";
  readonly weight: WeightDraft;
  readonly water: number;
  readonly burner: string;
}

function draftOf(canner: Canner | undefined, pouredMl: number): CannerDraft {
  return {
    name: canner?.name ?? "",
    gauge: instrumentOf(canner),
    quarts: placesOf(canner, "quart", "regular") ?? 7,
    pints: placesOf(canner, "pint", "regular") ?? 8,
    others: othersOf(canner),
    layers: canner?.shortLayers ?? 2,
    upper: canner?.upperLayer === "any" ? "any" : "short",
    weight: weightOf(canner),
    water: canner?.startWaterMl == null ? 3 : Math.round((canner.startWaterMl / pouredMl) * 4) / 4,
    burner: canner?.burner ?? "",
  };
}

/** A weight without a setting only closes the vent, and one that nobody knows is not relied on: then the dial rules. */
function goesByDial({ gauge, weight }: CannerDraft): boolean {
  return gauge === "dial" || (gauge === "both" && (weight.shows === "plain" || weight.shows === "unknown"));
}

function askedOf(draft: CannerDraft, pouredMl: number): CannerChange {
  return {
    name: draft.name,
    gauge: goesByDial(draft) ? "dial" : "weighted",
    quarts: draft.quarts,
    pints: draft.pints,
    shortLayers: draft.layers,
    upperLayer: draft.upper,
    capacity: draft.others.map((places) => ({ ...places })),
    startWaterMl: Math.round(draft.water * pouredMl),
    burner: draft.burner,
    ...(goesByDial(draft) ? {} : { weight: { ...draft.weight, dialBeside: draft.gauge === "both" } }),
  };
}

function changedOf(before: CannerChange, after: CannerChange): string[] {
  return Object.entries(PARTS)
    .filter(([, fields]) =>
      fields.some((field) => JSON.stringify(before[field]) !== JSON.stringify(after[field])),
    )
    .map(([part]) => part);
}

/** A canner, new or changed. */
export function CannerForm({ canner, version, onDone = NOTHING, first = false }: Props) {
  const change = useCannerChange();
  const poured = POURED[notation().units];
  const beginning = draftOf(canner, poured.ml);
  const form = `canner-${canner?.id ?? "new"}-form`;
  // What is typed belongs to the canner as it was when the form was opened, also after a reload.
  const [{ opened, basedOn, draft }, keep] = useKept(form, {
    opened: beginning,
    basedOn: version,
    draft: beginning,
  });
  const set = (part: Partial<CannerDraft>) =>
    keep((before) => ({ ...before, draft: { ...before.draft, ...part } }));
  const { name, gauge, quarts, pints, others, layers, upper, weight, water, burner } = draft;
  const wrong = change.error instanceof Problem ? change.error.field : undefined;
  const forget = forgetting(form);
  const close = () => {
    forget();
    onDone();
  };
  const save = () => {
    const asked = askedOf(draft, poured.ml);
    const changed = changedOf(askedOf(opened, poured.ml), asked);
    if (canner && changed.length === 0) {
      close();
      return;
    }
    whenSent(change.mutateAsync({ id: canner?.id, canner: asked, changed, basedOn }), close);
  };
  return (
    <form
      className="grid gap-x-8 gap-y-4 md:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <Field label="What you call it" error={wrong === "name" ? change.error?.message : undefined}>
        {(id) => (
          <input
            id={id}
            className="input min-h-12 w-full text-lg"
            placeholder="Big canner"
            maxLength={60}
            required
            value={name}
            onChange={(event) => set({ name: event.target.value })}
          />
        )}
      </Field>
      <div>
        <Choice
          label="What shows its pressure?"
          value={gauge}
          options={[
            { value: "dial", text: "Dial" },
            { value: "weighted", text: "Weight" },
            { value: "both", text: "Weight and dial" },
          ]}
          // What the weight looks like decides which of the two rules: nothing is assumed.
          onChange={(gauge) => set({ gauge, weight: { ...weight, shows: gauge === "both" ? "" : "holes" } })}
        />
        <p aria-live="polite" className="mt-1 text-[0.85rem] text-soft">
          {rulesWords(draft)}
        </p>
      </div>
      <Stepper
        label="Quarts in a layer"
        value={quarts}
        min={1}
        max={40}
        onChange={(quarts) => set({ quarts })}
      />
      <Stepper label="Pints in a layer" value={pints} min={1} max={60} onChange={(pints) => set({ pints })} />
      <Stepper
        label="Layers of short jars"
        value={layers}
        min={1}
        max={3}
        onChange={(layers) => set({ layers })}
      />
      {gauge !== "dial" && (
        <WeightFields weight={weight} dialBeside={gauge === "both"} change={(weight) => set({ weight })} />
      )}
      <Disclosure title="More about it" className="md:col-span-2">
        <div className="grid gap-x-8 gap-y-3 md:grid-cols-2">
          <div className="md:col-span-2">
            <Choice
              label="Above other jars stand"
              value={upper}
              options={[
                { value: "short", text: "Only short jars" },
                { value: "any", text: "Quarts too: it is tall" },
              ]}
              onChange={(upper) => set({ upper })}
            />
          </div>
          {KINDS.map((kind) => (
            <OtherPlaces
              key={`${kind.size}/${kind.mouth}`}
              kind={kind}
              others={others}
              usual={usualOf(kind.size, quarts, pints)}
              change={(others) => set({ others })}
            />
          ))}
          <Stepper
            label={`Water to start with, ${poured.name}`}
            value={water}
            min={1}
            max={12}
            step={0.25}
            onChange={(water) => set({ water })}
          />
          <Field
            label="Stands on (stove and burner)"
            hint="Canners on the same burner take turns."
            error={wrong === "burner" ? change.error?.message : undefined}
          >
            {(id) => (
              <input
                id={id}
                className="input min-h-11 w-full"
                placeholder="front left"
                maxLength={60}
                value={burner}
                onChange={(event) => set({ burner: event.target.value })}
              />
            )}
          </Field>
        </div>
      </Disclosure>
      <div className="flex flex-wrap items-center justify-end gap-3 md:col-span-2">
        {!first && (
          <Button look="quiet" onClick={close}>
            Back
          </Button>
        )}
        <Button
          type="submit"
          look="main"
          disabled={change.isPending || !name.trim() || (gauge !== "dial" && weight.shows === "")}
        >
          {canner ? "Save" : "Add this canner"}
        </Button>
      </div>
      <div className="md:col-span-2">
        <ProblemNote error={wrong === "name" ? undefined : change.error} />
      </div>
    </form>
  );
}

function rulesWords(draft: CannerDraft): string {
  if (draft.gauge === "both" && draft.weight.shows === "") {
    return "Look at the weight: what it is like decides which of the two you go by.";
  }
  if (goesByDial(draft)) {
    return draft.weight.shows === "unknown" && draft.gauge === "both"
      ? "Go by the dial until you know. Its manual says what the weight is; change it here then."
      : "Go by the dial. Once it is added, write down its last test.";
  }
  return "Go by the weight, even where a dial sits beside it.";
}

type Instrument = "dial" | "weighted" | "both";

function instrumentOf(canner: Canner | undefined): Instrument {
  return canner?.gauge !== "weighted" ? "dial" : canner.weight?.dialBeside ? "both" : "weighted";
}

function placesOf(canner: Canner | undefined, size: string, mouth: string): number | undefined {
  return canner?.capacity.find((places) => places.size === size && places.mouth === mouth)?.jars;
}

/** What was said besides plain quarts and pints. */
function othersOf(canner: Canner | undefined): readonly Places[] {
  const known = canner?.capacity ?? [];
  return known.filter(
    (places) => places.mouth !== "regular" || (places.size !== "quart" && places.size !== "pint"),
  );
}

function usualOf(size: string, quarts: number, pints: number): number {
  return size === "quart" || size === "pint-and-a-half" ? quarts : pints;
}

interface OtherProps {
  readonly kind: { readonly size: string; readonly mouth: string };
  readonly others: readonly Places[];
  readonly usual: number;
  readonly change: (others: readonly Places[]) => void;
}

/** A kind of jar that takes more or less room than the plain one. */
function OtherPlaces({ kind, others, usual, change }: OtherProps) {
  const known = others.find((places) => places.size === kind.size && places.mouth === kind.mouth);
  const word = jarWord(kind.size, 2);
  return (
    <Stepper
      label={`${word.charAt(0).toUpperCase()}${word.slice(1)}, ${kind.mouth}`}
      value={known?.jars ?? usual}
      max={60}
      onChange={(jars) => change([...others.filter((places) => places !== known), { ...kind, jars }])}
    />
  );
}

interface WeightDraft {
  readonly shows: string;
  readonly sound: string;
  readonly jigglesLeast?: number;
  readonly jigglesMost?: number;
}

function weightOf(canner: Canner | undefined): WeightDraft {
  const weight = canner?.weight;
  return weight == null
    ? { shows: "holes", sound: "rocks" }
    : {
        shows: weight.shows,
        sound: weight.sound,
        ...(weight.sound === "jiggles"
          ? { jigglesLeast: weight.jigglesLeast, jigglesMost: weight.jigglesMost }
          : {}),
      };
}

interface WeightProps {
  readonly weight: WeightDraft;
  /** Whether it may be that the weight only closes the vent. */
  readonly dialBeside: boolean;
  readonly change: (weight: WeightDraft) => void;
}

/** What a weight can look like, as a cook sees it. */
const LOOKS = [
  { shows: "holes", text: "Holes: 5, 10, 15" },
  { shows: "rings", text: "Rings that come off" },
  { shows: "number", text: "A number on it" },
] as const;

const LOOKS_BESIDE_DIAL = [
  ...LOOKS,
  { shows: "plain", text: "One piece, no number" },
  { shows: "unknown", text: "I do not know" },
] as const;

function WeightFields({ weight, dialBeside, change }: WeightProps) {
  const ruled = weight.shows !== "plain" && weight.shows !== "unknown" && weight.shows !== "";
  return (
    <>
      <WeightLooks
        looks={dialBeside ? LOOKS_BESIDE_DIAL : LOOKS}
        value={weight.shows}
        onChange={(shows) => change({ ...weight, shows })}
      />
      {ruled && <WeightSound weight={weight} change={change} />}
    </>
  );
}

interface LooksProps {
  readonly looks: readonly { readonly shows: string; readonly text: string }[];
  readonly value: string;
  readonly onChange: (shows: string) => void;
}

function WeightLooks({ looks, value, onChange }: LooksProps) {
  const name = useId();
  return (
    <fieldset className="md:col-span-2">
      <legend className="mb-1 text-[0.9rem] font-semibold text-soft">What is the weight like?</legend>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3 lg:grid-cols-5">
        {looks.map(({ shows, text }) => (
          <label
            key={shows}
            className={`flex min-h-28 cursor-pointer flex-col items-center justify-between gap-1 rounded-field border-2 p-2 text-center font-semibold has-focus-visible:outline-3 has-focus-visible:outline-primary ${
              value === shows ? "border-primary bg-steam" : "border-line bg-paper"
            }`}
          >
            <input
              type="radio"
              className="sr-only"
              name={name}
              aria-label={text}
              checked={value === shows}
              onChange={() => onChange(shows)}
            />
            <WeightLook shows={shows} />
            {text}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

function WeightSound({ weight, change }: Omit<WeightProps, "dialBeside">) {
  return (
    <div className="flex flex-col gap-2">
      <Choice
        label="At pressure it"
        value={weight.sound}
        options={[
          { value: "rocks", text: "rocks" },
          { value: "jiggles", text: "jiggles" },
          { value: "manual", text: "see manual" },
        ]}
        onChange={(sound) =>
          change(
            sound === "jiggles"
              ? { shows: weight.shows, sound, jigglesLeast: 1, jigglesMost: 4 }
              : { shows: weight.shows, sound },
          )
        }
      />
      {weight.sound === "jiggles" && (
        <>
          <Stepper
            label="Jiggles a minute, at least"
            value={weight.jigglesLeast ?? 1}
            min={1}
            max={60}
            onChange={(jigglesLeast) => change({ ...weight, jigglesLeast })}
          />
          <Stepper
            label="At most"
            value={weight.jigglesMost ?? 4}
            min={1}
            max={60}
            onChange={(jigglesMost) => change({ ...weight, jigglesMost })}
          />
        </>
      )}
    </div>
  );
}
