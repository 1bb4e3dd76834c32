export { LookPanel } from "./LookPanel";
export { LookStrip } from "./LookStrip";
export { useLooking } from "./looking";
