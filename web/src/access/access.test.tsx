import { screen, waitFor, within } from "@testing-library/react";
import { beforeEach, expect, test } from "vitest";
import { onNotLetIn, ownPage } from "@/api/client";
import { ok, problem, server } from "@/test/server";
import { show } from "@/test/show";
import { AccessGate, HomeNetworkCard, PeopleCard, SignedInCard } from ".";

const QR = ["101", "010", "111"];
const ADA = { id: 1, name: "Ada" };
const button = (name: string | RegExp) => screen.getByRole("button", { name }) as HTMLButtonElement;
const gate = () =>
  show(
    <AccessGate>
      <p>The kitchen</p>
    </AccessGate>,
  );

beforeEach(() => {
  window.location.hash = "";
});

test("an unknown device sees the way in and nothing else, and the kitchen once its digits are right", async () => {
  server.on("GET /api/access", ok({ state: "unknown", people: [] }));
  const { user } = await gate();
  expect(await screen.findByRole("heading", { name: "Pair this device" })).toBeTruthy();
  expect(screen.queryByText("The kitchen")).toBeNull();
  await user.type(screen.getByLabelText("The six digits"), "12 34 5");
  expect(button("Pair").disabled).toBe(true);
  await user.type(screen.getByLabelText("The six digits"), "6");
  await user.clear(screen.getByLabelText("What to call this device"));
  await user.type(screen.getByLabelText("What to call this device"), "Stove tablet");
  server.on("POST /api/access/pairing", problem(409, "code-not-good", "This code is not good."));
  await user.click(button("Pair"));
  expect(await screen.findByText("This code is not good.")).toBeTruthy();
  server.on("POST /api/access/pairing", ok({ state: "paired", role: "cook", people: [] }));
  await user.click(button("Pair"));
  expect(await screen.findByText("The kitchen")).toBeTruthy();
  expect(server.sent("POST /api/access/pairing")[1]).toEqual({ code: "123456", name: "Stove tablet" });
});

test("a scanned code is sent without being typed", async () => {
  window.location.hash = "#a-long-token-of-more-than-six";
  server.on("GET /api/access", ok({ state: "unknown", people: [] }));
  server.on("POST /api/access/pairing", ok({ state: "paired", role: "cook", people: [] }));
  const { user } = await gate();
  expect(await screen.findByText("The code was scanned.")).toBeTruthy();
  await user.click(button("Pair"));
  await screen.findByText("The kitchen");
  expect(server.sent("POST /api/access/pairing")[0]).toMatchObject({ code: "a-long-token-of-more-than-six" });
});

test("whoever is at a device says so with a PIN, and leaves again", async () => {
  server.on("GET /api/access", ok({ state: "paired", role: "guest", people: [ADA, { id: 2, name: "Ben" }] }));
  const { user } = await show(
    <AccessGate>
      <SignedInCard />
    </AccessGate>,
  );
  await user.click(await screen.findByRole("button", { name: "Ada" }));
  await user.type(screen.getByLabelText("PIN of Ada"), "99x99");
  server.on("POST /api/access/sign-in", problem(409, "wrong-pin", "That is not the PIN of Ada."));
  await user.click(button("Sign in"));
  expect(await screen.findByText("That is not the PIN of Ada.")).toBeTruthy();
  expect(server.sent("POST /api/access/sign-in")).toEqual([{ person: 1, pin: "9999" }]);
  expect((screen.getByLabelText("PIN of Ada") as HTMLInputElement).value).toBe("");
  await user.type(screen.getByLabelText("PIN of Ada"), "1357");
  server.on("POST /api/access/sign-in", ok({ state: "paired", role: "cook", person: "Ada", people: [ADA] }));
  await user.click(button("Sign in"));
  expect(await screen.findByText("may do everything")).toBeTruthy();
  server.on("POST /api/access/sign-out", ok({ state: "paired", role: "guest", people: [ADA] }));
  await user.click(button("Sign out"));
  expect(await screen.findByText("Looking only.")).toBeTruthy();
});

test("a device that was removed is asked for its digits again", async () => {
  let known = true;
  server.on("GET /api/access", () =>
    known ? ok({ state: "paired", role: "cook", people: [] }) : ok({ state: "unknown", people: [] }),
  );
  server.on("GET /api/access/people", () => {
    known = false;
    return problem(401, "not-paired", "Pair it first.");
  });
  const heard: string[] = [];
  const stop = onNotLetIn(() => heard.push("refused"));
  await show(
    <AccessGate>
      <PeopleCard />
    </AccessGate>,
  );
  expect(await screen.findByRole("heading", { name: "Pair this device" })).toBeTruthy();
  expect(heard).not.toEqual([]);
  stop();
});

test("the home network shows both codes, what to type, and lets a device go only when asked twice", async () => {
  const device = {
    id: 4,
    name: "Phone at the stove",
    pairedAt: "2026-11-20T10:00:00Z",
    seenAt: "2026-11-28T10:00:00Z",
    address: "10.77.0.5",
    person: "Ben",
    thisOne: false,
  };
  server.on(
    "GET /api/access/home",
    ok({
      open: true,
      places: ["https://10.77.0.1:8443"],
      certificates: ["http://10.77.0.1:8480"],
      fingerprint: "AA:BB",
      qr: QR,
    }),
  );
  server.on("GET /api/access/devices", ok([device]));
  server.on(
    "POST /api/access/pairing-codes",
    ok({
      digits: "012345",
      place: "https://10.77.0.1:8443/pair#token",
      qr: QR,
      expiresAt: new Date(Date.now() + 290_000).toISOString(),
    }),
  );
  const { user } = await show(<HomeNetworkCard />);
  await user.click(await screen.findByRole("button", { name: "Pair a device" }));
  expect(await screen.findByText("012 345")).toBeTruthy();
  expect(screen.getByRole("timer").textContent).toMatch(/good once, for 4:\d\d/);
  expect(screen.getByRole("img", { name: "Code to be scanned for the certificate" })).toBeTruthy();
  expect(
    within(screen.getByRole("region", { name: "Then: in" })).getByText("https://10.77.0.1:8443"),
  ).toBeTruthy();
  await user.click(button("Remove Phone at the stove"));
  await user.click(button("Keep"));
  await user.click(button("Remove Phone at the stove"));
  server.on("DELETE /api/access/devices/4", ok([]));
  await user.click(button("Remove it now"));
  expect(await screen.findByText("No other device is paired yet.")).toBeTruthy();
});

const SHUT = { open: false, canChoose: true, places: [], certificates: [], fingerprint: "", qr: [] };

test("the home network is let in and shut out on the page, the second with a second thought", async () => {
  server.on("GET /api/access/home", ok(SHUT));
  server.on("GET /api/access/devices", ok([]));
  server.on("PUT /api/access/home", ok({ ...SHUT, open: true, places: ["https://10.77.0.1:8443"] }));
  const { user } = await show(<HomeNetworkCard />);
  await user.click(await screen.findByRole("button", { name: "Turn the home network on" }));
  expect(await screen.findByRole("button", { name: "Pair a device" })).toBeTruthy();
  await user.click(button("Turn the home network off"));
  await user.click(button("Keep"));
  await user.click(button("Turn the home network off"));
  server.on("PUT /api/access/home", ok(SHUT));
  await user.click(button("Turn it off now"));
  expect(await screen.findByRole("button", { name: "Turn the home network on" })).toBeTruthy();
  expect(server.sent("PUT /api/access/home")).toEqual([{ open: true }, { open: false }]);
});

test("where it cannot be let in the card says why, and where it was said at the start it offers nothing", async () => {
  server.on("GET /api/access/home", ok({ ...SHUT, canChoose: false, trouble: "Port 8443 is in use." }));
  await show(<HomeNetworkCard />);
  expect((await screen.findByRole("alert")).textContent).toContain("Port 8443 is in use.");
  expect(screen.queryByRole("button", { name: "Turn the home network on" })).toBeNull();
});

test("the first of the people cooks; another gets a role; a PIN that is none is said to be none at its field", async () => {
  server.on("GET /api/access/people", ok([]));
  const { user } = await show(<PeopleCard />);
  await user.click(await screen.findByText("The first cook"));
  expect(screen.queryByRole("radio", { name: "Guest" })).toBeNull();
  await user.type(screen.getByLabelText("Name"), "Ada");
  await user.type(screen.getByLabelText("PIN"), "1357");
  server.on(
    "POST /api/access/people",
    problem(400, "bad-field", "pin", { field: "pin", reason: "between 4 and 12 digits" }),
  );
  await user.click(button("Add Ada"));
  expect(await screen.findByText("between 4 and 12 digits")).toBeTruthy();
  server.on("POST /api/access/people", ok([{ id: 1, name: "Ada", role: "cook" }]));
  await user.click(button("Add Ada"));
  await user.click(await screen.findByRole("radio", { name: "Guest" }));
  await user.type(screen.getByLabelText("Name"), "Cy");
  await user.type(screen.getByLabelText("PIN"), "2468");
  await user.click(button("Add Cy"));
  await waitFor(() =>
    expect(server.sent("POST /api/access/people")).toEqual([
      { name: "Ada", role: "cook", pin: "1357" },
      { name: "Ada", role: "cook", pin: "1357" },
      { name: "Cy", role: "guest", pin: "2468" },
    ]),
  );
});

test("what a page sends back is taken from its cookie, and nothing where there is none", () => {
  expect(ownPage()).toEqual({});
  // biome-ignore lint/suspicious/noDocumentCookie: the cookie that the server would have set
  document.cookie = "XSRF-TOKEN=abc-1; path=/";
  expect(ownPage()).toEqual({ "X-XSRF-TOKEN": "abc-1" });
  // biome-ignore lint/suspicious/noDocumentCookie: and taken away
  document.cookie = "XSRF-TOKEN=; path=/; expires=Thu, 01 Jan 1970 00:00:00 GMT";
});
