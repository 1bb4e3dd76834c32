import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { hearKitchen } from "@/api/edition";
import { keys } from "@/api/keys";

export type Access = Schemas["AccessResponse"];

/** Who this device is to the kitchen, who is at it, and what may be done. */
export function useAccess() {
  return useQuery({
    queryKey: keys.access,
    staleTime: 60_000,
    // A server that cannot be reached is told of by the page itself, which is not kept waiting for this.
    retry: false,
    queryFn: async () => {
      const access = await body(api.GET("/api/access"));
      if (await hearKitchen(access.kitchen ?? undefined)) {
        // Another kitchen stands there now: nothing this page has in hand is of it.
        location.reload();
      }
      return access;
    },
  });
}

/** A step that changes who this device is: what was refused before is asked for again. */
export function useComingIn<T>(step: (asked: T) => Promise<Access>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: step,
    onSuccess: (access) => {
      void hearKitchen(access.kitchen ?? undefined);
      queries.setQueryData(keys.access, access);
      void queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== "access" });
    },
  });
}

export const signIn = (asked: Schemas["SignInRequest"]) =>
  body(api.POST("/api/access/sign-in", { body: asked }));
export const signOut = () => body(api.POST("/api/access/sign-out"));
