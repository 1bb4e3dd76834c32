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

/** What to tell a cook about an error of any kind. */
export function wordsOf(error: unknown): string {
  if (error instanceof Problem) {
    return error.message;
  }
  return "The kitchen's server cannot be reached. Nothing stored is lost; this page keeps trying.";
}
