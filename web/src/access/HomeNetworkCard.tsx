import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { Button, Card, Disclosure, ProblemNote, Spinner } from "@/kit";
import { formatDate, formatDateTime } from "@/quantity";
import { Qr } from "./Qr";
import { type Home, useHomeNetwork } from "./useHomeNetwork";

type Code = Schemas["PairingCodeResponse"];
type Device = Schemas["PairedDeviceResponse"];

const LOOK_EVERY_MS = 5_000;

/** How phones and tablets of the house get in, and which ones are. */
export function HomeNetworkCard() {
  const { home, choose } = useHomeNetwork();
  return (
    <Card label="Home network" className="flex flex-col gap-3">
      <h2 className="text-xl font-bold">Home network</h2>
      <ProblemNote error={home.error ?? choose.error} />
      {home.isPending && !home.error && <Spinner />}
      {home.data && (
        <>
          <TroubleNote home={home.data} />
          {home.data.open ? <Open home={home.data} /> : <Shut home={home.data} choose={choose} />}
          {home.data.open && home.data.canChoose && <ShutOut choose={choose} />}
        </>
      )}
    </Card>
  );
}

/** Why it is not let in although it may. */
function TroubleNote({ home }: { readonly home: Home }) {
  return home.trouble == null ? null : (
    <p role="alert" className="border-l-4 border-brick pl-3 font-semibold">
      {home.trouble} It is tried again every minute.
    </p>
  );
}

interface ChooseProps {
  readonly choose: ReturnType<typeof useHomeNetwork>["choose"];
}

function Shut({ home, choose }: ChooseProps & { readonly home: Home }) {
  return home.canChoose ? (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
      <p className="min-w-0 flex-1 basis-72">
        Off: only this machine opens the kitchen. Once it is on, the pages are encrypted, and each phone or
        tablet is paired by six digits that are shown here.
      </p>
      <Button look="main" disabled={choose.isPending} onClick={() => choose.mutate(true)}>
        Turn the home network on
      </Button>
    </div>
  ) : (
    <p>
      Off: only the machine that Mobrel runs on opens the kitchen. That was said when it was started: in its
      settings, or by leaving out <code className="font-bold whitespace-nowrap">--home</code>.
    </p>
  );
}

function ShutOut({ choose }: ChooseProps) {
  const [sure, setSure] = useState(false);
  return sure ? (
    <div className="flex flex-wrap items-center gap-3 border-t border-line pt-3">
      <p className="min-w-0 flex-1 basis-60">Every other device is disconnected at once. They stay paired.</p>
      <Button look="loss" size="small" disabled={choose.isPending} onClick={() => choose.mutate(false)}>
        Turn it off now
      </Button>
      <Button look="quiet" size="small" onClick={() => setSure(false)}>
        Keep
      </Button>
    </div>
  ) : (
    <div className="border-t border-line pt-2">
      <Button look="quiet" size="small" onClick={() => setSure(true)}>
        Turn the home network off
      </Button>
    </div>
  );
}

function Open({ home }: { readonly home: Home }) {
  const queries = useQueryClient();
  const make = useMutation({ mutationFn: () => body(api.POST("/api/access/pairing-codes")) });
  const devices = useQuery({
    queryKey: keys.pairedDevices,
    queryFn: () => body(api.GET("/api/access/devices")),
    refetchInterval: LOOK_EVERY_MS,
  });
  const remove = useMutation({
    mutationFn: (id: number) => body(api.DELETE("/api/access/devices/{id}", { params: { path: { id } } })),
    onSuccess: (left) => queries.setQueryData(keys.pairedDevices, left),
  });
  return (
    <>
      <ProblemNote error={devices.error ?? remove.error ?? make.error} />
      {devices.data?.length === 0 && <p className="text-soft">No other device is paired yet.</p>}
      {devices.data && devices.data.length > 0 && (
        <ul>
          {devices.data.map((device) => (
            <DeviceLine
              key={device.id}
              device={device}
              busy={remove.isPending}
              onRemove={() => remove.mutate(device.id)}
            />
          ))}
        </ul>
      )}
      {make.data ? (
        <NewDevice key={make.data.digits} home={home} code={make.data} onAnother={() => make.mutate()} />
      ) : (
        <div>
          <Button look="main" disabled={make.isPending} onClick={() => make.mutate()}>
            Pair a device
          </Button>
        </div>
      )}
    </>
  );
}

interface LineProps {
  readonly device: Device;
  readonly busy: boolean;
  readonly onRemove: () => void;
}

function DeviceLine({ device, busy, onRemove }: LineProps) {
  const [sure, setSure] = useState(false);
  return (
    <li className="flex min-h-14 flex-wrap items-center gap-x-4 border-b border-line py-1 last:border-0">
      <span className="min-w-0 flex-1">
        <strong>{device.name}</strong>
        {device.thisOne && <span className="ml-2 text-soft">this one</span>}
        <span className="block text-[0.9rem] text-soft">
          {device.person != null && `${device.person}, `}
          seen {formatDateTime(device.seenAt)} at {device.address}; paired {formatDate(device.pairedAt)}
        </span>
      </span>
      {sure ? (
        <span className="flex gap-2">
          <Button look="loss" size="small" disabled={busy} onClick={onRemove}>
            Remove it now
          </Button>
          <Button look="quiet" size="small" onClick={() => setSure(false)}>
            Keep
          </Button>
        </span>
      ) : (
        <Button look="quiet" size="small" aria-label={`Remove ${device.name}`} onClick={() => setSure(true)}>
          Remove
        </Button>
      )}
    </li>
  );
}

interface NewProps {
  readonly home: Home;
  readonly code: Code;
  readonly onAnother: () => void;
}

function NewDevice({ home, code, onAnother }: NewProps) {
  const left = useSecondsUntil(code.expiresAt);
  if (left <= 0) {
    return (
      <div className="flex flex-wrap items-center gap-4">
        <p>The code is not good any more.</p>
        <Button onClick={onAnother}>Make another</Button>
      </div>
    );
  }
  return (
    <div className="grid gap-4 rounded-field bg-steam p-4 sm:grid-cols-2">
      <section aria-label="First: trust" className="flex flex-col gap-2">
        <h3 className="text-lg font-bold">1. Trust, once</h3>
        <Qr rows={home.qr} label="Code to be scanned for the certificate" />
        <p>
          Scan, or open <strong className="break-all">{home.certificates[0]}</strong>, and install the
          certificate as it says there.
        </p>
        <Disclosure title="Is it the right one?">
          <p className="text-[0.9rem]">Its SHA-256 on the other device has to be the same:</p>
          <code className="break-all text-[0.85rem]">{home.fingerprint}</code>
        </Disclosure>
      </section>
      <section aria-label="Then: in" className="flex flex-col gap-2">
        <h3 className="text-lg font-bold">2. Go in</h3>
        <Qr rows={code.qr} label="Code to be scanned to go in" />
        <p>
          Scan, or open <strong className="break-all">{home.places[0]}</strong> and type
        </p>
        <p className="digits text-4xl font-bold tracking-[0.15em]">
          {code.digits.slice(0, 3)} {code.digits.slice(3)}
        </p>
        <p className="digits text-soft" role="timer">
          good once, for {Math.floor(left / 60)}:{String(left % 60).padStart(2, "0")}
        </p>
      </section>
    </div>
  );
}

function useSecondsUntil(instant: string): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1_000);
    return () => clearInterval(tick);
  }, []);
  return Math.ceil((Date.parse(instant) - now) / 1_000);
}
