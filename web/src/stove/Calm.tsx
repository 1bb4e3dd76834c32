import { CircleAlert, CircleCheck } from "lucide-react";
import { Disclosure } from "@/kit";
import type { Run } from "./live";

/** What frightens at first and is as it should be; and what is not. */
export function Calm({ run }: { readonly run: Run }) {
  const normal = [
    "The weight rattles and jumps. That is the sound of a canner at its pressure.",
    "It spits: drops hiss around the vent and the lock while it heats.",
    "The dial crawls. The last pound can take as long as the five before it.",
  ];
  const notNormal = [
    "Steam blows out under the rim while it is under pressure: heat off, let it cool, look at the gasket.",
    run.gauge === "dial"
      ? "The dial goes on rising with the heat turned down: heat off, stand back, touch nothing until it is zero."
      : "The weight is silent while the canner hisses or its dial climbs: heat off, the vent may be blocked.",
    "It smells burnt or has gone quiet on high heat: heat off, the water may be gone. Do not add any.",
  ];
  return (
    <Disclosure title="Is that normal?">
      <div className="grid gap-x-8 gap-y-3 py-2 sm:grid-cols-2">
        <List
          title="Normal"
          items={normal}
          icon={<CircleCheck size={22} className="mt-0.5 shrink-0 text-primary" />}
        />
        <List
          title="Not normal"
          items={notNormal}
          icon={<CircleAlert size={22} className="mt-0.5 shrink-0 text-brick" />}
        />
      </div>
    </Disclosure>
  );
}

function List({
  title,
  items,
  icon,
}: {
  readonly title: string;
  readonly items: readonly string[];
  readonly icon: React.ReactNode;
}) {
  return (
    <section>
      <h3 className="font-bold">{title}</h3>
      <ul className="flex flex-col gap-2">
        {items.map((item) => (
          <li key={item} className="flex gap-2">
            {icon}
            <span>{item}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
