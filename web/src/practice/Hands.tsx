import { Button } from "@/kit";
import { Knob } from "./Knob";
import type { Scene } from "./scene";

interface Props {
  readonly scene: Scene;
  readonly index: number;
  /** Named where two stand side by side. */
  readonly name?: string | undefined;
  readonly locked?: boolean;
}

/** What a hand can do to a canner: the knob, the weight, the lid. */
export function Hands({ scene, index, name, locked = false }: Props) {
  const sight = scene.sight(index);
  const on = (scene.knob(index, "weight") ?? (sight?.weightOn ? 1 : 0)) === 1;
  const open = scene.knob(index, "lid") === 1 || sight?.lidOff === true;
  const burner = scene.knob(index, "burner") ?? sight?.burner ?? 0;
  return (
    <fieldset
      aria-label={name ? `Hands on the ${name}` : "Hands"}
      disabled={locked}
      className="flex flex-wrap items-center justify-center gap-x-4 gap-y-2"
    >
      <Knob
        value={burner}
        onChange={(value) => scene.act(index, "burner", value)}
        label={name ? `Burner of the ${name}` : "Burner"}
      />
      <div className="flex flex-wrap justify-center gap-2">
        <Button
          size="small"
          className="min-h-14"
          disabled={open}
          onClick={() => scene.act(index, "weight", on ? 0 : 1)}
        >
          {on ? "Lift weight" : "Weight on"}
        </Button>
        <Button
          size="small"
          className="min-h-14"
          disabled={open || !on}
          onClick={() => scene.act(index, "nudge", 1)}
        >
          Nudge it
        </Button>
        <Button size="small" className="min-h-14" disabled={open} onClick={() => scene.act(index, "lid", 1)}>
          Lid off
        </Button>
      </div>
    </fieldset>
  );
}
