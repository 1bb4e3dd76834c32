import { useQuery } from "@tanstack/react-query";
import { api, body } from "@/api/client";
import { keys } from "@/api/keys";

/** What stands in a jar, as it looks: the pieces below, the broth above them. */
export interface JarColour {
  readonly solids: string;
  readonly broth: string;
}

/** Until it is known, and of what nobody has measured. */
const UNKNOWN: JarColour = { solids: "var(--color-bar)", broth: "var(--color-bar)" };

/**
 * The colours of the jars of a batch by its number, or of a dish by its name as it was made last; two lots of one dish look alike because the
 * same is in them.
 */
export function useJarColours(): (batch: number | string) => JarColour {
  const colours = useQuery({
    queryKey: keys.jarColours,
    queryFn: () => body(api.GET("/api/batches/colours")),
  });
  return (batch) =>
    colours.data?.find((colour) => colour.batchId === batch || colour.title === batch) ?? UNKNOWN;
}
