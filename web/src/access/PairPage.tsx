import { KeyRound } from "lucide-react";
import { useEffect, useState } from "react";
import { api, body } from "@/api/client";
import { nameDevice } from "@/api/device";
import { wrongAt } from "@/api/problem";
import { Button, Card, Field, LinkButton, PageFrame, ProblemNote } from "@/kit";
import { useNavigate } from "@/routing";
import { useComingIn } from "./useAccess";

const DIGITS = 6;

/** What a scanned code has brought along; it stands behind the # and is sent to nobody by the browser. */
function scanned(): string {
  return window.location.hash.slice(1);
}

/** What such a device is usually called; the cook changes it. */
function usualName(): string {
  const agent = navigator.userAgent;
  const kind = /iPad|Tablet/.test(agent)
    ? "Tablet"
    : /iPhone|Android|Mobile/.test(agent)
      ? "Phone"
      : "Computer";
  return `${kind} in the kitchen`;
}

/** All that a device sees that the kitchen does not know yet. */
export function PairPage() {
  const [code, setCode] = useState(scanned);
  const [name, setName] = useState(usualName);
  const fromCamera = code.length > DIGITS;
  const pair = useComingIn((asked: { code: string; name: string }) => {
    nameDevice(asked.name);
    return body(api.POST("/api/access/pairing", { body: asked }));
  });
  return (
    <main className="mx-auto flex min-h-dvh w-full max-w-[34rem] flex-col justify-center px-4 py-8">
      <div className="mb-5 flex items-center gap-4">
        <img src="/mark.svg" alt="" width={56} height={56} className="rounded-field bg-rail p-1.5" />
        <h1>Pair this device</h1>
      </div>
      <Card label="Pair this device">
        <form
          className="flex flex-col gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            pair.mutate(
              { code: code.trim(), name: name.trim() },
              { onError: () => setCode((tried) => (tried.length > DIGITS ? "" : tried)) },
            );
          }}
        >
          {fromCamera ? (
            <p className="text-lg">The code was scanned.</p>
          ) : (
            <Field
              label="The six digits"
              error={wrongAt(pair.error, "code")}
              hint="On a device that is paired, or the kitchen's own: Kitchen, Home network, Pair a device."
            >
              {(id, described) => (
                <input
                  id={id}
                  aria-describedby={described}
                  className="input digits h-16 w-full text-center text-3xl font-bold tracking-[0.3em]"
                  inputMode="numeric"
                  autoComplete="one-time-code"
                  maxLength={DIGITS}
                  value={code}
                  onChange={(event) => setCode(event.target.value.replace(/\D/g, ""))}
                />
              )}
            </Field>
          )}
          <Field label="What to call this device" error={wrongAt(pair.error, "name")}>
            {(id, described) => (
              <input
                id={id}
                aria-describedby={described}
                className="input min-h-12 w-full"
                maxLength={60}
                value={name}
                onChange={(event) => setName(event.target.value)}
              />
            )}
          </Field>
          {pair.error && !wrongAt(pair.error, "code") && !wrongAt(pair.error, "name") && (
            <ProblemNote error={pair.error} />
          )}
          <Button
            type="submit"
            look="main"
            size="stove"
            icon={<KeyRound size={24} />}
            disabled={pair.isPending || code.length < DIGITS || name.trim() === ""}
          >
            Pair
          </Button>
        </form>
      </Card>
    </main>
  );
}

/** The same address, on a device that is in already. */
export function PairedPage() {
  const navigate = useNavigate();
  useEffect(() => {
    if (scanned() !== "") {
      navigate({ to: "/today", replace: true });
    }
  }, [navigate]);
  return (
    <PageFrame title="This device is in">
      <div>
        <LinkButton to="/today" look="main">
          To Today
        </LinkButton>
      </div>
    </PageFrame>
  );
}
