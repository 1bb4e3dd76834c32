import { Tag } from "@/kit";

/** What the tables say of the whole pack, in words and with a sign. */
export function VerdictTag({
  verdict,
  short = false,
}: {
  readonly verdict: string;
  readonly short?: boolean;
}) {
  switch (verdict) {
    case "covered":
      return <Tag icon>{short ? "Covered" : "Covered by the published tables"}</Tag>;
    case "own-judgement":
      return (
        <Tag tone="mustard" icon>
          Your own judgement
        </Tag>
      );
    case "ask":
      return (
        <Tag tone="rim" icon>
          {short ? "Asks first" : "Something to answer first"}
        </Tag>
      );
    default:
      return (
        <Tag tone="brick" icon>
          {short ? "Stopped" : "Not into jars like this"}
        </Tag>
      );
  }
}
