import { useEffect, useRef } from "react";
import { Button, singleKeysOn, turnSingleKeys } from "@/kit";
import { PLACES } from "./places";

const KEYS: readonly (readonly [string, string])[] = [
  ["/ or Ctrl K", "Search places, recipes, lots and batches"],
  ...PLACES.map(({ letter, text }) => [`g ${letter}`, text] as const),
  ["1 to 9", "At the stove: the buttons of the stage, in their order"],
  ["?", "This list"],
  ["Esc", "Close what lies on top"],
];

/** The keys there are. */
export default function KeysList({ onClose }: { readonly onClose: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  return (
    <dialog
      ref={dialog}
      aria-label="Keys"
      className="m-auto w-[min(92vw,28rem)] rounded-box bg-paper p-6 text-ink backdrop:bg-black/50"
      onClose={onClose}
    >
      <h2 className="mb-3 text-xl font-bold">Keys</h2>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {KEYS.map(([key, text]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded-field border border-line bg-steam px-2 py-0.5 font-bold">{key}</kbd>
            </dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
      <label className="mt-5 flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          defaultChecked={singleKeysOn()}
          onChange={(event) => turnSingleKeys(event.target.checked)}
        />
        Keys without Ctrl work on this device
      </label>
      <Button look="main" className="mt-3 min-h-12" onClick={() => dialog.current?.close()}>
        Close
      </Button>
    </dialog>
  );
}
