export { FreezeButton } from "./FreezeButton";
export { FreezerBoard } from "./FreezerBoard";
