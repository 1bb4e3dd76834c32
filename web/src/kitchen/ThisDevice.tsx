import { Download } from "lucide-react";
import { useState } from "react";
import { useInstall } from "@/app";
import { Button, Card } from "@/kit";
import { letLockScreen, wantsLockScreen } from "@/stove";

/** What this device can do for a kitchen, and what it cannot. */
export function ThisDevice() {
  const { state, install } = useInstall();
  const [lockScreen, setLockScreen] = useState(wantsLockScreen);
  return (
    <Card label="This device" className="flex flex-col gap-3">
      <h2 className="text-xl font-bold">This device</h2>
      {state === "open-in-app" ? (
        <p>Mobrel is installed here. It opens without a connection too, with what it knew last.</p>
      ) : state === "can-install" ? (
        <div className="flex flex-wrap items-center gap-3">
          <p className="min-w-0 flex-1 basis-64">
            Installed, it opens from the home screen, without a connection too: plans, lists, card, stove and
            shelf as they were last.
          </p>
          <Button look="main" icon={<Download size={20} />} onClick={install}>
            Install Mobrel
          </Button>
        </div>
      ) : state === "not-secure" ? (
        <p>
          At this address nothing can be installed or kept for later. Open the kitchen at its encrypted
          address: see Home network.
        </p>
      ) : (
        <p>
          To install it, open the browser's menu and choose <strong>Install</strong> or{" "}
          <strong>Add to Home Screen</strong>.
        </p>
      )}
      <label className="flex min-h-12 cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={lockScreen}
          onChange={({ target }) => {
            letLockScreen(target.checked);
            setLockScreen(target.checked);
          }}
        />
        <span>
          Clock on the lock screen
          <span className="block text-[0.9rem] text-soft">Music on this device stops while a run is on.</span>
        </span>
      </label>
      <p className="text-[0.95rem] text-soft">
        Alarms sound as long as Mobrel is open here, behind other windows too. Closed, it cannot call you:
        that would take a service outside your home.
      </p>
    </Card>
  );
}
