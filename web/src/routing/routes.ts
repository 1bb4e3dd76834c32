/** The patterns of all addresses; what a colon stands before is said with each. */
export const PATTERNS = [
  "/",
  "/today",
  "/recipes",
  "/recipes/import",
  "/recipes/:id",
  "/plan",
  "/plan/:id",
  "/plan/:id/:part",
  "/stove",
  "/shelf",
  "/shelf/:code",
  "/trace/:test",
  "/prints",
  "/logbook",
  "/logbook/outside",
  "/logbook/:id",
  "/kitchen",
  "/pair",
  "/practice",
  "/practice/drills/:code",
  "/tables",
  "/seals/:id",
] as const;

export type Pattern = (typeof PATTERNS)[number];

type Named<P extends string> = P extends `${string}/:${infer Name}/${infer Rest}`
  ? Name | Named<`/${Rest}`>
  : P extends `${string}/:${infer Name}`
    ? Name
    : never;

export type Params<P extends Pattern> = { readonly [N in Named<P>]: string };

/** Where to: an address by its pattern and what that leaves open. */
export type Target = {
  [P in Pattern]: {
    readonly to: P;
    readonly search?: { readonly [name: string]: string };
    readonly hash?: string;
  } & ([Named<P>] extends [never] ? { readonly params?: undefined } : { readonly params: Params<P> });
}[Pattern];

/** The address of a target as it stands in a link. */
export function addressOf({ to, params, search, hash }: Target): string {
  const said: { readonly [name: string]: string } = params ?? {};
  const path = to.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(said[name] ?? ""));
  const asked = new URLSearchParams(search).toString();
  return `${path}${asked && `?${asked}`}${hash ? `#${hash}` : ""}`;
}

/** What a path says by name where a pattern leaves it open; undefined where one of it is no text. */
export function decoded<P extends Pattern>(params: { readonly [name: string]: string | undefined }) {
  try {
    return Object.fromEntries(
      Object.entries(params)
        .filter(([name]) => !/^\d+$/.test(name))
        .map(([name, said]) => [name, decodeURIComponent(said ?? "")]),
    ) as Params<P>;
  } catch {
    return undefined;
  }
}
