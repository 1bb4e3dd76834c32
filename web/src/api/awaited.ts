interface Asked {
  readonly isPending: boolean;
  readonly fetchStatus: string;
}

/** Whether the first answer to one of these is still under way; what cannot be asked now is not waited for. */
export function awaited(...queries: readonly Asked[]): boolean {
  return queries.some((query) => query.isPending && query.fetchStatus === "fetching");
}
