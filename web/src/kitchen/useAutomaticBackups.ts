import { useQuery } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";

const LOOK_EVERY_MS = 600_000;

export function useAutomaticBackups() {
  return useQuery({
    queryKey: keys.automaticBackups,
    refetchInterval: LOOK_EVERY_MS,
    queryFn: () => body(api.GET("/api/backup/automatic")),
  });
}
