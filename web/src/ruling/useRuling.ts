import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, body, type Schemas } from "@/api/client";
import type { Kitchen } from "@/kitchen";

export type Ruling = Schemas["RulingAnswer"];
export type LineAnswer = Schemas["LineAnswer"];
export type Finding = Schemas["FindingAnswer"];

export interface RulingInput {
  readonly lines: readonly string[];
  readonly pack: "hot" | "raw";
  readonly solidsShare: number;
  readonly size: "quart" | "pint";
}

/** A pause in typing this long sends the question; short enough to feel at once. */
const TYPING_PAUSE_MS = 120;

/**
 * The ruling on what is on the page now, asked again at every edit. A kitchen without an altitude gets its minutes all the
 * same, for they do not depend on it; its pressure is not shown.
 */
export function useRuling(input: RulingInput, kitchen: Kitchen | undefined) {
  const asked = useSettled(JSON.stringify(input));
  const canner = kitchen?.canners.find((each) => each.trouble == null);
  return useQuery({
    queryKey: ["ruling", asked, kitchen?.altitudeFt, kitchen?.school, canner?.gauge, canner?.gaugeErrorPsi],
    enabled: kitchen !== undefined && input.lines.some((line) => line.trim() !== ""),
    placeholderData: keepPreviousData,
    queryFn: () => {
      const { lines, pack, solidsShare, size } = JSON.parse(asked) as RulingInput;
      return body(
        api.POST("/api/ruling", {
          body: {
            lines: [...lines],
            pack,
            solidsShare,
            jars: [{ size, count: 1 }],
            altitudeFt: kitchen?.altitudeFt ?? 0,
            gauge: canner?.gauge ?? "weighted",
            gaugeErrorPsi: canner?.gaugeErrorPsi ?? 0,
            school: kitchen?.school ?? "longest-ingredient",
          },
        }),
      );
    },
  });
}

function useSettled(value: string): string {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), TYPING_PAUSE_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}
