/** The line on which the server tells of runs; a test speaks for the server. */
export class FakeEventSource extends EventTarget {
  static opened: FakeEventSource[] = [];
  readonly url: string;
  closed = false;
  onerror: (() => void) | null = null;

  constructor(url: string) {
    super();
    this.url = url;
    FakeEventSource.opened.push(this);
  }

  /** The line that is open now. */
  static last(): FakeEventSource {
    const last = FakeEventSource.opened.at(-1);
    if (!last) {
      throw new Error("no page listens");
    }
    return last;
  }

  say(name: string, data: unknown, id = "") {
    this.dispatchEvent(new MessageEvent(name, { data: JSON.stringify(data), lastEventId: id }));
  }

  close() {
    this.closed = true;
  }
}
