/** An RFC 9457 problem as the server words it. */
export class Problem extends Error {
  readonly status: number;
  readonly code: string;
  readonly facts: Readonly<Record<string, unknown>>;

  constructor(status: number, code: string, detail: string, facts: Readonly<Record<string, unknown>>) {
    super(detail);
    this.status = status;
    this.code = code;
    this.facts = facts;
  }

  /** The name of the field that is wrong, if one is. */
  get field(): string | undefined {
    return typeof this.facts["field"] === "string" ? this.facts["field"] : undefined;
  }

  /** What is wrong with that field, to be shown beside it. */
  get reason(): string {
    return typeof this.facts["reason"] === "string" ? this.facts["reason"] : this.message;
  }

  static async of(response: Response): Promise<Problem> {
    try {
      const facts = (await response.json()) as Record<string, unknown>;
      const type = String(facts["type"] ?? "");
      return new Problem(
        response.status,
        String(facts["code"] ?? type.split(":").pop() ?? ""),
        String(facts["detail"] ?? facts["title"] ?? "The server refused, without saying why."),
        facts,
      );
    } catch {
      return new Problem(response.status, "unreadable", "The server answered with something unreadable.", {});
    }
  }
}

/** Nobody answered. */
export class Unreachable extends Error {
  /** Whether something was only asked; then nothing is lost by it but the answer. */
  readonly asked: boolean;

  constructor(asked: boolean, cause: unknown) {
    super("The kitchen's server cannot be reached.", { cause });
    this.asked = asked;
  }
}

/** What an error says about one field of a form; nothing if it is about something else. */
export function wrongAt(error: unknown, field: string): string | undefined {
  if (!(error instanceof Problem) || error.field === undefined) {
    return undefined;
  }
  const path = error.field.replace(/^body\./, "");
  return path === field || path.startsWith(`${field}.`) ? error.reason : undefined;
}

/** What to tell a cook about an error of any kind. */
export function wordsOf(error: unknown): string {
  if (error instanceof Problem) {
    // The name of a field is for scripts; a cook is told what is wrong with it.
    return error.field !== undefined && error.facts["reason"] !== undefined
      ? `${error.reason.charAt(0).toUpperCase()}${error.reason.slice(1)}`
      : error.message;
  }
  return "The kitchen's server cannot be reached. Nothing stored is lost; this page keeps trying.";
}
