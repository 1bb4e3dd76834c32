import { Check } from "lucide-react";
import { type ReactNode, useState } from "react";
import { useAccess, useHomeNetwork } from "@/access";
import { Button, Card, LinkButton, ProblemNote } from "@/kit";
import { AltitudeField, CannerForm, JarCounts, type Kitchen, Measures, pressureWords } from "@/kitchen";
import { formatAltitude } from "@/quantity";
import { FIRST_MINUTE, type FirstStep, useFirstMinute } from "./useFirstMinute";
import { WhatFirst } from "./WhatFirst";

/** A kitchen that knows nothing yet is asked four things, one after the other; the last two may wait. */
export function FirstMinute({ kitchen }: { readonly kitchen: Kitchen }) {
  const { step, go } = useFirstMinute(kitchen);
  return step ? <Welcome kitchen={kitchen} step={step} go={go} /> : null;
}

interface WelcomeProps extends Pick<ReturnType<typeof useFirstMinute>, "go"> {
  readonly kitchen: Kitchen;
  readonly step: FirstStep;
}

function Welcome({ kitchen, step: next, go }: WelcomeProps) {
  const [again, setAgain] = useState<FirstStep | undefined>();
  const step = again ?? next;
  const mayChoose = useAccess().data?.role === "cook";
  const told: Readonly<Record<FirstStep, { title: string; said?: string | undefined; body: ReactNode }>> = {
    altitude: {
      title: "How high do you live?",
      said: altitudeOf(kitchen),
      body: (
        <div className="grid max-w-2xl gap-4 sm:grid-cols-2">
          <AltitudeField kitchen={kitchen} />
          <Measures kitchen={kitchen} />
        </div>
      ),
    },
    canner: {
      title: "What do you can in?",
      said: kitchen.canners.map(({ name }) => name).join(", "),
      body: kitchen.canners[0] ? (
        <CannerForm
          canner={kitchen.canners[0]}
          version={kitchen.version}
          onDone={() => setAgain(undefined)}
        />
      ) : (
        <CannerForm version={kitchen.version} first />
      ),
    },
    jars: {
      title: "Which empty jars and new lids are there?",
      body: (
        <>
          <JarCounts />
          <Button look="main" className="mt-3" onClick={() => go(mayChoose ? "network" : "done")}>
            Next
          </Button>
        </>
      ),
    },
    network: { title: "Use it on phones and tablets?", body: <Network onDone={() => go("done")} /> },
  };
  const at = FIRST_MINUTE.indexOf(step);
  const done = FIRST_MINUTE.indexOf(next);
  return (
    <Card label="Welcome">
      <WhatFirst kitchen={kitchen} />
      <h2 className="mt-6 text-lg font-bold">Four things about this kitchen</h2>
      <ol className="mt-2 flex flex-col">
        {FIRST_MINUTE.map((name, index) => (
          <li key={name} className="flex gap-4 border-t border-line py-3">
            <Mark number={index + 1} state={index === at ? "now" : index < done ? "done" : "later"} />
            <div className="min-w-0 flex-1">
              <h3 className={`text-lg font-bold ${index === at ? "mb-2" : "text-soft"}`}>
                {told[name].title}
                {index !== at && told[name].said && (
                  <span className="ml-3 font-semibold text-ink">{told[name].said}</span>
                )}
                {index !== at && told[name].said && (
                  <Button
                    size="small"
                    look="quiet"
                    className="ml-2"
                    aria-label={`Change: ${told[name].title}`}
                    onClick={() => setAgain(name)}
                  >
                    Change
                  </Button>
                )}
              </h3>
              {index === at && told[name].body}
              {name === again && name !== "canner" && (
                <Button look="main" className="mt-3" onClick={() => setAgain(undefined)}>
                  Next
                </Button>
              )}
            </div>
          </li>
        ))}
      </ol>
    </Card>
  );
}

function altitudeOf(kitchen: Kitchen): string | undefined {
  const { altitudeFt, altitudeM, units } = kitchen;
  const sets = pressureWords(kitchen);
  return altitudeFt == null || altitudeM == null
    ? undefined
    : `${formatAltitude(altitudeFt, altitudeM, units)}${sets && `: ${sets}`}`;
}

interface MarkProps {
  readonly number: number;
  readonly state: "done" | "now" | "later";
}

function Mark({ number, state }: MarkProps) {
  return (
    <span
      className={`flex size-9 shrink-0 items-center justify-center rounded-full text-lg font-bold ${
        state === "now"
          ? "bg-primary text-primary-content"
          : state === "done"
            ? "bg-steam text-primary"
            : "border-2 border-line text-soft"
      }`}
    >
      {state === "done" ? <Check size={20} strokeWidth={3} role="img" aria-label="done" /> : number}
    </span>
  );
}

/** The one thing that was on a command line once. */
function Network({ onDone }: { readonly onDone: () => void }) {
  const { home, choose } = useHomeNetwork();
  const [letIn, setLetIn] = useState(false);
  if (home.data && !home.data.canChoose) {
    return (
      <>
        <p>
          {home.data.open
            ? "The home network is on: that was said when Mobrel was started. Kitchen, Home network shows how."
            : "The home network is off: that was said when Mobrel was started, or you are at another device."}
        </p>
        <Button className="mt-3" look="main" onClick={onDone}>
          Done
        </Button>
      </>
    );
  }
  if (letIn && home.data) {
    return (
      <>
        <p>
          {home.data.open
            ? "It is on. Kitchen shows the code and the six digits for each device."
            : (home.data.trouble ?? "It could not be turned on.")}
        </p>
        <div className="mt-3 flex flex-wrap gap-3">
          <LinkButton to="/kitchen" look="main" onClick={onDone}>
            Pair a device
          </LinkButton>
          <Button look="quiet" onClick={onDone}>
            Done
          </Button>
        </div>
      </>
    );
  }
  return (
    <>
      <p className="max-w-2xl">
        With the home network on, a tablet at the stove or a phone at the shelf opens this kitchen over your
        home network, encrypted, after six digits that are shown here. Otherwise only this machine may.
        Kitchen changes it at any time.
      </p>
      <ProblemNote error={home.error ?? choose.error} />
      <div className="mt-3 flex flex-wrap gap-3">
        <Button
          look="main"
          disabled={choose.isPending || !home.data}
          onClick={() => choose.mutate(true, { onSuccess: () => setLetIn(true) })}
        >
          Turn it on
        </Button>
        <Button onClick={onDone}>Only this machine</Button>
      </div>
    </>
  );
}
