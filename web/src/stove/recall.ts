import { keep, kept, onForgotten } from "@/api/kept";
import type { Run } from "./live";

const NAME = "runs";

/** Taps come in bursts; what is kept need not be of this very second. */
const PAUSE_MS = 2_000;

interface KeptRuns {
  readonly heardAt: number;
  readonly runs: readonly { readonly run: Run; readonly now: number; readonly pace: number }[];
}

export interface RecalledRuns {
  readonly heardAt: number;
  /** Each with what its own clock shows now, in milliseconds. */
  readonly runs: readonly { readonly run: Run; readonly now: number }[];
}

let writing: ReturnType<typeof setTimeout> | undefined;
onForgotten(() => clearTimeout(writing));

/** Keeps what is on the stove, with where its clocks stand, for a page that is opened while nobody can be asked. */
export function rememberRuns(runs: readonly Run[], now: (run: Run) => number, pace: (run: Run) => number) {
  clearTimeout(writing);
  writing = setTimeout(() => {
    void keep(NAME, {
      heardAt: Date.now(),
      runs: runs.map((run) => ({ run, now: now(run), pace: pace(run) })),
    } satisfies KeptRuns);
  }, PAUSE_MS);
}

/** A device whose clock was set back meanwhile says that no time has passed, which never lets a hold end too early. */
export async function recalledRuns(): Promise<RecalledRuns | undefined> {
  const all = await kept<KeptRuns>(NAME);
  return (
    all && {
      heardAt: all.heardAt,
      runs: all.runs.map(({ run, now, pace }) => ({
        run,
        now: now + Math.max(0, Date.now() - all.heardAt) * pace,
      })),
    }
  );
}
