import { act, screen, waitFor } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import { FakeEventSource } from "@/test/eventSource";
import { at, run } from "@/test/runs";
import { ok, server } from "@/test/server";
import { show } from "@/test/show";
import { Alarms } from "./Alarms";
import type { Run } from "./live";
import { canSound, play } from "./sound";

vi.mock("./sound", () => ({ play: vi.fn(() => true), canSound: vi.fn(() => true), unlockSound: vi.fn() }));

/** The clock of a page that nobody sees; a test makes it tick. */
class FakeWorker {
  static last: FakeWorker | undefined;
  onmessage: (() => void) | null = null;
  constructor() {
    FakeWorker.last = this;
  }
  terminate() {
    this.onmessage = null;
  }
}

const tick = () => act(() => FakeWorker.last?.onmessage?.());
const sounds = () => vi.mocked(play).mock.calls.map(([sound]) => sound);
const holding = (part: Partial<Run> = {}) =>
  run({ stage: "holding", clockEndsAt: at(0), dues: [{ what: "heat-off", at: at(0) }], ...part });

beforeEach(() => {
  vi.stubGlobal("Worker", FakeWorker);
  vi.useFakeTimers({ shouldAdvanceTime: true });
  vi.setSystemTime(at(1));
  vi.mocked(play).mockClear().mockReturnValue(true);
  vi.mocked(canSound).mockReturnValue(true);
});

async function ringing(...runs: readonly Run[]) {
  const shown = await show(<Alarms />);
  act(() => FakeEventSource.last().say("runs", { runs: runs.map((each) => ({ ...each, now: at(1) })) }));
  await tick();
  return shown;
}

test("what is due rings, says which canner, and stands in the title", async () => {
  await ringing(holding());
  expect(screen.getByRole("alert").textContent).toContain("Heat off now: Big canner");
  expect(document.title).toBe("! Heat off now · Big canner");
  expect(sounds()).toEqual(["heat-off"]);
});

test("where it is wanted an alarm is said aloud, once, by the voice of the browser; by default nothing is", async () => {
  const spoken: string[] = [];
  class Utterance {
    lang = "";
    constructor(readonly text: string) {}
  }
  vi.stubGlobal("SpeechSynthesisUtterance", Utterance);
  vi.stubGlobal("speechSynthesis", {
    cancel: () => undefined,
    speak: (utterance: Utterance) => spoken.push(utterance.text),
  });
  const silent = await ringing(holding());
  expect(spoken).toEqual([]);
  silent.unmount();
  localStorage.setItem("mobrel.voice", "on");
  await ringing(holding());
  await tick();
  expect(spoken).toEqual(["Big canner: Heat off now"]);
});

test.each([
  ["water-dry", "It may be dry: heat off, look and listen", "lost"],
  ["vent-long", "It has vented for 15 minutes and only loses water", "open"],
  ["steam-late", "45 minutes and no steady steam: think of the water", "look"],
])("%s is an alarm of its own", async (what, text, sound) => {
  const stage = what === "steam-late" ? "heating" : "venting";
  await ringing(run({ stage, dues: [{ what, at: at(0) }] }));
  expect(screen.getByRole("alert").textContent).toContain(text);
  expect(sounds().at(-1)).toBe(sound);
});

test("while something is on the stove the place of the alarm is kept free, and leads there", async () => {
  await ringing(holding({ dues: [], clockEndsAt: at(5) }));
  expect(screen.queryByRole("alert")).toBeNull();
  expect(screen.getByRole("link").textContent).toMatch(/^Big canner: .* hold, until /);
});

test("a run that is held at less than the corrected altitude asks for is an alarm on every page", async () => {
  const raised = { code: "under-pressure", at: at(0), psi: 15 };
  await ringing(holding({ dues: [], deviations: [raised] }));
  expect(screen.getByRole("alert").textContent).toContain("Now needs 15: begin again: Big canner");
});

test("off the heat no water is lost", async () => {
  await ringing(run({ stage: "cooling", dues: [{ what: "water-dry", at: at(0) }] }));
  expect(screen.queryByRole("alert")).toBeNull();
});

test("it is repeated in its own time and not at every tick", async () => {
  await ringing(holding());
  await tick();
  expect(sounds()).toHaveLength(1);
  await act(() => vi.advanceTimersByTimeAsync(6_100));
  await tick();
  expect(sounds()).toHaveLength(2);
});

const answered = { number: 1, type: "alarm-answered", place: "heat-off", at: at(1) };

test("an answer is an event of the run: it ends it here and on other devices, also after a reload, and a later one rings anew", async () => {
  server.on("POST /api/runs/1/events", ok(holding({ now: at(1), events: [answered] })));
  const first = await ringing(holding());
  screen.getByRole("button", { name: "Got it" }).click();
  await waitFor(() =>
    expect(server.sent("POST /api/runs/1/events")[0]).toMatchObject({
      type: "alarm-answered",
      place: "heat-off",
      note: "The kitchen's own screen",
    }),
  );
  await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
  await act(() => vi.advanceTimersByTimeAsync(30_000));
  await tick();
  expect(sounds()).toHaveLength(1);
  first.unmount();
  await ringing(holding({ events: [answered] }));
  expect(screen.queryByRole("alert")).toBeNull();
  await ringing(
    holding({ events: [{ ...answered, at: at(0.2) }], dues: [{ what: "heat-off", at: at(0.5) }] }),
  );
  expect(screen.getByRole("alert").textContent).toContain("Heat off now");
});

test("of several the gravest is heard, and how many more there are is said", async () => {
  await ringing(
    run({ id: 2, cannerName: "Small canner", stage: "settling", dues: [{ what: "lid-off", at: at(0) }] }),
    holding(),
  );
  expect(screen.getByRole("alert").textContent).toContain("Heat off now: Big canner · and 1 more");
  expect(new Set(sounds())).toEqual(new Set(["heat-off"]));
});

test("a page that may not sound says so and offers to", async () => {
  vi.mocked(play).mockReturnValue(false);
  await ringing(holding());
  expect(await screen.findByRole("button", { name: "Turn on sound" })).toBeTruthy();
});

test("what could not be heard is heard as soon as the page may sound, once, and then in its own time", async () => {
  vi.mocked(play).mockReturnValue(false);
  vi.mocked(canSound).mockReturnValue(false);
  await ringing(holding());
  await tick();
  expect(sounds()).toHaveLength(1);
  vi.mocked(play).mockReturnValue(true);
  vi.mocked(canSound).mockReturnValue(true);
  await tick();
  expect(sounds()).toHaveLength(2);
  expect(screen.getByRole("alert").dataset["sounded"]).toBe("true");
  await tick();
  expect(sounds()).toHaveLength(2);
});

test("where nothing rings the title counts down, and there is no banner", async () => {
  await ringing(run({ stage: "holding", clockEndsAt: at(11) }));
  expect(screen.queryByRole("alert")).toBeNull();
  expect(document.title).toMatch(/^(10:00|9:5\d) hold · \S+/);
});
