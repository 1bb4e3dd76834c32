import { screen } from "@testing-library/react";
import { beforeAll, beforeEach, expect, test, vi } from "vitest";
import { at } from "@/test/runs";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { PhotoButton, Photos } from ".";
import { shrunk } from "./shrink";

vi.mock("./shrink", () => ({ shrunk: vi.fn() }));

const photo = (part = {}) => ({
  id: 7,
  runId: 3,
  moment: "seal-check",
  jar: 2,
  by: "Ada",
  takenAt: at(0),
  width: 1280,
  height: 960,
  bytes: 150_000,
  ...part,
});

beforeAll(() => {
  // The test's browser has dialogs that do not open.
  HTMLDialogElement.prototype.showModal = function () {
    this.open = true;
  };
});

beforeEach(() => vi.mocked(shrunk).mockResolvedValue(new Blob(["small"], { type: "image/jpeg" })));

const camera = () => screen.getByLabelText(/Photo of this load/) as HTMLInputElement;
const picture = new File(["large"], "IMG_1.jpg", { type: "image/jpeg" });

test("one tap opens the camera at the back, and what it takes is made small and kept", async () => {
  server.on("POST /api/photos", { status: 201, body: photo() });
  const { user } = await show(<PhotoButton of={{ run: 3, jar: 2 }} moment="loading" what="this load" />);
  expect(camera().getAttribute("capture")).toBe("environment");
  await user.upload(camera(), picture);
  expect(await screen.findByText("Kept.")).toBeTruthy();
  expect(shrunk).toHaveBeenCalledWith(picture);
});

test("what is no picture, and what the kitchen refuses, is said", async () => {
  const { user } = await show(<PhotoButton of={{ run: 3 }} moment="loading" what="this load" />);
  vi.mocked(shrunk).mockRejectedValueOnce(new Error("decode"));
  await user.upload(camera(), picture);
  expect(await screen.findByText(/cannot read that as a picture/)).toBeTruthy();
  server.on("POST /api/photos", problem(409, "too-many-photos", "There are 60 photos of this load already."));
  await user.upload(camera(), picture);
  expect(await screen.findByText(/60 photos of this load/)).toBeTruthy();
});

test("a photo stands there with when and what, one tap shows it large, and it is removed on a second thought", async () => {
  server.on("GET /api/photos", ok([photo()]));
  server.on("DELETE /api/photos/7", { status: 204, body: undefined });
  const { user } = await show(<Photos of={{ run: 3 }} />);
  await user.click(await screen.findByRole("button", { name: /Seal check, jar 2 · .* · Ada/ }));
  await user.click(await screen.findByRole("button", { name: "Remove" }));
  expect(server.sent("DELETE /api/photos/7")).toEqual([]);
  await user.click(screen.getByRole("button", { name: "Remove it for good" }));
  await vi.waitFor(() => expect(server.sent("DELETE /api/photos/7")).toHaveLength(1));
});

test("a picture that did not come along in a backup is said to be missing", async () => {
  server.on("GET /api/photos", ok([photo({ jar: undefined, moment: "other" })]));
  await show(<Photos of={{ lot: "26-1123-A" }} />);
  const shown = await screen.findByRole("img");
  shown.dispatchEvent(new Event("error"));
  expect(await screen.findByText("Its picture was not in the backup.")).toBeTruthy();
});
