import { type ReactNode, useDeferredValue } from "react";
import { matchRoute, useLocation, useRouter, useSearch } from "wouter";
import { decoded, PATTERNS, type Params, type Pattern } from "./routes";

/** What is shown at each address, by what its path leaves open and what it asks for. */
export type RouteTable = {
  readonly [P in Pattern]: (params: Params<P>, search: URLSearchParams) => ReactNode;
};

/** The path of the address, as it stands there now. */
export function usePath(): string {
  return useLocation()[0];
}

/** The address that is shown: the page before stays until the next one has come. */
export function useShown(): string {
  const path = usePath();
  const search = useSearch();
  return useDeferredValue(search ? `${path}?${search}` : path);
}

interface Props {
  readonly table: RouteTable;
  /** Of {@link useShown}. */
  readonly shown: string;
  readonly otherwise: ReactNode;
}

/** The page of an address; the first pattern that fits is meant. */
export function Outlet({ table, shown, otherwise }: Props) {
  const { parser } = useRouter();
  const [path = "", search] = shown.split("?");
  for (const pattern of PATTERNS) {
    const [fits, found] = matchRoute(parser, pattern, path);
    const params = fits ? decoded(found) : undefined;
    if (params) {
      const page = table[pattern] as RouteTable["/recipes/:id"];
      return page(params as Params<"/recipes/:id">, new URLSearchParams(search));
    }
  }
  return otherwise;
}
