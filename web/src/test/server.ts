/** What a page asked of the server. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

export interface Answer {
  readonly status: number;
  readonly body: unknown;
}

type Handler = (asked: Asked) => Answer | Promise<Answer>;

export const ok = (body: unknown): Answer => ({ status: 200, body });

/** An RFC 9457 problem, as the server sends it. */
export const problem = (status: number, code: string, detail: string, facts: object = {}): Answer => ({
  status,
  body: { type: `urn:mobrel:problem:${code}`, code, detail, ...facts },
});

/** A server that answers what a test says, and remembers what it was asked. */
class ServerOfTests {
  private handlers = new Map<string, Handler>();
  private unanswered: string[] = [];
  asked: Asked[] = [];

  reset() {
    this.handlers.clear();
    // Asked for in the margin of many pages, and of no matter to their tests.
    this.on("GET /api/backup/automatic", ok({ kept: 0, old: false, photos: 0, photoBytes: 0 }));
    this.on("GET /api/photos", ok([]));
    this.on("GET /api/batches/colours", ok([]));
    this.unanswered = [];
    this.asked = [];
  }

  /** Answers a request such as 'GET /api/kitchen'; the last word counts. */
  on(request: string, answer: Answer | Handler) {
    this.handlers.set(request, typeof answer === "function" ? answer : () => answer);
  }

  /** From now on nobody is there. */
  unplug(request: string) {
    this.handlers.set(request, () => Promise.reject(new TypeError("Failed to fetch")));
  }

  /** The bodies that were sent to a request, in their order. */
  sent(request: string): unknown[] {
    return this.asked.filter(({ method, path }) => `${method} ${path}` === request).map(({ body }) => body);
  }

  readonly fetch = async (input: RequestInfo | URL, init?: RequestInit): Promise<Response> => {
    const request = new Request(input, init);
    const path = new URL(request.url, "http://localhost").pathname;
    const text = await request.text();
    const isFile = request.headers.get("Content-Type") === "application/octet-stream";
    const sent = text === "" ? undefined : isFile ? text : JSON.parse(text);
    const asked = { method: request.method, path, body: sent };
    this.asked.push(asked);
    const handler = this.handlers.get(`${asked.method} ${path}`);
    if (!handler) {
      this.unanswered.push(`${asked.method} ${path}`);
      return new Response("{}", { status: 404, headers: { "Content-Type": "application/problem+json" } });
    }
    const { status, body } = await handler(asked);
    return new Response(JSON.stringify(body), {
      status,
      headers: { "Content-Type": status < 400 ? "application/json" : "application/problem+json" },
    });
  };

  expectNothingUnanswered() {
    if (this.unanswered.length > 0) {
      const what = this.unanswered.join(", ");
      this.unanswered = [];
      throw new Error(`no answer was set for ${what}`);
    }
  }
}

export const server = new ServerOfTests();

/** A request that is under way until the test lets it be answered. */
export function held(): { readonly handler: Handler; readonly answer: (answer: Answer) => void } {
  let release: (answer: Answer) => void = () => undefined;
  const waiting = new Promise<Answer>((resolve) => {
    release = resolve;
  });
  return { handler: () => waiting, answer: (answer) => release(answer) };
}
