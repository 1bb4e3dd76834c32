export { applyTheme, chosenTheme, type ThemeChoice } from "./theme";
