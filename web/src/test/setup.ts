import { cleanup, configure } from "@testing-library/react";
import { afterEach, beforeEach, vi } from "vitest";
import { FakeEventSource } from "./eventSource";
import { server } from "./server";

// A device that writes 16:42 and 11 October, wherever the tests run.
Object.defineProperty(navigator, "language", { value: "en-GB", configurable: true });

// The client takes hold of fetch when it is loaded; what answers is set by each test.
globalThis.fetch = server.fetch;
vi.stubGlobal("EventSource", FakeEventSource);

// A machine that is busy with other things is slow, not wrong.
configure({ asyncUtilTimeout: 20_000 });

beforeEach(() => {
  server.reset();
  localStorage.clear();
  sessionStorage.clear();
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
  // A page that asked for something no test answers has to be noticed, not to look as if the server were away.
  server.expectNothingUnanswered();
});
