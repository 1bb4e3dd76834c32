import { expect, test } from "vitest";
import { NOISES } from "@/test/sounds";
import { tried } from "./detector.table";

/** Two hundred clips, which take some minutes: `./mobrel bench ears`. */
test.runIf(process.env["MOBREL_EARS"])("two hundred clips", { timeout: 3_600_000 }, () => {
  let [knocks, found, wrong, minutes, silent, missed] = [0, 0, 0, 0, 0, 0];
  for (const rocks of [true, false]) {
    for (const kind of NOISES) {
      for (const decibels of [0, 6]) {
        const sum = { knocks: 0, found: 0, wrong: 0, minutes: 0, drowned: 0, unlearned: 0 };
        for (let seed = 1; seed <= 5; seed++) {
          for (const knocking of [true, false]) {
            const made = tried(seed, rocks, kind, decibels, knocking);
            sum.unlearned += made ? 0 : 1;
            sum.knocks += made?.knocks ?? 0;
            sum.found += made?.found ?? 0;
            sum.wrong += made?.wrong ?? 0;
            sum.minutes += made?.minutes ?? 0;
            sum.drowned += (made?.drowned ?? 0) / 10;
            silent += knocking ? 0 : 1;
            missed += !knocking && (made?.wrong ?? 0) > 3 ? 1 : 0;
          }
        }
        console.info(
          `${rocks ? "rocks  " : "jiggles"} beside ${kind.padEnd(5)} ${decibels} dB softer: heard ${((100 * sum.found) / sum.knocks).toFixed(1)} %, ` +
            `wrongly ${(sum.wrong / sum.minutes).toFixed(2)} a minute, too loud ${(100 * sum.drowned).toFixed(0)} % of the time, not learned ${sum.unlearned}`,
        );
        expect(sum.unlearned).toBe(0);
        knocks += sum.knocks;
        found += sum.found;
        wrong += sum.wrong;
        minutes += sum.minutes;
      }
    }
  }
  console.info(
    `in all: heard ${((100 * found) / knocks).toFixed(1)} % of ${knocks}, wrongly ${(wrong / minutes).toFixed(2)} a minute; silent clips with more than 3 wrong: ${missed} of ${silent}`,
  );
  expect(found / knocks).toBeGreaterThanOrEqual(0.95);
  expect(wrong / minutes).toBeLessThanOrEqual(1);
});
