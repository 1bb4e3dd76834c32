import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, body, type Schemas } from "@/api/client";
import { keys } from "@/api/keys";

export type Home = Schemas["HomeResponse"];

/** Whether the home network is let in, and the choice of it. */
export function useHomeNetwork() {
  const queries = useQueryClient();
  const home = useQuery({ queryKey: keys.homeNetwork, queryFn: () => body(api.GET("/api/access/home")) });
  const choose = useMutation({
    mutationFn: (open: boolean) => body(api.PUT("/api/access/home", { body: { open } })),
    onSuccess: (now) => queries.setQueryData(keys.homeNetwork, now),
  });
  return { home, choose };
}
