export { applyTheme, chosenTheme, type ThemeChoice } from "./theme";
export { useInstall } from "./useInstall";
