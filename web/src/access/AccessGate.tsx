import { useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useEffect } from "react";
import { onNotLetIn } from "@/api/client";
import { keys } from "@/api/keys";
import { PairPage } from "./PairPage";
import { SignInStrip } from "./SignInStrip";
import { useAccess } from "./useAccess";

/** Nothing of the kitchen is shown to a device that it does not know. */
export function AccessGate({ children }: { readonly children: ReactNode }) {
  const queries = useQueryClient();
  const access = useAccess();
  useEffect(
    () => onNotLetIn(() => void queries.invalidateQueries({ queryKey: keys.access, exact: true })),
    [queries],
  );
  if (access.isPending) {
    return null;
  }
  if (access.data?.state === "unknown") {
    return <PairPage />;
  }
  return (
    <>
      {access.data && <SignInStrip access={access.data} />}
      {children}
    </>
  );
}
