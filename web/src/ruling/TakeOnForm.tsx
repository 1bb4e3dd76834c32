import { forgetting } from "@/api/typed";
import { Button, Field, useKept } from "@/kit";

/** Who takes on what departs from the tables, and why. */
export interface TakenOn {
  readonly by: string;
  readonly reason: string;
}

interface Props {
  /** Tells it from others of the same page. */
  readonly name: string;
  readonly onTake: (taken: TakenOn) => void;
  /** Why it cannot be taken on now, in the button's place. */
  readonly blocked?: string | undefined;
  /** Side by side where there is room; else one under the other. */
  readonly wide?: boolean;
}

/** Whoever takes on something else says so anew. */
export function forgettingTakeOn(name: string): () => void {
  return forgetting(`take-on-${name}-`);
}

/** What departs from the tables is taken on by name and reason; the page forgets what was typed once it is. */
export function TakeOnForm({ name, onTake, blocked, wide = false }: Props) {
  const [by, setBy] = useKept(`take-on-${name}-by`, "");
  const [reason, setReason] = useKept(`take-on-${name}-why`, "");
  return (
    <form
      className={
        wide ? "grid items-end gap-3 md:grid-cols-[14rem_minmax(0,1fr)_auto]" : "flex flex-col gap-2"
      }
      onSubmit={(event) => {
        event.preventDefault();
        onTake({ by: by.trim(), reason: reason.trim() });
      }}
    >
      <Line label="Who takes it on" most={60} value={by} onChange={setBy} />
      <Line label="Why" most={400} value={reason} onChange={setReason} />
      <Button
        type="submit"
        className={wide ? "mb-1" : ""}
        disabled={blocked !== undefined || !by.trim() || !reason.trim()}
      >
        {blocked ?? "I take it on"}
      </Button>
    </form>
  );
}

interface LineProps {
  readonly label: string;
  readonly most: number;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

function Line({ label, most, value, onChange }: LineProps) {
  return (
    <Field label={label}>
      {(id) => (
        <input
          id={id}
          className="input w-full"
          required
          maxLength={most}
          value={value}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  );
}
