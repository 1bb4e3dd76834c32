import { expect, test } from "vitest";
import { dialPicture, TROUBLES } from "@/test/dials";
import { readDial } from "./dial";
import { learned, tried } from "./dial.table";

const SEEABLE = new Set(["clear", "dim", "glare", "steam"]);

/** Five hundred pictures, which take some minutes: `./mobrel bench eyes`. */
test.runIf(process.env["MOBREL_EYES"])("five hundred pictures", { timeout: 3_600_000 }, () => {
  const rows = new Map<
    string,
    { all: number; close: number; unseen: number; wrong: number; why: Record<string, number> }
  >();
  const problems: string[] = [];
  for (let seed = 1; seed <= 50; seed++) {
    const { scene, dial, problem } = learned(seed);
    if (!dial) {
      problems.push(`${seed}: ${problem}`);
      continue;
    }
    for (const [index, trouble] of TROUBLES.entries()) {
      const { psi, read, unseen } = tried(scene, dial, trouble, seed * 100 + index);
      const row = rows.get(trouble) ?? { all: 0, close: 0, unseen: 0, wrong: 0, why: {} };
      const off = read === undefined ? undefined : Math.abs(read - psi);
      const wrong = off !== undefined && (off > 1 || trouble === "gone" || trouble === "slipped");
      if (wrong) {
        console.info(`seed ${seed}, ${trouble}: ${read?.toFixed(2)} for ${psi.toFixed(2)}`);
      }
      rows.set(trouble, {
        all: row.all + 1,
        close: row.close + (off !== undefined && off <= 0.4 ? 1 : 0),
        unseen: row.unseen + (unseen ? 1 : 0),
        wrong: row.wrong + (wrong ? 1 : 0),
        why: unseen ? { ...row.why, [unseen]: (row.why[unseen] ?? 0) + 1 } : row.why,
      });
    }
  }
  console.info(`not learned: ${problems.length} of 50 (${problems.join(", ")})`);
  const { scene, dial } = learned(3);
  const picture = dialPicture(scene, 9, "clear", 1);
  const began = performance.now();
  for (let look = 0; look < 40; look++) {
    readDial(picture, dial ?? expect.fail());
  }
  console.info(`a look takes ${((performance.now() - began) / 40).toFixed(1)} ms, one in five seconds`);
  let [all, close, wrong] = [0, 0, 0];
  for (const [trouble, row] of rows) {
    console.info(
      `${trouble.padEnd(7)} ${row.all}: within 0.4 psi ${row.close}, not seen ${row.unseen} ${JSON.stringify(row.why)}, wrong by more than 1 psi ${row.wrong}`,
    );
    if (SEEABLE.has(trouble)) {
      all += row.all;
      close += row.close;
    }
    wrong += row.wrong;
  }
  console.info(
    `in all: ${((100 * close) / all).toFixed(1)} % of ${all} that can be seen within 0.4 psi; wrong and sure ${wrong}`,
  );
  expect(close / all).toBeGreaterThanOrEqual(0.95);
  expect(wrong).toBe(0);
});
