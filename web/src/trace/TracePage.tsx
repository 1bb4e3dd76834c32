import { useQuery } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";
import { Card, Figure, LinkButton, PageFrame, ProblemNote, Spinner, Tag } from "@/kit";
import { formatDate, jarWord } from "@/quantity";
import { Link } from "@/routing";
import { lotName } from "@/shelf";

/** What a test of a dial touches: every lot since the test before it, with the margin it had. */
export function TracePage({ test }: { readonly test: number }) {
  const trace = useQuery({
    queryKey: keys.gaugeTrace(test),
    queryFn: () => body(api.GET("/api/trace/gauge-tests/{test}", { params: { path: { test } } })),
  });
  if (!trace.data) {
    return (
      <PageFrame title="Trace">
        <ProblemNote error={trace.error} retry={() => trace.refetch()} />
        {!trace.error && <Spinner />}
      </PageFrame>
    );
  }
  const { lots, errorPsi, canner, on, since } = trace.data;
  const short = lots.filter((lot) => lot.tooSmall);
  const reads = errorPsi > 0 ? "high" : errorPsi < 0 ? "low" : "right";
  return (
    <PageFrame
      title={`${canner}: the dial reads ${reads}`}
      lead={`Tested on ${formatDate(on)}. ${since ? `The test before it: ${formatDate(since)}.` : "There was no test before it, so every run of the canner counts."}`}
      actions={<LinkButton to="/prints">Print the hold list</LinkButton>}
    >
      <div className="grid gap-4 sm:grid-cols-3">
        <Figure label="Off by" value={errorPsi > 0 ? `+${errorPsi}` : errorPsi} unit="psi" />
        <Figure label="Lots canned in between" value={lots.length} />
        <Figure label="With too small a margin" value={short.length} />
      </div>
      <p className="max-w-3xl text-soft">
        If the dial was as far off in those days, the lowest reading of each hold, less the error, is what the
        jars really had. Where that is less than the process needs, the lot is on hold until somebody has
        looked into it.
      </p>
      {lots.length === 0 ? (
        <p className="text-lg">No lot was canned by this dial between the two tests.</p>
      ) : (
        <Card label="Lots" className="p-0!">
          <table className="w-full text-left">
            <thead className="text-[0.9rem] text-soft">
              <tr>
                <th className="px-5 py-2">Lot</th>
                <th className="hidden py-2 sm:table-cell">Needed</th>
                <th className="py-2">Lowest read</th>
                <th className="py-2">Margin</th>
                <th className="px-5 py-2" />
              </tr>
            </thead>
            <tbody>
              {lots.map(({ lot, neededPsi, lowestPsi, marginPsi, tooSmall }) => (
                <tr key={lot.code} className="border-t border-line">
                  <td className="py-2.5 pr-3 pl-5">
                    <Link
                      to="/shelf/:code"
                      params={{ code: lot.code }}
                      className="digits font-bold text-primary underline"
                    >
                      {lot.code}
                    </Link>
                    <span className="block text-soft">
                      {lotName(lot)}, {lot.jars} of {lot.shelved} {jarWord(lot.size, lot.shelved)} left
                    </span>
                  </td>
                  <td className="digits hidden sm:table-cell">{neededPsi}</td>
                  <td className="digits">{lowestPsi ?? "none written down"}</td>
                  <td className={`digits text-lg font-bold ${tooSmall ? "text-brick" : ""}`}>
                    {marginPsi == null ? "?" : marginPsi > 0 ? `+${marginPsi}` : marginPsi}
                  </td>
                  <td className="px-5 text-right">
                    {lot.holds.length > 0 ? (
                      <Tag tone="brick" icon>
                        on hold
                      </Tag>
                    ) : tooSmall ? (
                      <Tag>released</Tag>
                    ) : (
                      <Tag icon>enough</Tag>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </Card>
      )}
    </PageFrame>
  );
}
