import { Eye } from "lucide-react";
import { useState } from "react";
import { Button } from "@/kit";
import type { EventRequest, Run } from "./live";
import { cookName, rememberCook } from "./useOutbox";

interface Props {
  readonly run: Run;
  readonly onEvent: (event: EventRequest) => void;
}

/** Who looks after the canner. One tap takes it over; the name is asked for once on each device. */
export function Watch({ run, onEvent }: Props) {
  const [asking, setAsking] = useState(false);
  const [name, setName] = useState(cookName());
  const take = (by: string) => {
    rememberCook(by);
    onEvent({ type: "watch", note: by, by });
    setAsking(false);
  };
  if (asking) {
    return (
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          take(name.trim());
        }}
      >
        <input
          className="input min-h-11 w-32"
          aria-label="Your name"
          placeholder="Your name"
          maxLength={40}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Button size="small" type="submit" disabled={!name.trim()}>
          I watch
        </Button>
      </form>
    );
  }
  const mine = run.watch !== "" && run.watch === cookName();
  return (
    <Button
      size="small"
      look="quiet"
      className="-my-2 self-center max-sm:px-1"
      icon={<Eye size={18} aria-hidden="true" />}
      onClick={() => (mine || cookName() === "" ? setAsking(true) : take(cookName()))}
    >
      {run.watch === "" ? (
        <span>
          Who<span className="max-sm:sr-only"> watches</span>?
        </span>
      ) : mine ? (
        `You watch, ${run.watch}`
      ) : (
        `${run.watch} watches`
      )}
    </Button>
  );
}
