export { ListenPanel } from "./ListenPanel";
export { ListenStrip } from "./ListenStrip";
export { useListening } from "./listening";
