import { useState } from "react";
import { Button, ProblemNote } from "@/kit";
import { type Access, signIn, useComingIn } from "./useAccess";

/** On a device that nobody has signed in on: it may look, and who may do more says so here. */
export function SignInStrip({ access }: { readonly access: Access }) {
  const [who, setWho] = useState<Access["people"][number] | undefined>();
  if (
    access.person != null ||
    access.people.length === 0 ||
    (access.state === "here" && access.role === "cook")
  ) {
    return null;
  }
  return (
    <section
      aria-label="Who is here"
      className="border-b border-line bg-steam px-4 py-3 md:pr-7 md:pl-[7.25rem]"
    >
      {who ? (
        <Pin key={who.id} who={who} onBack={() => setWho(undefined)} />
      ) : (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
          <p>
            <strong>Looking only.</strong> Who is here?
          </p>
          {access.people.map((person) => (
            <Button key={person.id} size="small" onClick={() => setWho(person)}>
              {person.name}
            </Button>
          ))}
        </div>
      )}
    </section>
  );
}

interface PinProps {
  readonly who: Access["people"][number];
  readonly onBack: () => void;
}

function Pin({ who, onBack }: PinProps) {
  const [pin, setPin] = useState("");
  const enter = useComingIn(signIn);
  return (
    <form
      className="flex flex-wrap items-center gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        enter.mutate({ person: who.id, pin }, { onSuccess: onBack, onError: () => setPin("") });
      }}
    >
      <label className="flex items-center gap-3 font-semibold">
        PIN of {who.name}
        <input
          className="input digits min-h-12 w-40 text-xl font-bold tracking-widest"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          // biome-ignore lint/a11y/noAutofocus: whoever has just tapped their name is about to type
          autoFocus
          maxLength={12}
          value={pin}
          onChange={(event) => setPin(event.target.value.replace(/\D/g, ""))}
        />
      </label>
      <Button type="submit" look="main" disabled={pin.length < 4 || enter.isPending}>
        Sign in
      </Button>
      <Button look="quiet" onClick={onBack}>
        Somebody else
      </Button>
      <div className="w-full empty:hidden">{enter.error && <ProblemNote error={enter.error} />}</div>
    </form>
  );
}
