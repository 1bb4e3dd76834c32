import { useQuery } from "@tanstack/react-query";
import { HardDrive } from "lucide-react";
import { useEffect } from "react";
import { api, body, onServerFault } from "@/api/client";
import { keys } from "@/api/keys";

const LOOK_EVERY_MS = 30_000;
const WHILE_WRONG_MS = 3_000;

/** What is wrong with disk, database or a second server, before somebody taps in vain; nothing where all is well. */
export function Troubles() {
  const health = useQuery({
    queryKey: keys.health,
    retry: false,
    queryFn: () => body(api.GET("/api/health")),
    refetchInterval: ({ state }) => (state.data?.troubles.length ? WHILE_WRONG_MS : LOOK_EVERY_MS),
  });
  const look = health.refetch;
  useEffect(() => onServerFault(() => void look()), [look]);
  const troubles = health.data?.troubles ?? [];
  if (troubles.length === 0) {
    return null;
  }
  return (
    <div>
      {troubles.map((trouble) => (
        <div
          key={trouble.code}
          role={trouble.stops ? "alert" : "status"}
          className={`flex items-start gap-3 border-b-2 px-4 py-3 sm:px-6 ${
            trouble.stops ? "border-brick bg-brick-wash" : "border-mustard bg-mustard-wash"
          }`}
        >
          <HardDrive size={24} className="mt-0.5 shrink-0" aria-hidden="true" />
          <p className="max-w-[46rem] text-lg leading-snug">
            <strong>{trouble.title}.</strong> {trouble.detail}
          </p>
        </div>
      ))}
    </div>
  );
}
