import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";
import { Button, Card, Disclosure, ProblemNote, Spinner } from "@/kit";
import { formatDate, formatDateTime } from "@/quantity";
import { Qr } from "./Qr";

type Home = Schemas["HomeResponse"];
type Code = Schemas["PairingCodeResponse"];
type Device = Schemas["PairedDeviceResponse"];

const LOOK_EVERY_MS = 5_000;

/** How phones and tablets of the house get in, and which ones are. */
export function HomeNetworkCard() {
  const home = useQuery({ queryKey: keys.homeNetwork, queryFn: () => body(api.GET("/api/access/home")) });
  return (
    <Card label="Home network" className="flex flex-col gap-3">
      <h2 className="text-xl font-bold">Home network</h2>
      <ProblemNote error={home.error} />
      {home.isPending && !home.error && <Spinner />}
      {home.data &&
        (home.data.open ? (
          <Open home={home.data} />
        ) : (
          <p>
            Only this machine may in. For phones and tablets at the stove, stop Mobrel and start it with{" "}
            <code className="font-bold whitespace-nowrap">./mobrel start --home</code>
          </p>
        ))}
    </Card>
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
      {devices.data?.length === 0 && <p className="text-soft">No other device is in yet.</p>}
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
            Let a device in
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
          seen {formatDateTime(device.seenAt)} at {device.address}; let in {formatDate(device.pairedAt)}
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
