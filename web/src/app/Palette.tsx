import { Command } from "cmdk";
import { BookOpenText, FilePlus2, NotebookPen, Search, Warehouse } from "lucide-react";
import { type ReactNode, useState } from "react";
import { useBatches } from "@/logbook";
import { formatDate, formatDateTime } from "@/quantity";
import { useRecipes } from "@/recipes";
import { useNavigate } from "@/routing";
import { useLots } from "@/shelf";
import { PLACES } from "./places";

interface Props {
  readonly onClose: () => void;
}

/** So many of each are shown; more words find the others. */
const MOST = 6;

/** Actions that have an address of their own. */
const ACTIONS = [
  { to: "/recipes/new", text: "Write a new recipe" },
  { to: "/recipes/import", text: "Import recipes" },
  { to: "/logbook/outside", text: "Write down what was canned without Mobrel" },
  { to: "/prints", text: "Print labels and lists" },
  { to: "/tables", text: "Look up a food in the tested times" },
] as const;

/** Finds a place, a recipe, a lot, a batch or something to do by a few letters of it. */
export default function Palette({ onClose }: Props) {
  const navigate = useNavigate();
  const [words, setWords] = useState("");
  const asked = words.trim();
  const recipes = useRecipes(asked).data ?? [];
  const lots = useLots(asked, "").data?.pages[0]?.lots ?? [];
  const batches = useBatches({ q: asked, canner: 0, verdict: "" }).data?.pages[0]?.batches ?? [];
  const go = (to: string) => {
    onClose();
    navigate(to);
  };
  const fits = (text: string) => text.toLowerCase().includes(asked.toLowerCase());
  const places = PLACES.filter(({ text }) => fits(text));
  const actions = ACTIONS.filter(({ text }) => fits(text));
  const first =
    places[0]?.to ??
    actions[0]?.to ??
    (asked === ""
      ? ""
      : [
          ...recipes.map(({ id }) => `recipe ${id}`),
          ...lots.map(({ code }) => `lot ${code}`),
          ...batches.map(({ id }) => `batch ${id}`),
        ][0]) ??
    "";
  // Answers come one after the other: until somebody moves, the first of all is the one that Enter means.
  const [moved, setMoved] = useState<string | undefined>();
  const [value, setValue] = useState("");
  return (
    <Command.Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      label="Search"
      value={moved === asked ? value : first}
      onValueChange={setValue}
      onKeyDown={({ key }) => key.startsWith("Arrow") && setMoved(asked)}
      onPointerMove={() => setMoved(asked)}
      // The server has searched already, by its own rules.
      shouldFilter={false}
      overlayClassName="fixed inset-0 z-40 bg-black/50"
      contentClassName="fixed inset-x-3 top-[8dvh] z-50 mx-auto max-w-2xl overflow-hidden rounded-box border border-line bg-paper shadow-xl"
    >
      <div className="flex items-center gap-3 border-b border-line px-4">
        <Search size={22} className="text-soft" aria-hidden="true" />
        <Command.Input
          value={words}
          onValueChange={setWords}
          maxLength={80}
          placeholder="Recipe, lot, batch, place"
          className="min-h-14 w-full bg-transparent text-lg outline-none"
        />
      </div>
      <Command.List className="max-h-[60dvh] overflow-y-auto p-2">
        <Command.Empty className="p-4 text-soft">Nothing is called that here.</Command.Empty>
        <Group heading="Places">
          {places.map(({ to, text, icon: Icon, letter }) => (
            <Item key={to} value={to} onSelect={() => go(to)} icon={<Icon size={20} />} hint={`g ${letter}`}>
              {text}
            </Item>
          ))}
        </Group>
        <Group heading="To do">
          {actions.map(({ to, text }) => (
            <Item key={to} value={to} onSelect={() => go(to)} icon={<FilePlus2 size={20} />}>
              {text}
            </Item>
          ))}
        </Group>
        {asked !== "" && (
          <>
            <Group heading="Recipes">
              {recipes.slice(0, MOST).map(({ id, title }) => (
                <Item
                  key={id}
                  value={`recipe ${id}`}
                  onSelect={() => go(`/recipes/${id}`)}
                  icon={<BookOpenText size={20} />}
                >
                  {title}
                </Item>
              ))}
            </Group>
            <Group heading="Lots">
              {lots.slice(0, MOST).map((lot) => (
                <Item
                  key={lot.code}
                  value={`lot ${lot.code}`}
                  onSelect={() => go(`/shelf/${lot.code}`)}
                  icon={<Warehouse size={20} />}
                  hint={lot.code}
                >
                  {lot.title}, canned {formatDate(lot.cannedOn)}
                </Item>
              ))}
            </Group>
            <Group heading="Batches">
              {batches.slice(0, MOST).map((batch) => (
                <Item
                  key={batch.id}
                  value={`batch ${batch.id}`}
                  onSelect={() => go(`/logbook/${batch.id}`)}
                  icon={<NotebookPen size={20} />}
                >
                  {batch.title}, {formatDateTime(batch.madeAt)}
                </Item>
              ))}
            </Group>
          </>
        )}
      </Command.List>
    </Command.Dialog>
  );
}

function Group({ heading, children }: { readonly heading: string; readonly children: readonly ReactNode[] }) {
  return children.length === 0 ? null : (
    <Command.Group
      heading={heading}
      className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:font-bold [&_[cmdk-group-heading]]:text-soft"
    >
      {children}
    </Command.Group>
  );
}

interface ItemProps {
  readonly value: string;
  readonly onSelect: () => void;
  readonly icon: ReactNode;
  readonly hint?: string;
  readonly children: ReactNode;
}

function Item({ value, onSelect, icon, hint, children }: ItemProps) {
  return (
    <Command.Item
      value={value}
      onSelect={onSelect}
      className="flex min-h-12 cursor-pointer items-center gap-3 rounded-field px-3 font-semibold data-[selected=true]:bg-steam"
    >
      <span className="text-primary" aria-hidden="true">
        {icon}
      </span>
      <span className="min-w-0 flex-1">{children}</span>
      {hint && <kbd className="text-sm text-soft">{hint}</kbd>}
    </Command.Item>
  );
}
