import { local } from "@/api/storage";

const KEY = "mobrel.voice";

/** Whether alarms are said aloud on this device; off until somebody wants it. */
export function speaks(): boolean {
  return local.getItem(KEY) === "on";
}

export function letSpeak(on: boolean) {
  local.setItem(KEY, on ? "on" : "off");
  if (on) {
    // The first word has to come from a touch, or the browser keeps silent.
    say("Alarms are said aloud here.");
  } else {
    globalThis.speechSynthesis?.cancel();
  }
}

/** By the browser's own voice, which is on the device; where there is none, the sound alone has to do. */
export function say(words: string) {
  if (!("speechSynthesis" in globalThis)) {
    return;
  }
  const spoken = new SpeechSynthesisUtterance(words);
  spoken.lang = "en";
  speechSynthesis.cancel();
  speechSynthesis.speak(spoken);
}
