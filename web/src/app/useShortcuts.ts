import { useEffect } from "react";
import { isTyping, singleKeysOn } from "@/kit";
import { useNavigate } from "@/routing";
import { PLACES } from "./places";

/** So long after g a letter still belongs to it. */
const TOGETHER_MS = 1_500;

export interface Shortcuts {
  readonly onSearch: () => void;
  readonly onList: () => void;
}

/** Keys that work wherever somebody is: search, the list of keys, and g with the letter of a place. */
export function useShortcuts({ onSearch, onList }: Shortcuts) {
  const navigate = useNavigate();
  useEffect(() => {
    let gAt = Number.NEGATIVE_INFINITY;
    const key = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") {
        event.preventDefault();
        onSearch();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target) || !singleKeysOn()) {
        return;
      }
      const place =
        event.timeStamp - gAt < TOGETHER_MS ? PLACES.find(({ letter }) => letter === event.key) : undefined;
      gAt = event.key === "g" ? event.timeStamp : Number.NEGATIVE_INFINITY;
      if (place) {
        event.preventDefault();
        navigate({ to: place.to });
      } else if (event.key === "/") {
        event.preventDefault();
        onSearch();
      } else if (event.key === "?") {
        onList();
      }
    };
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  }, [navigate, onSearch, onList]);
}
