import { act, screen } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import { dialPicture } from "@/test/dials";
import { at, run } from "@/test/runs";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { LookPanel, LookStrip } from ".";
import type { Grey } from "./dial";
import { learned } from "./dial.table";
import { keepDial } from "./dials";
import { Blind, openEye } from "./eye";
import { stopLooking } from "./looking";

vi.mock("./eye", async (original) => ({ ...(await original<object>()), openEye: vi.fn() }));

const SEEING = "POST /api/runs/1/seeing";
const { scene, dial } = learned(3);
const stop = vi.fn();
let picture: Grey | undefined;

const holds = () =>
  run({ id: 1, cannerId: 3, gauge: "dial", targetPsi: 12.5, stage: "holding", clockEndsAt: at(40) });

beforeEach(() => {
  stopLooking();
  localStorage.clear();
  stop.mockClear();
  picture = dialPicture(scene, 12, "clear", 77);
  vi.mocked(openEye).mockClear();
  vi.mocked(openEye).mockImplementation(async () => ({
    stream: new MediaStream(),
    look: () => picture,
    stop,
  }));
});

/** Its clock of five seconds is turned by the test. */
async function looks() {
  const turns: (() => void)[] = [];
  const clock = vi.spyOn(globalThis, "setInterval").mockImplementation((turn) => {
    turns.push(turn as () => void);
    return 0 as never;
  });
  keepDial(3, dial ?? expect.fail());
  const shown = await show(
    <>
      <LookPanel run={holds()} onClose={() => undefined} />
      <LookStrip run={holds()} />
    </>,
  );
  turns.length = 0;
  await act(async () => screen.getByRole("button", { name: "Look" }).click());
  await screen.findByRole("region", { name: "This device looks" });
  clock.mockRestore();
  return { ...shown, turn: async () => act(async () => turns[0]?.()) };
}

const seen = (part: object) => ok({ view: "at-mark", psi: 12, ...part });

test("a dial that was never taught is taught first, and what becomes of the pictures is said", async () => {
  const { user } = await show(<LookPanel run={holds()} onClose={() => undefined} />);
  expect(screen.getByText(/Pictures are neither kept nor sent/)).toBeTruthy();
  expect(screen.queryByRole("button", { name: "Look" })).toBeNull();
  vi.mocked(openEye).mockRejectedValue(new Blind("This device has no camera."));
  await user.click(screen.getByRole("button", { name: "Teach it this dial" }));
  expect((await screen.findByRole("alert")).textContent).toBe("This device has no camera.");
});

test("a number is sent and no picture, and a dial it cannot see is sent as none", async () => {
  server.on(SEEING, seen({}));
  const { turn } = await looks();
  await turn();
  expect(await screen.findByText("Sees about 12.")).toBeTruthy();
  const [sent] = server.sent(SEEING) as { psi: number }[];
  expect(Object.keys(sent ?? {}).sort()).toEqual(["at", "device", "eye", "psi"]);
  expect(Math.abs((sent?.psi ?? 0) - 12)).toBeLessThanOrEqual(0.4);
  picture = dialPicture(scene, 12, "moved", 78);
  server.on(SEEING, seen({ view: "not-seen", psi: null }));
  await turn();
  expect(await screen.findByText("Does not see the needle.")).toBeTruthy();
  expect(screen.getByText(/this device was moved/)).toBeTruthy();
  picture = undefined;
  await turn();
  expect(await screen.findByText("The camera shows no new picture.")).toBeTruthy();
  expect(
    server
      .sent(SEEING)
      .map((each) => (each as { psi?: number }).psi)
      .slice(1),
  ).toEqual([undefined, undefined]);
});

test("low, high and cut off are said and reassure nobody; it stops by itself", async () => {
  server.on(SEEING, seen({ view: "low", psi: 11 }));
  const { turn } = await looks();
  await turn();
  expect(await screen.findByText("Sees about 11: below the mark.")).toBeTruthy();
  server.on(SEEING, seen({ view: "high", psi: 16 }));
  await turn();
  expect(await screen.findByText("A little less heat.")).toBeTruthy();
  server.on(SEEING, problem(503, "database", "The database does not answer."));
  await turn();
  expect(await screen.findByText("No connection to the kitchen:")).toBeTruthy();
  expect(stop).not.toHaveBeenCalled();
  server.on(SEEING, problem(409, "nothing-to-see", "Off the heat."));
  await turn();
  await vi.waitFor(() => expect(screen.queryByRole("region", { name: "This device looks" })).toBeNull());
  expect(stop).toHaveBeenCalledTimes(1);
});

test("a second tap while the camera opens leaves none open that nobody sees", async () => {
  keepDial(3, dial ?? expect.fail());
  await show(<LookPanel run={holds()} onClose={() => undefined} />);
  const look = screen.getByRole("button", { name: "Look" });
  await act(async () => {
    look.click();
    look.click();
  });
  expect(openEye).toHaveBeenCalledTimes(2);
  expect(stop).toHaveBeenCalledTimes(1);
});
