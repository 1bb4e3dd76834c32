import { useMutation } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { useChanged } from "@/api/useChanged";
import { useNavigate } from "@/routing";
import { hear, type Run } from "./live";
import { cookName } from "./useOutbox";

/** Processes jars again in one tap: all of a run that was given up, or some that did not seal. Then the cook stands at the stove. */
export function useNextTry(run: Run) {
  const navigate = useNavigate();
  const changed = useChanged("batches");
  return useMutation({
    mutationFn: (some: { readonly jars?: readonly number[] }) =>
      body(
        api.POST("/api/runs/{id}/again", {
          params: { path: { id: run.id } },
          body: { by: cookName(), ...(some.jars ? { jars: [...some.jars] } : {}) },
        }),
      ),
    onSuccess: async (next) => {
      hear(next);
      await changed();
      await navigate({ to: "/stove" });
    },
  });
}
