import { Plus } from "lucide-react";
import { forgetting } from "@/api/typed";
import { Button, Card, Field, ProblemNote, Stepper, useKept, useToast, whenSent } from "@/kit";
import { jarWord } from "@/quantity";
import { Link } from "@/routing";
import { type Kit, type Need, useNeedChange, useNeeds } from "./useShelf";

/** What is wanted of each dish, how long it lasts, what to can next, and which meals are complete. */
export function Needs() {
  const needs = useNeeds();
  const dishes = needs.data?.dishes ?? [];
  if (dishes.length === 0) {
    return null;
  }
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
      <Card label="What to can next" className="flex flex-col gap-2">
        <h2 className="text-lg font-bold">What to can next</h2>
        <p className="text-soft">
          Say how many jars of a dish you like to have. What is lacking is told in whole canner loads.
        </p>
        <ul>
          {dishes.map((need) => (
            <DishNeed key={need.recipeId} need={need} />
          ))}
        </ul>
      </Card>
      <Kits kits={needs.data?.kits ?? []} dishes={dishes} />
    </div>
  );
}

function DishNeed({ need }: { readonly need: Need }) {
  const { target } = useNeedChange();
  return (
    <li className="grid items-center gap-x-6 gap-y-1 border-b border-line py-2 last:border-0 sm:grid-cols-[minmax(0,1fr)_auto]">
      <div className="min-w-0">
        <p className="font-semibold">
          {need.title}
          {need.loads > 0 && (
            <span className="ml-2 font-bold text-primary">
              {need.loads === 1 ? "one load" : `${need.loads} loads`} of {need.perLoad}{" "}
              {jarWord(need.size, need.perLoad)}
            </span>
          )}
        </p>
        <p className="text-[0.95rem] text-soft">
          {need.jars} {need.jars === 1 ? "jar" : "jars"}, {need.meals} {need.meals === 1 ? "meal" : "meals"}
          {need.monthsOfCover != null && ` · lasts ${cover(need.monthsOfCover)}`}
          {need.loads > 0 && (
            <>
              {" · "}
              <Link
                to="/recipes/:id"
                params={{ id: String(need.recipeId) }}
                className="inline-flex min-h-11 items-center font-bold text-primary underline"
              >
                the recipe
              </Link>
            </>
          )}
        </p>
        <ProblemNote error={target.error} />
      </div>
      <Stepper
        label="Wanted"
        value={need.target}
        max={500}
        onChange={(jars) => target.mutate({ recipeId: need.recipeId, jars })}
      />
    </li>
  );
}

function cover(months: number): string {
  return months < 1.5
    ? `about ${Math.max(1, Math.round(months * 4.3))} weeks`
    : `about ${Math.round(months)} months`;
}

interface KitsProps {
  readonly kits: readonly Kit[];
  readonly dishes: readonly Need[];
}

/** Meals that need jars and something dry beside them. */
function Kits({ kits, dishes }: KitsProps) {
  const [adding, setAdding] = useKept("kit-open", false);
  const forgetKit = forgetting("kit-");
  const { kit: keep, removeKit } = useNeedChange();
  const change = (kit: Kit, index: number, have: number) =>
    keep.mutate({
      ...kit,
      goods: kit.goods.map((good, each) => (each === index ? { ...good, have } : good)),
    });
  const toast = useToast();
  const remove = ({ id, name, recipeId, jars, goods }: Kit) =>
    removeKit.mutate(id, {
      onSuccess: () =>
        toast({
          text: `The kit ${name} is removed.`,
          action: { text: "Undo", run: () => keep.mutate({ name, recipeId, jars, goods }) },
        }),
    });
  return (
    <Card label="Meal kits" className="flex flex-col gap-3">
      <div>
        <h2 className="text-lg font-bold">Meal kits</h2>
        <p className="text-soft">A jar, and the dry goods that make a meal of it.</p>
      </div>
      <ProblemNote error={keep.error ?? removeKit.error} />
      <ul className="flex flex-col gap-4">
        {kits.map((kit) => (
          <li key={kit.id} className="flex flex-col gap-1 border-b border-line pb-3 last:border-0">
            <p className="flex items-baseline justify-between gap-3">
              <span className="font-bold">{kit.name}</span>
              <span className="whitespace-nowrap">
                <strong className="digits text-2xl">{kit.complete}</strong> complete
              </span>
            </p>
            <p className="text-[0.95rem] text-soft">
              {kit.jars} {kit.jars === 1 ? "jar" : "jars"} of{" "}
              {dishes.find((dish) => dish.recipeId === kit.recipeId)?.title ?? "its dish"}
              {kit.shortOf.length > 0 && `; short of ${kit.shortOf.join(", ").toLowerCase()}`}
            </p>
            {kit.goods.map((good, index) => (
              <Stepper
                key={good.name}
                label={good.perKit > 1 ? `${good.name} (${good.perKit} a meal)` : good.name}
                value={good.have}
                max={1000}
                onChange={(have) => change(kit, index, have)}
              />
            ))}
            <Button size="small" look="quiet" className="self-start" onClick={() => remove(kit)}>
              Remove this kit
            </Button>
          </li>
        ))}
      </ul>
      {adding ? (
        <NewKit
          dishes={dishes}
          onDone={() => {
            setAdding(false);
            forgetKit();
          }}
        />
      ) : (
        <Button icon={<Plus size={20} />} className="self-start" onClick={() => setAdding(true)}>
          Add a kit
        </Button>
      )}
    </Card>
  );
}

function NewKit({ dishes, onDone }: { readonly dishes: readonly Need[]; readonly onDone: () => void }) {
  const { kit: keep } = useNeedChange();
  const [name, setName] = useKept("kit-name", "");
  const [recipeId, setRecipe] = useKept("kit-recipe", dishes[0]?.recipeId ?? 0);
  const [jars, setJars] = useKept("kit-jars", 1);
  const [goods, setGoods] = useKept("kit-goods", "");
  return (
    <form
      className="flex flex-col gap-3 rounded-field bg-steam p-3"
      onSubmit={(event) => {
        event.preventDefault();
        whenSent(
          keep.mutateAsync({
            name: name.trim(),
            recipeId,
            jars,
            goods: goods
              .split(/[,\n]/)
              .map((good) => good.trim())
              .filter((good) => good !== "")
              .map((good) => ({ name: good, perKit: 1, have: 0 })),
          }),
          onDone,
        );
      }}
    >
      <Field label="What the meal is called">
        {(id) => (
          <input
            id={id}
            className="input min-h-12 w-full"
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        )}
      </Field>
      <Field label="Its jars">
        {(id) => (
          <select
            id={id}
            className="select min-h-12 w-full"
            value={recipeId}
            onChange={(event) => setRecipe(Number(event.target.value))}
          >
            {dishes.map((dish) => (
              <option key={dish.recipeId} value={dish.recipeId}>
                {dish.title}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Stepper label="Jars a meal" value={jars} min={1} max={20} onChange={setJars} />
      <Field
        label="Dry goods, with commas between"
        hint="One of each a meal; how many there are is counted afterwards."
      >
        {(id, described) => (
          <input
            id={id}
            aria-describedby={described}
            className="input min-h-12 w-full"
            value={goods}
            onChange={(event) => setGoods(event.target.value)}
          />
        )}
      </Field>
      <ProblemNote error={keep.error} />
      <div className="flex gap-3">
        <Button type="submit" look="main" disabled={name.trim() === "" || keep.isPending}>
          Keep it
        </Button>
        <Button look="quiet" onClick={onDone}>
          Back
        </Button>
      </div>
    </form>
  );
}
