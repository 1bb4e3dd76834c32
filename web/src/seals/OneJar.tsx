import { Choice } from "@/kit";
import { PhotoButton } from "@/photos";
import { jarWord } from "@/quantity";
import type { NumberedJar } from "@/stove";
import type { Finding } from "./findings";
import { LowLevel } from "./LowLevel";

interface Props {
  readonly runId: number;
  readonly jar: NumberedJar;
  readonly found: Finding;
  readonly onChange: (found: Finding) => void;
}

/** What is otherwise with one jar. */
export function OneJar({ runId, jar, found, onChange }: Props) {
  return (
    <section
      aria-label={`Jar ${jar.number}`}
      className="flex flex-col gap-4 rounded-field border-2 border-primary p-4"
    >
      <h2 className="text-xl font-bold">
        Jar {jar.number}, a {jarWord(jar.size, 1)}: {jar.title}
      </h2>
      <Choice
        label="Its lid"
        value={found.sealed ? "yes" : "no"}
        options={[
          { value: "yes", text: "Sealed" },
          { value: "no", text: "Not sealed" },
        ]}
        onChange={(value) => onChange({ ...found, sealed: value === "yes" })}
      />
      <Choice
        label="Liquid lost"
        value={found.loss}
        options={[
          { value: "none", text: "None" },
          { value: "some", text: "Some" },
          { value: "more-than-half", text: "More than half" },
        ]}
        onChange={(loss) => onChange({ ...found, loss, ...(loss === "none" ? { level: "right" } : {}) })}
      />
      {found.loss !== "none" && (
        <LowLevel level={found.level} onChange={(level) => onChange({ ...found, level })} />
      )}
      <Choice
        label="Food came out of it"
        value={found.leaked ? "yes" : "no"}
        options={[
          { value: "no", text: "No" },
          { value: "yes", text: "Yes, onto it or the jars below" },
        ]}
        onChange={(value) => onChange({ ...found, leaked: value === "yes" })}
      />
      <PhotoButton of={{ run: runId, jar: jar.number }} moment="seal-check" what={`jar ${jar.number}`} />
    </section>
  );
}
