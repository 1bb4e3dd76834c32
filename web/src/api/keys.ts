/**
 * What each answer of the server is kept under, one place for all: a key that is written twice is soon written differently, and then a change
 * refreshes nothing. Keys of a concept begin with its name.
 */
export const keys = {
  health: ["health"],
  access: ["access"],
  homeNetwork: ["access", "home"],
  machine: ["machine"],
  pairedDevices: ["access", "devices"],
  people: ["access", "people"],
  kitchen: ["kitchen"],
  madeLower: ["trace", "altitude"],
  care: (canner: number) => ["kitchen", "care", canner],
  cupboard: ["cupboard"],
  devices: ["devices"],
  tables: ["tables"],
  mayI: (words: string) => ["tables", "may-i", words],
  reading: ["reading"],
  /** What is said of lines that are on a page now, saved or not. */
  preview: (asked: string) => ["preview", asked],
  recipes: ["recipes"],
  recipeBook: (words: string, archived: boolean) => ["recipes", "book", words, archived],
  recipe: (id: number | undefined) => ["recipes", "one", id],
  recipeVersions: (id: number) => ["recipes", "one", id, "versions"],
  plans: ["plans"],
  planList: ["plans", "list"],
  plan: (id: number) => ["plans", "one", id],
  planCompany: (id: number, load: number, revision: number) => [
    "plans",
    "one",
    id,
    "company",
    load,
    revision,
  ],
  room: (id: number, jars: number) => ["runs", "room", id, jars],
  run: (id: number) => ["runs", "one", id],
  simulation: (run: number) => ["runs", "one", run, "simulation"],
  simulationOffer: ["simulation-offer"],
  batches: ["batches"],
  batchPages: (wanted: object) => ["batches", "pages", wanted],
  batch: (id: number) => ["batches", "one", id],
  departures: (batch: number) => ["departures", batch],
  figures: ["batches", "figures"],
  shelf: ["shelf"],
  shelfFirst: ["shelf", "first"],
  shelfPages: (words: string, place: string) => ["shelf", "pages", words, place],
  lot: (code: string) => ["shelf", "lot", code],
  jarColours: ["shelf", "colours"],
  photos: (of: object) => ["photos", of],
  holds: ["shelf", "holds"],
  needs: ["shelf", "needs"],
  gaugeTrace: (test: number) => ["shelf", "trace", test],
  freezer: ["freezer"],
  outside: ["outside"],
  automaticBackups: ["backups"],
  practice: ["practice"],
  practiceRecord: ["practice", "record"],
  drill: (code: string, round: number) => ["practice-now", "drill", code, round],
  tenLines: (round: number) => ["practice-now", "lines", round],
  inside: (wish: object) => ["practice-now", "inside", wish],
} as const;

/** What can be changed, as the server calls it when it tells other pages. */
export type Concept =
  | "kitchen"
  | "cupboard"
  | "devices"
  | "tables"
  | "reading"
  | "recipes"
  | "plans"
  | "batches"
  | "runs"
  | "shelf"
  | "trace"
  | "freezer"
  | "outside"
  | "practice"
  | "backup"
  | "photos";

/** The first words of all keys whose answers may differ once something of a concept was changed; "all" where nearly everything does. */
const AFFECTS: Readonly<Record<Concept, readonly string[] | "all">> = {
  // Altitude, canners and units are in every pressure, load and amount.
  kitchen: "all",
  cupboard: ["cupboard", "plans"],
  devices: ["devices"],
  tables: "all",
  reading: ["reading", "preview", "recipes", "plans", "tables"],
  recipes: ["recipes", "plans", "shelf"],
  plans: ["plans", "shelf", "recipes"],
  batches: ["batches", "runs", "plans", "shelf", "cupboard", "recipes"],
  runs: ["runs", "batches", "shelf", "cupboard", "plans"],
  shelf: ["shelf", "batches", "cupboard", "plans"],
  trace: ["shelf", "batches"],
  freezer: ["freezer"],
  outside: ["outside"],
  practice: ["practice"],
  photos: ["photos", "backups"],
  backup: "all",
};

/** Whether an answer kept under a key may differ once something of a concept was changed. */
export function isAffected(key: readonly unknown[], by: string): boolean {
  const affected = AFFECTS[by as Concept];
  return affected === "all" || (affected?.includes(String(key[0])) ?? false);
}
