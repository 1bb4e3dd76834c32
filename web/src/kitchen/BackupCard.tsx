import { useMutation } from "@tanstack/react-query";
import { Download } from "lucide-react";
import { useState } from "react";
import { ownPage, type Schemas } from "@/api/client";
import { Problem } from "@/api/problem";
import { useChanged } from "@/api/useChanged";
import { Button, buttonClasses, Card, Choice, Disclosure, ProblemNote } from "@/kit";
import { formatDateTime } from "@/quantity";
import { useAutomaticBackups } from "./useAutomaticBackups";
import type { Kitchen } from "./useKitchen";

type Way = "replace" | "merge";
type Restored = Schemas["RestoreResponse"];

/** Sections a cook knows by name, and how many of each are told. */
const TOLD = [
  ["recipes", "recipe", "recipes"],
  ["batches", "batch", "batches"],
  ["lots", "lot", "lots"],
  ["canners", "canner", "canners"],
  ["plans", "plan", "plans"],
  ["photos", "photo", "photos"],
] as const;

async function hand(file: File, way: Way, dryRun: boolean): Promise<Restored> {
  const response = await fetch(`/api/backup?way=${way}&dryRun=${dryRun}`, {
    method: "POST",
    headers: { "Content-Type": "application/octet-stream", ...ownPage() },
    body: file,
  });
  if (!response.ok) {
    throw await Problem.of(response);
  }
  return (await response.json()) as Restored;
}

function counted(rows: Readonly<Record<string, number>>): string {
  const words = TOLD.filter(([section]) => (rows[section] ?? 0) > 0).map(
    ([section, one, many]) => `${rows[section]} ${rows[section] === 1 ? one : many}`,
  );
  return words.length === 0 ? "nothing" : words.join(", ");
}

function megabytes(bytes: number): string {
  return bytes < 950_000 ? "under 1 MB" : `${Math.round(bytes / 1_000_000)} MB`;
}

/** Backups that are made by themselves, and how old the last one is. */
function Automatic() {
  const automatic = useAutomaticBackups();
  const state = automatic.data;
  if (!state?.folder) {
    return null;
  }
  return (
    <p className={state.old ? "border-l-4 border-brick pl-3" : "text-soft"}>
      {state.problem ? `The daily backup failed. ${state.problem}. ` : ""}
      {state.newest
        ? `Backed up by itself ${formatDateTime(state.newest)}; ${state.kept} kept in ${state.folder}.`
        : `The first daily backup is made in a moment, in ${state.folder}.`}
    </p>
  );
}

/** The whole kitchen as a file, and back; what a file would do is shown before it does it. */
export function BackupCard({ kitchen }: { readonly kitchen: Kitchen }) {
  const changed = useChanged("backup");
  const { photos = 0, photoBytes = 0 } = useAutomaticBackups().data ?? {};
  const [file, setFile] = useState<File | undefined>();
  // Nothing is lost where nothing is.
  const [way, setWay] = useState<Way>(kitchen.canners.length === 0 ? "replace" : "merge");
  const tried = useMutation({ mutationFn: ({ of, by }: { of: File; by: Way }) => hand(of, by, true) });
  const done = useMutation({
    mutationFn: ({ of, by }: { of: File; by: Way }) => hand(of, by, false),
    onSuccess: () => changed(),
  });
  const look = (of: File, by: Way) => {
    setFile(of);
    setWay(by);
    done.reset();
    tried.mutate({ of, by });
  };
  return (
    <Card label="Backup" className="flex flex-col gap-3">
      <div>
        <h2 className="text-xl font-bold">Backup</h2>
        <p className="text-soft">
          The whole kitchen in one file: recipes, batches with every reading, lots and where each jar went.
        </p>
      </div>
      <Automatic />
      <div className="flex flex-wrap gap-3">
        <a className={buttonClasses({ look: "main" })} href="/api/backup" download>
          <Download size={20} aria-hidden="true" />
          Save a backup
        </a>
        {photos > 0 && (
          <a className={buttonClasses({})} href="/api/backup/with-photos" download>
            With {photos === 1 ? "its photo" : `all ${photos} photos`}, {megabytes(photoBytes)}
          </a>
        )}
        <label className={buttonClasses({})}>
          Restore a backup
          <input
            type="file"
            accept=".json,.zip,application/json,application/zip"
            className="sr-only"
            onChange={(event) => {
              const chosen = event.target.files?.[0];
              if (chosen) {
                look(chosen, way);
              }
              event.target.value = "";
            }}
          />
        </label>
      </div>
      <ProblemNote error={tried.error ?? done.error} />
      {file && tried.data && !done.data && (
        <div className="flex flex-col gap-3 rounded-field bg-steam p-4">
          <p>
            <strong>{file.name}</strong> holds {counted(tried.data.inFile)}.
          </p>
          <Choice
            label="How"
            value={way}
            options={[
              { value: "merge", text: "Beside what is here" },
              { value: "replace", text: "In its place" },
            ]}
            onChange={(next) => look(file, next)}
          />
          <p role="status">
            {way === "replace"
              ? `${sentence(counted(tried.data.leaving))} that are here now would be gone, and ${counted(tried.data.coming)} come in.`
              : `What is here stays. ${sentence(counted(tried.data.coming))} come in besides; the rest is here already.`}
            {Object.keys(tried.data.relabelled).length > 0 &&
              ` Codes that are taken get another letter: ${Object.entries(tried.data.relabelled)
                .map(([old, code]) => `${old} becomes ${code}`)
                .join(", ")}. Write it on the lids.`}
          </p>
          {tried.data.faults.length > 0 && (
            <div className="border-l-4 border-brick pl-3">
              <p>Something in it has to be mended afterwards:</p>
              <ul className="list-inside list-disc">
                {tried.data.faults.map((fault) => (
                  <li key={fault}>{fault}</li>
                ))}
              </ul>
            </div>
          )}
          <div className="flex flex-wrap gap-3">
            <Button
              look={way === "replace" ? "loss" : "main"}
              disabled={done.isPending || tried.isPending}
              onClick={() => done.mutate({ of: file, by: way })}
            >
              {way === "replace" ? "Replace this kitchen" : "Merge into this kitchen"}
            </Button>
            <Button look="quiet" onClick={() => setFile(undefined)}>
              Leave everything as it is
            </Button>
          </div>
        </div>
      )}
      {done.data && <p role="status">Done: {counted(done.data.coming)} came in.</p>}
      <Disclosure title="Tables for a spreadsheet">
        <p className="flex flex-wrap gap-x-5 gap-y-1">
          {["shelf", "lots", "batches", "readings"].map((table) => (
            <a
              key={table}
              className="flex min-h-11 items-center font-bold text-primary underline"
              href={`/api/formats/${table}.csv`}
              download
            >
              {table}.csv
            </a>
          ))}
        </p>
      </Disclosure>
    </Card>
  );
}

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
