import { local } from "@/api/storage";
export type ThemeChoice = "auto" | "enamel" | "cellar";

const KEY = "mobrel.theme";
const dark = window.matchMedia("(prefers-color-scheme: dark)");

/** The look this device was set to; 'auto' follows the device's own light or dark. */
export function chosenTheme(): ThemeChoice {
  const kept = local.getItem(KEY);
  return kept === "enamel" || kept === "cellar" ? kept : "auto";
}

export function applyTheme(choice: ThemeChoice = chosenTheme()): void {
  local.setItem(KEY, choice);
  document.documentElement.dataset["theme"] =
    choice === "auto" ? (dark.matches ? "cellar" : "enamel") : choice;
}

dark.addEventListener("change", () => applyTheme());

// Paper is white, also where the screen is not.
window.addEventListener("beforeprint", () => {
  document.documentElement.dataset["theme"] = "enamel";
});
window.addEventListener("afterprint", () => applyTheme());
