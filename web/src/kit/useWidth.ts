import { type RefObject, useEffect, useState } from "react";

/** The width an element really has, in CSS pixels, so that a picture's letters stay as large as the text around it. */
export function useWidth(element: RefObject<Element | null>, before: number): number {
  const [width, setWidth] = useState(before);
  useEffect(() => {
    if (!element.current) {
      return undefined;
    }
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.round(entry.contentRect.width)));
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [element]);
  return Math.max(200, width);
}
