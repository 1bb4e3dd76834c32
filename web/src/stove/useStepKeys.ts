import { type RefObject, useEffect } from "react";
import { isTyping, singleKeysOn } from "@/kit";

/** Two presses so close together are one, of a wet finger. */
const BOUNCE_MS = 600;

/**
 * The keys 1 to 9 press the buttons of the stage in the order they stand, for hands that hold a pot. Where several canners are on the stove they
 * mean the card that has the focus, and none where none has it.
 */
export function useStepKeys(steps: RefObject<HTMLElement | null>, alone: boolean) {
  useEffect(() => {
    let pressedAt = Number.NEGATIVE_INFINITY;
    const press = (event: KeyboardEvent) => {
      const card = steps.current?.closest("section");
      const meant = alone || card?.contains(document.activeElement);
      if (
        !meant ||
        !/^[1-9]$/.test(event.key) ||
        // Held down or bounced is not pressed again: the next stage has other buttons.
        event.repeat ||
        event.timeStamp - pressedAt < BOUNCE_MS ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        isTyping(event.target) ||
        !singleKeysOn()
      ) {
        return;
      }
      pressedAt = event.timeStamp;
      ready(steps.current)[Number(event.key) - 1]?.click();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [steps, alone]);
  useEffect(() => {
    const shown = steps.current;
    if (!shown) {
      return;
    }
    number(shown);
    const changes = new MutationObserver(() => number(shown));
    changes.observe(shown, {
      subtree: true,
      childList: true,
      attributes: true,
      attributeFilter: ["disabled"],
    });
    return () => changes.disconnect();
  });
}

function ready(steps: HTMLElement | null): readonly HTMLButtonElement[] {
  return [...(steps?.querySelectorAll<HTMLButtonElement>("button:not(:disabled)") ?? [])];
}

/** Each button carries its key, for screen readers and where a mouse says that there are keys. */
function number(steps: HTMLElement) {
  for (const button of steps.querySelectorAll("button:disabled[aria-keyshortcuts]")) {
    button.removeAttribute("aria-keyshortcuts");
  }
  for (const [at, button] of ready(steps).entries()) {
    if (at < 9 && singleKeysOn()) {
      button.setAttribute("aria-keyshortcuts", String(at + 1));
    } else {
      button.removeAttribute("aria-keyshortcuts");
    }
  }
}
