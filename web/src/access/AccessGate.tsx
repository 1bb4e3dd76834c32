import { useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useEffect, useState } from "react";
import { onNotLetIn } from "@/api/client";
import { leaveKitchen } from "@/api/edition";
import { keys } from "@/api/keys";
import { PairPage } from "./PairPage";
import { SignInStrip } from "./SignInStrip";
import { useAccess } from "./useAccess";

/** So long is waited for who this device is; then what it has kept is shown, and the page says that nobody answers. */
const PATIENCE_MS = 4_000;

/** Nothing of the kitchen is shown to a device that it does not know. */
export function AccessGate({ children }: { readonly children: ReactNode }) {
  const queries = useQueryClient();
  const access = useAccess();
  useEffect(
    () => onNotLetIn(() => void queries.invalidateQueries({ queryKey: keys.access, exact: true })),
    [queries],
  );
  const patient = usePatience();
  const stranger = access.data?.state === "unknown";
  useEffect(() => {
    if (stranger) {
      void leaveKitchen();
      queries.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== "access" });
    }
  }, [stranger, queries]);
  if (access.isPending && patient) {
    return null;
  }
  if (stranger) {
    return <PairPage />;
  }
  return (
    <>
      {access.data && <SignInStrip access={access.data} />}
      {children}
    </>
  );
}

function usePatience(): boolean {
  const [patient, setPatient] = useState(true);
  useEffect(() => {
    const over = setTimeout(() => setPatient(false), PATIENCE_MS);
    return () => clearTimeout(over);
  }, []);
  return patient;
}
