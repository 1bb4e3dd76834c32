import { Card, Spinner } from "@/kit";
import { Link } from "@/routing";

/** What stands beside an empty recipe. */
export function EmptyBook() {
  return (
    <Card label="Ruling">
      <p className="text-xl font-bold">The answer stands here.</p>
      <p className="mt-2 text-soft">
        As soon as there is one line, you see whether it may be canned, how long, at what pressure, and which
        ingredient sets the time.
      </p>
      <p className="mt-3">
        <Link to="/tables" className="inline-flex min-h-11 items-center font-bold text-primary underline">
          May I can … ? Look into the tested times
        </Link>
      </p>
      <p className="mt-1">
        <Link
          to="/recipes/import"
          className="inline-flex min-h-11 items-center font-bold text-primary underline"
        >
          Import a file or a saved page
        </Link>
      </p>
    </Card>
  );
}

/** What stands where the answer will, as high as most of them are. */
export function AwaitedRuling({ failed }: { readonly failed: boolean }) {
  return (
    <Card label="Ruling" className="min-h-84">
      {failed ? (
        <>
          <p className="text-xl font-bold">No answer yet.</p>
          <p className="mt-2 text-soft">
            Until the server has answered, nothing on this page says what may be canned.
          </p>
        </>
      ) : (
        <Spinner />
      )}
    </Card>
  );
}
