import { act, screen } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import { at, run } from "@/test/runs";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { ListenPanel, ListenStrip } from ".";
import { Deaf, openEar } from "./ear";
import { keepLesson } from "./lessons";
import type { ListenerWord } from "./listener.worklet";
import { stopListening } from "./listening";
import { BANDS } from "./spectrum";

vi.mock("./ear", async (original) => ({ ...(await original<object>()), openEar: vi.fn() }));

const HEARING = "POST /api/runs/1/hearing";
const SPAN = {
  what: "span",
  at: 5_000,
  millis: 5_000,
  knocks: [400, 800],
  drowned: false,
  plume: false,
} as const;
const stop = vi.fn();
let hear: (word: ListenerWord) => void = () => undefined;

const rocks = (part = {}) =>
  run({
    id: 1,
    cannerId: 3,
    gauge: "weighted",
    jiggles: undefined,
    stage: "holding",
    clockEndsAt: at(40),
    ...part,
  });

beforeEach(() => {
  stopListening();
  localStorage.clear();
  stop.mockClear();
  vi.mocked(openEar).mockClear();
  vi.mocked(openEar).mockImplementation(async (_options, told) => {
    hear = told;
    return { stop };
  });
});

async function listens(part = {}) {
  keepLesson(3, { shape: new Array<number>(BANDS).fill(0.25), power: 1, together: 0.1 });
  const told: { type: string }[] = [];
  const shown = await show(
    <>
      <ListenPanel run={rocks(part)} onClose={() => undefined} />
      <ListenStrip run={rocks(part)} onEvent={(event) => told.push(event)} />
    </>,
  );
  await shown.user.click(screen.getByRole("button", { name: "Listen" }));
  await screen.findByRole("region", { name: "This device listens" });
  return { ...shown, told };
}

const heard = (part: object) => ok({ sound: "proper", steam: "none", ...part });

test("a weight that was never taught is taught first, and what becomes of the sound is said", async () => {
  const { user } = await show(<ListenPanel run={rocks()} onClose={() => undefined} />);
  expect(screen.getByText(/Sound is neither kept nor sent/)).toBeTruthy();
  expect(screen.queryByRole("button", { name: "Listen" })).toBeNull();
  vi.mocked(openEar).mockRejectedValue(new Deaf("This device has no microphone."));
  await user.click(screen.getByRole("button", { name: "Teach it this weight" }));
  await user.click(screen.getByRole("button", { name: "Begin" }));
  expect((await screen.findByRole("alert")).textContent).toBe("This device has no microphone.");
});

test("what is measured is sent as times, and what it sounds like stands there", async () => {
  server.on(HEARING, heard({ perMinute: 148 }));
  await listens();
  expect(openEar).toHaveBeenCalledWith(
    { weight: expect.objectContaining({ power: 1 }), learning: false },
    expect.any(Function),
  );
  await act(async () => hear(SPAN));
  expect(await screen.findByText("Hears it rocking")).toBeTruthy();
  expect(screen.getByText("148 a minute")).toBeTruthy();
  expect(server.sent(HEARING)[0]).toMatchObject({
    at: 5_000,
    millis: 5_000,
    knocks: [400, 800],
    drowned: false,
  });
});

test("too loud, silent and cut off are said and reassure nobody", async () => {
  server.on(HEARING, heard({ sound: "drowned" }));
  await listens();
  await act(async () => hear(SPAN));
  expect(await screen.findByText("Too loud to hear it.")).toBeTruthy();
  server.on(HEARING, heard({ sound: "silent" }));
  await act(async () => hear(SPAN));
  expect(await screen.findByText("Does not hear it.")).toBeTruthy();
  server.on(HEARING, problem(503, "database", "The database does not answer."));
  await act(async () => hear(SPAN));
  expect(await screen.findByText("No connection to the kitchen:")).toBeTruthy();
  expect(stop).not.toHaveBeenCalled();
});

test("steam is offered to be written down, and its end too", async () => {
  server.on(HEARING, heard({ steam: "blows" }));
  const { user, told } = await listens({ stage: "heating" });
  await act(async () => hear({ ...SPAN, plume: true }));
  await user.click(await screen.findByRole("button", { name: "Steady steam" }));
  expect(told).toEqual([{ type: "steam-steady" }]);
});

test("a second tap while the microphone opens leaves none open that nobody sees", async () => {
  server.on(HEARING, heard({}));
  keepLesson(3, { shape: new Array<number>(BANDS).fill(0.25), power: 1, together: 0.1 });
  await show(<ListenPanel run={rocks()} onClose={() => undefined} />);
  const listen = screen.getByRole("button", { name: "Listen" });
  await act(async () => {
    listen.click();
    listen.click();
  });
  expect(openEar).toHaveBeenCalledTimes(2);
  expect(stop).toHaveBeenCalledTimes(1);
});

test("it stops by a tap, and by itself when there is nothing to hear any more", async () => {
  server.on(HEARING, heard({}));
  const { user } = await listens();
  await user.click(screen.getByRole("button", { name: "Stop listening" }));
  expect(screen.queryByRole("region", { name: "This device listens" })).toBeNull();
  expect(stop).toHaveBeenCalledTimes(1);
  await user.click(screen.getByRole("button", { name: "Listen" }));
  await screen.findByRole("region", { name: "This device listens" });
  server.on(HEARING, problem(409, "nothing-to-hear", "Off the heat."));
  await act(async () => hear(SPAN));
  await vi.waitFor(() => expect(screen.queryByRole("region", { name: "This device listens" })).toBeNull());
  expect(stop).toHaveBeenCalledTimes(2);
});
