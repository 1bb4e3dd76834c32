import { expect, test } from "vitest";
import { at, NOON, run, seen } from "@/test/runs";
import { stageView } from "./stages";

const texts = (view: ReturnType<typeof stageView>) => view.steps.map((step) => step.text);

test("every stage at the stove has something to do now, and one main step", () => {
  const stages = [
    "checks",
    "loading",
    "heating",
    "venting",
    "rising",
    "holding",
    "cooling",
    "depressurised",
    "settling",
    "opened",
  ];
  for (const stage of stages) {
    const view = stageView(run({ stage, clockEndsAt: at(10) }), NOON);
    expect(view.now, stage).not.toBe("");
    expect(view.next + view.now, stage).not.toContain("undefined");
    expect(view.steps.filter((step) => step.look === "main").length, stage).toBe(1);
  }
});

test("the weight waits for the whole vent, and says until when", () => {
  const venting = run({ stage: "venting", clockEndsAt: at(10) });
  expect(stageView(venting, NOON).steps[0]?.from).toBe(NOON + 600_000);
  expect(stageView(venting, NOON).now).toContain("The weight stays off until then");
  expect(stageView(venting, NOON + 600_000).now).toContain("Put the weight on now");
});

test("a look below the mark on the way up says so", () => {
  const rising = (psi: number) => run({ stage: "rising", targetPsi: 11, lastReading: seen(3, psi) });
  expect(stageView(rising(10), NOON).next).toBe(
    "10 is below the mark: it is 11 at this altitude. The full 90 minutes begin when it is there.",
  );
  expect(stageView(run({ stage: "rising" }), NOON).next).toBe("The full 90 minutes begin when it is there.");
});

test("a run that is held at less than is needed now can only begin again, or stop", () => {
  const deviations = [{ code: "under-pressure", at: at(3), psi: 15 }];
  for (const stage of ["heating", "venting", "rising", "holding"]) {
    const view = stageView(run({ stage, deviations, clockEndsAt: at(0) }), NOON);
    expect(view.face.words, stage).toBe("Now needs 15");
    expect(texts(view), stage).toEqual(["Begin again at 15", "Stop: heat off"]);
  }
});

test("a loss says what was read, when, and that the whole time starts again", () => {
  const lost = run({
    stage: "rising",
    lost: { code: "pressure-lost", at: at(3), psi: 9.2 },
    events: [seen(3, 9.2)],
  });
  expect(stageView(lost, NOON).now).toMatch(
    /^Pressure fell to 9.2 at .*the full 90 from when it is back at 12.5 on this dial/,
  );
});

test("after a loss the clock waits at the full time, and a first rise counts from the weight", () => {
  const lost = { code: "pressure-lost", at: at(30), psi: 9.2 };
  expect(stageView(run({ stage: "rising", weightOnAt: at(0), lost }), NOON).face).toEqual({
    waitingAt: 90 * 60_000,
  });
  expect(stageView(run({ stage: "rising", weightOnAt: at(40), deviations: [lost] }), NOON).face).toEqual({
    upFrom: NOON + 40 * 60_000,
  });
});

test("a canner with a weight goes by what is heard", () => {
  const view = stageView(
    run({ stage: "holding", gauge: "weighted", targetPsi: 15, clockEndsAt: at(90) }),
    NOON,
  );
  expect(texts(view)).toEqual(["Weight moves properly", "Frantic", "It stopped"]);
  expect(view.steps[2]?.confirm).toContain("the full 90 minutes start again");
});

test("a reading three above the mark asks for less heat", () => {
  const high = seen(0, 15.5);
  const view = stageView(
    run({ stage: "holding", clockEndsAt: at(90), lastReading: high, tooHigh: true }),
    NOON + 120_000,
  );
  expect(view.next).toBe(
    "Last look: 15.5 on the dial, 2 min ago. That is high: turn the heat down a little.",
  );
});

test("after a broken vent it says that the whole vent begins again", () => {
  const broken = run({
    stage: "heating",
    lidLockedAt: at(0),
    deviations: [{ code: "vent-interrupted", at: at(4) }],
  });
  expect(stageView(broken, NOON).now).toContain("the whole ten-minute vent begins again");
  expect(stageView(run({ stage: "heating" }), NOON).now).not.toContain("begins again");
});

test("a page that hears nothing more still says when the heat can go off", () => {
  const holding = run({ stage: "holding", clockEndsAt: at(90) });
  expect(texts(stageView(holding, NOON + 89 * 60_000))).not.toContain("Heat off");
  expect(texts(stageView(holding, NOON + 90 * 60_000))).toEqual(["Heat off"]);
});

test("a device that is no longer content is answered first; once the time is over the heat goes off first", () => {
  const asked = run({
    stage: "holding",
    clockEndsAt: at(25),
    askedSince: at(4),
    events: [{ ...seen(4, 12.5), type: "not-seen", by: "Ada's phone" }],
  });
  const during = stageView(asked, Date.parse(at(6)));
  expect(during.now).toContain("Ada's phone has not seen the needle");
  expect(during.next).toContain("Unanswered for two minutes");
  expect(texts(stageView(asked, Date.parse(at(26))))).toContain("Heat off");
});

test("while nobody can say whether it was held, no time is over", () => {
  const doubted = run({ stage: "holding", clockEndsAt: at(25), doubtSince: at(4) });
  for (const minute of [5, 26]) {
    expect(texts(stageView(doubted, Date.parse(at(minute))))).toEqual([
      "Yes, it was held all the time",
      "No, or nobody can say",
    ]);
  }
});

test("a lid over fewer jars than the load has is asked about", () => {
  const lock = (loaded: number[]) =>
    stageView(run({ stage: "loading", loaded }), NOON).steps.find((step) => step.look === "main")?.ask;
  expect(lock([])).toBeUndefined();
  expect(lock([1, 2, 3])).toBe("left-out");
  expect(lock([1, 2, 3, 4, 5, 6, 7])).toBeUndefined();
});

test.each([
  ["holding", "Was it at 12.5 on this dial or above all that time?", "the full 90 minutes begin again"],
  ["venting", "Did a steady plume of steam blow all that time?", "the ten minutes of steam begin again"],
])(
  "in %s nothing is over before somebody has said how it was while Mobrel was away",
  (stage, asked, otherwise) => {
    const view = stageView(
      run({
        stage,
        doubtSince: at(10),
        clockEndsAt: at(20),
        events: [{ ...seen(10, 12.5), type: "server-away", heardAt: at(40) }],
      }),
      NOON + 3_600_000,
    );
    expect(view.now).toContain("Mobrel was away");
    expect(view.now).toContain(asked);
    expect(view.next).toContain(otherwise);
    expect(view.steps.map(({ event }) => event.type)).toEqual(["held", "interrupted"]);
  },
);
